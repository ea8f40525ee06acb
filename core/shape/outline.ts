import Flatbush from 'flatbush'
import { CoreError, requireInRange } from '#core/errors'
import { apart, type Point } from '#core/plane'
import { MOST_SHAPE_MM, MOST_SHAPE_POINTS } from './limits'

/** A finished edge. */
export interface Outline {
  readonly pointsMm: readonly Point[]
  /** Whether the last point joins the first. */
  readonly closed: boolean
}

/** From this turn on a place of an outline is a corner, in degrees. Our own choice; it can be changed. */
export const CORNER_DEG = 35

/** Points nearer than this are one, in mm. */
const SAME_MM = 1e-6

/**
 * Refuses what is no edge: too few points, doubled ones, an outline that crosses itself or folds back.
 *
 * @param most - how many points it may have.
 * @param name - what the caller calls it, for the error's field.
 * @throws {CoreError} `non-finite`, `out-of-range`, `too-many`, `bad-outline`; `details.field` names the
 *   point.
 *
 * @example
 * checkOutline({ pointsMm: [{ x: 0, y: 0 }, { x: 10, y: 0 }], closed: false }) // passes
 */
export function checkOutline(
  { pointsMm, closed }: Outline,
  most: number = MOST_SHAPE_POINTS,
  name = 'outline',
): void {
  const field = `${name}.pointsMm`
  const least = closed ? 3 : 2
  if (pointsMm.length < least) refuse(field, `needs at least ${least} points`)
  if (pointsMm.length > most)
    throw new CoreError('too-many', `${field} has ${pointsMm.length} points; ${most} are the most`, {
      field,
      most,
    })
  pointsMm.forEach(({ x, y }, i) => {
    requireInRange(x, `${field}.${i}.x`, -MOST_SHAPE_MM, MOST_SHAPE_MM)
    requireInRange(y, `${field}.${i}.y`, -MOST_SHAPE_MM, MOST_SHAPE_MM)
  })
  const sides = sidesOf(pointsMm, closed)
  sides.forEach(([a, b], i) => {
    if (apart(a, b) <= SAME_MM)
      refuse(`${field}.${(i + 1) % pointsMm.length}`, 'is the same point as the one before')
  })
  const crossing = crossingSides(sides, closed)
  if (crossing)
    refuse(
      `${field}.${crossing[1]}`,
      `crosses the side from point ${crossing[0] + 1}: an edge does not cross itself`,
    )
}

function refuse(field: string, message: string): never {
  throw new CoreError('bad-outline', `${field} ${message}`, { field })
}

export type Side = readonly [Point, Point]

/**
 * From each point to the next; round a closed outline the last leads back.
 *
 * @example
 * sidesOf([{ x: 0, y: 0 }, { x: 1, y: 0 }, { x: 0, y: 1 }], true).length // 3
 */
export function sidesOf(points: readonly Point[], closed: boolean): Side[] {
  const count = closed ? points.length : points.length - 1
  return Array.from({ length: count }, (_, i) => [points[i]!, points[(i + 1) % points.length]!] as const)
}

/**
 * The first two sides that cross or touch without being neighbours; null: none do. Only sides whose boxes
 * meet are held against each other.
 *
 * @example
 * crossingSides(sidesOf(bowTie, true), true) // [0, 2]
 */
export function crossingSides(sides: readonly Side[], closed: boolean): readonly [number, number] | null {
  if (sides.length < 2) return null
  const boxes = new Flatbush(sides.length)
  for (const [a, b] of sides)
    boxes.add(Math.min(a.x, b.x), Math.min(a.y, b.y), Math.max(a.x, b.x), Math.max(a.y, b.y))
  boxes.finish()
  for (let i = 0; i < sides.length; i++) {
    const [a, b] = sides[i]!
    const near = boxes
      .search(Math.min(a.x, b.x), Math.min(a.y, b.y), Math.max(a.x, b.x), Math.max(a.y, b.y))
      .filter(j => j > i)
      .sort((one, other) => one - other)
    for (const j of near) {
      const areNeighbours = j === i + 1 || (closed && i === 0 && j === sides.length - 1)
      if (areNeighbours ? foldsBack(sides[i]!, sides[j]!) : meets(sides[i]!, sides[j]!)) return [i, j]
    }
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

/**
 * The area a ring encloses, in mm²: over 0 where it runs against the clock with y up.
 *
 * @example
 * signedAreaMm2([{ x: 0, y: 0 }, { x: 2, y: 0 }, { x: 0, y: 2 }]) // 2
 */
export function signedAreaMm2(points: readonly Point[]): number {
  const twice = points.reduce((sum, a, i) => {
    const b = points[(i + 1) % points.length]!
    return sum + a.x * b.y - b.x * a.y
  }, 0)
  return twice / 2
}
