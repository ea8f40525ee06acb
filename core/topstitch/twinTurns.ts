import { requireInRange } from '#core/errors'

/** Stitch lengths of the two rows of a twin round a curve, in mm. */
export interface TwinOnCurve {
  readonly innerMm: number
  readonly outerMm: number
}

/**
 * Round a curve the inner row's stitches are shorter and the outer row's longer, by g/2R about the middle.
 * Source: arc lengths.
 *
 * @param lengthMm - as dialled, 0.1 to 20.
 * @param gapMm - of the twin, 0.5 to 10.
 * @param radiusMm - of the middle between the rows, over half the gap.
 *
 * @example
 * twinOnCurve(2.5, 4, 20) // { innerMm: 2.25, outerMm: 2.75 }
 */
export function twinOnCurve(lengthMm: number, gapMm: number, radiusMm: number): TwinOnCurve {
  requireInRange(lengthMm, 'lengthMm', 0.1, 20)
  requireInRange(gapMm, 'gapMm', 0.5, 10)
  requireInRange(radiusMm, 'radiusMm', gapMm / 2, 100_000)
  const share = gapMm / (2 * radiusMm)
  return { innerMm: lengthMm * (1 - share), outerMm: lengthMm * (1 + share) }
}

/**
 * The least radius of the middle at which the inner row still has stitches of a least length:
 * R = g / (2(1 − Lmin/L)). Source: the same, solved.
 *
 * @param leastMm - under `lengthMm`.
 *
 * @example
 * leastRadiusMm(2.5, 4, 1.5) // 5
 */
export function leastRadiusMm(lengthMm: number, gapMm: number, leastMm: number): number {
  requireInRange(lengthMm, 'lengthMm', 0.1, 20)
  requireInRange(gapMm, 'gapMm', 0.5, 10)
  requireInRange(leastMm, 'leastMm', 0.01, lengthMm - 1e-6)
  return gapMm / (2 * (1 - leastMm / lengthMm))
}

/** Three ways round a corner with a twin needle. */
export interface CornerWays {
  /** Turned by and by, the inner needle in place: the outer one walks round it in so many short stitches. */
  readonly steps: { readonly stitches: number; readonly walkMm: number; readonly turnDeg: number }
  /** Both rows sewn past the corner and crossed: a lozenge with sides of so many mm. */
  readonly crossed: { readonly sideMm: number }
  /** One needle, the outline twice. */
  readonly passes: 2
}

/**
 * Ways round a corner; a twin is never turned with both needles down in the cloth: they would bend (common
 * practice, from memory).
 *
 * @param turnDeg - by how much the edge turns, over 0 to 180.
 *
 * @example
 * cornerWays(4, 90, 2.5).steps.stitches // 3: 4 mm × π/2 = 6.28 mm in stitches of at most 2.5
 */
export function cornerWays(gapMm: number, turnDeg: number, lengthMm: number): CornerWays {
  requireInRange(gapMm, 'gapMm', 0.5, 10)
  requireInRange(turnDeg, 'turnDeg', 0.1, 179.9)
  requireInRange(lengthMm, 'lengthMm', 0.1, 20)
  const turn = (turnDeg * Math.PI) / 180
  const walkMm = gapMm * turn
  const stitches = Math.ceil(walkMm / lengthMm - 1e-9)
  return {
    steps: { stitches, walkMm, turnDeg: turnDeg / stitches },
    crossed: { sideMm: gapMm / Math.sin(turn) },
    passes: 2,
  }
}
