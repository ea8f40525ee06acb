import { requireInRange } from '#core/errors'
import type { Measurement } from '#core/measured'

/** Wraps are counted to within so much of one. A guess. */
const WRAP_SPREAD = 0.3

/**
 * A length read with a ruler that is read to within `readMm` at each end.
 *
 * @param readMm - holds 19 of 20 readings of one end, so it is two standard deviations of it.
 *
 * @example
 * fromRuler(60, 0.5) // { value: 60, spread: 0.354 }
 */
export function fromRuler(mm: number, readMm: number): Measurement {
  requireInRange(mm, 'mm', 0.01, 100_000)
  requireInRange(readMm, 'readMm', 0, 10)
  return { value: mm, spread: readMm / Math.SQRT2 }
}

/**
 * How much longer stitches come out than the dial says: some are sewn and measured from first to last hole.
 *
 * @param sewn - over all of them, in mm.
 * @param stitches - 1 to 1000.
 * @param dialledMm - what the dial stood at.
 *
 * @example
 * feedFrom(fromRuler(57, 0.5), 20, 3).value // 0.95
 */
export function feedFrom(sewn: Measurement, stitches: number, dialledMm: number): Measurement {
  requireInRange(stitches, 'stitches', 1, 1000)
  requireInRange(dialledMm, 'dialledMm', 0.05, 100)
  return over(sewn, stitches * dialledMm)
}

/**
 * How much wider a stitch comes out than the dial says, measured from hole to hole across.
 *
 * @example
 * widthFactorFrom(fromRuler(5.1, 0.2), 5).value // 1.02
 */
export function widthFactorFrom(sewn: Measurement, dialledMm: number): Measurement {
  requireInRange(dialledMm, 'dialledMm', 0.1, 100)
  return over(sewn, dialledMm)
}

/**
 * One layer of a stack, pressed as flat as it is sewn.
 *
 * @param layers - 1 to 1000.
 *
 * @example
 * layerFrom(fromRuler(4, 0.5), 20) // { value: 0.2, spread: 0.018 }
 */
export function layerFrom(stack: Measurement, layers: number): Measurement {
  requireInRange(layers, 'layers', 1, 1000)
  return over(stack, layers)
}

/**
 * A thread’s thickness from wraps that lie side by side.
 *
 * @param wound - the length they cover, in mm.
 * @param wraps - 1 to 1000.
 *
 * @example
 * wrapFrom(fromRuler(10, 0.5), 40).value // 0.25
 */
export function wrapFrom(wound: Measurement, wraps: number): Measurement {
  requireInRange(wraps, 'wraps', 1, 1000)
  const value = wound.value / wraps
  return { value, spread: value * Math.hypot(wound.spread / wound.value, WRAP_SPREAD / wraps) }
}

/**
 * Tex of a length or ball that was weighed: grams a kilometre.
 *
 * @param grams - on the scales, more than nothing.
 * @param metres - how much was weighed.
 * @throws {CoreError} `out-of-range`, `non-finite`.
 *
 * Source: the definition of tex, ISO 1144 (from memory).
 *
 * @example
 * texFrom({ value: 0.6, spread: 0.03 }, { value: 20, spread: 0.1 }).value // 30
 */
export function texFrom(grams: Measurement, metres: Measurement): Measurement {
  requireInRange(grams.value, 'grams', 0.001, 100_000)
  requireInRange(metres.value, 'metres', 0.1, 1_000_000)
  const value = (1000 * grams.value) / metres.value
  return { value, spread: value * Math.hypot(grams.spread / grams.value, metres.spread / metres.value) }
}

/** A scale that shows steps is off by up to half of one, evenly. */
export const fromScale = (grams: number, stepG: number): Measurement => ({
  value: grams,
  spread: requireInRange(stepG, 'stepG', 0, 1000) / Math.sqrt(12),
})

/** A person starts and stops a clock so far off, in seconds. A guess. */
const HAND_SPREAD_S = 0.3

/**
 * Stitches a minute from a stretch that was timed.
 *
 * @param sewnMm - how long it is, 10 to 100 000.
 * @param stitch - one stitch as sewn, in mm.
 * @param seconds - it took, 1 to 3600.
 *
 * @example
 * perMinuteFrom(1000, { value: 2.5, spread: 0 }, 60).value // 400
 */
export function perMinuteFrom(sewnMm: number, stitch: Measurement, seconds: number): Measurement {
  requireInRange(sewnMm, 'sewnMm', 10, 100_000)
  requireInRange(stitch.value, 'stitchMm', 0.05, 100)
  requireInRange(seconds, 'seconds', 1, 3600)
  const value = (60 * sewnMm) / stitch.value / seconds
  const spread = value * Math.hypot(stitch.spread / stitch.value, (HAND_SPREAD_S * Math.SQRT2) / seconds)
  return { value, spread }
}

const over = ({ value, spread }: Measurement, by: number): Measurement => ({
  value: value / by,
  spread: spread / by,
})
