import { z } from 'zod'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { hexField, idField, measured, momentField, nameField, within } from './fields'

export const FOOT_KINDS = ['zigzag', 'open toe', 'satin', 'pintuck', 'straight', 'quarter-inch', 'edge guide', 'walking', 'other'] as const
export const SOLES = ['flat', 'tunnel', 'grooved'] as const

export const machineSchema = z.strictObject({
  id: idField,
  name: nameField,
  maxWidthMm: within('maxWidthMm'),
  twinMode: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('none') }),
    z.strictObject({ kind: z.literal('on-off'), assumedGapMm: within('gapMm') }),
    z.strictObject({ kind: z.literal('by-gap') }),
  ]),
  /** null: not known. */
  forgetsTwinMode: z.boolean().nullable(),
  /** How many needle positions, evenly across the widest stitch; null: not known. */
  needlePositions: z.int('must be a whole number').min(1).max(99).nullable(),
  plateSlotMm: measured('openingMm'),
  tensionDial: z.strictObject({ min: z.number(), max: z.number(), home: z.number() })
    .refine(({ min, max, home }) => min < max && home >= min && home <= max, 'home must lie between the dial’s ends').nullable(),
})

export const footSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(FOOT_KINDS),
  slotMm: measured('openingMm'),
  sole: z.enum(SOLES),
  singleHole: z.boolean(),
})

export const needleSchema = z.strictObject({
  id: idField,
  construction: z.enum(CONSTRUCTIONS),
  /** Neighbour to neighbour; 0 for a single needle. */
  gapMm: z.number(),
  sizeNm: within('sizeNm'),
  type: z.enum(NEEDLE_TYPES),
}).superRefine(({ construction, gapMm }, context) => {
  const gap = within('gapMm').safeParse(gapMm)
  if (construction === 'single' ? gapMm !== 0 : !gap.success) {
    context.addIssue({
      code: 'custom', path: ['gapMm'],
      message: construction === 'single' ? 'must be 0 for a single needle' : gap.error?.issues[0]?.message ?? 'is not a gap',
    })
  }
})

export const threadSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]),
  /** Linear density; null: not known. */
  tex: within('tex').nullable(),
  diameterMm: measured('diameterMm'),
  colours: z.array(z.strictObject({ hex: hexField, runMm: within('runMm') })).min(1, 'needs at least one colour').max(24, 'has at most 24 colours'),
})

export const clothSchema = z.strictObject({ id: idField, name: nameField, thicknessMm: measured('thicknessMm'), hex: hexField })

export const ownStitchSchema = z.strictObject({
  id: idField,
  name: nameField,
  alignment: z.enum(['centre', 'left', 'right']),
  drops: z.array(z.strictObject({ x: z.number().min(-0.5001).max(0.5001), y: z.number().min(-10_000).max(10_000) }))
    .min(1, 'needs at least one needle drop').max(2000, 'has at most 2000 drops'),
  repeat: z.number().gt(0, 'must move forward').max(10_000),
  defaultWidthMm: within('widthMm'),
  defaultLengthMm: within('lengthMm'),
})

export const stitchSettingSchema = z.strictObject({
  stitchId: idField,
  widthMm: within('widthMm'),
  lengthMm: within('lengthMm'),
  mirror: z.boolean(),
  positionMm: within('positionMm'),
})

const setupFields = {
  machineId: idField.nullable(),
  footId: idField.nullable(),
  plate: z.enum(['zigzag', 'single-hole']),
  needleId: idField.nullable(),
  stitch: stitchSettingSchema,
  threadIds: z.strictObject({ left: idField.nullable(), middle: idField.nullable(), right: idField.nullable() }),
  bobbinId: idField.nullable(),
  /** As on this machine's own dial; null: not set. */
  tension: z.number().min(-20).max(20).nullable(),
  clothId: idField.nullable(),
  layers: z.int().min(1).max(20),
}
export const setupSchema = z.strictObject({ id: z.literal('current'), ...setupFields })
export const planSchema = z.strictObject({
  id: idField, name: nameField, setup: z.strictObject(setupFields), keptAt: momentField, note: z.string().max(500),
})

/** That someone turned the handwheel through exactly this combination, and when. */
export const handWalkSchema = z.strictObject({
  id: idField, key: z.string().min(1).max(200_000), summary: z.string().min(1).max(300), walkedAt: momentField,
})

export const settingsSchema = z.strictObject({
  id: z.literal('settings'),
  unit: z.enum(['mm', 'inch']),
  clearanceMm: within('clearanceMm'),
  schools: z.strictObject({
    margin: z.enum(['bare', 'careful', 'roomy', 'own']),
    ownMarginMm: within('marginMm'),
    tripleGap: z.enum(['neighbour', 'total']),
    wideGap: z.enum(['straight-only', 'arithmetic']),
  }),
})

/** Every table of the book, in an order in which later ones may refer to earlier ones. */
export const TABLE_SCHEMAS = {
  machines: machineSchema,
  feet: footSchema,
  needles: needleSchema,
  threads: threadSchema,
  cloths: clothSchema,
  stitches: ownStitchSchema,
  plans: planSchema,
  setup: setupSchema,
  handWalks: handWalkSchema,
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
export type OwnStitch = RecordOf<'stitches'>
export type Setup = RecordOf<'setup'>
export type SetupContent = RecordOf<'plans'>['setup']
export type Plan = RecordOf<'plans'>
export type HandWalk = RecordOf<'handWalks'>
export type Settings = RecordOf<'settings'>
