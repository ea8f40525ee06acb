import { rightSide, type SewnInput } from '#core/sewn'
import { layThread } from './raster'

/** Longest stitch looked at, in mm: beyond it no satin is left. */
const LONGEST_MM = 6
/** Machines step their length by about this much, in mm. */
const STEP_MM = 0.05
/** Enough seam to see several swings, in mm. */
const SAMPLE_MM = 12

/**
 * The shortest stitch length at which overlapping columns are no longer muddy, on a grid of 0.05 mm.
 *
 * Layers thin out as stitches lengthen, so the length is found by halving; the answer is then rounded up to
 * a step the dial has.
 *
 * @param input - as sewn now.
 * @returns The length in mm; null when it is not muddy now, or when no length up to 6 mm helps.
 *
 * @example
 * lengthThatCuresMm(sewnInputOf(seam, 40)!) ?? 'no length helps'
 */
export function lengthThatCuresMm(input: SewnInput): number | null {
  const muddyAt = (lengthMm: number) => {
    const stitch = { ...input.stitch, lengthMm }
    return layThread(rightSide({ ...input, stitch, seamMm: SAMPLE_MM }), 2 * lengthMm).muddy
  }
  let low = Math.floor(input.stitch.lengthMm / STEP_MM)
  let high = Math.round(LONGEST_MM / STEP_MM)
  if (!muddyAt(input.stitch.lengthMm) || muddyAt(high * STEP_MM)) return null
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (muddyAt(middle * STEP_MM)) low = middle
    else high = middle
  }
  return Math.round(high * STEP_MM * 100) / 100
}
