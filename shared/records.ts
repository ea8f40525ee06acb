import * as z from 'zod/mini'
import { NEEDLE_STATES } from '#core/care'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { BOBBIN_TENSIONS, CLOTH_STRUCTURES, CLOTH_WEIGHTS, DRAWS, GOALS, HOOKS, PRESSURES, SPEEDS, STABILIZER_KINDS, SUPPLY_PLACES, TECHNIQUES } from '#core/terms'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { MOST_ROWS, READING_STEPS, TRIAL_CARE, TRIAL_GOALS } from '#core/trial'
import { hexField, idField, measured, momentField, nameField, wholeWithin, within } from './fields'

export const FOOT_KINDS = ['zigzag', 'open toe', 'satin', 'pintuck', 'straight', 'quarter-inch', 'edge guide', 'walking', 'other'] as const
export const SOLES = ['flat', 'tunnel', 'grooved'] as const
export const THREAD_FORMS = ['spool', 'cone', 'ball'] as const
export const TEX_BASES = ['weighed', 'label', 'nominal'] as const
export const TIME_SOURCES = ['timer', 'metres', 'typed'] as const
export const SOUNDS = ['usual', 'odd'] as const
export const SWATCH_VERDICTS = ['good', 'usable', 'failed'] as const
export const SWATCH_SOURCES = ['own', 'rule', 'guess'] as const
export const NEEDLE_ENDS = ['hours', 'bent', 'broken', 'burred', 'sticky', 'other'] as const

/** null: not known. */
const yesNo = z.nullable(z.boolean())

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
  needlePositions: z.nullable(z.int('must be a whole number').check(z.gte(1), z.lte(99))),
  plateSlotMm: measured('openingMm'),
  tensionDial: z.nullable(z.strictObject({ min: z.number(), max: z.number(), home: z.number() })
    .check(z.refine(({ min, max, home }) => min < max && home >= min && home <= max, 'home must lie between the dial’s ends'))),
  /** The smallest step its tension can be set by. */
  dialStep: z.nullable(z.number().check(z.gt(0, 'must be above 0'), z.lte(10, 'must be at most 10'))),
  // What preparing it depends on; null: not known.
  divider: yesNo,
  needleGuides: z.nullable(z.literal([0, 1, 2])),
  spoolPins: z.nullable(z.literal([1, 2, 3])),
  stand: yesNo,
  cup: yesNo,
  threader: yesNo,
  cutter: yesNo,
  lock: yesNo,
  hook: z.nullable(z.enum(HOOKS)),
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
  count: wholeWithin('count'),
  state: z.enum(NEEDLE_STATES),
  /** Time sewn with the one in use; null: not counted. */
  hoursSewn: z.nullable(within('hours')),
  /** Fused-wool blocks sewn with the one in use. */
  blocksSewn: wholeWithin('count'),
  seen: seenSchema,
}).check(z.superRefine(({ construction, gapMm }, context) => {
  const gap = within('gapMm').safeParse(gapMm)
  if (construction === 'single' ? gapMm !== 0 : !gap.success) {
    context.addIssue({
      code: 'custom', path: ['gapMm'],
      message: construction === 'single' ? 'must be 0 for a single needle' : gap.error?.issues[0]?.message ?? 'is not a gap',
    })
  }
}))

export const threadSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]),
  /** Linear density; null: not known. */
  tex: z.nullable(within('tex')),
  diameterMm: measured('diameterMm'),
  /** As printed on the spool; empty: not noted. */
  label: z.string({ error: 'must be text' }).check(z.maxLength(80, 'must be at most 80 characters')),
  /** Where tex comes from; null: typed without saying. */
  texBasis: z.nullable(z.enum(TEX_BASES)),
  /** null: not known; 0: used up. */
  metresLeft: z.nullable(within('metres')),
  form: z.nullable(z.enum(THREAD_FORMS)),
  unwinds: z.nullable(z.enum(DRAWS)),
  colours: z.array(z.strictObject({ hex: hexField, runMm: within('runMm') })).check(z.minLength(1, 'needs at least one colour'), z.maxLength(24, 'has at most 24 colours')),
})

export const clothSchema = z.strictObject({
  id: idField, name: nameField, thicknessMm: measured('thicknessMm'), hex: hexField,
  structure: z.nullable(z.enum(CLOTH_STRUCTURES)), weight: z.nullable(z.enum(CLOTH_WEIGHTS)),
})

export const plateSchema = z.strictObject({ id: idField, name: nameField, slotMm: measured('openingMm'), singleHole: z.boolean() })
export const stabilizerSchema = z.strictObject({ id: idField, name: nameField, kind: z.enum(STABILIZER_KINDS) })
export const bobbinSchema = z.strictObject({
  id: idField, name: nameField,
  /** What is wound on it; null: empty. */
  threadId: z.nullable(idField),
  woundM: z.nullable(within('metres')),
  /** What it holds of its thread when full, known or weighed; beats what the winding space would give. */
  holdsM: z.nullable(within('metres')),
  /** Its winding space: over which diameter it is filled, the core, and between the flanges. */
  outerMm: measured('bobbinMm'), coreMm: measured('bobbinMm'), wideMm: measured('bobbinMm'),
})

export const ownStitchSchema = z.strictObject({
  id: idField,
  name: nameField,
  alignment: z.enum(['centre', 'left', 'right']),
  drops: z.array(z.strictObject({ x: z.number().check(z.gte(-0.5001), z.lte(0.5001)), y: z.number().check(z.gte(-10_000), z.lte(10_000)) }))
    .check(z.minLength(1, 'needs at least one needle drop'), z.maxLength(2000, 'has at most 2000 drops')),
  repeat: z.number().check(z.gt(0, 'must move forward'), z.lte(10_000)),
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

const supplySchema = z.strictObject({ place: z.nullable(z.enum(SUPPLY_PLACES)), draw: z.nullable(z.enum(DRAWS)) })

const setupFields = {
  machineId: z.nullable(idField),
  footId: z.nullable(idField),
  plate: z.enum(['zigzag', 'single-hole']),
  /** A plate of one's own; null: the machine's, of the kind above. */
  plateId: z.nullable(idField),
  needleId: z.nullable(idField),
  stitch: stitchSettingSchema,
  threadIds: z.strictObject({ left: z.nullable(idField), middle: z.nullable(idField), right: z.nullable(idField) }),
  bobbinId: z.nullable(idField),
  /** As on this machine's own dial; null: not set. */
  tension: z.nullable(z.number().check(z.gte(-20), z.lte(20))),
  clothId: z.nullable(idField),
  layers: z.int().check(z.gte(1), z.lte(20)),
  stabilizerId: z.nullable(idField),
  technique: z.enum(TECHNIQUES),
  goal: z.enum(GOALS),
  /** Washed and tumbled often. */
  washed: z.boolean(),
  supplies: z.strictObject({ left: supplySchema, middle: supplySchema, right: supplySchema }),
  /** The built-in needle threader is used; the automatic cutter is on. */
  threader: z.boolean(),
  cutter: z.boolean(),
  sharedDiscs: z.nullable(z.boolean()),
  /** Length of the seam planned, in m. */
  seamM: within('seamM'),
  bobbinTension: z.enum(BOBBIN_TENSIONS),
  pressure: z.enum(PRESSURES),
  /** null: as the rule for the thread says. */
  speed: z.nullable(z.enum(SPEEDS)),
}
export const setupSchema = z.strictObject({ id: z.literal('current'), ...setupFields })
export const planSchema = z.strictObject({
  id: idField, name: nameField, setup: z.strictObject(setupFields), keptAt: momentField, note: z.string().check(z.maxLength(500)),
})

/** That someone turned the handwheel through exactly this combination, and when. */
export const handWalkSchema = z.strictObject({
  id: idField, key: z.string().check(z.minLength(1), z.maxLength(200_000)), summary: z.string().check(z.minLength(1), z.maxLength(300)), walkedAt: momentField,
})

/** What is known to be on one machine, and when it was cared for. Its id is the machine's. */
export const machineStateSchema = z.strictObject({
  id: idField,
  state: z.strictObject({
    twinMode: z.nullable(z.enum(['on', 'off'])),
    /** A needle or foot that is no longer owned is one about which nothing is known. */
    needleId: z.nullable(idField),
    footId: z.nullable(idField),
    plate: z.nullable(z.enum(['zigzag', 'single-hole'])),
    tension: z.nullable(z.number().check(z.gte(-20), z.lte(20))),
    bobbinTension: z.nullable(z.enum(BOBBIN_TENSIONS)),
    pressure: z.nullable(z.enum(PRESSURES)),
    widthMm: z.nullable(within('widthMm')),
    positionMm: z.nullable(within('positionMm')),
  }),
  /** null: not noted. */
  cleanedAt: z.nullable(momentField),
  oiledAt: z.nullable(momentField),
  /** The session that is running; null: none. */
  sewingSince: z.nullable(momentField),
})

/** A threading walk, begun or finished. */
export const walkSchema = z.strictObject({
  id: idField,
  machineId: idField,
  /** What was ticked: each step with all it depended on. */
  keys: z.array(z.string().check(z.minLength(1), z.maxLength(2000))).check(z.maxLength(100, 'has at most 100 steps')),
  /** The step that was open last; null: none. */
  at: z.nullable(z.string().check(z.maxLength(80))),
  startedAt: momentField,
  finishedAt: z.nullable(momentField),
  /** What it was for, in words, and as it stood when it was finished. */
  summary: z.string().check(z.minLength(1), z.maxLength(300)),
  setup: z.nullable(z.strictObject(setupFields)),
})

/** What a row looks, sounds and feels like; null: not read. */
const readingFields = {
  ridge: z.nullable(z.literal(READING_STEPS)),
  show: z.nullable(z.literal(READING_STEPS)),
  skips: z.boolean(), breaks: z.boolean(), holes: z.boolean(),
  sound: z.nullable(z.enum(SOUNDS)),
}
/** Photos by name, kept beside the book; null: none. */
const photoFields = z.strictObject({ front: z.nullable(idField), back: z.nullable(idField) })
const dialMark = z.number().check(z.gte(-1000), z.lte(1000))

/** A trial strip: rows sewn side by side, one number after the other. */
export const trialSchema = z.strictObject({
  id: idField,
  goal: z.enum(TRIAL_GOALS),
  care: z.enum(TRIAL_CARE),
  /** As it was when the rows that count were sewn. */
  setup: z.strictObject(setupFields),
  startedAt: momentField,
  rows: z.array(z.strictObject({
    dial: dialMark, ...readingFields,
    /** False: something else was changed since. */
    comparable: z.boolean(),
    /** What was changed before it, besides the tension; empty: nothing. */
    changed: z.string().check(z.maxLength(300)),
    at: momentField,
    photos: photoFields,
  })).check(z.maxLength(MOST_ROWS, `has at most ${MOST_ROWS} rows: begin a new strip`)),
  /** Kept, given up, or replaced by a new strip. */
  closed: z.boolean(),
})

const dialSchema = z.strictObject({ min: z.number(), max: z.number(), home: z.number() })
const frozenThread = z.nullable(z.strictObject({ name: nameField, kind: z.enum(Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]), hex: hexField, tex: z.nullable(within('tex')) }))
/** A setup's records by name and nature, as they were: what is changed or sold later changes nothing here. */
export const frozenSchema = z.strictObject({
  machine: z.nullable(z.strictObject({ name: nameField, dial: z.nullable(dialSchema) })),
  needle: z.nullable(z.strictObject({ construction: z.enum(CONSTRUCTIONS), gapMm: z.number(), sizeNm: within('sizeNm'), type: z.enum(NEEDLE_TYPES), hoursSewn: z.nullable(within('hours')) })),
  threads: z.strictObject({ left: frozenThread, middle: frozenThread, right: frozenThread }),
  bobbin: frozenThread,
  foot: z.nullable(nameField), plate: nameField,
  cloth: z.nullable(z.strictObject({ name: nameField, structure: z.nullable(z.enum(CLOTH_STRUCTURES)), hex: hexField })),
  stabilizer: z.nullable(nameField),
  stitch: z.nullable(z.strictObject({ name: nameField, swings: z.boolean() })),
})

/** A swatch: settings that were tried, with all that was on the machine. */
export const swatchSchema = z.strictObject({
  id: idField, name: nameField,
  goal: z.enum(TRIAL_GOALS),
  setup: z.strictObject(setupFields),
  frozen: frozenSchema,
  readings: z.strictObject(readingFields),
  /** Rows it took; null: not counted. */
  rowsSewn: z.nullable(z.int().check(z.gte(0), z.lte(MOST_ROWS))),
  verdict: z.enum(SWATCH_VERDICTS),
  note: z.string().check(z.maxLength(500, 'must be at most 500 characters')),
  keptAt: momentField,
  /** Where the number comes from: own test, quoted rule, or a guess. */
  source: z.enum(SWATCH_SOURCES),
  photos: photoFields,
})

/** Time sewn with a needle. */
export const needleTimeSchema = z.strictObject({
  id: idField,
  needleId: idField,
  machineId: z.nullable(idField),
  at: momentField,
  hours: within('hours'),
  source: z.enum(TIME_SOURCES),
  sewn: z.strictObject({ pearl: z.boolean(), felt: z.boolean(), metallic: z.boolean(), fusible: z.boolean() }),
})

/** A needle taken out of use: its count is closed. */
export const needleEndSchema = z.strictObject({
  id: idField, needleId: idField, label: nameField,
  hours: z.nullable(within('hours')), blocks: within('count'), seen: seenSchema,
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
  twinJobs: z.array(idField).check(z.maxLength(30, 'has at most 30 jobs')),
  /** When the book was last exported; null: never. */
  backedUpAt: z.nullable(momentField),
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
