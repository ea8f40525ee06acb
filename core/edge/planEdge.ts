import { requireFew, requireInRange } from '#core/errors'
import { type EvenFit, evenFit, type FitPlan, sideFitter } from '#core/fit'
import { apart, type Point } from '#core/plane'
import { checkOutline, MOST_SHAPE_POINTS, signedAreaMm2 } from '#core/shape'
import { type Landing, landingsAlong } from './land'
import { type EdgeParts, edgeParts, type EdgePoint, type EdgeRun, type EdgeStretch } from './parts'
import { satinNearnessOf } from './satin'
import { type Bite, type Near, type Nearness, nearnessOf, MOST_BITE_MM, tipOf } from './touching'

/** What should stay free between two bites, in mm. A guess. */
export const DEFAULT_CLEARANCE_MM = 0.5
/** Neighbouring tips nearer than this are crowded, in mm. A guess: about two threads. */
export const CROWDED_MM = 0.5
/** Bites so near a point, in stitch lengths, make it thick rather than wrong. */
const BULK_LENGTHS = 1.5
/** How far a seam fed straight may leave a curve, in mm. A guess. */
const MOST_OFF_CURVE_MM = 0.3

/** Stitch points of all edges of a piece: a hem of 60 m at 3 mm. */
export const MOST_LANDINGS = 20_000

/** How an edge is sewn. */
export interface EdgeStitch {
  /** Of a bite, to the inside; 0: none. */
  readonly widthMm: number
  /** Along the edge, from point to point. */
  readonly lengthMm: number
  /** Whether the bite is sewn at the stitch point, or half-way to the next one as a zigzag does. */
  readonly bites: 'at' | 'between'
  /** Thread on thread, as satin is sewn; left out: bites that stand apart. */
  readonly isSatin?: boolean
  /** How far from a point satin is narrowed, in widths; left out: nowhere. */
  readonly narrowedWidths?: (point: EdgePoint) => number
}

export interface EdgeRules {
  readonly marks: readonly number[]
  readonly pointDeg: number
  readonly clearanceMm: number
  readonly mostMissMm: number
  /** Sewn against the edge’s direction, so that a side’s first stitch is sewn last. @defaultValue false */
  readonly backwards?: boolean
  /**
   * How fine a side's length is known, in mm: what the grid of cutting out leaves over decides nothing.
   * @defaultValue 0: exact
   */
  readonly knownToMm?: number
}

/** What a person settled for one run instead of what is recommended. */
export interface OwnRun {
  readonly stretch: number
  readonly side: number
  readonly plan: FitPlan
}

/** A run with what is sewn along it. */
export interface EdgeSide extends EdgeRun {
  /** As `fitPlans`: the first is recommended. */
  readonly plans: readonly FitPlan[]
  /** What is taken; null: nothing lands near enough, and the even length is sewn. */
  readonly plan: FitPlan | null
  readonly evenMm: number
  readonly stitches: number
  /** Turn the cloth after so many stitches; null: it runs straight. */
  readonly turnEvery: number | null
  /** The largest stitch that crowds nothing along this run, in mm. */
  readonly mostBiteMm: number
}

export interface PlannedStretch {
  readonly lengthMm: number
  readonly closed: boolean
  readonly points: readonly EdgePoint[]
  readonly sides: readonly EdgeSide[]
  /** Its first stitch point, among all of them. */
  readonly from: number
  /** Where to begin, among all stitch points; null: every stitch point is a point. */
  readonly start: number | null
}

export interface EdgePlan {
  readonly stretches: readonly PlannedStretch[]
  readonly landings: readonly Landing[]
  /** Where each bite ends. */
  readonly tips: readonly Point[]
  readonly touching: readonly Near[]
  readonly bulk: readonly Near[]
  readonly crowded: readonly Near[]
  /** The largest multiple of 0.1 mm, up to 12, at which nothing touches. */
  readonly widestBiteMm: number
  /** The same for each stitch point. */
  readonly mostBiteMm: readonly number[]
}

/**
 * Stitches along edges: on every point, evenly between, with what comes too near what.
 *
 * @param stretches - edges of one piece, closed or open; bites of one may touch those of another.
 * @param stitch - width 0 to 12 mm, length 0.05 to 100 mm.
 * @param own - runs for which a person settled the plan.
 * @throws {CoreError} `bad-outline`, `out-of-range`, `non-finite`, `too-many`.
 *
 * @example
 * planEdge([square60], { widthMm: 6, lengthMm: 5, bites: 'at' }, rules).widestBiteMm // 9.5
 */
export function planEdge(
  stretches: readonly EdgeStretch[],
  stitch: EdgeStitch,
  rules: EdgeRules,
  own: readonly OwnRun[] = [],
): EdgePlan {
  return landedEdge(measuredEdge(stretches, stitch.lengthMm, rules), stitch, rules, own)
}

/** What of an edge stays the same whatever bite and plan are chosen. */
export interface MeasuredEdge {
  readonly stretches: readonly {
    readonly stretch: EdgeStretch
    readonly parts: EdgeParts
    /** Every plan of each run, the recommended one first. */
    readonly plans: readonly (readonly FitPlan[])[]
  }[]
}

/**
 * An edge read and fitted, for several plans of it.
 *
 * @throws {CoreError} as `planEdge`.
 *
 * @example
 * landedEdge(measuredEdge([leaf], 3, rules), stitch, rules, [])
 */
export function measuredEdge(
  stretches: readonly EdgeStretch[],
  lengthMm: number,
  rules: EdgeRules,
): MeasuredEdge {
  requireInRange(lengthMm, 'stitch.lengthMm', 0.05, 100)
  requireInRange(rules.pointDeg, 'pointDeg', 1, 180)
  const fit = sideFitter(lengthMm, rules.marks, rules.mostMissMm)
  let landings = 0
  return {
    stretches: stretches.map(stretch => {
      checkOutline(stretch, MOST_SHAPE_POINTS, 'shape')
      const parts = edgeParts(stretch, rules.pointDeg)
      landings += parts.runs.reduce((sum, run) => sum + run.lengthMm / lengthMm, 0)
      requireFew(landings, MOST_LANDINGS, 'stitch.lengthMm', 'landings')
      return { stretch, parts, plans: parts.runs.map(run => fit(knownMm(run.lengthMm, rules))) }
    }),
  }
}

/** A side's length as fine as it is known; never nothing. */
export const knownMm = (sideMm: number, { knownToMm = 0 }: Pick<EdgeRules, 'knownToMm'>): number =>
  knownToMm > 0 ? Math.max(knownToMm, Math.round(sideMm / knownToMm) * knownToMm) : sideMm

/** {@link planEdge} of an edge that was measured. */
export function landedEdge(
  { stretches }: MeasuredEdge,
  stitch: EdgeStitch,
  { clearanceMm, backwards = false }: Pick<EdgeRules, 'clearanceMm' | 'backwards'>,
  own: readonly OwnRun[],
): EdgePlan {
  requireInRange(stitch.widthMm, 'stitch.widthMm', 0, MOST_BITE_MM)
  requireInRange(clearanceMm, 'clearanceMm', 0, 10)
  const settled = new Map(own.map(({ stretch, side, plan }) => [`${stretch} ${side}`, plan]))
  let count = 0
  const laid = stretches.map(({ stretch, parts, plans }, s): Laid => {
    const runs = parts.runs.map((run, side) => ({
      run,
      plans: plans[side]!,
      plan: settled.get(`${s} ${side}`) ?? plans[side]![0] ?? null,
      even: evenFit(run.lengthMm, stitch.lengthMm),
    }))
    const stitches = runs.reduce((sum, { plan, even }) => sum + (plan ?? even).stitches, count)
    requireFew(stitches, MOST_LANDINGS, 'stitch.lengthMm', 'landings')
    const landings = landingsAlong(stretch, parts, runs, backwards)
    const from = count
    count += landings.length
    return { stretch, parts, runs, landings, from }
  })
  const bites = laid.flatMap((one, s) => bitesOf(one, s, stitch))
  const hasBites = stitch.widthMm > 0
  const near = hasBites ? nearnessIn(laid, bites, stitch, clearanceMm) : NOTHING_NEAR
  const mostBiteMm = hasBites ? near.mostMm : bites.map(() => MOST_BITE_MM)
  return {
    stretches: laid.map(one => plannedStretch(one, stitch, mostBiteMm)),
    landings: laid.flatMap(one => one.landings),
    tips: bites.map(bite => tipOf(bite, stitch.widthMm)),
    touching: near.touching,
    bulk: near.bulk,
    crowded: hasBites ? crowdedOf(bites, stitch.widthMm) : [],
    widestBiteMm: mostBiteMm.reduce((least, mm) => Math.min(least, mm), MOST_BITE_MM),
    mostBiteMm,
  }
}
function nearnessIn(
  laid: readonly Laid[],
  bites: readonly Bite[],
  stitch: EdgeStitch,
  clearanceMm: number,
): Nearness {
  if (!stitch.isSatin) return nearnessOf(bites, stitch.widthMm, clearanceMm)
  const { narrowedWidths = () => 0 } = stitch
  const stretches = laid.map(({ stretch: { closed }, parts: { lengthMm, points }, landings }) => ({
    lengthMm,
    closed,
    pointsAtMm: pointsAtOf(landings),
    narrowedWidths: points.map(narrowedWidths),
  }))
  return satinNearnessOf(bites, stretches, stitch, clearanceMm)
}
const pointsAtOf = (landings: readonly Landing[]) =>
  landings.flatMap(({ isPoint, alongMm }) => (isPoint ? [alongMm] : []))

const NOTHING_NEAR: Nearness = { touching: [], bulk: [], mostMm: [] }

function plannedStretch(
  { stretch, parts, runs, landings, from }: Laid,
  { lengthMm }: EdgeStitch,
  mostBiteMm: readonly number[],
): PlannedStretch {
  const least = runs.map(() => MOST_BITE_MM)
  landings.forEach(({ side }, i) => {
    least[side] = Math.min(least[side]!, mostBiteMm[from + i]!)
  })
  const sides = runs.map(({ run, plans, plan, even }, side): EdgeSide => ({
    ...run,
    plans,
    plan,
    evenMm: even.lengthMm,
    stitches: plan?.stitches ?? even.stitches,
    turnEvery: turnEvery(run.leastRadiusMm, lengthMm),
    mostBiteMm: least[side]!,
  }))
  const start = startOf(landings, sides)
  return {
    lengthMm: parts.lengthMm,
    closed: stretch.closed,
    points: parts.points,
    sides,
    from,
    start: start === null ? null : from + start,
  }
}

interface Laid {
  readonly stretch: EdgeStretch
  readonly parts: EdgeParts
  readonly runs: readonly {
    readonly run: EdgeRun
    readonly plans: readonly FitPlan[]
    readonly plan: FitPlan | null
    readonly even: EvenFit
  }[]
  readonly landings: readonly Landing[]
  /** Its first stitch point, among all of them. */
  readonly from: number
}

/** One bite a stitch point; on an open edge sewn between, the last stitch point has none of its own. */
function bitesOf(
  { stretch: { closed, cloth = 0 }, landings, from, parts: { lengthMm } }: Laid,
  stretch: number,
  { lengthMm: stitchMm, bites }: EdgeStitch,
): Bite[] {
  const count = landings.length
  const pointsAt = pointsAtOf(landings)
  return landings.map((landing, i): Bite => {
    const next = landings[i + 1] ?? (closed ? landings[0]! : landing)
    const nextMm = landings[i + 1]?.alongMm ?? (closed ? lengthMm : landing.alongMm)
    const alongMm = bites === 'at' ? landing.alongMm : (landing.alongMm + nextMm) / 2
    const at = bites === 'at' ? landing : halfWay(landing, next)
    return {
      x: at.x,
      y: at.y,
      inward: at.inward,
      cloth,
      alongMm,
      stretch,
      nearPoints: nearPoints(alongMm, pointsAt, lengthMm, BULK_LENGTHS * stitchMm, closed),
      neighbours: neighboursOf(i, count, closed).map(place => from + place),
    }
  })
}

function halfWay(a: Landing, b: Landing): Point & { readonly inward: Point } {
  const sum = { x: a.inward.x + b.inward.x, y: a.inward.y + b.inward.y }
  const length = Math.hypot(sum.x, sum.y) || 1
  return { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2, inward: { x: sum.x / length, y: sum.y / length } }
}

/** Points within reach along the edge, by their place among the points. */
function nearPoints(
  alongMm: number,
  pointsAt: readonly number[],
  lengthMm: number,
  reachMm: number,
  closed: boolean,
): number[] {
  const isNear = (at: number) => {
    const apart = Math.abs(at - alongMm)
    return (closed ? Math.min(apart, lengthMm - apart) : apart) <= reachMm + 1e-9
  }
  const count = pointsAt.length
  if (count === 0) return []
  const here = firstNotBelow(pointsAt, alongMm)
  const found: number[] = []
  for (const way of [1, -1])
    for (let k = way === 1 ? here : here - 1, steps = 0; steps < count; k += way, steps++) {
      const place = closed ? ((k % count) + count) % count : k
      const at = pointsAt[place]
      if (at === undefined || !isNear(at)) break
      if (!found.includes(place)) found.push(place)
    }
  return found
}

/** Where a number belongs among rising ones. */
function firstNotBelow(rising: readonly number[], value: number): number {
  let [low, high] = [0, rising.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (rising[middle]! < value) low = middle + 1
    else high = middle
  }
  return low
}

function neighboursOf(i: number, count: number, closed: boolean): number[] {
  const around = [i - 1, i + 1]
  if (closed) return around.map(k => (k + count) % count)
  return around.filter(k => k >= 0 && k < count)
}

function crowdedOf(bites: readonly Bite[], widthMm: number): Near[] {
  return bites.flatMap((bite, a) =>
    bite.neighbours
      .filter(b => b > a)
      .flatMap(b => {
        const [one, other] = [tipOf(bite, widthMm), tipOf(bites[b]!, widthMm)]
        const apartMm = apart(one, other)
        return apartMm < CROWDED_MM - 1e-6 ? [{ a, b, apartMm }] : []
      }),
  )
}

/** On the longest side that has a stitch point of its own, nearest its middle. */
function startOf(landings: readonly Landing[], sides: readonly EdgeSide[]): number | null {
  const bySide = sides
    .map(({ lengthMm }, side) => ({ side, lengthMm }))
    .sort((a, b) => (Math.abs(a.lengthMm - b.lengthMm) > 1e-6 ? b.lengthMm - a.lengthMm : a.side - b.side))
  const starts: number[] = []
  let passedMm = 0
  for (const { lengthMm } of sides) {
    starts.push(passedMm)
    passedMm += lengthMm
  }
  for (const { side, lengthMm } of bySide) {
    const nearest = nearestOn(landings, side, starts[side]! + lengthMm / 2)
    if (nearest !== null) return nearest
  }
  return null
}

/**
 * The stitch point of a side nearest to a place along the edge that is no point; of two as near, the first.
 */
function nearestOn(landings: readonly Landing[], side: number, alongMm: number): number | null {
  let best: number | null = null
  landings.forEach((landing, i) => {
    if (landing.side !== side || landing.isPoint) return
    const apart = (place: number) => Math.abs(landings[place]!.alongMm - alongMm)
    if (best === null || apart(i) < apart(best) - 1e-9) best = i
  })
  return best
}

/**
 * After how many stitches to turn the cloth on a curve, so that a seam fed straight stays within 0.3 mm of it
 * (a guess): a chord s leaves the round by s²/8R.
 *
 * @returns null: straight.
 *
 * @example
 * turnEvery(30, 2.5) // 3
 */
export function turnEvery(radiusMm: number | null, lengthMm: number): number | null {
  if (radiusMm === null) return null
  return Math.max(1, Math.floor(Math.sqrt(8 * radiusMm * MOST_OFF_CURVE_MM) / lengthMm))
}

/**
 * The area a closed edge encloses, in mm².
 *
 * @example
 * areaMm2(square60) // 3600
 */
export const areaMm2 = (points: readonly Point[]): number => Math.abs(signedAreaMm2(points))
