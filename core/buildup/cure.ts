import { rightSide, type SewnInput } from '#core/sewn'
import { layThread } from './raster'

/** Longest stitch looked at, in mm: beyond it no satin is left. */
const LONGEST_MM = 6
/** Machines step their length by about this much, in mm. */
const STEP_MM = 0.05
/** Nudges 0.3, stored a hair below, onto its step. */
const ROUNDING = 1e-6

/**
 * The shortest stitch length at which overlapping columns are no longer muddy, on a grid of 0.05 mm.
 *
 * Looked for from the present length up, step by step: layers thin out as stitches lengthen, but not evenly,
 * for where the threads of one needle meet those of the other moves too.
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
    // On the very seam that is shown: near the limit another length of it may say otherwise.
    return layThread(rightSide({ ...input, stitch }), 2 * lengthMm).muddy
  }
  if (!muddyAt(input.stitch.lengthMm)) return null
  const first = Math.floor(input.stitch.lengthMm / STEP_MM + ROUNDING) + 1
  for (let step = first; step * STEP_MM <= LONGEST_MM + ROUNDING; step++)
    if (!muddyAt(step * STEP_MM)) return Math.round(step * STEP_MM * 100) / 100
  return null
}
