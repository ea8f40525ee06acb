import { requireInRange } from '#core/errors'

/**
 * What of a ribbon shows on each side of a band; negative: the band hangs over.
 *
 * @example
 * ribbonMarginMm(12.7, 9) // 1.85
 */
export const ribbonMarginMm = (ribbonMm: number, bandMm: number): number => (ribbonMm - bandMm) / 2

/**
 * The gap of a twin whose two straight rows, or rows of some width, run so far inside both edges of a strip.
 *
 * @returns below 0: none does.
 *
 * @example
 * gapForRibbonMm(8, 0, 1) // 6
 */
export function gapForRibbonMm(ribbonMm: number, widthMm: number, marginMm: number): number {
  requireInRange(ribbonMm, 'ribbonMm', 0.1, 1000)
  requireInRange(widthMm, 'widthMm', 0, 100)
  requireInRange(marginMm, 'marginMm', -100, 100)
  return ribbonMm - widthMm - 2 * marginMm
}

/** Rows this far inside an edge hold it and stay on it: common practice, numbers ours. */
export const EDGE_MARGIN_MM = { least: 0.5, most: 2 } as const

/** How a band lies on what it is sewn over. */
export type RibbonHold =
  /** Both edges held, a little inside. */
  | 'holds'
  /** So far inside that the edges stand up. */
  | 'inside'
  /** On the very edge: it may miss. */
  | 'edge'
  /** Over both edges: sewn to the cloth beside it. */
  | 'over'

/** How a margin holds the edges. */
export function holdOf(marginMm: number): RibbonHold {
  if (marginMm > EDGE_MARGIN_MM.most) return 'inside'
  if (marginMm >= EDGE_MARGIN_MM.least) return 'holds'
  return marginMm > -EDGE_MARGIN_MM.least ? 'edge' : 'over'
}

/** Stitches shorter than this lie closed, thread on thread, in mm. */
export const DENSE_LENGTH_MM = 0.6

/** Whether both needles of a twin fall beside what they should hold. */
export const fallsBeside = (ribbonMm: number, gapMm: number, widthMm: number): boolean =>
  ribbonMm <= gapMm - widthMm
