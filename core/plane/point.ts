/** A place in a plane, in the plane's own unit, mm on cloth or px in a picture; or a way between two. */
export interface Point {
  readonly x: number
  readonly y: number
}

/**
 * How far two places lie apart.
 *
 * @example
 * apart({ x: 0, y: 0 }, { x: 3, y: 4 }) // 5
 */
export const apart = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y)

/**
 * The way from one place to another, of length 1; of length 0 where they are one.
 *
 * @example
 * heading({ x: 0, y: 0 }, { x: 0, y: 7 }) // { x: 0, y: 1 }
 */
export function heading(a: Point, b: Point): Point {
  const length = apart(a, b) || 1
  return { x: (b.x - a.x) / length, y: (b.y - a.y) / length }
}

/**
 * A place moved so far along a way of length 1.
 *
 * @example
 * moved({ x: 1, y: 1 }, { x: 0, y: 1 }, 2) // { x: 1, y: 3 }
 */
export const moved = ({ x, y }: Point, way: Point, by: number): Point => ({
  x: x + by * way.x,
  y: y + by * way.y,
})

/**
 * The place at a share of the way from one to another: 0 is the first, 1 the second.
 *
 * @example
 * between({ x: 0, y: 0 }, { x: 10, y: 0 }, 0.3) // { x: 3, y: 0 }
 */
export const between = (a: Point, b: Point, share: number): Point => ({
  x: a.x + share * (b.x - a.x),
  y: a.y + share * (b.y - a.y),
})
