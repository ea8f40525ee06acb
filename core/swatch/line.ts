/**
 * The straight line through points with the least squares of what it is off by.
 *
 * @returns null under two different x.
 *
 * @example
 * leastSquares([{ x: 0, y: 1 }, { x: 2, y: 5 }]) // { at0: 1, slope: 2, … }
 */
export function leastSquares(
  points: readonly { readonly x: number; readonly y: number }[],
): { readonly slope: number; readonly at0: number } | null {
  const n = points.length
  const meanX = points.reduce((sum, { x }) => sum + x, 0) / n
  const meanY = points.reduce((sum, { y }) => sum + y, 0) / n
  const square = points.reduce((sum, { x }) => sum + (x - meanX) ** 2, 0)
  if (!(square > 0)) return null
  const slope = points.reduce((sum, { x, y }) => sum + (x - meanX) * (y - meanY), 0) / square
  return { slope, at0: meanY - slope * meanX }
}
