import { requireInRange } from '#core/errors'
import type { NeedleType } from '#core/needle'

/**
 * Clear eye width as a share of the blade, of a universal needle. From memory; see the comparison with the
 * practice table.
 */
const EYE_SHARE = 0.4
/** How much wider the eye is of types made for it. From memory. */
const WIDER: Partial<Readonly<Record<NeedleType, number>>> = {
  embroidery: 1.1,
  metallic: 1.2,
  topstitch: 1.25,
}
const LOOSE_BELOW = 0.35
const GOOD_TO = 0.65
const TIGHT_TO = 0.8

export const FITS = ['good', 'loose', 'tight', 'refuse'] as const
/** How a thread sits in an eye: good, loose (holes, wandering), tight (fraying), refuse (does not run). */
export type Fit = (typeof FITS)[number]

/**
 * Clear width of a needle's eye, in mm: about 0.40 of the blade, more for embroidery, metallic and topstitch.
 *
 * @param sizeNm - metric size, 50 to 150.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * Source: from memory; where it and the practice table differ, the table decides.
 *
 * @example
 * eyeWidthMm('topstitch', 100) // 0.5
 */
export function eyeWidthMm(type: NeedleType, sizeNm: number): number {
  requireInRange(sizeNm, 'sizeNm', 50, 150)
  return (sizeNm / 100) * EYE_SHARE * (WIDER[type] ?? 1)
}

/**
 * How a thread of this thickness sits in an eye of this width.
 *
 * @param fill - thickness over eye width, more than 0.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * @example
 * fitOfFill(0.5) // 'good'
 */
export function fitOfFill(fill: number): Fit {
  requireInRange(fill, 'fill', 0, 100)
  if (fill < LOOSE_BELOW) return 'loose'
  if (fill <= GOOD_TO) return 'good'
  return fill <= TIGHT_TO ? 'tight' : 'refuse'
}
