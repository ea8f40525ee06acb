import { z } from 'zod'
import { NEEDLE_STATES } from '#core/care'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { BOBBIN_TENSIONS, CLOTH_STRUCTURES, CLOTH_WEIGHTS, DRAWS, GOALS, HOOKS, PRESSURES, SPEEDS, STABILIZER_KINDS, SUPPLY_PLACES, TECHNIQUES } from '#core/terms'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { hexField, idField, measured, momentField, nameField, within } from './fields'

export const FOOT_KINDS = ['zigzag', 'open toe', 'satin', 'pintuck', 'straight', 'quarter-inch', 'edge guide', 'walking', 'other'] as const
export const SOLES = ['flat', 'tunnel', 'grooved'] as const
export const THREAD_FORMS = ['spool', 'cone', 'ball'] as const
export const TEX_BASES = ['weighed', 'label', 'nominal'] as const
export const TIME_SOURCES = ['timer', 'metres', 'typed'] as const
export const NEEDLE_ENDS = ['hours', 'bent', 'broken', 'burred', 'sticky', 'other'] as const

/** null: not known. */
const yesNo = z.boolean().nullable()

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
  forgetsTwinMode: yesNo,
  /** How many needle positions, evenly across the widest stitch; null: not known. */
  needlePositions: z.int('must be a whole number').min(1).max(99).nullable(),
  plateSlotMm: measured('openingMm'),
  tensionDial: z.strictObject({ min: z.number(), max: z.number(), home: z.number() })
    .refine(({ min, max, home }) => min < max && home >= min && home <= max, 'home must lie between the dial’s ends').nullable(),
  // What preparing it depends on; null: not known.
  divider: yesNo,
  needleGuides: z.literal([0, 1, 2]).nullable(),
  spoolPins: z.literal([1, 2, 3]).nullable(),
  stand: yesNo,
  cup: yesNo,
  threader: yesNo,
  cutter: yesNo,
  lock: yesNo,
  hook: z.enum(HOOKS).nullable(),
  /** Never oiled by its user. */
  sealed: yesNo,
})

export const footSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(FOOT_KINDS),
  slotMm: measured('openingMm'),
  sole: z.enum(SOLES),
  singleHole: z.boolean(),
})

/** What it has sewn since it was new. */
const seenSchema = z.strictObject({ metallic: z.boolean(), fusible: z.boolean(), pearl: z.boolean() })

export const needleSchema = z.strictObject({
  id: idField,
  construction: z.enum(CONSTRUCTIONS),
  /** Neighbour to neighbour; 0 for a single needle. */
  gapMm: z.number(),
  sizeNm: within('sizeNm'),
  type: z.enum(NEEDLE_TYPES),
  /** How many lie in the case; 0: used up. */
  count: within('count').int('must be a whole number'),
  state: z.enum(NEEDLE_STATES),
  /** Time sewn with the one in use; null: not counted. */
  hoursSewn: within('hours').nullable(),
  /** Fused-wool blocks sewn with the one in use. */
  blocksSewn: within('count').int('must be a whole number'),
  seen: seenSchema,
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
  /** As printed on the spool; empty: not noted. */
  label: z.string({ error: 'must be text' }).max(80, 'must be at most 80 characters'),
  /** Where tex comes from; null: typed without saying. */
  texBasis: z.enum(TEX_BASES).nullable(),
  /** null: not known; 0: used up. */
  metresLeft: within('metres').nullable(),
  form: z.enum(THREAD_FORMS).nullable(),
  unwinds: z.enum(DRAWS).nullable(),
  colours: z.array(z.strictObject({ hex: hexField, runMm: within('runMm') })).min(1, 'needs at least one colour').max(24, 'has at most 24 colours'),
})

export const clothSchema = z.strictObject({
  id: idField, name: nameField, thicknessMm: measured('thicknessMm'), hex: hexField,
  structure: z.enum(CLOTH_STRUCTURES).nullable(), weight: z.enum(CLOTH_WEIGHTS).nullable(),
})

export const plateSchema = z.strictObject({ id: idField, name: nameField, slotMm: measured('openingMm'), singleHole: z.boolean() })
export const stabilizerSchema = z.strictObject({ id: idField, name: nameField, kind: z.enum(STABILIZER_KINDS) })
export const bobbinSchema = z.strictObject({
  id: idField, name: nameField,
  /** What is wound on it; null: empty. */
  threadId: idField.nullable(),
  woundM: within('metres').nullable(),
  /** What it holds of its thread when full, known or weighed; beats what the winding space would give. */
  holdsM: within('metres').nullable(),
  /** Its winding space: over which diameter it is filled, the core, and between the flanges. */
  outerMm: measured('bobbinMm'), coreMm: measured('bobbinMm'), wideMm: measured('bobbinMm'),
})

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

const supplySchema = z.strictObject({ place: z.enum(SUPPLY_PLACES).nullable(), draw: z.enum(DRAWS).nullable() })

const setupFields = {
  machineId: idField.nullable(),
  footId: idField.nullable(),
  plate: z.enum(['zigzag', 'single-hole']),
  /** A plate of one's own; null: the machine's, of the kind above. */
  plateId: idField.nullable(),
  needleId: idField.nullable(),
  stitch: stitchSettingSchema,
  threadIds: z.strictObject({ left: idField.nullable(), middle: idField.nullable(), right: idField.nullable() }),
  bobbinId: idField.nullable(),
  /** As on this machine's own dial; null: not set. */
  tension: z.number().min(-20).max(20).nullable(),
  clothId: idField.nullable(),
  layers: z.int().min(1).max(20),
  stabilizerId: idField.nullable(),
  technique: z.enum(TECHNIQUES),
  goal: z.enum(GOALS),
  /** Washed and tumbled often. */
  washed: z.boolean(),
  supplies: z.strictObject({ left: supplySchema, middle: supplySchema, right: supplySchema }),
  /** The built-in needle threader is used; the automatic cutter is on. */
  threader: z.boolean(),
  cutter: z.boolean(),
  sharedDiscs: z.boolean().nullable(),
  /** Length of the seam planned, in m. */
  seamM: within('seamM'),
  bobbinTension: z.enum(BOBBIN_TENSIONS),
  pressure: z.enum(PRESSURES),
  /** null: as the rule for the thread says. */
  speed: z.enum(SPEEDS).nullable(),
}
export const setupSchema = z.strictObject({ id: z.literal('current'), ...setupFields })
export const planSchema = z.strictObject({
  id: idField, name: nameField, setup: z.strictObject(setupFields), keptAt: momentField, note: z.string().max(500),
})

/** That someone turned the handwheel through exactly this combination, and when. */
export const handWalkSchema = z.strictObject({
  id: idField, key: z.string().min(1).max(200_000), summary: z.string().min(1).max(300), walkedAt: momentField,
})

/** What is known to be on one machine, and when it was cared for. Its id is the machine's. */
export const machineStateSchema = z.strictObject({
  id: idField,
  state: z.strictObject({
    twinMode: z.enum(['on', 'off']).nullable(),
    /** A needle or foot that is no longer owned is one about which nothing is known. */
    needleId: idField.nullable(),
    footId: idField.nullable(),
    plate: z.enum(['zigzag', 'single-hole']).nullable(),
    tension: z.number().min(-20).max(20).nullable(),
    bobbinTension: z.enum(BOBBIN_TENSIONS).nullable(),
    pressure: z.enum(PRESSURES).nullable(),
    widthMm: within('widthMm').nullable(),
    positionMm: within('positionMm').nullable(),
  }),
  /** null: not noted. */
  cleanedAt: momentField.nullable(),
  oiledAt: momentField.nullable(),
  /** The session that is running; null: none. */
  sewingSince: momentField.nullable(),
})

/** A threading walk, begun or finished. */
export const walkSchema = z.strictObject({
  id: idField,
  machineId: idField,
  /** What was ticked: each step with all it depended on. */
  keys: z.array(z.string().min(1).max(2000)).max(100, 'has at most 100 steps'),
  /** The step that was open last; null: none. */
  at: z.string().max(80).nullable(),
  startedAt: momentField,
  finishedAt: momentField.nullable(),
  /** What it was for, in words, and as it stood when it was finished. */
  summary: z.string().min(1).max(300),
  setup: z.strictObject(setupFields).nullable(),
})

/** Time sewn with a needle. */
export const needleTimeSchema = z.strictObject({
  id: idField,
  needleId: idField,
  machineId: idField.nullable(),
  at: momentField,
  hours: within('hours'),
  source: z.enum(TIME_SOURCES),
  sewn: z.strictObject({ pearl: z.boolean(), felt: z.boolean(), metallic: z.boolean(), fusible: z.boolean() }),
})

/** A needle taken out of use: its count is closed. */
export const needleEndSchema = z.strictObject({
  id: idField, needleId: idField, label: nameField,
  hours: within('hours').nullable(), blocks: within('count'), seen: seenSchema,
  why: z.enum(NEEDLE_ENDS), at: momentField,
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
    heavyBobbin: z.enum(['ordinary', 'same']),
    pearlTension: z.enum(['home', 'plus-one']),
    cutter: z.enum(['never', 'allowed']),
    threading: z.enum(['divider', 'one-by-one', 'together']),
    lastGuide: z.enum(['each-side', 'first-in', 'both-in']),
  }),
  /** Jobs twins are wanted for. */
  twinJobs: z.array(idField).max(30, 'has at most 30 jobs'),
  /** When the book was last exported; null: never. */
  backedUpAt: momentField.nullable(),
})

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
export type Settings = RecordOf<'settings'>
