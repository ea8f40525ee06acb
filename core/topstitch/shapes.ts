import { CoreError, requireInRange } from '#core/errors'
import type { Point } from '#core/plane'
import type { Outline } from '#core/shape'

export type OutlineKind = 'rectangle' | 'pocket' | 'collar' | 'strip' | 'circle' | 'typed' | 'drawn'

/** A finished edge as a person describes it. Lengths in mm. */
export type OutlineShape =
  | { readonly kind: 'rectangle'; readonly wideMm: number; readonly tallMm: number }
  /** Sewn on at three sides, open at the top. */
  | {
      readonly kind: 'pocket'
      readonly wideMm: number
      readonly tallMm: number
      readonly corners: 'square' | 'cut' | 'round'
      readonly cornerMm: number
    }
  /** Its outer edge, from neck to neck; the points stand out by `spreadMm` on each side. */
  | { readonly kind: 'collar'; readonly wideMm: number; readonly tallMm: number; readonly spreadMm: number }
  | { readonly kind: 'strip'; readonly lengthMm: number }
  | { readonly kind: 'circle'; readonly diameterMm: number }
  /** Side after side; after each the edge turns by so much, to the cloth where it is over 0. */
  | {
      readonly kind: 'typed'
      readonly sides: readonly { readonly lengthMm: number; readonly turnDeg: number }[]
      readonly closed: boolean
    }
  | { readonly kind: 'drawn'; readonly pointsMm: readonly Point[]; readonly closed: boolean }

/** A curve is drawn with chords no farther from it than this, in mm. */
const CHORD_MM = 0.02
const MOST_CHORDS = 160
const LEAST_CHORDS = 24

/**
 * The edge of a shape, with the cloth on its left.
 *
 * @throws {CoreError} `out-of-range`; `bad-outline` where a corner is larger than its side.
 *
 * @example
 * outlineOfShape({ kind: 'rectangle', wideMm: 120, tallMm: 140 }).pointsMm.length // 4
 */
export function outlineOfShape(shape: OutlineShape): Outline {
  switch (shape.kind) {
    case 'rectangle': {
      const { wideMm: w, tallMm: h } = sized(shape)
      return { pointsMm: [at(0, 0), at(w, 0), at(w, h), at(0, h)], closed: true }
    }
    case 'pocket':
      return { pointsMm: pocket(shape), closed: false }
    case 'collar': {
      const { wideMm: w, tallMm: h } = sized(shape)
      const spread = requireInRange(shape.spreadMm, 'spreadMm', -w / 2 + 1, w)
      return { pointsMm: [at(spread, h), at(0, 0), at(w, 0), at(w - spread, h)], closed: false }
    }
    case 'strip':
      return {
        pointsMm: [at(0, 0), at(requireInRange(shape.lengthMm, 'lengthMm', 1, 10_000), 0)],
        closed: false,
      }
    case 'circle': {
      const radius = requireInRange(shape.diameterMm, 'diameterMm', 1, 5000) / 2
      return { pointsMm: arc(at(radius, radius), radius, 0, 2 * Math.PI).slice(0, -1), closed: true }
    }
    case 'typed':
      return { pointsMm: walked(shape.sides, shape.closed), closed: shape.closed }
    case 'drawn':
      return { pointsMm: shape.pointsMm, closed: shape.closed }
  }
}

const at = (x: number, y: number): Point => ({ x, y })

function sized<T extends { readonly wideMm: number; readonly tallMm: number }>(shape: T): T {
  requireInRange(shape.wideMm, 'wideMm', 1, 5000)
  requireInRange(shape.tallMm, 'tallMm', 1, 5000)
  return shape
}

/** Down the left side, along the bottom, up the right side. */
function pocket(shape: Extract<OutlineShape, { kind: 'pocket' }>): Point[] {
  const { wideMm: w, tallMm: h, corners, cornerMm: c } = sized(shape)
  if (corners === 'square') return [at(0, h), at(0, 0), at(w, 0), at(w, h)]
  requireInRange(c, 'cornerMm', 0.1, Math.min(w / 2, h) - 0.1)
  if (corners === 'cut') return [at(0, h), at(0, c), at(c, 0), at(w - c, 0), at(w, c), at(w, h)]
  return [
    at(0, h),
    ...arc(at(c, c), c, Math.PI, Math.PI * 1.5),
    ...arc(at(w - c, c), c, Math.PI * 1.5, Math.PI * 2),
    at(w, h),
  ]
}

/** Against the clock, both ends with it. */
function arc(middle: Point, radius: number, from: number, to: number): Point[] {
  const share = (to - from) / (2 * Math.PI)
  const fine = Math.PI / Math.acos(1 - Math.min(CHORD_MM / radius, 0.5))
  const chords = Math.ceil(share * Math.min(MOST_CHORDS, Math.max(LEAST_CHORDS, fine)))
  return Array.from({ length: chords + 1 }, (_, i) => {
    const angle = from + ((to - from) * i) / chords
    return at(middle.x + radius * Math.cos(angle), middle.y + radius * Math.sin(angle))
  })
}

/** How far a closed edge may miss its beginning, as a share of its length. A guess: a tape is read so. */
const CLOSES_WITHIN = 0.02

function walked(
  sides: readonly { readonly lengthMm: number; readonly turnDeg: number }[],
  closed: boolean,
): Point[] {
  const points = [at(0, 0)]
  let heading = 0
  sides.forEach(({ lengthMm, turnDeg }, i) => {
    requireInRange(lengthMm, `sides.${i}.lengthMm`, 0.1, 10_000)
    requireInRange(turnDeg, `sides.${i}.turnDeg`, -179, 179)
    const last = points.at(-1)!
    points.push(at(last.x + lengthMm * Math.cos(heading), last.y + lengthMm * Math.sin(heading)))
    heading += (turnDeg * Math.PI) / 180
  })
  return closed ? withoutLast(points, sides) : points
}

/** The last side must lead back to the beginning. */
function withoutLast(points: readonly Point[], sides: readonly { readonly lengthMm: number }[]): Point[] {
  const end = points.at(-1)!
  const missMm = Math.hypot(end.x, end.y)
  const lengthMm = sides.reduce((sum, side) => sum + side.lengthMm, 0)
  if (missMm > CLOSES_WITHIN * lengthMm)
    throw new CoreError(
      'bad-outline',
      `sides end ${missMm.toFixed(1)} mm from where they began: measure a side or a turn again`,
      { field: 'sides' },
    )
  return points.slice(0, -1)
}
