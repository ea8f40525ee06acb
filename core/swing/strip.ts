import { type Needle, outerSpanMm } from '#core/needle'

/** Cloth left outside each row when a strip is stitched down along both edges at once, in mm. */
export function stripMarginMm(stripMm: number, gapMm: number): number {
  return (stripMm - gapMm) / 2
}

/** The gap that leaves a wanted margin on each side of a strip, in mm: the inverse of {@link stripMarginMm}. */
export function gapForStripMm(stripMm: number, marginMm: number): number {
  return stripMm - 2 * marginMm
}

/** How far a straight seam's needle position may be moved to either side, in mm: (M − span)/2; null when it never fits. */
export function needlePositionLimitMm(maxWidthMm: number, needle: Needle): number | null {
  const limit = (maxWidthMm - outerSpanMm(needle)) / 2
  return limit >= 0 ? limit : null
}
