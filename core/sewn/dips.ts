import type { SewnPicture } from './picture'

/** Where thread goes down into the cloth, and so lies in its own shade. */
export interface Dip {
  readonly xMm: number
  readonly yMm: number
  readonly radiusMm: number
}

/** How dark a dip is, from 0 to 1. */
export const DIP_OPACITY = 0.36
/** Share of the thread's own thickness. */
const DIP_SHARE = 0.42

/**
 * The shade at each hole, as wide as the thread that goes through it: it is what tells a stitch from a line.
 *
 * @returns One a hole, in mm as the picture's own.
 *
 * @example
 * dipsOf(rightSide(sewnInputOf(seam, 40)!)).length // as many as needle holes
 */
export function dipsOf({ holes, styles }: SewnPicture): readonly Dip[] {
  const thickMm = new Map(styles.map(({ thread, diameterMm }) => [thread, diameterMm]))
  const anyMm = styles[0]?.diameterMm ?? 0
  return Array.from({ length: holes.length / 3 }, (_, i) => ({
    xMm: holes[3 * i]!,
    yMm: holes[3 * i + 1]!,
    radiusMm: DIP_SHARE * (thickMm.get(holes[3 * i + 2]!) ?? anyMm),
  }))
}
