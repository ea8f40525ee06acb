/** Where the edge of the row sewn before lies while the next is sewn. */
export interface RowGuide {
  /** From the middle of the foot; negative: left of it. */
  readonly edgeMm: number
  /** Of the opening's rim it is nearer to: positive inside, where it is seen; null: opening not measured. */
  readonly insideRimMm: number | null
}

/**
 * The edge of the finished neighbour, seen from the middle of the foot: the row to be sewn reaches half its
 * span to that side, less what they overlap.
 *
 * @param spanMm - of the row to be sewn.
 * @param overlapMm - over the finished one; negative: a gap.
 * @param slotMm - opening of the foot; null: not measured.
 *
 * @example
 * rowGuide(7, 0.5, 8) // { edgeMm: -3, insideRimMm: 1 }
 */
export function rowGuide(spanMm: number, overlapMm: number, slotMm: number | null): RowGuide {
  const edgeMm = -(spanMm / 2 - overlapMm)
  return { edgeMm, insideRimMm: slotMm === null ? null : slotMm / 2 - Math.abs(edgeMm) }
}
