import { leastSquares } from '#core/plane'

/**
 * The straight line with the least sum of squares through what was seen at places: at0 + slope · at. Where
 * all was seen at one place it lies level at the mean.
 *
 * @param seen - pairs of where and what.
 *
 * @example
 * lineThrough([[0, 1], [2, 5]]) // { at0: 1, slope: 2 }
 */
export function lineThrough(seen: readonly (readonly [number, number])[]) {
  const fit = leastSquares(seen.map(([x, y]) => ({ x, y })))
  return fit ?? { at0: seen.reduce((sum, [, what]) => sum + what, 0) / seen.length, slope: 0 }
}
