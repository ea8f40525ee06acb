/**
 * The straight line with the least sum of squares: at0 + slope · at.
 *
 * @param seen - pairs of where and what.
 */
export function leastSquares(seen: readonly (readonly [number, number])[]) {
  const n = seen.length
  const meanAt = seen.reduce((sum, [at]) => sum + at, 0) / n
  const meanPx = seen.reduce((sum, [, px]) => sum + px, 0) / n
  const over = seen.reduce((sum, [at, px]) => sum + (at - meanAt) * (px - meanPx), 0)
  const under = seen.reduce((sum, [at]) => sum + (at - meanAt) ** 2, 0)
  const slope = under > 0 ? over / under : 0
  return { at0: meanPx - slope * meanAt, slope }
}

/** The middle one; of an even number the mean of the two in the middle. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2
}
