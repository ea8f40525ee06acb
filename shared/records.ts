import type * as z from 'zod/mini'
import {
  machineSchema,
  footSchema,
  needleSchema,
  threadSchema,
  clothSchema,
  plateSchema,
  stabilizerSchema,
  bobbinSchema,
  ownStitchSchema,
} from './records/owned'
import { setupSchema, planSchema } from './records/setup'
import {
  handWalkSchema,
  machineStateSchema,
  walkSchema,
  needleTimeSchema,
  needleEndSchema,
} from './records/work'
import { trialSchema, swatchSchema } from './records/trials'
import { settingsSchema } from './records/settings'

export { FOOT_KINDS, SOLES, THREAD_FORMS, needleSchema, ownStitchSchema } from './records/owned'
export { NEEDLE_ENDS } from './records/work'
export { SWATCH_SOURCES, SWATCH_VERDICTS, swatchSchema } from './records/trials'

/** Every table of the book, in an order in which later ones may refer to earlier ones. */
export const TABLE_SCHEMAS = {
  machines: machineSchema,
  feet: footSchema,
  needles: needleSchema,
  threads: threadSchema,
  cloths: clothSchema,
  plates: plateSchema,
  stabilizers: stabilizerSchema,
  bobbins: bobbinSchema,
  stitches: ownStitchSchema,
  plans: planSchema,
  setup: setupSchema,
  handWalks: handWalkSchema,
  machineStates: machineStateSchema,
  walks: walkSchema,
  needleTimes: needleTimeSchema,
  needleEnds: needleEndSchema,
  trials: trialSchema,
  swatches: swatchSchema,
  settings: settingsSchema,
} as const

export type TableName = keyof typeof TABLE_SCHEMAS
export const TABLE_NAMES = Object.keys(TABLE_SCHEMAS) as TableName[]
export type RecordOf<T extends TableName> = z.output<(typeof TABLE_SCHEMAS)[T]>
export type AnyRecord = { [T in TableName]: RecordOf<T> }[TableName]

export type Machine = RecordOf<'machines'>
export type Foot = RecordOf<'feet'>
export type NeedleRecord = RecordOf<'needles'>
export type Thread = RecordOf<'threads'>
export type Cloth = RecordOf<'cloths'>
export type Plate = RecordOf<'plates'>
export type Stabilizer = RecordOf<'stabilizers'>
export type Bobbin = RecordOf<'bobbins'>
export type OwnStitch = RecordOf<'stitches'>
export type Setup = RecordOf<'setup'>
export type SetupContent = RecordOf<'plans'>['setup']
export type Plan = RecordOf<'plans'>
export type HandWalk = RecordOf<'handWalks'>
export type MachineStateRecord = RecordOf<'machineStates'>
export type WalkRecord = RecordOf<'walks'>
export type NeedleTime = RecordOf<'needleTimes'>
export type NeedleEnd = RecordOf<'needleEnds'>
export type Trial = RecordOf<'trials'>
export type TrialRowRecord = Trial['rows'][number]
export type Swatch = RecordOf<'swatches'>
export type Frozen = Swatch['frozen']
export type Settings = RecordOf<'settings'>
