import { outerSpanMm } from '#core/needle'
import { hasSwing, type StitchSetting, type StitchShape } from '#core/stitch'
import { keptMarginMm, type Room, ROUNDING_MM, widestSwingMm } from './rooms'
import type { SwingInput, Verdict } from './types'

/** How one needle position stands among its rooms. */
export interface Standing {
  readonly verdict: Verdict
  /** The rooms whose part a blade would hit. */
  readonly struck: readonly Room[]
  /** The rooms in which less than margin or clearance is left, struck ones among them. */
  readonly tight: readonly Room[]
}

/**
 * Whether the needle moves from side to side at this setting.
 *
 * @example
 * needleSwings({ …zigzag, widthMm: 0 }) // false
 */
export function needleSwings(stitch: StitchShape & StitchSetting): boolean {
  return hasSwing(stitch) && stitch.widthMm > 0
}

/**
 * The verdict of a single needle position: the whole stitch is as good as the needle position farthest out.
 *
 * @param rooms - from `roomsOf`, for the same input.
 * @returns What to ask for each needle position: how far the blade's centre lies from the middle, in mm, ≥ 0.
 *
 * @example
 * standingIn(roomsOf(input), input)(3.5).verdict // 'strikes'
 */
export function standingIn(rooms: readonly Room[], input: SwingInput): (outMm: number) => Standing {
  // Asked of every needle position, and looks through all drops itself.
  const swings = needleSwings(input.stitch)
  return outMm => {
    const struck = rooms.filter(({ bareMm }) => outMm - bareMm > ROUNDING_MM)
    const tight = rooms.filter(room => isTight(room, outMm, input, swings))
    return { verdict: verdictOf(struck, tight), struck, tight }
  }
}

function verdictOf(struck: readonly Room[], tight: readonly Room[]): Verdict {
  if (struck.length > 0) return 'strikes'
  return tight.length > 0 ? 'close' : 'clear'
}

function isTight({ kind, part, safeMm }: Room, outMm: number, input: SwingInput, swings: boolean): boolean {
  if (kind === 'single-hole') return false
  // The margin is for swing. A straight seam is tight when it could not swing at all.
  if (part === 'machine' && !swings) {
    return widestSwingMm(input) - outerSpanMm(input.needle) - keptMarginMm(input) <= ROUNDING_MM
  }
  return outMm - safeMm > ROUNDING_MM
}
