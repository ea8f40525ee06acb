import { CoreError, requireInRange } from '#core/errors'

export interface AreaRow {
  /** Middle of the row, from the area's first edge, in mm. */
  readonly atMm: number
  readonly lengthMm: number
  /** Radius of its arc; null: straight. */
  readonly radiusMm: number | null
}
export interface AreaRows {
  readonly rows: readonly AreaRow[]
  readonly totalMm: number
}

const MOST_AREA_ROWS = 500

/**
 * Rows over an area, each guided by the one before: straight, or a gentle curve carried across, so that
 * every row is parallel to its neighbour and its radius grows by the distance. Source: geometry of the
 * circular arc.
 *
 * @param acrossMm - how far the rows go on, 1 to 10 000.
 * @param alongMm - how long a row is, edge to edge, 1 to 10 000.
 * @param distanceMm - from row to row, 0.5 to 1000.
 * @param marginMm - before the first and after the last, 0 to 1000.
 * @param sagMm - how far the first row bows towards the rest, 0: straight, to half of `alongMm`.
 * @throws {CoreError} `out-of-range`; `too-many` over 500 rows.
 *
 * @example
 * areaRows({ acrossMm: 100, alongMm: 200, distanceMm: 20, marginMm: 10, sagMm: 0 }).rows.length // 5
 */
export function areaRows(of: {
  readonly acrossMm: number
  readonly alongMm: number
  readonly distanceMm: number
  readonly marginMm: number
  readonly sagMm: number
}): AreaRows {
  requireInRange(of.acrossMm, 'acrossMm', 1, 10_000)
  requireInRange(of.alongMm, 'alongMm', 1, 10_000)
  requireInRange(of.distanceMm, 'distanceMm', 0.5, 1000)
  requireInRange(of.marginMm, 'marginMm', 0, of.acrossMm / 2)
  requireInRange(of.sagMm, 'sagMm', 0, of.alongMm / 2)
  const count = Math.floor((of.acrossMm - 2 * of.marginMm) / of.distanceMm + 1e-9) + 1
  if (count > MOST_AREA_ROWS)
    throw new CoreError('too-many', `That is ${count} rows; ${MOST_AREA_ROWS} are the most`, {
      field: 'distanceMm',
      most: MOST_AREA_ROWS,
    })
  const halfMm = of.alongMm / 2
  const firstRadiusMm = of.sagMm === 0 ? null : (halfMm ** 2 + of.sagMm ** 2) / (2 * of.sagMm)
  const rows = Array.from({ length: count }, (_, i): AreaRow => {
    const atMm = of.marginMm + i * of.distanceMm
    if (firstRadiusMm === null) return { atMm, lengthMm: of.alongMm, radiusMm: null }
    const radiusMm = firstRadiusMm + i * of.distanceMm
    return { atMm, radiusMm, lengthMm: 2 * radiusMm * Math.asin(halfMm / radiusMm) }
  })
  return { rows, totalMm: rows.reduce((sum, { lengthMm }) => sum + lengthMm, 0) }
}
