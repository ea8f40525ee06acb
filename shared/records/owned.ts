import * as z from 'zod/mini'
import { NEEDLE_STATES } from '#core/care'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { CLOTH_STRUCTURES, CLOTH_WEIGHTS, DRAWS, HOOKS, STABILIZER_KINDS } from '#core/terms'
import { THREAD_KINDS, type ThreadKind } from '#core/thread'
import { hexField, idField, measured, nameField, wholeWithin, within } from '../fields'

export const FOOT_KINDS = [
  'zigzag',
  'open toe',
  'satin',
  'pintuck',
  'straight',
  'quarter-inch',
  'edge guide',
  'walking',
  'other',
] as const
export const SOLES = ['flat', 'tunnel', 'grooved'] as const
export const THREAD_FORMS = ['spool', 'cone', 'ball'] as const
const TEX_BASES = ['weighed', 'label', 'nominal'] as const

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
  tensionDial: z.nullable(
    z
      .strictObject({ min: z.number(), max: z.number(), home: z.number() })
      .check(
        z.refine(
          ({ min, max, home }) => min < max && home >= min && home <= max,
          'home must lie between the dial’s ends',
        ),
      ),
  ),
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
export const seenSchema = z.strictObject({ metallic: z.boolean(), fusible: z.boolean(), pearl: z.boolean() })

export const needleSchema = z
  .strictObject({
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
  })
  .check(
    z.superRefine(({ construction, gapMm }, context) => {
      const gap = within('gapMm').safeParse(gapMm)
      if (construction === 'single' ? gapMm !== 0 : !gap.success) {
        context.addIssue({
          code: 'custom',
          path: ['gapMm'],
          message:
            construction === 'single'
              ? 'must be 0 for a single needle'
              : (gap.error?.issues[0]?.message ?? 'is not a gap'),
        })
      }
    }),
  )

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
  colours: z
    .array(z.strictObject({ hex: hexField, runMm: within('runMm') }))
    .check(z.minLength(1, 'needs at least one colour'), z.maxLength(24, 'has at most 24 colours')),
})

export const clothSchema = z.strictObject({
  id: idField,
  name: nameField,
  thicknessMm: measured('thicknessMm'),
  hex: hexField,
  structure: z.nullable(z.enum(CLOTH_STRUCTURES)),
  weight: z.nullable(z.enum(CLOTH_WEIGHTS)),
})

export const plateSchema = z.strictObject({
  id: idField,
  name: nameField,
  slotMm: measured('openingMm'),
  singleHole: z.boolean(),
})
export const stabilizerSchema = z.strictObject({
  id: idField,
  name: nameField,
  kind: z.enum(STABILIZER_KINDS),
})
export const bobbinSchema = z.strictObject({
  id: idField,
  name: nameField,
  /** What is wound on it; null: empty. */
  threadId: z.nullable(idField),
  woundM: z.nullable(within('metres')),
  /** What it holds of its thread when full, known or weighed; beats what the winding space would give. */
  holdsM: z.nullable(within('metres')),
  /** Its winding space: over which diameter it is filled, the core, and between the flanges. */
  outerMm: measured('bobbinMm'),
  coreMm: measured('bobbinMm'),
  wideMm: measured('bobbinMm'),
})

export const ownStitchSchema = z.strictObject({
  id: idField,
  name: nameField,
  alignment: z.enum(['centre', 'left', 'right']),
  drops: z
    .array(
      z.strictObject({
        x: z.number().check(z.gte(-0.5001), z.lte(0.5001)),
        y: z.number().check(z.gte(-10_000), z.lte(10_000)),
      }),
    )
    .check(z.minLength(1, 'needs at least one needle drop'), z.maxLength(2000, 'has at most 2000 drops')),
  repeat: z.number().check(z.gt(0, 'must move forward'), z.lte(10_000)),
  defaultWidthMm: within('widthMm'),
  defaultLengthMm: within('lengthMm'),
})
