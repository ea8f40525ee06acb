import { CoreError, requireInRange } from '#core/errors'
import { MOST_POINTS } from './limits'

/** A place in mm: x to the right, y up. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** A finished edge. It runs with the cloth on its left. */
export interface Outline {
  readonly pointsMm: readonly Point[]
  /** Whether the last point joins the first. */
  readonly closed: boolean
}

const MOST_MM = 10_000
/** Points nearer than this are one, in mm. */
const SAME_MM = 1e-6

/**
 * Refuses what is no edge: too few points, doubled ones, an outline that crosses itself.
 *
 * @throws {CoreError} `non-finite`, `out-of-range`, `too-many` over 400 points, `bad-outline`;
 *   `details.field` names the point.
 *
 * @example
 * checkOutline({ pointsMm: [{ x: 0, y: 0 }, { x: 10, y: 0 }], closed: false }) // passes
 */
export function checkOutline({ pointsMm, closed }: Outline): void {
  const least = closed ? 3 : 2
  if (pointsMm.length < least) refuse('outline.pointsMm', `needs at least ${least} points`)
  if (pointsMm.length > MOST_POINTS)
    throw new CoreError(
      'too-many',
      `outline.pointsMm has ${pointsMm.length} points; ${MOST_POINTS} are the most`,
      {
        field: 'outline.pointsMm',
        most: MOST_POINTS,
      },
    )
  pointsMm.forEach(({ x, y }, i) => {
    requireInRange(x, `outline.pointsMm.${i}.x`, -MOST_MM, MOST_MM)
    requireInRange(y, `outline.pointsMm.${i}.y`, -MOST_MM, MOST_MM)
  })
  const sides = sidesOf(pointsMm, closed)
  sides.forEach(([a, b], i) => {
    if (Math.hypot(b.x - a.x, b.y - a.y) <= SAME_MM)
      refuse(`outline.pointsMm.${(i + 1) % pointsMm.length}`, 'is the same point as the one before')
  })
  const crossing = crossingSides(sides, closed)
  if (crossing)
    refuse(
      `outline.pointsMm.${crossing[1]}`,
      `crosses the side from point ${crossing[0] + 1}: an edge does not cross itself`,
    )
}

function refuse(field: string, message: string): never {
  throw new CoreError('bad-outline', `${field} ${message}`, { field })
}

export type Side = readonly [Point, Point]

/** From each point to the next. */
export function sidesOf(points: readonly Point[], closed: boolean): Side[] {
  const count = closed ? points.length : points.length - 1
  return Array.from({ length: count }, (_, i) => [points[i]!, points[(i + 1) % points.length]!] as const)
}

/** The first two sides that cross or touch without being neighbours; null: none do. */
export function crossingSides(sides: readonly Side[], closed: boolean): readonly [number, number] | null {
  for (let i = 0; i < sides.length; i++)
    for (let j = i + 1; j < sides.length; j++) {
      const areNeighbours = j === i + 1 || (closed && i === 0 && j === sides.length - 1)
      if (areNeighbours ? foldsBack(sides[i]!, sides[j]!) : meets(sides[i]!, sides[j]!)) return [i, j]
    }
  return null
}

const cross = (o: Point, a: Point, b: Point) => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x)

function meets([a, b]: Side, [c, d]: Side): boolean {
  if (Math.max(a.x, b.x) < Math.min(c.x, d.x) || Math.max(c.x, d.x) < Math.min(a.x, b.x)) return false
  if (Math.max(a.y, b.y) < Math.min(c.y, d.y) || Math.max(c.y, d.y) < Math.min(a.y, b.y)) return false
  return cross(a, b, c) * cross(a, b, d) <= 0 && cross(c, d, a) * cross(c, d, b) <= 0
}

/** Two neighbours that lie on each other. */
function foldsBack([a, b]: Side, [c, d]: Side): boolean {
  const [shared, before, after] = b === c || same(b, c) ? [b, a, d] : [a, b, c]
  const along = (before.x - shared.x) * (after.x - shared.x) + (before.y - shared.y) * (after.y - shared.y)
  return along > 0 && Math.abs(cross(shared, before, after)) <= SAME_MM * along
}
const same = (a: Point, b: Point) => a.x === b.x && a.y === b.y
