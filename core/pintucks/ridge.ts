import { requireInRange } from '#core/errors'

/** The cloth between the two seams of a tuck, as part of a circle. Lengths in mm. */
export interface RidgeArc {
  /** Half the angle it spans, in radians: 0 flat, π a whole circle. */
  readonly halfAngle: number
  /** null: it lies flat. */
  readonly radiusMm: number | null
  readonly heightMm: number
}

/**
 * A tuck's cross-section, if it stands round: cloth as long as the gap over a chord shorter by the take-up,
 * so `sin θ / θ = (g − t) / g`, R = g/2θ and h = R(1 − cos θ). Source: geometry of the circular segment.
 *
 * @param gapMm - the cloth between the seams, 0.1 to 20.
 * @param takeUpMm - 0 to the gap.
 * @returns null where more is taken up than lies between the needles: the cloth beside the tuck was drawn in.
 *
 * @example
 * ridgeArc(2, 1)?.heightMm // 0.696…
 */
export function ridgeArc(gapMm: number, takeUpMm: number): RidgeArc | null {
  requireInRange(gapMm, 'needle.gapMm', 0.1, 20)
  requireInRange(takeUpMm, 'takeUpMm', 0, 100)
  if (takeUpMm > gapMm) return null
  const halfAngle = angleFor((gapMm - takeUpMm) / gapMm)
  if (halfAngle === 0) return { halfAngle, radiusMm: null, heightMm: 0 }
  const radiusMm = gapMm / (2 * halfAngle)
  return { halfAngle, radiusMm, heightMm: radiusMm * (1 - Math.cos(halfAngle)) }
}

/** Only how high it stands, in mm. @example ridgeMm(2, 1.2) // 0.7183… */
export const ridgeMm = (gapMm: number, takeUpMm: number): number | null =>
  ridgeArc(gapMm, takeUpMm)?.heightMm ?? null

/** θ in 0 to π with sin θ / θ = share; it falls all the way, so halving finds it. */
function angleFor(share: number): number {
  if (share >= 1) return 0
  let [low, high] = [0, Math.PI]
  for (let halvings = 0; halvings < 60; halvings++) {
    const middle = (low + high) / 2
    if (Math.sin(middle) / middle > share) low = middle
    else high = middle
  }
  return (low + high) / 2
}
