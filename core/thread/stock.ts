/** From here down a thread is low, in metres: one bobbin and a short seam. A guess. */
export const LOW_STOCK_M = 50

/** How much of a thread is left; `not known` is no reason to buy. */
export type Stock = 'not known' | 'enough' | 'low' | 'used up'

/**
 * How a thread stands.
 *
 * @param metresLeft - in metres, ≥ 0; null: not measured.
 *
 * @example
 * stockOf(12) // 'low'
 */
export function stockOf(metresLeft: number | null): Stock {
  if (metresLeft === null) return 'not known'
  if (metresLeft === 0) return 'used up'
  return metresLeft < LOW_STOCK_M ? 'low' : 'enough'
}
