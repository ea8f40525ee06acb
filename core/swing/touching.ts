import { ROUNDING_MM, roomsOf } from './rooms'
import type { Part, SwingInput, SwingResult } from './types'

/** Nothing a hand at the wheel could see between blade and edge, in mm. Common practice. */
const TOUCHING_MM = 0.05

/**
 * The parts a blade as good as touches, whatever margin or clearance the verdict was asked with. The end of a
 * single needle's own swing is nothing it could touch.
 *
 * @param result - from `judgeSwing` on the same input.
 * @returns Empty when it hits: then it does more than touch.
 *
 * @example
 * touchedParts(result, { …twin2On9, marginMm: 0, stitch: { …zigzag, widthMm: 7 } }) // ['machine']
 */
export function touchedParts(result: SwingResult, input: SwingInput): Part[] {
  if (result.verdict === 'strikes') return []
  const outMm = Math.abs(result.worstDrop.xMm)
  const touched = roomsOf(input).filter(({ kind, bareMm }) => {
    const canTouch = kind === 'opening' || (kind === 'half-width' && input.needle.construction !== 'single')
    return canTouch && bareMm - outMm <= TOUCHING_MM + ROUNDING_MM
  })
  return touched.map(({ part }) => part)
}
