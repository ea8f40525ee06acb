import { z } from 'zod'
import { fillBand, layBand, MOST_BAND_ROWS, MOST_CHOICES, MOST_STACK_ROWS, ribbonMarginMm } from '#core/band'
import { lengthMarks } from '#core/fit'
import { within } from '../fields'
import { lengthDialShape } from './fit'
import { tidy } from './tidy'

/** What `POST /api/v1/band` takes. */
export const bandRequestSchema = z
  .strictObject({
    rows: z
      .array(
        z.strictObject({
          widthMm: within('widthMm'),
          gapMm: z._default(within('rowGapMm'), 0).describe('Of a twin; 0: a single needle'),
          repeat: within('repeat').check(z.describe('Stitch lengths from pattern to pattern')),
          lengthMm: within('dialLengthMm'),
        }),
      )
      .min(1, 'needs at least one row')
      .max(MOST_BAND_ROWS, `has at most ${MOST_BAND_ROWS} rows`),
    overlapsMm: z.array(within('overlapMm')).describe('One fewer than rows; negative: a gap'),
    alongMm: within('sideMm'),
    dial: lengthDialShape,
    ribbonMm: z.optional(within('shapeMm')),
  })
  .superRefine(({ rows, overlapsMm }, context) => {
    if (overlapsMm.length !== rows.length - 1)
      context.addIssue({
        code: 'custom',
        path: ['overlapsMm'],
        message: `needs one fewer than rows: ${rows.length - 1}, not ${overlapsMm.length}`,
      })
  })

/** What it returns. Lengths in mm. */
export const bandResponseSchema = z.strictObject({
  bandMm: z.number(),
  rows: z.array(
    z.strictObject({
      spanMm: z.number(),
      centreMm: z.number().describe('From the left edge of the band'),
      repeatMm: z.number(),
      repeats: z.int(),
      evenLengthMm: z.number(),
      dialLengthMm: z.number(),
      missMm: z.number(),
      stretch: z.number(),
    }),
  ),
  drift: z.array(z.strictObject({ a: z.int(), b: z.int(), everyMm: z.nullable(z.number()) })),
  ribbonMarginMm: z.nullable(z.number()),
})

/** @throws CoreError `too-many`, `out-of-range`. */
export function answerBand(request: z.output<typeof bandRequestSchema>): z.output<typeof bandResponseSchema> {
  const { rows, overlapsMm, alongMm, dial, ribbonMm } = request
  const band = layBand(rows, overlapsMm, alongMm, lengthMarks(dial))
  return {
    bandMm: tidy(band.bandMm),
    rows: band.rows.map(row => ({
      spanMm: tidy(row.spanMm),
      centreMm: tidy(row.centreMm),
      repeatMm: tidy(row.repeatMm),
      repeats: row.repeats,
      evenLengthMm: tidy(row.evenLengthMm),
      dialLengthMm: tidy(row.dialLengthMm),
      missMm: tidy(row.missMm),
      stretch: tidy(row.stretch),
    })),
    drift: band.drift.map(({ a, b, everyMm }) => ({
      a,
      b,
      everyMm: everyMm === null ? null : tidy(everyMm),
    })),
    ribbonMarginMm: ribbonMm === undefined ? null : tidy(ribbonMarginMm(ribbonMm, band.bandMm)),
  }
}

/** What `POST /api/v1/band/fill` takes. */
export const fillRequestSchema = z.strictObject({
  bandMm: within('bandMm'),
  choices: z
    .array(z.strictObject({ id: z.string().min(1).max(64), widthMm: within('stackWidthMm') }))
    .min(1, 'needs at least one stitch')
    .max(MOST_CHOICES, `has at most ${MOST_CHOICES} stitches`),
  overlapMm: within('overlapMm'),
  toleranceMm: within('bandToleranceMm'),
  mostRows: z.int().min(1, 'is below 1').max(MOST_STACK_ROWS, `is over ${MOST_STACK_ROWS}`),
})

/** What it returns. */
export const fillResponseSchema = z.strictObject({
  stacks: z.array(z.strictObject({ ids: z.array(z.string()), offMm: z.number() })),
})

/** @throws CoreError `too-many`, `out-of-range`. */
export function answerFill({
  bandMm,
  choices,
  overlapMm,
  toleranceMm,
  mostRows,
}: z.output<typeof fillRequestSchema>): z.output<typeof fillResponseSchema> {
  const stacks = fillBand(bandMm, choices, overlapMm, toleranceMm, mostRows)
  return { stacks: stacks.map(({ ids, offMm }) => ({ ids: [...ids], offMm: tidy(offMm) })) }
}
