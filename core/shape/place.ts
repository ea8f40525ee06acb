import type { Point } from '#core/plane'
import type { Region } from './clip'

/** Where a shape lies: turned about its own middle, flipped left to right, then moved. */
export interface Placing {
  readonly x: number
  readonly y: number
  /** Against the clock, in degrees. */
  readonly turnDeg: number
  readonly flipped: boolean
}

/**
 * A region where it lies. Flipped rings run the other way round, so that their cloth stays on the left.
 *
 * @example
 * placed(leaf, { x: 40, y: 0, turnDeg: 90, flipped: false })
 */
export function placed(region: Region, { x, y, turnDeg, flipped }: Placing): Region {
  const [cos, sin] = [Math.cos((turnDeg * Math.PI) / 180), Math.sin((turnDeg * Math.PI) / 180)]
  const side = flipped ? -1 : 1
  return region.map(ring => {
    const moved = ring.map(point => ({
      x: x + side * point.x * cos - point.y * sin,
      y: y + side * point.x * sin + point.y * cos,
    }))
    return flipped ? moved.toReversed() : moved
  })
}

/** What places span, y up. */
export interface Bounds {
  readonly left: number
  readonly right: number
  readonly foot: number
  readonly top: number
}

/**
 * The box round some rings or ways.
 *
 * @example
 * boundsOf([[{ x: 0, y: 0 }, { x: 4, y: 2 }]]) // { left: 0, right: 4, foot: 0, top: 2 }
 */
export function boundsOf(ways: readonly (readonly Point[])[]): Bounds {
  let [left, right, foot, top] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const way of ways)
    for (const { x, y } of way) {
      left = Math.min(left, x)
      right = Math.max(right, x)
      foot = Math.min(foot, y)
      top = Math.max(top, y)
    }
  return left > right ? { left: 0, right: 0, foot: 0, top: 0 } : { left, right, foot, top }
}
