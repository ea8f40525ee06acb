/** A measured value, and how well it is known. */
export interface Measurement {
  readonly value: number
  /** One standard deviation, in the value's own unit; 0: nobody noted it. */
  readonly spread: number
}

/**
 * So many standard deviations either way hold 19 of 20 measurements. Source: the normal distribution, 1.96
 * rounded up.
 */
export const GIVE_OR_TAKE = 2

/**
 * What is said beside a value: 8.2, give or take 0.2.
 *
 * @example
 * giveOrTake({ value: 8.2, spread: 0.1 }) // 0.2
 */
export const giveOrTake = ({ spread }: Measurement): number => GIVE_OR_TAKE * spread

/**
 * Its lower end, which counts wherever more would be the danger's side; never below nothing.
 *
 * @example
 * leastOf({ value: 8.2, spread: 0.1 }) // 8
 */
export const leastOf = (measured: Measurement): number => Math.max(0, measured.value - giveOrTake(measured))

/**
 * Its upper end.
 *
 * @example
 * mostOf({ value: 2, spread: 0.05 }) // 2.1
 */
export const mostOf = (measured: Measurement): number => measured.value + giveOrTake(measured)

/**
 * The spread of a sum or difference of things measured by themselves.
 *
 * @example
 * widened(3, 4) // 5
 */
export const widened = (...spreads: readonly number[]): number => Math.hypot(...spreads)
