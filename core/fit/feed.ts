import { requireInRange } from '#core/errors'

/** How much longer a stitch comes out than the dial says, measured on this cloth. */
export interface Feed {
  /** Sewn length over dialled length. */
  readonly factor: number
  /** It lies between `factor − spread` and `factor + spread`. */
  readonly spread: number
}

/** Nobody measured: the dial is taken at its word, and may be off by this much. The spread is a guess. */
export const UNKNOWN_FEED: Feed = { factor: 1, spread: 0.05 }

/**
 * The feed factor from a few stitches sewn and measured.
 *
 * @param sewnMm - over so many stitches, 1 to 10 000.
 * @param stitches - 1 to 1000.
 * @param dialledMm - what the dial stood at, 0.05 to 100.
 * @param readMm - how far off the ruler is read at each end, 0 to 5.
 *
 * @example
 * feedFactor(57, 20, 3, 0.5) // { factor: 0.95, spread: 0.01666… }
 */
export function feedFactor(sewnMm: number, stitches: number, dialledMm: number, readMm = 0.5): Feed {
  requireInRange(sewnMm, 'sewnMm', 1, 10_000)
  requireInRange(stitches, 'stitches', 1, 1000)
  requireInRange(dialledMm, 'dialledMm', 0.05, 100)
  requireInRange(readMm, 'readMm', 0, 5)
  const dialled = stitches * dialledMm
  return { factor: sewnMm / dialled, spread: (2 * readMm) / dialled }
}

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
 * farPoint(100, { factor: 1, spread: 0.05 }) // { leastMm: 95, mostMm: 105 }
 */
export function farPoint(plannedMm: number, { factor, spread }: Feed): FarPoint {
  requireInRange(plannedMm, 'plannedMm', 0, 10_000)
  requireInRange(factor, 'factor', 0.1, 10)
  requireInRange(spread, 'spread', 0, 1)
  const share = spread / factor
  return { leastMm: plannedMm * (1 - share), mostMm: plannedMm * (1 + share) }
}
