import { bladeNames, bladeOffsetsMm, type BladeName } from '#core/needle'
import { landingsMm } from '#core/stitch'
import { nearestRoom, type Room, roomsOf, spareAtMm } from './rooms'
import { needleSwings, standingIn } from './standing'
import type { Part, SwingInput, Verdict } from './types'

/** What the handwheel shows at one needle drop. */
export interface DropClearance {
  readonly index: number
  /** Needle bar's middle, in mm from the centre. */
  readonly xMm: number
  readonly yMm: number
  /** The blade nearest to a part. */
  readonly blade: BladeName
  /** From that blade to the nearest part, in mm; negative when it hits. */
  readonly clearanceMm: number
  /** That part; `machine`: the end of its swing, where no opening is measured. */
  readonly part: Part
  /** How this needle position stands by itself; the worst of all drops is the verdict of the stitch. */
  readonly verdict: Verdict
}

/**
 * Clearance at every needle position of one repeat, counted as the verdict's spare is: blade edge to the
 * nearest measured opening, or blade centre to the machine's half width when none is measured.
 *
 * @param input - see {@link SwingInput}.
 * @returns One entry a drop, in the stitch's own order; lengths in mm.
 * @throws {CoreError} as `landingsMm`.
 *
 * @example
 * dropClearances({ ...attic7, needle: twin2, stitch: { ...zigzag, widthMm: 4 } })[0].clearanceMm // 0.5
 */
export function dropClearances(input: SwingInput): DropClearance[] {
  const offsets = bladeOffsetsMm(input.needle)
  const names = bladeNames(input.needle.construction)
  const rooms = roomsOf(input)
  const standingOf = standingIn(rooms, input)
  return landingsMm(input.stitch, input.stitch, input.machine.maxWidthMm).map(({ xMm, yMm }, index) => {
    // The outermost blade on the side the bar has swung to.
    const outer = xMm >= 0 ? offsets.length - 1 : 0
    const outMm = Math.abs(xMm + offsets[outer]!)
    const nearest = nearestRoom(rooms, outMm)
    return {
      index,
      xMm,
      yMm,
      blade: names[outer]!,
      clearanceMm: nearest.bareMm - outMm,
      part: nearest.part,
      verdict: standingOf(outMm).verdict,
    }
  })
}

/** What should stay free at every needle position, on the scale on which {@link dropClearances} counts. */
export interface WantedClearance {
  /** From here on a drop is clear, in mm; 0 or more. */
  readonly mm: number
  /** What asks for it: the clearance kept at a measured opening, or the machine's margin, half a side. */
  readonly asks: 'clearance' | 'margin'
}

/**
 * The clearance below which a drop is close: the margin and the clearances of all parts, re-expressed as the
 * spare that is left when the tightest of them is just kept.
 *
 * @example
 * wantedClearance(attic7Unmeasured) // { mm: 0.25, asks: 'margin' }
 */
export function wantedClearance(input: SwingInput): WantedClearance {
  // A single hole asks for nothing: it is struck or it is not.
  const rooms = roomsOf(input).filter(({ kind }) => kind !== 'single-hole')
  const bounding = rooms.filter(({ kind }) => kind === 'opening' || needleSwings(input.stitch))
  const tightest = bounding.reduce<Room | null>(
    (least, room) => (least === null || room.safeMm < least.safeMm ? room : least),
    null,
  )
  // A straight seam over no measured opening: nothing is asked for but not to hit.
  if (tightest === null) return { mm: 0, asks: 'margin' }
  const asks = tightest.part === 'machine' ? 'margin' : 'clearance'
  return { mm: Math.max(0, spareAtMm(rooms, tightest.safeMm)), asks }
}
