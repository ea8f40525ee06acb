import * as z from 'zod/mini'
import { MOST_BAND_ROWS } from '#core/band'
import { idField, within } from '../fields'

const MOST_LEGS = 20

/** One row of a band. What it does not say is as the whole piece says it. */
const rowSchema = z.strictObject({
  stitchId: idField,
  widthMm: within('widthMm'),
  lengthMm: within('dialLengthMm'),
  mirror: z.boolean(),
  needleId: z.nullable(idField),
  leftId: z.nullable(idField),
  rightId: z.nullable(idField),
})

/** Rows side by side, along a way with corners or round a ring. */
export const bandSchema = z
  .strictObject({
    kind: z.literal('band'),
    rows: z
      .array(rowSchema)
      .check(
        z.minLength(1, 'needs a row'),
        z.maxLength(MOST_BAND_ROWS, `has at most ${MOST_BAND_ROWS} rows`),
      ),
    /** Between neighbours, from the left; negative: a gap. */
    overlapsMm: z.array(within('overlapMm')),
    /** From corner to corner, along the outer edge. */
    legsMm: z
      .array(within('sideMm'))
      .check(z.minLength(1, 'needs a length'), z.maxLength(MOST_LEGS, `has at most ${MOST_LEGS} lengths`)),
    /** Its end meets its beginning: a hem, a cuff. */
    ring: z.boolean(),
    corner: z.enum(['mirror', 'stop', 'open']),
    /** Sewn over something laid on the cloth; null: on the cloth itself. */
    ribbon: z.nullable(
      z.strictObject({
        kind: z.enum(['ribbon', 'bias', 'braid', 'cord']),
        wideMm: within('ribbonMm'),
        sheer: z.boolean(),
      }),
    ),
    /** Sewn wrong side up: the wrong side is what will be seen. */
    under: z.boolean(),
  })
  .check(
    z.refine(({ rows, overlapsMm }) => overlapsMm.length === rows.length - 1, {
      path: ['overlapsMm'],
      error: 'must be one fewer than rows',
    }),
  )

export type BandPiece = z.output<typeof bandSchema>
export type BandPieceRow = BandPiece['rows'][number]
