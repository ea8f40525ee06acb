import * as z from 'zod/mini'
import { isOnDial } from '#core/dial'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { CLOTH_STRUCTURES } from '#core/terms'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { MOST_ROWS, TRIAL_GOALS } from '#core/trial'
import {
  dialField,
  hexField,
  idField,
  momentField,
  MOST_NOTE,
  nameField,
  wholeWithin,
  within,
} from '../fields'
import { setupSchema } from '../setup'
import { table } from './manifest'
import { photoFields, readingFields } from './reading'

export const SWATCH_VERDICTS = ['good', 'usable', 'failed'] as const
export const SWATCH_SOURCES = ['own', 'computed', 'rule', 'guess'] as const

const frozenThread = z.nullable(
  z.strictObject({
    name: nameField,
    kind: z.enum(Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]),
    hex: hexField,
    tex: z.nullable(within('tex')),
  }),
)
/** A setup's records by name and nature, as they were: what is changed or sold later changes nothing here. */
const frozenSchema = z.strictObject({
  machine: z.nullable(z.strictObject({ name: nameField, dial: z.nullable(dialField) })),
  needle: z.nullable(
    z.strictObject({
      construction: z.enum(CONSTRUCTIONS),
      /** Neighbour to neighbour; 0 for a single needle. */
      gapMm: z.union([z.literal(0), within('gapMm')]),
      sizeNm: within('sizeNm'),
      type: z.enum(NEEDLE_TYPES),
      hoursSewn: z.nullable(within('hours')),
    }),
  ),
  threads: z.strictObject({ left: frozenThread, middle: frozenThread, right: frozenThread }),
  bobbin: frozenThread,
  foot: z.nullable(nameField),
  plate: nameField,
  cloth: z.nullable(
    z.strictObject({ name: nameField, structure: z.nullable(z.enum(CLOTH_STRUCTURES)), hex: hexField }),
  ),
  stabilizer: z.nullable(nameField),
  stitch: z.nullable(z.strictObject({ name: nameField, swings: z.boolean() })),
})

/** A swatch measured across before and after its tucks, each end read to `readMm`. */
export const takeUpSchema = z.strictObject({
  beforeMm: within('pieceMm'),
  afterMm: within('edgeMm'),
  tucks: wholeWithin('tucks'),
  readMm: within('readMm'),
})

/** A swatch: settings that were tried, with all that was on the machine. */
const swatchFields = z.strictObject({
  id: idField,
  name: nameField,
  goal: z.enum(TRIAL_GOALS),
  setup: setupSchema,
  frozen: frozenSchema,
  readings: z.strictObject(readingFields),
  /** Rows it took; null: not counted. */
  rowsSewn: z.nullable(z.int().check(z.gte(0), z.lte(MOST_ROWS))),
  verdict: z.enum(SWATCH_VERDICTS),
  note: z.string().check(z.maxLength(MOST_NOTE, `must be at most ${MOST_NOTE} characters`)),
  keptAt: momentField,
  /** Where the number comes from: sewn and read, worked out from rows, a quoted rule, or a guess. */
  source: z.enum(SWATCH_SOURCES),
  photos: photoFields,
  /** What its tucks took from its width; null: not measured. */
  takeUp: z.nullable(takeUpSchema),
})

/** Its number can be set on the dial it was sewn with. */
export const swatchSchema = swatchFields.check(
  z.superRefine(({ setup: { tension }, frozen }, context) => {
    const dial = frozen.machine?.dial
    if (!dial || tension === null || isOnDial(tension, dial)) return
    const message = `must lie on its machine’s dial, from ${dial.min} to ${dial.max}`
    context.addIssue({ code: 'custom', path: ['setup', 'tension'], message })
  }),
)

export const swatches = table({
  schema: swatchSchema,
  since: 4,
  blank: null,
  holdsSetup: 'inside',
  // Its ids are hints only: what they meant is frozen in it.
  refersTo: null,
  words: { one: 'swatch', many: 'swatches' },
  demo: true,
})
