import { linearRegression, median as middleOf } from 'simple-statistics'
import type { Point } from './point'

/**
 * The middle one; of an even number the mean of the two in the middle.
 *
 * @returns NaN of none.
 *
 * @example
 * median([5, 1, 2]) // 2
 */
export const median = (values: readonly number[]): number =>
  values.length === 0 ? Number.NaN : middleOf([...values])

/**
 * The straight line through points with the least squares of what it is off by: y = at0 + slope · x.
 *
 * @returns null under two different x, and where a number is none.
 *
 * @example
 * leastSquares([{ x: 0, y: 1 }, { x: 2, y: 5 }]) // { at0: 1, slope: 2 }
 */
export function leastSquares(
  points: readonly Point[],
): { readonly slope: number; readonly at0: number } | null {
  const first = points[0]
  if (!first || points.every(({ x }) => x === first.x)) return null
  const { m, b } = linearRegression(points.map(({ x, y }) => [x, y]))
  return Number.isFinite(m) && Number.isFinite(b) ? { slope: m, at0: b } : null
}
