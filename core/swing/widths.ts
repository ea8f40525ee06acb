import { outerSpanMm } from '#core/needle'
import { hasSwing, landing, type StitchSetting, type StitchShape, type UnitDrop } from '#core/stitch'
import { keptMarginMm, ROUNDING_MM, roomsOf, widestSwingMm } from './rooms'
import type { SwingInput } from './types'

/** The two outermost needle positions of a swing of width 1: what a straight seam is measured against. */
const FULL_SWING = [-0.5, 0.5] as const

/**
 * The widest this stitch may be set, at its own alignment, mirror and needle position.
 *
 * Every needle position is linear in the width, x(w) = at0 + slope·w, so |x(w)| ≤ room gives an interval of
 * widths for every blade at every needle position and every part; the answer is the top of their
 * intersection with 0…M. For a straight seam it is the widest swing there would be room for in that place.
 *
 * @param allowance - `bare`: no margin, no clearance; `safe`: with both.
 * @returns The width in mm; null when no width helps (0 means: straight only).
 *
 * @example
 * widestMm(zigzagUnderTwin2On7, 'safe') // 4.5
 */
export function widestMm(input: SwingInput, allowance: 'bare' | 'safe'): number | null {
  const { stitch } = input
  const straight = canSewStraight(input, allowance)
  if (!hasSwing(stitch)) {
    return straight
      ? Math.max(
          0,
          topWidth(
            input,
            FULL_SWING,
            { ...stitch, alignment: 'centre', positionMm: barAtMm(input) / (stitch.widthFactor ?? 1) },
            allowance,
          ) ?? 0,
        )
      : null
  }
  const swinging = topWidth(input, unitExtremes(stitch.drops), stitch, allowance)
  if (swinging !== null && swinging > ROUNDING_MM) return swinging
  return straight ? 0 : null
}

type Held = Pick<StitchShape & StitchSetting, 'alignment' | 'mirror' | 'positionMm' | 'widthFactor'>

function topWidth(
  input: SwingInput,
  [left, right]: readonly [number, number],
  { alignment, mirror, positionMm, widthFactor }: Held,
  allowance: 'bare' | 'safe',
): number | null {
  const { machine, needle } = input
  const halfSpan = outerSpanMm(needle) / 2
  const roomMm = Math.min(...roomsOf(input).map(room => (allowance === 'bare' ? room.bareMm : room.safeMm)))
  let low = 0
  let high = machine.maxWidthMm
  for (const unitX of [left, right]) {
    const { at0, slope } = landing(unitX, alignment, mirror, positionMm, machine.maxWidthMm, widthFactor)
    // Only the outer blades can be the farthest out.
    for (const start of [at0 - halfSpan, at0 + halfSpan]) {
      if (Math.abs(slope) < ROUNDING_MM) {
        if (Math.abs(start) - roomMm > ROUNDING_MM) return null
        continue
      }
      const reach = roomMm / Math.abs(slope)
      const middle = -start / slope
      low = Math.max(low, middle - reach)
      high = Math.min(high, middle + reach)
    }
  }
  return high - low < -ROUNDING_MM || roomMm < -ROUNDING_MM ? null : high
}

/** At one width the needle position grows with the unit x, so the outermost two drops stand for all. */
function unitExtremes(drops: readonly UnitDrop[]): [number, number] {
  let left = Infinity
  let right = -Infinity
  for (const { x } of drops) {
    left = Math.min(left, x)
    right = Math.max(right, x)
  }
  return [left, right]
}

/** Whether the stitch could be sewn in its place at width 0, where it is a straight seam. */
function canSewStraight(input: SwingInput, allowance: 'bare' | 'safe'): boolean {
  const { needle } = input
  const spanMm = outerSpanMm(needle)
  const outMm = Math.abs(barAtMm(input)) + spanMm / 2
  const fits = roomsOf(input).every(
    room =>
      outMm - (allowance === 'bare' || room.part === 'machine' ? room.bareMm : room.safeMm) <= ROUNDING_MM,
  )
  if (allowance === 'bare') return fits
  return fits && widestSwingMm(input) - spanMm - keptMarginMm(input) > ROUNDING_MM
}

/**
 * Where the needle bar stands at width 0; a straight stitch that is held to one side stands there at its own
 * width.
 */
function barAtMm({ stitch, machine }: SwingInput): number {
  const { at0, slope } = landing(
    stitch.drops[0]!.x,
    stitch.alignment,
    stitch.mirror,
    stitch.positionMm,
    machine.maxWidthMm,
    stitch.widthFactor,
  )
  return hasSwing(stitch) ? at0 : at0 + slope * stitch.widthMm
}

/**
 * The width a stitch begins with: the one wished for, or the widest safe one where that is less. Over a
 * single hole it stays the one wished for: a stitch that swings wants another part there, not width 0.
 *
 * @param input - its stitch at any width.
 *
 * @example
 * beginningWidthMm(6, zigzagUnderTwin2On7) // 4.5
 */
export function beginningWidthMm(wishedMm: number, input: SwingInput): number {
  if (input.plate.singleHole || input.foot.singleHole) return wishedMm
  const safeMm = widestMm(input, 'safe')
  return safeMm === null ? wishedMm : Math.min(wishedMm, settableWidthMm(safeMm))
}

/** What widths are dialled in by, in mm. */
const WIDTH_STEP_MM = 0.1

/**
 * The widest width that can be dialled in and is no wider than this.
 *
 * @example
 * settableWidthMm(4.49) // 4.4
 */
export function settableWidthMm(mm: number): number {
  // The nudge keeps 4.5, stored a hair below, from becoming 4.4.
  return Math.floor(mm / WIDTH_STEP_MM + 1e-6) / Math.round(1 / WIDTH_STEP_MM)
}
