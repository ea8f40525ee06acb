import { requireInRange } from '#core/errors'
import { type Point, radiusThrough, turnAt } from '#core/plane'
import { type Inner, innerParallel } from './innerParallel'
import { type Outline, sidesOf } from '#core/shape'

/** A stretch of a row from corner to corner: what is sewn without turning. */
export interface OutlineLeg {
  /** Its sides of the outline, by index, in order. */
  readonly sides: readonly number[]
  readonly lengthMm: number
  /** Its way, corner to corner. */
  readonly pathMm: readonly Point[]
  /** Least radius of the finished edge beside it, in mm; null: straight. */
  readonly leastRadiusMm: number | null
}

/**
 * A row's sides. A point where the edge turns by at least `cornerDeg` is a corner; the points between make a
 * curve.
 *
 * @param cornerDeg - 0 to 180; 0: every point is a corner.
 *
 * @example
 * legsOf(rectangle(120, 140), 6.35, 35).legs.length // 4
 */
export function legsOf(
  outline: Outline,
  distanceMm: number,
  cornerDeg: number,
): { readonly legs: readonly OutlineLeg[]; readonly inner: Inner } {
  requireInRange(cornerDeg, 'cornerDeg', 0, 180)
  const inner = innerParallel(outline, distanceMm)
  const sides = sidesOf(outline.pointsMm, outline.closed)
  const groups: number[][] = []
  sides.forEach((_, i) => {
    if (i === 0 || isCorner(outline, i, cornerDeg)) groups.push([i])
    else groups.at(-1)!.push(i)
  })
  // Round a closed edge the first stretch may go on from the last.
  if (outline.closed && groups.length > 1 && !isCorner(outline, 0, cornerDeg)) {
    const last = groups.pop()!
    groups[0] = [...last, ...groups[0]!]
  }
  return { inner, legs: groups.map(group => legOf(group, inner, outline)) }
}

function isCorner({ pointsMm }: Outline, i: number, cornerDeg: number): boolean {
  return (turnOf(pointsMm, i) * 180) / Math.PI >= cornerDeg - 1e-9
}

/** How far the edge turns at a point, in radians, either way. */
function turnOf(points: readonly Point[], i: number): number {
  return Math.abs(turnAt(...roundPlace(points, i)))
}

function legOf(sides: readonly number[], { sidesMm, runs }: Inner, { pointsMm }: Outline): OutlineLeg {
  const shown = sides.flatMap(i => (runs[i] ? [runs[i]] : []))
  const inside = sides.slice(1)
  const radii = inside
    .filter(i => turnOf(pointsMm, i) > STRAIGHT_RAD)
    .map(i => radiusThrough(...roundPlace(pointsMm, i)))
  return {
    sides,
    lengthMm: sides.reduce((sum, i) => sum + sidesMm[i]!, 0),
    pathMm: shown.length > 0 ? [shown[0]![0], ...shown.map(([, to]) => to)] : [],
    leastRadiusMm: radii.length > 0 ? Math.min(...radii) : null,
  }
}

/** A turn below this is none, in radians: a point in the middle of a straight side. */
const STRAIGHT_RAD = 1e-6

/** A point with the one before and the one after it. */
const roundPlace = (points: readonly Point[], i: number) =>
  [points.at(i - 1)!, points[i]!, points[(i + 1) % points.length]!] as const
