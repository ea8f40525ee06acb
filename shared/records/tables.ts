import type * as z from 'zod/mini'
import { bobbins } from './bobbins'
import { changeTimes } from './changeTimes'
import { cloths } from './cloths'
import { feet } from './feet'
import { handWalks } from './handWalks'
import { inHand } from './inHand'
import { machines } from './machines'
import { machineStates } from './machineStates'
import { measures } from './measures'
import { needleEnds } from './needleEnds'
import { needles } from './needles'
import { needleTimes } from './needleTimes'
import { pieces } from './pieces'
import { plates } from './plates'
import { projects } from './projects'
import { readers } from './readers'
import { settings } from './settings'
import { stabilizers } from './stabilizers'
import { stitches } from './stitches'
import { swatches } from './swatches'
import { threads } from './threads'
import { trials } from './trials'
import { walks } from './walks'

/** Every table of the book, in the order of a backup file. A new table is one line here. */
export const TABLES = {
  machines,
  feet,
  needles,
  threads,
  cloths,
  plates,
  stabilizers,
  bobbins,
  stitches,
  handWalks,
  machineStates,
  walks,
  needleTimes,
  needleEnds,
  trials,
  swatches,
  pieces,
  inHand,
  projects,
  changeTimes,
  measures,
  readers,
  settings,
}

export type TableName = keyof typeof TABLES
export const TABLE_NAMES = Object.keys(TABLES) as TableName[]
export type RecordOf<T extends TableName> = z.output<(typeof TABLES)[T]['schema']>
export type AnyRecord = { [T in TableName]: RecordOf<T> }[TableName]
/** All that is in the book, by table and id. */
export type Tables = { readonly [T in TableName]: ReadonlyMap<string, AnyRecord> }

/** A book with nothing in it. */
export const emptyTables = (): Tables =>
  Object.fromEntries(TABLE_NAMES.map(table => [table, new Map()])) as unknown as Tables

export function isTable(name: string): name is TableName {
  return Object.hasOwn(TABLES, name)
}

export type Machine = RecordOf<'machines'>
export type Foot = RecordOf<'feet'>
export type NeedleRecord = RecordOf<'needles'>
export type Thread = RecordOf<'threads'>
export type Cloth = RecordOf<'cloths'>
export type Plate = RecordOf<'plates'>
export type Stabilizer = RecordOf<'stabilizers'>
export type Bobbin = RecordOf<'bobbins'>
export type OwnStitch = RecordOf<'stitches'>
export type HandWalk = RecordOf<'handWalks'>
export type MachineStateRecord = RecordOf<'machineStates'>
export type WalkRecord = RecordOf<'walks'>
export type NeedleTime = RecordOf<'needleTimes'>
export type NeedleEnd = RecordOf<'needleEnds'>
export type Trial = RecordOf<'trials'>
export type TrialRowRecord = Trial['rows'][number]
export type Swatch = RecordOf<'swatches'>
export type Piece = RecordOf<'pieces'>
export type Frozen = Swatch['frozen']
export type Project = RecordOf<'projects'>
export type ProjectItem = Project['items'][number]
export type ChangeTime = RecordOf<'changeTimes'>
export type Measure = RecordOf<'measures'>
export type Reader = RecordOf<'readers'>
export type Settings = RecordOf<'settings'>
