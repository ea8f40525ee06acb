import { type FitPlan, type EvenFit, stitchEnds } from '#core/fit'
import { apart, between, heading, type Point } from '#core/plane'
import type { EdgeParts, EdgeStretch } from './parts'

/** Where a stitch lands on the edge, and the way its bite goes. */
export interface Landing extends Point {
  /** To the inside, of length 1: along the normal, at a point along the bisector. */
  readonly inward: Point
  /** From the first stitch point, along the edge, in mm. */
  readonly alongMm: number
  /** Whether it is one of the edge's points. */
  readonly isPoint: boolean
  /** The run it begins, or lies in. */
  readonly side: number
}

/** What is sewn along one run. */
export interface RunStitches {
  /** null: none lands near enough, the even length is taken. */
  readonly plan: FitPlan | null
  readonly even: EvenFit
}

/**
 * Stitch points along an edge: one on every point, the miss of each run spread evenly over its stitches. On a
 * closed edge the last stitch ends at the first stitch point, which is not repeated.
 *
 * @param stitches - one for each run.
 * @param backwards - sewn against the edge's direction: a run's first stitch is sewn last.
 *
 * @example
 * landingsAlong(square, edgeParts(square, 35), fits).filter(({ isPoint }) => isPoint).length // 4
 */
export function landingsAlong(
  { closed, clothOn }: EdgeStretch,
  { runs, points }: EdgeParts,
  stitches: readonly RunStitches[],
  backwards = false,
): Landing[] {
  const toCloth = clothOn === 'left' ? 1 : -1
  const landings: Landing[] = []
  let passedMm = 0
  runs.forEach(({ pathMm, lengthMm, straighter }, side) => {
    const ends = endsAlong(stitches[side]!, lengthMm, straighter, backwards)
    const walk = walkAlong(pathMm)
    const starts = [0, ...ends.slice(0, -1)]
    const beforePath = runs.at(side - 1)!.pathMm
    starts.forEach((mm, k) => {
      const isStart = k === 0
      const joins = isStart && (closed || side > 0)
      const here = walk(mm)
      const at = isStart ? pathMm[0]! : here.at
      const into = joins ? heading(beforePath.at(-2)!, beforePath.at(-1)!) : here.into
      landings.push({
        x: at.x,
        y: at.y,
        inward: inwardOf(into, here.out, toCloth),
        alongMm: passedMm + mm,
        isPoint: joins && points.length > 0,
        side,
      })
    })
    passedMm += lengthMm
  })
  if (!closed) landings.push(lastOf(runs, passedMm, toCloth))
  return landings
}

function lastOf(runs: EdgeParts['runs'], alongMm: number, toCloth: number): Landing {
  const { pathMm } = runs.at(-1)!
  const way = heading(pathMm.at(-2)!, pathMm.at(-1)!)
  const inward = inwardOf(way, way, toCloth)
  return { ...pathMm.at(-1)!, inward, alongMm, isPoint: false, side: runs.length - 1 }
}

/** Ends of the stitches, stretched to end with the run; the long ones on the straighter half. */
function endsAlong(
  { plan, even }: RunStitches,
  lengthMm: number,
  straighter: 'first' | 'last',
  backwards: boolean,
): number[] {
  const ordered =
    plan && straighter === 'first' ? { ...plan, parts: plan.parts.toReversed() } : (plan ?? undefined)
  const ends = stitchEnds(ordered, even)
  const sewn = ends.at(-1)!
  if (plan?.eased === 'last') {
    const before = backwards ? ends.slice(0, -1).map(mm => mm + lengthMm - sewn) : ends.slice(0, -1)
    return [...before, lengthMm]
  }
  return ends.map(mm => (mm * lengthMm) / sewn)
}

interface Step {
  readonly at: Point
  /** The heading before and after the place: two where it is one of the way's own points. */
  readonly into: Point
  readonly out: Point
}

/** A place on the way at a distance; asked with rising distances. */
export function walkAlong(way: readonly Point[]): (mm: number) => Step {
  const SAME_MM = 1e-9
  let [side, passedMm] = [0, 0]
  return mm => {
    for (;;) {
      const [a, b] = [way[side]!, way[side + 1]!]
      const lengthMm = apart(a, b)
      const overMm = mm - passedMm
      const isLast = side === way.length - 2
      if (overMm > lengthMm - SAME_MM && !isLast) {
        passedMm += lengthMm
        side += 1
        continue
      }
      const share = Math.min(1, Math.max(0, overMm / lengthMm))
      const out = heading(a, b)
      const isCorner = overMm <= SAME_MM && side > 0
      return {
        at: between(a, b, share),
        into: isCorner ? heading(way[side - 1]!, a) : out,
        out,
      }
    }
  }
}

/** Half-way between the two normals; at a spike, where they cancel out, back along the edge. */
function inwardOf(into: Point, out: Point, toCloth: number): Point {
  const sum = { x: -(into.y + out.y) * toCloth, y: (into.x + out.x) * toCloth }
  const length = Math.hypot(sum.x, sum.y)
  if (length > 1e-6) return { x: sum.x / length, y: sum.y / length }
  return { x: -into.x, y: -into.y }
}
