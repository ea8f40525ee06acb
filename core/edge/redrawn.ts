import type { Point } from '#core/plane'
import type { DrawnPoint } from '#core/shape'
import { placesAlong } from '#core/fit'
import { edgeParts } from './parts'

/** Points between two corners on a curve. A curve through them stays within a few tenths. */
const BETWEEN = 5
const ALL_ROUND = 8

/**
 * A ring as few points one can take hold of: its corners, and on curves a few points between.
 *
 * @param pointDeg - from this turn on a place is a corner.
 *
 * @example
 * redrawn(leaf, 35).length // 12: two tips and five points on each side
 */
export function redrawn(ring: readonly Point[], pointDeg: number): DrawnPoint[] {
  const { runs, points } = edgeParts({ pointsMm: ring, closed: true, clothOn: 'left' }, pointDeg)
  return runs.flatMap(({ pathMm, lengthMm, leastRadiusMm }) => {
    const count = points.length === 0 ? ALL_ROUND - 1 : BETWEEN
    const shares =
      leastRadiusMm === null ? [] : Array.from({ length: count }, (_, i) => (i + 1) / (count + 1))
    const between = placesAlong(
      pathMm,
      shares.map(share => share * lengthMm),
    )
    const start = { x: pathMm[0]!.x, y: pathMm[0]!.y, curved: points.length === 0 }
    return [start, ...between.map(({ x, y }) => ({ x, y, curved: true }))]
  })
}
