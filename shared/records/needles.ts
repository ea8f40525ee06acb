import * as z from 'zod/mini'
import { FRESH_USE, NEEDLE_STATES } from '#core/care'
import { CONSTRUCTIONS, NEEDLE_TYPES } from '#core/needle'
import { idField, measured, spreadsOver, within, wholeWithin } from '../fields'
import { table } from './manifest'

/** What it has sewn since it was new. */
export const seenSchema = z.strictObject({ metallic: z.boolean(), fusible: z.boolean(), pearl: z.boolean() })

export const needleSchema = z
  .strictObject({
    id: idField,
    construction: z.enum(CONSTRUCTIONS),
    /** Neighbour to neighbour; 0 for a single needle. */
    gapMm: z.number(),
    /** As it was measured; the gap above is what its label says. */
    trueGapMm: measured('gapMm'),
    spreads: spreadsOver(['trueGapMm']),
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

/** A needle just out of its packet. */
export const FRESH_NEEDLE = {
  count: 1,
  trueGapMm: null,
  spreads: {},
  ...FRESH_USE,
} as const satisfies Partial<z.output<typeof needleSchema>>

export const needles = table({
  schema: needleSchema,
  since: 1,
  blank: FRESH_NEEDLE,
  holdsSetup: 'nowhere',
  refersTo: null,
  words: { one: 'needle', many: 'needles' },
  demo: true,
})
