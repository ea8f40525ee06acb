import type { TensionDial } from '#core/terms'

/**
 * The share of the way from home to the end stop that a number on a dial stands for: −1 at the lowest, 1 at
 * the highest.
 *
 * @example
 * shareOf(2, { min: 0, home: 4, max: 9 }) // -0.5
 */
export function shareOf(value: number, { min, home, max }: TensionDial): number {
  const way = value < home ? home - min : max - home
  return way === 0 ? 0 : (value - home) / way
}

/**
 * The number that lies this share of the way from home to the end stop, as it comes; past an end for more
 * than 1.
 *
 * @example
 * markAt(-0.5, { min: 0, home: 4, max: 9 }) // 2
 */
export function markAt(share: number, { min, home, max }: TensionDial): number {
  return home + share * (share < 0 ? home - min : max - home)
}
