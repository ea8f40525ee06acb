import { requireInRange } from '#core/errors'
import { giveOrTake } from '#core/measured'

/** A pintuck foot's sole: so many grooves, so far apart. */
export interface GroovedFoot {
  readonly pitchMm: number
  readonly grooves: number
  /** How well the pitch was measured, one standard deviation; left out: nobody noted it. */
  readonly pitchSpreadMm?: number
}

/**
 * How far a tuck may lie off that rides so many times in the same groove: a pitch that is off a little is off
 * the same way every time.
 *
 * @returns mm either way, in 19 of 20; null: nobody noted how well the pitch is known.
 *
 * @example
 * ridesToMm({ pitchMm: 3, grooves: 5, pitchSpreadMm: 0.03 }, 1, 10) // 0.6
 */
export function ridesToMm({ pitchSpreadMm }: GroovedFoot, k: number, rides: number): number | null {
  if (pitchSpreadMm === undefined) return null
  requireInRange(pitchSpreadMm, 'foot.pitchSpreadMm', 0, 20)
  return giveOrTake({ value: 0, spread: pitchSpreadMm * k * rides })
}

/** Which groove the tuck before rides in, so that no line need be marked. */
export interface Groove {
  /** Grooves from the middle one. */
  readonly k: number
  readonly spacingMm: number
  /** That less the spacing wanted. */
  readonly offMm: number
}

/**
 * The groove whose distance is nearest to the spacing wanted; the smaller of two as near.
 *
 * @param foot - pitch 0.1 to 20 mm, 1 to 99 grooves.
 * @returns null for a foot without a groove beside the middle one.
 *
 * @example
 * grooveFor({ pitchMm: 2.5, grooves: 7 }, 6) // { k: 2, spacingMm: 5, offMm: -1 }
 */
export function grooveFor({ pitchMm, grooves }: GroovedFoot, spacingMm: number): Groove | null {
  requireInRange(pitchMm, 'foot.pitchMm', 0.1, 20)
  requireInRange(grooves, 'foot.grooves', 1, 99)
  requireInRange(spacingMm, 'spacingMm', 0.1, 10_000)
  const most = Math.floor((grooves - 1) / 2)
  if (most < 1) return null
  const ks = Array.from({ length: most }, (_, i) => i + 1)
  const off = (k: number) => Math.abs(k * pitchMm - spacingMm)
  // Within a nanometre is a tie.
  const k = ks.reduce((best, next) => (off(next) < off(best) - 1e-6 ? next : best))
  return { k, spacingMm: k * pitchMm, offMm: k * pitchMm - spacingMm }
}
