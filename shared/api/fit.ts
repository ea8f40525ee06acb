import { z } from 'zod'
import { DEFAULT_MISS_MM, evenFit, type FitPlan, lengthMarks, sideFitter } from '#core/fit'
import { within } from '../fields'
import { tidy } from './tidy'

const MOST_SIDES = 200

/** The dial for stitch length, as routes take it. */
export const lengthDialShape = z
  .strictObject({
    minMm: within('dialLengthMm'),
    maxMm: within('dialLengthMm'),
    stepMm: within('stepMm'),
  })
  .describe('Marks from minMm by stepMm up to maxMm, at most 500')
export const wantedShape = within('dialLengthMm').check(z.describe('The length one would like'))
export const mostMissShape = z
  ._default(within('missMm'), DEFAULT_MISS_MM)
  .describe('How far the last stitch may land from the point')

/** What `POST /api/v1/fit` takes. */
export const fitRequestSchema = z.strictObject({
  sidesMm: z
    .array(within('sideMm'))
    .min(1, 'needs at least one side')
    .max(MOST_SIDES, `has at most ${MOST_SIDES} sides`),
  wantedMm: wantedShape,
  dial: lengthDialShape,
  mostMissMm: mostMissShape,
})

export const planShape = z.strictObject({
  parts: z.array(z.strictObject({ count: z.int(), lengthMm: z.number() })).describe('One mark, or two mixed'),
  stitches: z.int(),
  marks: z.int().describe('How many different marks it takes'),
  deviationMm: z.number().describe('The largest distance of a mark from the length wanted'),
  missMm: z.number().describe('Side less the sum of its stitches'),
})
export const fitResponseSchema = z.strictObject({
  sides: z.array(
    z.strictObject({
      sideMm: z.number(),
      even: z.strictObject({ stitches: z.int(), lengthMm: z.number() }),
      plans: z
        .array(planShape)
        .describe('No other is better in deviation, marks and miss at once. The first is recommended.'),
    }),
  ),
})

/** @throws CoreError `too-many` for a dial of over 500 marks, `out-of-range` for one that runs backwards. */
export function answerFit({
  sidesMm,
  wantedMm,
  dial,
  mostMissMm,
}: z.output<typeof fitRequestSchema>): z.output<typeof fitResponseSchema> {
  const fit = sideFitter(wantedMm, lengthMarks(dial), mostMissMm)
  return {
    sides: sidesMm.map(sideMm => {
      const { stitches, lengthMm } = evenFit(sideMm, wantedMm)
      const even = { stitches, lengthMm: tidy(lengthMm) }
      return { sideMm, even, plans: fit(sideMm).map(sentPlan) }
    }),
  }
}

/** A plan as routes send it. */
export function sentPlan(plan: FitPlan): z.output<typeof planShape> {
  const { parts, stitches, marks, deviationMm, missMm } = plan
  return {
    parts: parts.map(({ count, lengthMm }) => ({ count, lengthMm: tidy(lengthMm) })),
    stitches,
    marks,
    deviationMm: tidy(deviationMm),
    missMm: tidy(missMm),
  }
}
