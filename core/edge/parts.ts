import { apart, type Point, radiusThrough, turnAt } from '#core/plane'
import { type Outline, sidesOf } from '#core/shape'

/** An edge to sew along, and on which side of its direction the cloth lies (y up). */
export interface EdgeStretch extends Outline {
  readonly clothOn: 'left' | 'right'
  /** Bites into different cloths do not touch: one lies over the other. @defaultValue 0 */
  readonly cloth?: number
  /** Places of which a person says whether they are points, whatever the turn. */
  readonly settled?: readonly (Point & { readonly isPoint: boolean })[]
}

/** A place where the edge turns so far that a stitch must land on it. */
export interface EdgePoint {
  readonly at: Point
  /** Measured in the cloth, in degrees, 0 to 360: over 180 it is an inside corner. */
  readonly insideDeg: number
  readonly kind: 'outer' | 'inner'
}

/** From point to point; on an open stretch, from end to end; without points, all round. */
export interface EdgeRun {
  readonly pathMm: readonly Point[]
  readonly lengthMm: number
  /** In mm; null: straight. */
  readonly leastRadiusMm: number | null
  /** Which half turns less: the long stitches go there. */
  readonly straighter: 'first' | 'last'
}

export interface EdgeParts {
  readonly lengthMm: number
  readonly points: readonly EdgePoint[]
  readonly runs: readonly EdgeRun[]
}

/** A place a person spoke of is found again within this, in mm. */
const SETTLED_MM = 0.05
/** As near to the middle of a run as this is in its middle, in mm. */
const MIDDLE_MM = 0.01
/** Turning less than this, in radians, is straight. */
const STRAIGHT_RAD = 1e-6

/**
 * An edge in its parts: where a stitch must land, and what lies between.
 *
 * @param pointDeg - from this turn on a place is a point, over 0 to 180.
 *
 * @example
 * edgeParts({ pointsMm: square(60), closed: true, clothOn: 'left' }, 35).runs.length // 4
 */
export function edgeParts(
  { pointsMm, closed, clothOn, settled = [] }: EdgeStretch,
  pointDeg: number,
): EdgeParts {
  const turns = pointsMm.map((_, i) => turnOf(pointsMm, i, closed))
  const isPoint = (i: number) => {
    const here = pointsMm[i]!
    const said = settled.find(at => apart(at, here) < SETTLED_MM)
    return said?.isPoint ?? Math.abs(turns[i]!) * (180 / Math.PI) >= pointDeg - 1e-9
  }
  const inner = closed ? pointsMm.map((_, i) => i) : pointsMm.slice(2).map((_, i) => i + 1)
  const corners = inner.filter(isPoint)
  const toCloth = clothOn === 'left' ? 1 : -1
  const points = corners.map((i): EdgePoint => {
    const insideDeg = 180 - toCloth * turns[i]! * (180 / Math.PI)
    return { at: pointsMm[i]!, insideDeg, kind: insideDeg > 180 ? 'inner' : 'outer' }
  })
  const runs = rangesOf(corners, pointsMm.length, closed).map(range => runOf(range, pointsMm, turns))
  return { lengthMm: runs.reduce((sum, { lengthMm }) => sum + lengthMm, 0), points, runs }
}

/** How far the edge turns at a point, in radians, to the left over 0. An end turns nowhere. */
function turnOf(points: readonly Point[], i: number, closed: boolean): number {
  if (!closed && (i === 0 || i === points.length - 1)) return 0
  return turnAt(points.at(i - 1)!, points[i]!, points[(i + 1) % points.length]!)
}

/** The points of each run by their places, first and last with it. */
function rangesOf(corners: readonly number[], count: number, closed: boolean): number[][] {
  const between = (from: number, to: number) => Array.from({ length: to - from + 1 }, (_, k) => from + k)
  if (!closed) {
    const ends = [0, ...corners, count - 1]
    return ends.slice(1).map((to, k) => between(ends[k]!, to))
  }
  const [first] = corners
  if (first === undefined) return [between(0, count)]
  return corners.map((from, k) => between(from, corners[k + 1] ?? first + count))
}

function runOf(range: readonly number[], points: readonly Point[], turns: readonly number[]): EdgeRun {
  const place = (i: number) => points[i % points.length]!
  const pathMm = range.map(place)
  const lengths = sidesOf(pathMm, false).map(([a, b]) => apart(a, b))
  const lengthMm = lengths.reduce((sum, mm) => sum + mm, 0)
  const isRound = range.length === points.length + 1
  // All round without a point, the beginning is a place like any other.
  const within = isRound ? range.slice(0, -1) : range.slice(1, -1)
  const radii = within.flatMap(i => {
    const isTurn = Math.abs(turns[i % points.length]!) > STRAIGHT_RAD
    return isTurn ? [radiusThrough(points.at((i - 1) % points.length)!, place(i), place(i + 1))] : []
  })
  return {
    pathMm,
    lengthMm,
    leastRadiusMm: radii.length > 0 ? Math.min(...radii) : null,
    straighter: straighterHalf(range, lengths, lengthMm, turns),
  }
}

function straighterHalf(
  range: readonly number[],
  lengths: readonly number[],
  lengthMm: number,
  turns: readonly number[],
): 'first' | 'last' {
  let [passed, first, last] = [0, 0, 0]
  range.slice(1, -1).forEach((i, k) => {
    passed += lengths[k]!
    const turn = Math.abs(turns[i % turns.length]!)
    const overHalfMm = passed - lengthMm / 2
    // A turn in the very middle belongs to neither: of an even arc no half is straighter.
    if (Math.abs(overHalfMm) < MIDDLE_MM) return
    if (overHalfMm < 0) first += turn
    else last += turn
  })
  return first < last - 1e-3 ? 'first' : 'last'
}
