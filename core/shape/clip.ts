import {
  ClipperD,
  ClipType,
  EndType,
  FillRule,
  inflatePathsD,
  JoinType,
  type PathD,
  unionD,
} from 'clipper2-ts'
import { apart, nearestOn, type Point } from '#core/plane'
import { type Outline, signedAreaMm2 } from './outline'

/** What a cloth covers: rings, cloth on the left of each with y up, so holes run with the clock. */
export type Region = readonly (readonly Point[])[]

/** Clipping works out on a grid of a ten-thousandth of a millimetre. */
const DIGITS = 4
/** Slivers that the grid leaves behind, in mm². */
const LEAST_AREA_MM2 = 1e-3

const paths = (region: Region): PathD[] => region.map(ring => ring.map(({ x, y }) => ({ x, y })))
/** Points as near as this are one, in mm: the grid splits some in two, with a corner between them. */
const ONE_POINT_MM = 1e-3
function ringOf(path: PathD): Point[] {
  const isApart = (a: Point, b: Point) => apart(a, b) > ONE_POINT_MM
  const kept: Point[] = []
  for (const { x, y } of path) if (kept.length === 0 || isApart(kept.at(-1)!, { x, y })) kept.push({ x, y })
  while (kept.length > 1 && !isApart(kept[0]!, kept.at(-1)!)) kept.pop()
  return kept
}
const waysOf = (found: readonly PathD[]): Point[][] => found.map(path => path.map(({ x, y }) => ({ x, y })))
const places = (found: readonly PathD[]): Point[][] =>
  found.map(ringOf).filter(({ length }) => length >= LEAST_POINTS)
/** Fewer points enclose nothing. */
const LEAST_POINTS = 3

/**
 * Rings as they come from a file or a font as one region: overlaps joined, holes kept.
 *
 * @param rule - `nonzero` as fonts mean it, `evenodd` for drawings whose rings may run any way.
 *
 * @example
 * regionOf([outer, hole], 'evenodd').length // 2
 */
export function regionOf(rings: Region, rule: 'nonzero' | 'evenodd'): Region {
  const fill = rule === 'nonzero' ? FillRule.NonZero : FillRule.EvenOdd
  const joined = places(unionD(paths(rings), [], fill, DIGITS))
  return joined.filter(ring => Math.abs(signedAreaMm2(ring)) > LEAST_AREA_MM2)
}

/**
 * What several regions cover together.
 *
 * @example
 * unionOf([leaf, stem])
 */
export function unionOf(regions: readonly Region[]): Region {
  return regionOf(regions.flat(), 'nonzero')
}

/**
 * What of a region no other covers.
 *
 * @example
 * withoutOf(leaf, [petal])
 */
export function withoutOf(region: Region, covers: readonly Region[]): Region {
  if (covers.length === 0) return region
  const clipper = new ClipperD(DIGITS)
  clipper.addSubjectPaths(paths(region))
  clipper.addClipPaths(paths(unionOf(covers)))
  const closed: PathD[] = []
  clipper.execute(ClipType.Difference, FillRule.NonZero, closed)
  return places(closed).filter(ring => Math.abs(signedAreaMm2(ring)) > LEAST_AREA_MM2)
}

/**
 * A region grown all round, or shrunk below 0; corners are rounded as scissors cut them.
 *
 * @example
 * grown(leaf, 5) // with an allowance to turn under
 */
export function grown(region: Region, byMm: number): Region {
  if (byMm === 0) return region
  return places(inflatePathsD(paths(region), byMm, JoinType.Round, EndType.Polygon, 2, DIGITS, 0.01))
}

/** A corner may reach so many times as far as its sides are moved: a tip of one degree. */
const MOST_MITRE = 115

/**
 * The rings parallel to a closed edge, to its left, corners kept sharp; where nothing is left, none.
 *
 * @param outline - with the cloth on its left.
 * @param byMm - over 0.
 *
 * @example
 * innerRings(rectangle(40, 60), 10)[0].length // 4
 */
export function innerRings({ pointsMm }: Outline, byMm: number): Region {
  return places(
    inflatePathsD(paths([pointsMm]), -byMm, JoinType.Miter, EndType.Polygon, MOST_MITRE, DIGITS),
  ).filter(ring => Math.abs(signedAreaMm2(ring)) > LEAST_AREA_MM2)
}

/**
 * The stretches of a region's edge that no cover lies on, in the edge's own direction. A ring that is seen
 * all round comes back closed.
 *
 * @example
 * seenEdges(leaf, [petal]) // one open stretch, from where the petal's edge crosses it
 */
export function seenEdges(region: Region, covers: readonly Region[]): Outline[] {
  const cover = covers.length > 0 ? unionOf(covers) : []
  return region.flatMap(ring => seenOfRing(ring, cover))
}

function seenOfRing(ring: readonly Point[], cover: Region): Outline[] {
  if (cover.length === 0) return [{ pointsMm: ring, closed: true }]
  const clipper = new ClipperD(DIGITS)
  clipper.addOpenSubjectPaths(paths([[...ring, ring[0]!]]))
  clipper.addClipPaths(paths(cover))
  const [closed, open]: [PathD[], PathD[]] = [[], []]
  clipper.execute(ClipType.Difference, FillRule.NonZero, closed, open)
  const found = inOrder(waysOf(open), ring)
  return joinedOverStart(found, ring[0]!)
}

/** By where along the ring they begin; the clipper gives them in any order, but as the ring runs. */
function inOrder(found: readonly Point[][], ring: readonly Point[]): Point[][] {
  return found
    .filter(points => points.length > 1)
    .map(points => ({ points, from: alongOf(points[0]!, ring) }))
    .sort((a, b) => a.from - b.from)
    .map(({ points }) => points)
}

/** A stretch that ends at the ring's beginning goes on with the one that starts there. */
function joinedOverStart(found: Point[][], start: Point): Outline[] {
  const [first, last] = [found[0], found.at(-1)]
  if (!first || !last) return []
  const meets = isAt(first[0]!, start) && isAt(last.at(-1)!, start)
  if (!meets) return found.map(pointsMm => ({ pointsMm, closed: false }))
  if (found.length === 1) return [{ pointsMm: first.slice(0, -1), closed: true }]
  const joined = [...last, ...first.slice(1)]
  return [...found.slice(1, -1), joined].map(pointsMm => ({ pointsMm, closed: false }))
}

const NEAR_MM = 1e-3
const isAt = (a: Point, b: Point) => apart(a, b) < NEAR_MM

/** How far along a ring the place nearest to a point lies, in mm. */
function alongOf(point: Point, ring: readonly Point[]): number {
  let passed = 0
  let best = { apart: Infinity, along: 0 }
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length]!
    const length = apart(a, b)
    const near = nearestOn(point, a, b)
    if (near.apart < best.apart - 1e-9) best = { apart: near.apart, along: passed + near.share * length }
    passed += length
  })
  return best.along
}
