import { bladeOffsetsMm, outerSpanMm } from '#core/needle'
import { hasSwing, landing, type UnitDrop } from '#core/stitch'
import { ROUNDING_MM, roomsOf } from './rooms'
import type { SwingInput } from './types'

/** The two outermost landings of a swing of width 1: what a straight seam is measured against. */
const FULL_SWING: readonly UnitDrop[] = [{ x: -0.5, y: 0 }, { x: 0.5, y: 0 }]

/**
 * The widest this stitch may be set, at its own alignment, mirror and needle position.
 *
 * Every landing is linear in the width, x(w) = at0 + slope·w, so |x(w)| ≤ room gives an interval of widths
 * for every blade at every drop and every part; the answer is the top of their intersection with 0…M.
 * For a straight seam it is the widest swing there would be room for in that place.
 *
 * @param allowance - `bare`: no margin, no clearance; `safe`: with both.
 * @returns The width in mm; null when no width helps (0 means: straight only).
 */
export function widestMm(input: SwingInput, allowance: 'bare' | 'safe'): number | null {
  const straight = canSewStraight(input, allowance)
  if (!hasSwing(input.stitch)) return straight ? Math.max(0, topWidth(input, FULL_SWING, allowance) ?? 0) : null
  const swinging = topWidth(input, input.stitch.drops, allowance)
  if (swinging !== null && swinging > ROUNDING_MM) return swinging
  return straight ? 0 : null
}

function topWidth(input: SwingInput, drops: readonly UnitDrop[], allowance: 'bare' | 'safe'): number | null {
  const { stitch, machine, needle } = input
  const alignment = hasSwing(stitch) ? stitch.alignment : 'centre'
  const positionMm = hasSwing(stitch) ? stitch.positionMm : straightLandingMm(input)
  const offsets = bladeOffsetsMm(needle)
  const roomMm = Math.min(...roomsOf(input).map(room => (allowance === 'bare' ? room.bareMm : room.safeMm)))
  let low = 0
  let high = machine.maxWidthMm
  for (const { x } of drops) {
    const { at0, slope } = landing(x, alignment, stitch.mirror, positionMm, machine.maxWidthMm)
    // Only the outer blades can be the farthest out.
    for (const offset of [offsets[0]!, offsets[offsets.length - 1]!]) {
      const start = at0 + offset
      if (Math.abs(slope) < ROUNDING_MM) {
        if (Math.abs(start) - roomMm > ROUNDING_MM) return null
        continue
      }
      const ends = [(-roomMm - start) / slope, (roomMm - start) / slope]
      low = Math.max(low, Math.min(...ends))
      high = Math.min(high, Math.max(...ends))
    }
  }
  return high - low < -ROUNDING_MM || roomMm < -ROUNDING_MM ? null : high
}

/** Whether the stitch could be sewn in its place at width 0, where it is a straight seam. */
function canSewStraight(input: SwingInput, allowance: 'bare' | 'safe'): boolean {
  const { machine, needle, stitch, marginMm } = input
  const outMm = Math.max(...stitch.drops.map(({ x }) =>
    Math.abs(landing(x, stitch.alignment, stitch.mirror, stitch.positionMm, machine.maxWidthMm).at0))) + outerSpanMm(needle) / 2
  const fits = roomsOf(input).every(room =>
    outMm - (allowance === 'bare' || room.part === 'machine' ? room.bareMm : room.safeMm) <= ROUNDING_MM)
  if (allowance === 'bare') return fits
  return fits && machine.maxWidthMm - outerSpanMm(needle) - marginMm > ROUNDING_MM
}

function straightLandingMm({ stitch, machine }: SwingInput): number {
  const { at0, slope } = landing(stitch.drops[0]!.x, stitch.alignment, stitch.mirror, stitch.positionMm, machine.maxWidthMm)
  return at0 + slope * stitch.widthMm
}
