import { requireInRange } from '#core/errors'
import type { Measurement } from '#core/measured'

/** Source: ISO/IEC 7810, ID-1: cards of banks, libraries and licences. */
export const ID_1 = { wideMm: 85.6, tallMm: 53.98 } as const

/** How exactly an edge is brought to a line on the glass, in screen px, one standard deviation. A guess. */
const LAID_PX = 1

/** Screen px a millimetre takes, and how well that is known. */
export type ScreenScale = Measurement

/**
 * A screen’s scale from a card held to the glass, one side of it between two lines.
 *
 * @param apartPx - between the lines, 100 to 4000 screen px.
 * @param sideMm - of the card, 10 to 1000.
 *
 * @example
 * screenScale(428).value // 5 px a millimetre
 */
export function screenScale(apartPx: number, sideMm: number = ID_1.wideMm): ScreenScale {
  requireInRange(apartPx, 'apartPx', 100, 4000)
  requireInRange(sideMm, 'sideMm', 10, 1000)
  return { value: apartPx / sideMm, spread: (LAID_PX * Math.SQRT2) / sideMm }
}

/**
 * A length between two lines on the glass.
 *
 * @example
 * onScreen(40, screenScale(428)) // { value: 8, spread: 0.28 }
 */
export function onScreen(apartPx: number, scale: ScreenScale): Measurement {
  requireInRange(apartPx, 'apartPx', 0.5, 10_000)
  const value = apartPx / scale.value
  const share = Math.hypot((LAID_PX * Math.SQRT2) / apartPx, scale.spread / scale.value)
  return { value, spread: value * share }
}
