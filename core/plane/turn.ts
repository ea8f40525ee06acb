import { apart, type Point } from './point'

/**
 * How far one way turns into another, in radians from −π to π, over 0 to the left; y is up.
 *
 * @example
 * turnOfWays({ x: 1, y: 0 }, { x: 0, y: 1 }) // π / 2
 */
export const turnOfWays = (into: Point, out: Point): number =>
  Math.atan2(into.x * out.y - into.y * out.x, into.x * out.x + into.y * out.y)

/**
 * How far a way turns at a place, in radians from −π to π, over 0 to the left; y is up.
 *
 * @example
 * turnAt({ x: 0, y: 0 }, { x: 5, y: 0 }, { x: 5, y: 5 }) // π / 2
 */
export const turnAt = (before: Point, here: Point, after: Point): number =>
  turnOfWays({ x: here.x - before.x, y: here.y - before.y }, { x: after.x - here.x, y: after.y - here.y })

/**
 * The radius of the circle through three places; Infinity where they lie in a line.
 *
 * Source: law of sines, the chord over twice the sine of the turn (textbook).
 *
 * @example
 * radiusThrough({ x: -5, y: 0 }, { x: 0, y: 5 }, { x: 5, y: 0 }) // 5
 */
export function radiusThrough(before: Point, here: Point, after: Point): number {
  const sine = Math.abs(Math.sin(turnAt(before, here, after)))
  return sine === 0 ? Infinity : apart(before, after) / (2 * sine)
}
