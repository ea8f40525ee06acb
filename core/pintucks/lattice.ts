import { CoreError, requireInRange } from '#core/errors'

/** A second set of tucks across the first. Lengths in mm. */
export interface Lattice {
  /** Between its lines along the bottom edge; null: they run along that edge. */
  readonly alongBottomMm: number | null
  /** Between its lines along the side; null: they run along that side. */
  readonly alongSideMm: number | null
  /** How many of its lines the bottom edge and the side meet. */
  readonly crossBottom: number
  readonly crossSide: number
  /** What its tucks take from the width and from the height. */
  readonly widthTakeUpMm: number
  readonly heightTakeUpMm: number
}

/**
 * Tucks in a second direction over upright ones: lines at an angle φ to them and s apart meet the bottom
 * edge every s/cos φ and the side every s/sin φ; each takes t across itself, t·cos φ of the width and
 * t·sin φ of the height. Source: geometry.
 *
 * @param angleDeg - to the first direction, over 0 to 90: 90 lies level.
 * @param spacingMm - across the lines, 0.1 to 10 000.
 * @param takeUpMm - of one tuck, 0 to 100.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * lattice({ angleDeg: 90, spacingMm: 20, takeUpMm: 1, pieceMm: 300, tallMm: 400 }).heightTakeUpMm // 20
 */
export function lattice(of: {
  readonly angleDeg: number
  readonly spacingMm: number
  readonly takeUpMm: number
  readonly pieceMm: number
  readonly tallMm: number
}): Lattice {
  const { angleDeg, spacingMm, takeUpMm, pieceMm, tallMm } = of
  requireInRange(angleDeg, 'angleDeg', 0, 90)
  if (angleDeg === 0)
    throw new CoreError('out-of-range', 'angleDeg must be over 0: the second tucks would lie on the first', {
      field: 'angleDeg',
      min: 1,
      max: 90,
    })
  requireInRange(spacingMm, 'spacingMm', 0.1, 10_000)
  requireInRange(takeUpMm, 'takeUpMm', 0, 100)
  requireInRange(pieceMm, 'pieceMm', 0, 10_000)
  requireInRange(tallMm, 'tallMm', 0, 10_000)
  const angle = (angleDeg * Math.PI) / 180
  // A level line meets no level edge: the cosine of 90° is not quite nothing.
  const cos = angleDeg === 90 ? 0 : Math.cos(angle)
  const sin = Math.sin(angle)
  const crossBottom = Math.floor((pieceMm * cos) / spacingMm + 1e-9)
  const crossSide = Math.floor((tallMm * sin) / spacingMm + 1e-9)
  return {
    alongBottomMm: cos === 0 ? null : spacingMm / cos,
    alongSideMm: spacingMm / sin,
    crossBottom,
    crossSide,
    widthTakeUpMm: crossBottom * takeUpMm * cos,
    heightTakeUpMm: crossSide * takeUpMm * sin,
  }
}
