import { bladeNames, bladeOffsetsMm, type BladeName } from '#core/needle'
import { landingsMm } from '#core/stitch'
import { roomsOf, spareAtMm } from './rooms'
import type { SwingInput } from './types'

/** What the handwheel shows at one needle drop. */
export interface DropClearance {
  readonly index: number
  /** Needle bar's middle, in mm from the centre. */
  readonly xMm: number
  readonly yMm: number
  /** The blade nearest to a part. */
  readonly blade: BladeName
  /** From that blade to the nearest part, in mm; negative when it strikes. */
  readonly clearanceMm: number
}

/**
 * Clearance at every drop of one repeat, counted as the verdict's spare is: blade edge to the nearest
 * measured opening, or blade centre to the machine's half width when none is measured.
 *
 * @throws {CoreError} as `landingsMm`.
 */
export function dropClearances(input: SwingInput): DropClearance[] {
  const offsets = bladeOffsetsMm(input.needle)
  const names = bladeNames(input.needle.construction)
  const rooms = roomsOf(input)
  return landingsMm(input.stitch, input.stitch, input.machine.maxWidthMm).map(({ xMm, yMm }, index) => {
    // The outermost blade on the side the bar has swung to.
    const b = xMm >= 0 ? offsets.length - 1 : 0
    return { index, xMm, yMm, blade: names[b]!, clearanceMm: spareAtMm(rooms, Math.abs(xMm + offsets[b]!)) }
  })
}
