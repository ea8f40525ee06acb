import { CoreError, requireInRange } from '#core/errors'

export const MOST_TUCKS = 500
const MOST_MM = 10_000
/** Widths are compared within this, in mm. */
const SAME_MM = 1e-9

/** Where tucks are wanted on the finished cloth. Lengths in mm. */
export interface TuckLayout {
  /** How many, or the width that as many as fit are to fill. */
  readonly wanted: { readonly count: number } | { readonly fillMm: number }
  /** Centre to centre of neighbours within a group. */
  readonly spacingMm: number
  /** null: all alike, one group. */
  readonly group: { readonly of: number; readonly gapMm: number } | null
  /** The finished piece; null: it is as wide as the tucks' span. */
  readonly pieceMm: number | null
  /** From the piece's left edge to the first tuck; null: centred. */
  readonly edgeMm: number | null
}

export interface Layout {
  readonly count: number
  /** From the first tuck's centre line to the last one's. */
  readonly spanMm: number
  readonly pieceMm: number
  /** Centre lines, from the finished piece's left edge. */
  readonly finishedMm: readonly number[]
}

/**
 * The tucks' centre lines on the finished piece: tuck i stands at `i·s + floor(i/of)·(gap − s)` from the
 * first. Source: arithmetic.
 *
 * @param gapMm - of the twin needle: tucks nearer than that would lie on each other.
 * @throws {CoreError} `non-finite`; `out-of-range`; `too-many` over 500 tucks.
 *
 * @example
 * layOut({ wanted: { count: 6 }, spacingMm: 6, group: { of: 3, gapMm: 14 }, pieceMm: 60, edgeMm: null }, 2)
 *   .finishedMm // [11, 17, 23, 37, 43, 49]
 */
export function layOut({ wanted, spacingMm, group, pieceMm, edgeMm }: TuckLayout, gapMm: number): Layout {
  requireInRange(gapMm, 'needle.gapMm', 0.1, 20)
  requireInRange(spacingMm, 'spacingMm', gapMm, MOST_MM)
  if (group) {
    requireWhole(group.of, 'group.of', 1, MOST_TUCKS)
    requireInRange(group.gapMm, 'group.gapMm', gapMm, MOST_MM)
  }
  if (pieceMm !== null) requireInRange(pieceMm, 'pieceMm', SAME_MM, MOST_MM)
  if (edgeMm !== null) requireInRange(edgeMm, 'edgeMm', 0, MOST_MM)
  const fromFirst = (i: number) =>
    i * spacingMm + (group ? Math.floor(i / group.of) * (group.gapMm - spacingMm) : 0)
  const count = 'count' in wanted ? wanted.count : mostIn(wanted.fillMm, fromFirst)
  requireWhole(count, 'count', 1, MOST_TUCKS)
  const spanMm = fromFirst(count - 1)
  const piece = pieceMm ?? spanMm
  const firstMm = edgeMm ?? (piece - spanMm) / 2
  return {
    count,
    spanMm,
    pieceMm: piece,
    finishedMm: Array.from({ length: count }, (_, i) => firstMm + fromFirst(i)),
  }
}

/** The most tucks whose span fits. */
function mostIn(fillMm: number, fromFirst: (i: number) => number): number {
  requireInRange(fillMm, 'fillMm', 0, MOST_MM)
  let count = 1
  while (fromFirst(count) <= fillMm + SAME_MM) {
    count += 1
    if (count > MOST_TUCKS)
      throw new CoreError('too-many', `fillMm takes more than ${MOST_TUCKS} tucks at this spacing`, {
        field: 'fillMm',
        most: MOST_TUCKS,
      })
  }
  return count
}

function requireWhole(value: number, field: string, min: number, max: number): void {
  requireInRange(value, field, min, max)
  if (!Number.isInteger(value))
    throw new CoreError('out-of-range', `${field} must be a whole number`, { field, min, max })
}
