import { needleSwings, standingIn } from './standing'
import { ROUNDING_MM, roomsOf } from './rooms'
import type { SwingInput, SwingResult } from './types'

/**
 * How far the needle must be moved to be clear at this very width: what helps a stitch that is held at one
 * end of the swing, where narrowing does not.
 *
 * Every room lies symmetrically about the middle, so the shifts that clear are one stretch.
 *
 * @param result - from `judgeSwing` on the same input.
 * @returns mm to add to the needle position, negative to the left, in whole hundredths; 0 when it is clear
 *   already, null when no shift clears.
 *
 * Source: geometry.
 *
 * @example
 * clearingShiftMm(result, overcast) // -1.25
 */
export function clearingShiftMm(result: SwingResult, input: SwingInput): number | null {
  if (result.verdict === 'clear') return 0
  const farthestMm = farthestClearMm(input)
  if (farthestMm === null) return null
  const bladeMm = input.needle.sizeNm / 200
  const leftMm = -(result.reachLeftMm - bladeMm)
  const rightMm = result.reachRightMm - bladeMm
  // The needle's own steps come out as wide as the stitch does.
  const factor = input.stitch.widthFactor ?? 1
  const [from, to] = [(-farthestMm - leftMm) / factor, (farthestMm - rightMm) / factor]
  if (from - to > ROUNDING_MM) return null
  const shift = from > 0 ? upToStep(from) : -upToStep(-to)
  return shift >= from - ROUNDING_MM && shift <= to + ROUNDING_MM ? shift : null
}

/** How far from the middle a needle position may lie and be clear; null: nowhere. */
function farthestClearMm(input: SwingInput): number | null {
  const rooms = roomsOf(input)
  // In the middle it is as clear as it gets; a straight seam may be tight even there.
  if (standingIn(rooms, input)(0).verdict !== 'clear') return null
  const swings = needleSwings(input.stitch)
  const limits = rooms.map(({ kind, part, bareMm, safeMm }) =>
    kind === 'single-hole' || (part === 'machine' && !swings) ? bareMm : safeMm,
  )
  return Math.min(...limits)
}

/** Away from nothing to the next hundredth; a hair over one is rounding. */
const upToStep = (mm: number) => Math.ceil(100 * mm - 1e-6) / 100
