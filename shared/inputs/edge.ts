import {
  dropsAlong,
  type EdgePoint,
  type EdgeAdvice,
  edgeAdvice,
  edgeParts,
  type EdgeRules,
  type EdgeStitch,
  type EdgeStretch,
  type EdgeWay,
  edgeWays,
  type OwnRun,
  planEdge,
  satinAlong,
} from '#core/edge'
import { CoreError } from '#core/errors'
import { asSewnMm, type DialScale, type LengthDial, marksAsSewn, marksOfPlans } from '#core/fit'
import type { Point } from '#core/plane'
import { boundsOf, grown, type Region, withoutOf } from '#core/shape'
import { libraryAlike, stitchOf, type StitchShape } from '#core/stitch'
import { drawnDiameter } from '#core/thread'
import type { Cloth, EdgePiece, Machine, OwnStitch, Thread } from '../records'
import type { SetupContent } from '../setup'
import { type EdgeKind, edgeKindOf } from './edgeSetup'
import { type Fonts, type PartStretch, regionsOf, stretchesOf } from './edgeRegions'
import { dialScaleOf } from './feed'
import { lengthDialOf, type PieceWork } from './pieces'
import { howTurned, narrowedBy, type TurnedPoints, turnsIn } from './turnedPoints'

/** Everything an edge is worked out from, as it crosses into the worker. */
export interface EdgeInput {
  readonly plan: EdgePiece
  readonly sewn: EdgeStitching
  readonly dial: LengthDial
  /** Sewn length over dialled length on this cloth; 1: not measured. */
  readonly feedFactor: number
  /** The stitch that runs along the edge. */
  readonly stitch: Pick<StitchShape, 'drops' | 'repeat'>
  readonly threadMm: number
}

/** An edge worked out. */
export interface EdgeAnswer {
  /** Each cloth as it is seen from above, from the lowest; a string has none. */
  readonly regions: readonly Region[]
  /** What is cut out of each cloth: with its allowance, and only so far under its neighbours. */
  readonly cut: readonly Region[]
  readonly stretches: readonly PartStretch[]
  /** One to three, the best first. */
  readonly ways: readonly EdgeWay[]
  /** Which of them is sewn. */
  readonly way: number
  /** Every needle position of that way, by stretch. */
  readonly drops: readonly (readonly Point[])[]
  /** Where each stretch begins, among all stitch points of that way. */
  readonly starts: readonly (number | null)[]
  readonly advice: readonly EdgeAdvice[]
  /** How satin is turned at its points, the sharpest first; none: another stitch, or no point. */
  readonly turns: readonly TurnedPoints[]
  /** What is sewn at points beside what lies along the edge: needle positions, and mm. */
  readonly extra: { readonly drops: number; readonly alongMm: number }
  /** How what lies between two stitch points stands on the dial. */
  readonly scale: DialScale
  /** Needle positions from one stitch point to the next. */
  readonly dropsEach: number
}

/** The stitch of an edge: its kind, and its numbers as they are dialled. */
export interface EdgeStitching {
  readonly kind: EdgeKind
  readonly stitchId: string
  readonly widthMm: number
  readonly lengthMm: number
}

/** An edge as it crosses into the worker; null: its stitch is gone. */
export function edgeInputOf(plan: EdgePiece, setup: SetupContent, tables: EdgeTables): EdgeInput | null {
  const { stitchId, widthMm, lengthMm } = setup.stitch
  const stitch = stitchOf(stitchId, tables.stitches)
  if (!stitch) return null
  const { drops, repeat } = stitch
  return {
    plan,
    sewn: { kind: edgeKindOf(setup, tables.stitches), stitchId, widthMm, lengthMm },
    dial: lengthDialOf(tables.machines.get(setup.machineId ?? '') ?? null).dial,
    feedFactor: dialScaleOf(plan.feed, setup, tables).feedFactor,
    stitch: { drops, repeat },
    threadMm: drawnDiameter(tables.threads.get(setup.threadIds.left ?? '') ?? null).mm,
  }
}
interface EdgeTables {
  readonly machines: ReadonlyMap<string, Machine>
  readonly stitches: ReadonlyMap<string, OwnStitch>
  readonly cloths: ReadonlyMap<string, Cloth>
  readonly threads: ReadonlyMap<string, Thread>
}

/**
 * An edge worked out: what is seen, the best ways along it, and where every stitch lands.
 *
 * @throws {CoreError} for what cannot be sewn, with the field of the plan where it has one.
 */
export function answerForEdge(
  { plan, sewn: wanted, dial, feedFactor, stitch, threadMm }: EdgeInput,
  fonts: Fonts,
): EdgeAnswer {
  const regions = regionsOf(plan, fonts)
  const stretches = stretchesOf(plan, wanted.kind, regions)
  const scale = scaleOf(stitch, feedFactor)
  const bites = bitesOf(plan, wanted, scale.lengths)
  const rules: EdgeRules = {
    marks: marksAsSewn(dial, scale),
    pointDeg: plan.pointDeg,
    clearanceMm: plan.clearanceMm,
    mostMissMm: mostMissOf(plan, bites),
    backwards: plan.backwards,
    knownToMm: KNOWN_TO_MM,
  }
  checkBite(plan, wanted, stretches)
  const ways = edgeWays(stretches, bites, rules, settledRuns(plan, wanted.lengthMm, scale, stretches))
  const way = Math.min(plan.way, ways.length - 1)
  const sewn = ways[way]!
  const outsideMm = wanted.kind === 'blanket' || wanted.kind === 'straight' ? 0 : plan.outsideMm
  return {
    regions,
    cut: regions.map((region, i) => cutOf(region, regions.slice(i + 1), plan)),
    stretches,
    ways,
    way,
    ...dropsOf(plan, sewn, wanted.kind, stitch, outsideMm),
    starts: sewn.plan.stretches.map((stretch, s) => startOf(plan, sewn, s) ?? stretch.start),
    advice: edgeAdvice(edgeWayAsWanted(stretches, bites, rules, sewn), bites, threadMm, plan.clearanceMm),
    scale,
    dropsEach: stitch.drops.length,
  }
}

/** Every needle position of the way that is sewn; satin turns its points. */
function dropsOf(
  plan: EdgePiece,
  { plan: planned, widthMm }: EdgeWay,
  kind: EdgeKind,
  stitch: EdgeInput['stitch'],
  outsideMm: number,
): Pick<EdgeAnswer, 'drops' | 'turns' | 'extra'> {
  if (kind !== 'satin' || widthMm <= 0)
    return {
      drops: dropsAlong(planned, stitch, widthMm, outsideMm),
      turns: [],
      extra: { drops: 0, alongMm: 0 },
    }
  const lengthMm = meanLandingMm(planned)
  const sewn = satinAlong(planned, { widthMm, lengthMm, outsideMm }, point => howTurned(plan, point))
  const points = planned.stretches.flatMap(stretch => stretch.points)
  return {
    drops: sewn.map(({ drops }) => drops),
    turns: turnsIn(plan, points, widthMm),
    extra: {
      drops: sewn.reduce((sum, { extraDrops }) => sum + extraDrops, 0),
      alongMm: sewn.reduce((sum, { extraMm }) => sum + extraMm, 0),
    },
  }
}
const meanLandingMm = ({ stretches, landings }: EdgeWay['plan']): number =>
  stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0) / Math.max(1, landings.length)

/** A zigzag is counted drop by drop, as one counts when sewing; other stitches of many drops in patterns. */
function scaleOf(stitch: EdgeInput['stitch'], feedFactor: number): DialScale {
  const isCounted = stitch.repeat === 1 || libraryAlike(stitch)?.id === 'zigzag'
  return { lengths: stitch.repeat, feedFactor, counted: isCounted ? 'stitches' : 'patterns' }
}

/** No tape and no printed shape is truer, in mm: what a grid leaves over decides nothing. */
const KNOWN_TO_MM = 0.01

/** Closed columns hide half of one of theirs, spread along a side: it is no reason for another length. */
const mostMissOf = ({ mostMissMm }: EdgePiece, { isSatin, lengthMm }: EdgeStitch): number =>
  isSatin ? Math.max(mostMissMm, lengthMm / 2) : mostMissMm

/** Bites as one would like them: what is wrong with them is what there is to say. */
function edgeWayAsWanted(
  stretches: readonly EdgeStretch[],
  bites: EdgeStitch,
  rules: EdgeRules,
  sewn: EdgeWay,
) {
  return sewn.widthMm === bites.widthMm ? sewn.plan : planEdge(stretches, bites, rules, sewn.runs)
}

function bitesOf(
  plan: Pick<EdgePiece, 'bites' | 'turns'>,
  { kind, widthMm, lengthMm }: EdgeStitching,
  lengths: number,
): EdgeStitch {
  const isZigzag = kind === 'hidden' || kind === 'satin'
  return {
    widthMm: kind === 'straight' ? 0 : widthMm,
    lengthMm: lengthMm * lengths,
    bites: plan.bites ?? (isZigzag ? 'between' : 'at'),
    isSatin: kind === 'satin',
    ...(kind === 'satin' ? { narrowedWidths: (point: EdgePoint) => narrowedBy(plan, point) } : {}),
  }
}

/** A bite larger than a whole cloth leaves it on the other side. */
function checkBite(
  { parts }: EdgePiece,
  { kind, widthMm }: EdgeStitching,
  stretches: readonly PartStretch[],
): void {
  for (const { part, pointsMm } of stretches) {
    if (parts[part]!.cut.kind === 'string') continue
    const { left, right, foot, top } = boundsOf([pointsMm])
    const acrossMm = Math.max(right - left, top - foot)
    if (kind !== 'straight' && widthMm >= acrossMm)
      throw new CoreError(
        'out-of-range',
        `The bite of ${widthMm} mm is larger than the shape: ${acrossMm.toFixed(1)} mm`,
        { field: 'stitch.widthMm', min: 0, max: Math.floor(acrossMm * 10) / 10 },
      )
  }
}

/** What was settled for runs that are as long as they were then; what does not fit any more is let go. */
function settledRuns(
  plan: EdgePiece,
  wantedMm: number,
  scale: DialScale,
  stretches: readonly EdgeStretch[],
): OwnRun[] {
  return plan.settled.flatMap(({ stretch, side, parts }): OwnRun[] => {
    const edge = stretches[stretch]
    const run = edge && edgeParts(edge, plan.pointDeg).runs[side]
    if (!run) return []
    const sewn = parts.map(({ count, lengthMm }) => ({ count, lengthMm: asSewnMm(lengthMm, scale) }))
    const missMm = run.lengthMm - sewn.reduce((sum, { count, lengthMm }) => sum + count * lengthMm, 0)
    const shortest = Math.min(...sewn.map(({ lengthMm }) => lengthMm))
    if (Math.abs(missMm) > Math.max(plan.mostMissMm, shortest / 2)) return []
    const deviations = sewn.map(({ lengthMm }) => Math.abs(lengthMm - wantedMm * scale.lengths))
    const stitches = sewn.reduce((sum, { count }) => sum + count, 0)
    const own = { parts: sewn, stitches, marks: sewn.length, deviationMm: Math.max(...deviations), missMm }
    return [{ stretch, side, plan: own }]
  })
}

/** What is seen of it, so far on under its neighbours, and its allowance. */
function cutOf(region: Region, above: readonly Region[], { allowanceMm, underMm }: EdgePiece): Region {
  const covers = above.filter(({ length }) => length > 0)
  if (covers.length === 0) return grown(region, allowanceMm)
  const seen = withoutOf(region, covers)
  const hidden = withoutOf(region, [grown(seen, underMm)])
  return grown(withoutOf(region, [hidden]), allowanceMm)
}

/** Where a person wants a stretch to begin: the nearest stitch point that is no point. */
function startOf({ starts }: EdgePiece, { plan }: EdgeWay, stretch: number): number | null {
  const wanted = starts.find(start => start.stretch === stretch)
  if (!wanted) return null
  const { from } = plan.stretches[stretch]!
  const to = plan.stretches[stretch + 1]?.from ?? plan.landings.length
  let best: number | null = null
  for (let i = from; i < to; i++) {
    if (plan.landings[i]!.isPoint) continue
    const apart = (place: number) => Math.abs(plan.landings[place]!.alongMm - wanted.alongMm)
    if (best === null || apart(i) < apart(best)) best = i
  }
  return best
}

/** What an edge asks of hands and machine: its seams with what is sewn over their beginnings. */
export function edgeWork(
  plan: EdgePiece,
  { ways, way, scale, dropsEach, extra }: EdgeAnswer,
  copies: number,
): PieceWork {
  const { plan: sewn, widthMm } = ways[way]!
  const lengths = sewn.stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
  const stitches = sewn.landings.length
  const meanMm = lengths / Math.max(1, stitches)
  const over = plan.overlap * sewn.stretches.filter(({ closed }) => closed).length
  const points = sewn.landings.filter(({ isPoint }) => isPoint).length
  const plans = sewn.stretches.flatMap(({ sides }) => sides.map(side => side.plan))
  const pivots = sewn.stretches
    .flatMap(({ sides }) => sides)
    .reduce(
      (sum, side) => sum + (side.turnEvery === null ? 0 : Math.floor(side.stitches / side.turnEvery)),
      0,
    )
  return {
    seamM: (copies * (lengths + extra.alongMm + over * meanMm)) / 1000,
    rows: copies * sewn.stretches.length,
    turns: copies * (points + pivots),
    stitches: copies * ((stitches + over) * dropsEach + extra.drops),
    dialled: { widthMm, lengthsMm: marksOfPlans(plans, scale) },
  }
}
