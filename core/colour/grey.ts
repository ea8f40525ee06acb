import { colourDifference } from './difference'

/** So far from a plain grey a colour still passes for one, in ΔE₀₀. A guess. */
const GREY_DELTA_E = 8
/** Nearly black and nearly white are called so, of 255. */
const DARKEST = 70
const LIGHTEST = 215

/**
 * Whether one would call a colour grey.
 *
 * @param hex - `#rrggbb`.
 * @throws {CoreError} `bad-colour`.
 *
 * @example
 * isGrey('#9a9a96') // true
 */
export function isGrey(hex: string): boolean {
  const channels = [1, 3, 5].map(at => Number.parseInt(hex.slice(at, at + 2), 16))
  const mean = Math.round(channels.reduce((sum, one) => sum + one, 0) / channels.length)
  const grey = `#${mean.toString(16).padStart(2, '0').repeat(3)}`
  return colourDifference(hex, grey) < GREY_DELTA_E && mean >= DARKEST && mean <= LIGHTEST
}
