import { z } from 'zod'
import { DEFAULT_READ_MM, MOST_TUCKS, planPintucks } from '#core/pintucks'
import { within } from '../fields'
import { tidy, tidyOrNull } from './tidy'

const tuckCount = z
  .int({ error: `must be a whole number from 1 to ${MOST_TUCKS}` })
  .min(1, `must be a whole number from 1 to ${MOST_TUCKS}`)
  .max(MOST_TUCKS, `must be a whole number from 1 to ${MOST_TUCKS}`)

/** What `POST /api/v1/pintucks` takes. */
export const pintucksRequestSchema = z
  .strictObject({
    needle: z.strictObject({ gapMm: within('gapMm'), sizeNm: within('sizeNm') }),
    clothMm: z.optional(within('thicknessMm')).describe('Thickness; left out: not measured'),
    count: tuckCount.optional(),
    fillMm: z.optional(within('edgeMm')).describe('A width for as many tucks as fit'),
    spacingMm: within('spacingMm'),
    group: z.strictObject({ of: tuckCount, gapMm: within('spacingMm') }).optional(),
    pieceMm: z.optional(within('pieceMm')).describe('The finished piece; left out: as wide as the span'),
    edgeMm: z.optional(within('edgeMm')).describe('To the first tuck; left out: centred'),
    reserveMm: z._default(within('reserveMm'), 0),
    takeUp: z
      .strictObject({
        beforeMm: within('pieceMm'),
        afterMm: within('edgeMm'),
        tucks: tuckCount,
        readMm: z._default(within('readMm'), DEFAULT_READ_MM),
      })
      .optional()
      .describe('A swatch measured across before and after its tucks; left out: not measured'),
    foot: z.strictObject({ pitchMm: within('pitchMm'), grooves: z.int().min(1).max(99) }).optional(),
    cordMm: z.optional(within('cordMm')),
  })
  .superRefine(({ count, fillMm }, context) => {
    if ((count === undefined) === (fillMm === undefined))
      context.addIssue({ code: 'custom', path: ['count'], message: 'give either count or fillMm' })
  })

const lengthOrNull = z.number().nullable()
/** What it returns. Lengths in mm. */
export const pintucksResponseSchema = z.strictObject({
  count: z.int(),
  spanMm: z.number(),
  finishedMm: z.array(z.number()).describe('Centre lines from the finished piece’s left edge'),
  takeUp: z
    .strictObject({ eachMm: lengthOrNull, leastMm: z.number(), mostMm: z.number() })
    .describe('Of one tuck; eachMm null: not measured'),
  flatMm: z.array(z.number()).nullable().describe('Centre lines from the flat blank’s left edge'),
  blankMm: lengthOrNull,
  blankLeastMm: z.number(),
  blankMostMm: z.number(),
  ridgeMm: lengthOrNull.describe('How high a tuck stands, if it stands round'),
  groove: z.strictObject({ k: z.int(), spacingMm: z.number(), offMm: z.number() }).nullable(),
  cordMostMm: z.number(),
  warnings: z.array(z.strictObject({ code: z.string(), message: z.string() })),
})

/** @throws CoreError `out-of-range` (a spacing below the gap), `swatch-grew`, `too-many`. */
export function answerPintucks(
  request: z.output<typeof pintucksRequestSchema>,
): z.output<typeof pintucksResponseSchema> {
  const { count, fillMm, spacingMm, group, pieceMm, edgeMm, takeUp, foot, cordMm, clothMm } = request
  const plan = planPintucks({
    needle: request.needle,
    layout: {
      wanted: count === undefined ? { fillMm: fillMm! } : { count },
      spacingMm,
      group: group ?? null,
      pieceMm: pieceMm ?? null,
      edgeMm: edgeMm ?? null,
    },
    clothMm: clothMm ?? null,
    reserveMm: request.reserveMm,
    takeUp: takeUp ?? null,
    foot: foot ?? null,
    cordMm: cordMm ?? null,
  })
  const { eachMm, leastMm, mostMm } = plan.takeUp
  return {
    count: plan.count,
    spanMm: tidy(plan.spanMm),
    finishedMm: plan.finishedMm.map(tidy),
    takeUp: { eachMm: tidyOrNull(eachMm), leastMm: tidy(leastMm), mostMm: tidy(mostMm) },
    flatMm: plan.flatMm?.map(tidy) ?? null,
    blankMm: tidyOrNull(plan.blankMm),
    blankLeastMm: tidy(plan.blankLeastMm),
    blankMostMm: tidy(plan.blankMostMm),
    ridgeMm: tidyOrNull(plan.ridgeMm),
    groove: plan.groove && {
      k: plan.groove.k,
      spacingMm: tidy(plan.groove.spacingMm),
      offMm: tidy(plan.groove.offMm),
    },
    cordMostMm: tidy(plan.cordMostMm),
    warnings: plan.warnings.map(({ code, message }) => ({ code, message })),
  }
}
