import { CoreError, requireInRange } from '#core/errors'

/** How far off a ruler is read at each end, in mm, unless one knows better. A guess. */
export const DEFAULT_READ_MM = 0.5
const MOST_MM = 10_000

/** A swatch measured across before and after its tucks were sewn. */
export interface MeasuredSwatch {
  readonly beforeMm: number
  readonly afterMm: number
  readonly tucks: number
  /** How far off each end is read: two standard deviations, either way. */
  readonly readMm: number
}

/** How much width one tuck takes from the cloth, in mm. */
export interface TakeUp {
  /** null: not measured. */
  readonly eachMm: number | null
  readonly leastMm: number
  readonly mostMm: number
}

/**
 * The take-up of one tuck. Measured: what the swatch lost, over its tucks, give or take two standard
 * deviations: four ends are read, each off by itself, so their squares add up to (2 · readMm)². Not measured:
 * from nothing to the gap less the cloth's thickness, where the two sides of the tuck touch. Source:
 * arithmetic; the sum of squares is the usual one for errors that do not hang together.
 *
 * @param swatch - null: not measured.
 * @param clothMm - thickness of the cloth, 0 to 30; 0 where not measured.
 * @throws {CoreError} `out-of-range`; `swatch-grew` where it is not narrower than it was.
 *
 * @example
 * takeUpOf({ beforeMm: 100, afterMm: 88, tucks: 10, readMm: 0.5 }, 2, 0)
 * // { eachMm: 1.2, leastMm: 1.1, mostMm: 1.3 }
 */
export function takeUpOf(swatch: MeasuredSwatch | null, gapMm: number, clothMm: number): TakeUp {
  requireInRange(gapMm, 'needle.gapMm', 0.1, 20)
  requireInRange(clothMm, 'clothMm', 0, 30)
  if (!swatch) return { eachMm: null, leastMm: 0, mostMm: Math.max(0, gapMm - clothMm) }
  const { beforeMm, afterMm, tucks, readMm } = swatch
  requireInRange(beforeMm, 'takeUp.beforeMm', 1, MOST_MM)
  requireInRange(afterMm, 'takeUp.afterMm', 0, MOST_MM)
  requireInRange(tucks, 'takeUp.tucks', 1, 1000)
  requireInRange(readMm, 'takeUp.readMm', 0, 10)
  if (!(beforeMm > afterMm))
    throw new CoreError('swatch-grew', 'A swatch gets narrower by its tucks: measure it across once more', {
      field: 'takeUp.afterMm',
      most: beforeMm,
    })
  const lostMm = beforeMm - afterMm
  return {
    eachMm: lostMm / tucks,
    leastMm: Math.max(0, (lostMm - 2 * readMm) / tucks),
    mostMm: (lostMm + 2 * readMm) / tucks,
  }
}

/**
 * How many tucks a swatch needs so that the whole piece is known to within a tolerance: an error of 2r over
 * n tucks grows to 2rN/n over all N. Source: arithmetic.
 *
 * @param count - tucks of the piece, 1 to 500.
 * @param toleranceMm - either way, on the whole blank, 0.1 to 1000.
 *
 * @example
 * swatchTucksFor(24, 2, 0.5) // 12
 */
export function swatchTucksFor(count: number, toleranceMm: number, readMm = DEFAULT_READ_MM): number {
  requireInRange(count, 'count', 1, 500)
  requireInRange(toleranceMm, 'toleranceMm', 0.1, 1000)
  requireInRange(readMm, 'readMm', 0, 10)
  return Math.max(1, Math.ceil((2 * readMm * count) / toleranceMm - 1e-9))
}

/** Cloth kept on either side of a swatch's tucks, to hold and to measure by, in mm. A guess. */
const SWATCH_EDGE_MM = 20
const CUT_STEP_MM = 10

/**
 * How wide to cut a swatch so that its tucks have room: one spacing and one take-up each, and an edge on
 * either side, up to whole centimetres. Source: arithmetic.
 *
 * @param tucks - 1 to 100,000: what {@link swatchTucksFor} may ask for.
 * @param spacingMm - of the finished tucks, 0 to 1000.
 * @param takeUpMm - of one tuck, 0 to 10,000: the most it may be where it is not measured.
 *
 * @example
 * swatchToCutMm(21, 6, 2) // 210
 */
export function swatchToCutMm(tucks: number, spacingMm: number, takeUpMm: number): number {
  requireInRange(tucks, 'tucks', 1, 100_000)
  requireInRange(spacingMm, 'spacingMm', 0, 1000)
  requireInRange(takeUpMm, 'takeUpMm', 0, MOST_MM)
  const needed = tucks * (spacingMm + takeUpMm) + 2 * SWATCH_EDGE_MM
  return CUT_STEP_MM * Math.ceil(needed / CUT_STEP_MM - 1e-9)
}
