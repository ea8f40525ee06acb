import type { Point } from '#core/plane'
import type { Outline } from './outline'
import { chordsOf } from './pathData'

/** A point as one clicks it: the edge goes round it in a curve, or turns at it. */
export interface DrawnPoint extends Point {
  readonly curved: boolean
}

/** How far a curve leans out of the line between its neighbours (Catmull and Rom 1974, from memory). */
const LEAN = 1 / 6

/**
 * An outline through clicked points: straight from corner to corner, curved through those that are curved.
 *
 * @returns the points themselves and chords between them.
 *
 * @example
 * drawnOutline([corner(0, 0), corner(40, 0), { x: 20, y: 30, curved: true }], true)
 */
export function drawnOutline(points: readonly DrawnPoint[], closed: boolean): Outline {
  const count = closed ? points.length : points.length - 1
  const first = points[0]
  if (!first) return { pointsMm: [], closed }
  const sides = Array.from({ length: count }, (_, i) => sideFrom(points, i, closed))
  const pointsMm = [{ x: first.x, y: first.y }, ...sides.flat()]
  return { pointsMm: closed ? pointsMm.slice(0, -1) : pointsMm, closed }
}

function sideFrom(points: readonly DrawnPoint[], i: number, closed: boolean): Point[] {
  const here = points[i]!
  const next = points[(i + 1) % points.length]!
  if (!here.curved && !next.curved) return [{ x: next.x, y: next.y }]
  const before = closed ? points.at(i - 1)! : (points[i - 1] ?? here)
  const after = closed ? points[(i + 2) % points.length]! : (points[i + 2] ?? next)
  // A corner has no slope of its own: the curve leaves it straight for the next point.
  const leave = here.curved ? lean(before, next) : { x: 0, y: 0 }
  const reach = next.curved ? lean(here, after) : { x: 0, y: 0 }
  return chordsOf([
    { x: here.x, y: here.y },
    { x: here.x + leave.x, y: here.y + leave.y },
    { x: next.x - reach.x, y: next.y - reach.y },
    { x: next.x, y: next.y },
  ])
}
const lean = (a: Point, b: Point): Point => ({ x: LEAN * (b.x - a.x), y: LEAN * (b.y - a.y) })
