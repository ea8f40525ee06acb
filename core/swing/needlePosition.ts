import { type Needle, outerSpanMm } from '#core/needle'

/**
 * How far a straight seam's needle position may be moved to either side, in mm: (M − span)/2; null when it
 * never fits.
 *
 * @example
 * needlePositionLimitMm(7, { construction: 'twin', gapMm: 2, sizeNm: 80 }) // 2.5
 */
export function needlePositionLimitMm(maxWidthMm: number, needle: Needle): number | null {
  const limit = (maxWidthMm - outerSpanMm(needle)) / 2
  return limit >= 0 ? limit : null
}
