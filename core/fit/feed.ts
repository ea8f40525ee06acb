import { requireInRange } from '#core/errors'

/** How much longer a stitch comes out than the dial says, measured on this cloth. */
export interface Feed {
  /** Sewn length over dialled length. */
  readonly factor: number
  /** It lies between `factor − giveOrTake` and `factor + giveOrTake`. */
  readonly giveOrTake: number
}

/** Nobody measured: the dial is taken at its word, and may be off by this much, a guess. */
export const UNKNOWN_FEED: Feed = { factor: 1, giveOrTake: 0.05 }

/** Where the stitch that was planned for the far point may really land, in mm along the side. */
export interface FarPoint {
  readonly leastMm: number
  readonly mostMm: number
}

/**
 * How far a side may come out from what the dial says.
 *
 * @param plannedMm - the side as planned, 0 to 10 000.
 *
 * @example
 * farPoint(100, { factor: 1, giveOrTake: 0.05 }) // { leastMm: 95, mostMm: 105 }
 */
export function farPoint(plannedMm: number, { factor, giveOrTake }: Feed): FarPoint {
  requireInRange(plannedMm, 'plannedMm', 0, 10_000)
  requireInRange(factor, 'factor', 0.1, 10)
  requireInRange(giveOrTake, 'giveOrTake', 0, 1)
  const share = giveOrTake / factor
  return { leastMm: plannedMm * (1 - share), mostMm: plannedMm * (1 + share) }
}
