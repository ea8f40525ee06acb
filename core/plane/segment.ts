import type { Point } from './point'

/**
 * Where on the segment from `a` to `b` a place lies nearest: its share of the way, 0 to 1, and how far away
 * it is. Of a segment without length it is the first end.
 *
 * @example
 * nearestOn({ x: 2, y: 3 }, { x: 0, y: 0 }, { x: 8, y: 0 }) // { share: 0.25, apart: 3 }
 */
export function nearestOn(
  place: Point,
  a: Point,
  b: Point,
): { readonly share: number; readonly apart: number } {
  const share = shareOn(place, a, b)
  return { share, apart: apartAt(place, a, b, share) }
}
function shareOn(place: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const square = dx * dx + dy * dy
  const onLine = square === 0 ? 0 : ((place.x - a.x) * dx + (place.y - a.y) * dy) / square
  return Math.min(1, Math.max(0, onLine))
}
/** Without a point of its own: plans ask for millions of them. */
const apartAt = (place: Point, a: Point, b: Point, share: number) =>
  Math.hypot(place.x - a.x - share * (b.x - a.x), place.y - a.y - share * (b.y - a.y))
const apartFrom = (place: Point, a: Point, b: Point) => apartAt(place, a, b, shareOn(place, a, b))

/** Twice the area of three places, over 0 where they go round to the left. */
const leftOf = (o: Point, p: Point, q: Point) => (p.x - o.x) * (q.y - o.y) - (p.y - o.y) * (q.x - o.x)

/**
 * Whether two segments properly cross: ends that only touch do not.
 *
 * @example
 * doSegmentsCross({ x: 0, y: 0 }, { x: 4, y: 4 }, { x: 0, y: 4 }, { x: 4, y: 0 }) // true
 */
export const doSegmentsCross = (a: Point, b: Point, c: Point, d: Point): boolean =>
  leftOf(a, b, c) * leftOf(a, b, d) < 0 && leftOf(c, d, a) * leftOf(c, d, b) < 0

/**
 * How far two segments lie apart: 0 where they cross.
 *
 * @example
 * segmentsApart({ x: 0, y: 0 }, { x: 4, y: 0 }, { x: 2, y: 1 }, { x: 2, y: 5 }) // 1
 */
export function segmentsApart(a: Point, b: Point, c: Point, d: Point): number {
  if (doSegmentsCross(a, b, c, d)) return 0
  return Math.min(apartFrom(a, c, d), apartFrom(b, c, d), apartFrom(c, a, b), apartFrom(d, a, b))
}
