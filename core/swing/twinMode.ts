import { type Needle, outerSpanMm } from '#core/needle'

/** What a machine's own twin setting does: nothing, one gap assumed, or the gap told to it. */
export type TwinMode =
  | { readonly kind: 'none' }
  | { readonly kind: 'on-off'; readonly assumedGapMm: number }
  | { readonly kind: 'by-gap' }

export interface TwinModeComparison {
  /** Widest the machine would let you set with its mode on, in mm. */
  readonly allowsMm: number
  /** How far that is beyond what is safe, in mm; 0 or less when it is not; null when no width is safe. */
  readonly overMm: number | null
  /** How far the outer blade then lands beyond the machine's half width on each side, in mm; 0 or more. */
  readonly pastEachSideMm: number
}

/**
 * Compares the machine's twin mode with what is safe.
 *
 * With the mode on/off the machine allows M − assumed gap; a wider needle is let through by g − assumed,
 * half of it on each side. With no mode it allows M. (calculated; modes themselves: common practice)
 *
 * @param safeWidthMm - from the verdict; null when no width helps.
 *
 * @example
 * compareTwinMode({ kind: 'on-off', assumedGapMm: 2 }, 7, twin4, 2.5).overMm // 2.5
 */
export function compareTwinMode(
  mode: TwinMode,
  maxWidthMm: number,
  needle: Needle,
  safeWidthMm: number | null,
): TwinModeComparison {
  const spanMm = outerSpanMm(needle)
  const allowsMm = Math.max(0, maxWidthMm - takenOffMm(mode, spanMm))
  return {
    allowsMm,
    overMm: safeWidthMm === null ? null : allowsMm - safeWidthMm,
    pastEachSideMm: Math.max(0, (allowsMm + spanMm - maxWidthMm) / 2),
  }
}

/** What the machine takes off its widest stitch with its mode on, in mm. */
function takenOffMm(mode: TwinMode, spanMm: number): number {
  switch (mode.kind) {
    case 'none':
      return 0
    case 'on-off':
      return mode.assumedGapMm
    case 'by-gap':
      return spanMm
  }
}
