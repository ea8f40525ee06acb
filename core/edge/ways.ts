import { type FitPlan, sideFitter } from '#core/fit'
import type { EdgeStretch } from './parts'
import {
  type EdgePlan,
  type EdgeRules,
  type EdgeStitch,
  knownMm,
  landedEdge,
  measuredEdge,
  type MeasuredEdge,
  type OwnRun,
} from './planEdge'
import { marksInOrder } from './marks'
import { dialChangesOf, sewnOrder } from './sewnOrder'
import { nearnessOf } from './touching'

/** A way to sew the whole edge, and what it costs. */
export interface EdgeWay {
  readonly plan: EdgePlan
  readonly runs: readonly OwnRun[]
  readonly widthMm: number
  /** How often the length dial is turned on the way round. */
  readonly dialChanges: number
  /** The farthest any stitch is from the length wanted, in mm. */
  readonly deviationMm: number
  /** The most any run's last stitch would miss its point by without help, in mm. */
  readonly missMm: number
  /** Whether that is more than may be missed: the cloth is helped along by hand. */
  readonly byHand: boolean
  /** Whether it is helped in the last stitch before each point, rather than all along. */
  readonly easedLast: boolean
  /** Pairs of bites that meet round a point. */
  readonly bulk: number
  /** Runs along which nothing on the dial lands. */
  readonly unreached: number
}

/** Common marks for all runs are tried up to this share away from the length wanted. */
const SHARE_AWAY = 0.4
/** Over so many runs no common mark is looked for: there is none. */
const MOST_RUNS_ALIKE = 200
const SHOWN = 4
/** So many are laid out with their bites. */
const MOST_LAID = 5
/** More than this, of a stitch or in mm, is not eased into the last one: it shows. A guess. */
const MOST_EASED_SHARE = 0.4
const MOST_EASED_MM = 1
/** A bite is not made smaller than this share of the wanted one to thin out the points. */
const LEAST_BITE_SHARE = 0.5

/**
 * What each cost weighs, in changes of the dial. Ours: half a millimetre of another length, a sixth of one to
 * help along by hand, or a bite a millimetre smaller are as bad as one change. The bite that is wanted comes
 * before thinner points: those are the other choice.
 */
const WEIGHTS = {
  change: 1,
  perDeviationMm: 2,
  perMissMm: 6,
  perBiteMm: 1,
  anyBulk: 0.05,
  unreached: 10,
} as const

/**
 * The best ways along an edge: every point hit, nothing touching, with as little as possible changed on the
 * dial. None of them is beaten by another in all that it costs.
 *
 * @param stitch - the bite and length one would like; a bite that crowds is made smaller.
 * @param own - runs a person settled: they stay as they are.
 * @returns one to four, the best first.
 * @throws {CoreError} as `planEdge`.
 *
 * @example
 * edgeWays([leaf], { widthMm: 4, lengthMm: 3, bites: 'at' }, rules)[0].dialChanges
 */
export function edgeWays(
  stretches: readonly EdgeStretch[],
  stitch: EdgeStitch,
  rules: EdgeRules,
  own: readonly OwnRun[] = [],
): EdgeWay[] {
  const measured = measuredEdge(stretches, stitch.lengthMm, rules)
  const first = landedEdge(measured, stitch, rules, own)
  const choices = [
    nearest(first),
    fewestChanges(first),
    ...oneMark(first, stitch, rules),
    byHand(first, stitch, rules),
    ...easedIntoLast(first, stitch, rules),
  ]
    .map(runs => withOwn(runs, own))
    .map(runs => ({ runs, ...costOf(first, runs, stitch.lengthMm, rules.mostMissMm) }))
  const kept = bestOf(choices, way => [way.dialChanges, way.deviationMm, ...helpedOf(way), way.unreached])
  const ways = lightest(kept, MOST_LAID).flatMap(({ runs }) => biteWays(measured, stitch, rules, runs))
  const front = bestOf(ways, way => [
    way.dialChanges,
    way.deviationMm,
    ...helpedOf(way),
    way.bulk,
    stitch.widthMm - way.widthMm,
    way.unreached,
  ])
  return lightest(front, SHOWN)
}

/** What is helped along by hand, all along and in the last stitch: some like the one, some the other. */
const helpedOf = ({ byHand, easedLast, missMm }: Pick<EdgeWay, 'byHand' | 'easedLast' | 'missMm'>) => {
  const mm = byHand ? missMm : 0
  return easedLast ? [0, mm] : [mm, 0]
}

/** What a way costs; before its bites are known, without them. */
type Cost = Omit<EdgeWay, 'plan' | 'runs' | 'widthMm' | 'bulk'> & {
  readonly bulk?: number
  readonly widthMm?: number
}

/** The best of them, the best first. */
function lightest<T extends Cost>(ways: readonly T[], most: number): T[] {
  const weight = (way: T) =>
    WEIGHTS.change * way.dialChanges
    + WEIGHTS.perDeviationMm * way.deviationMm
    + WEIGHTS.perMissMm * (way.byHand ? way.missMm : 0)
    - WEIGHTS.perBiteMm * (way.widthMm ?? 0)
    + WEIGHTS.anyBulk * Number((way.bulk ?? 0) > 0)
    + WEIGHTS.unreached * way.unreached
  return [...ways].sort((a, b) => weight(a) - weight(b)).slice(0, most)
}

type Runs = readonly OwnRun[]

const runsOf = (plan: EdgePlan, choose: (plans: readonly FitPlan[]) => FitPlan | undefined): Runs =>
  plan.stretches.flatMap(({ sides }, stretch) =>
    sides.flatMap(({ plans }, side) => {
      const chosen = choose(plans)
      return chosen ? [{ stretch, side, plan: chosen }] : []
    }),
  )

const nearest = (plan: EdgePlan): Runs => runsOf(plan, plans => plans[0])

function withOwn(runs: Runs, own: readonly OwnRun[]): Runs {
  const isOwn = (run: OwnRun) => own.some(one => one.stretch === run.stretch && one.side === run.side)
  return [...runs.filter(run => !isOwn(run)), ...own]
}

/** Every run at one mark, for each mark that lands everywhere. */
function oneMark(plan: EdgePlan, { lengthMm }: EdgeStitch, rules: EdgeRules): Runs[] {
  const { marks, mostMissMm } = rules
  const sides = plan.stretches.flatMap((stretch, s) =>
    stretch.sides.map((side, i) => ({ s, i, mm: side.lengthMm })),
  )
  if (sides.length > MOST_RUNS_ALIKE) return []
  const near = marks.filter(mm => Math.abs(mm - lengthMm) <= SHARE_AWAY * lengthMm)
  return near.flatMap(mark => {
    const fit = sideFitter(lengthMm, [mark], mostMissMm)
    const runs: OwnRun[] = []
    for (const { s, i, mm } of sides) {
      const [only] = fit(knownMm(mm, rules))
      if (!only) return []
      runs.push({ stretch: s, side: i, plan: only })
    }
    return [runs]
  })
}

/** Every run at the mark nearest to the length wanted: what it misses is helped along by hand. */
function byHand(plan: EdgePlan, { lengthMm }: EdgeStitch, rules: EdgeRules): Runs {
  const { marks } = rules
  const mark = marks.reduce((best, mm) => (Math.abs(mm - lengthMm) < Math.abs(best - lengthMm) ? mm : best))
  return plan.stretches.flatMap(({ sides }, stretch) =>
    sides.map(({ lengthMm: sideMm }, side): OwnRun => {
      const knownSideMm = knownMm(sideMm, rules)
      const count = Math.max(1, Math.round(knownSideMm / mark))
      const own = {
        parts: [{ count, lengthMm: mark }],
        stitches: count,
        marks: 1,
        deviationMm: Math.abs(mark - lengthMm),
        missMm: knownSideMm - count * mark,
      }
      return { stretch, side, plan: own }
    }),
  )
}

/** The same, with what a run misses all in its last stitch before the point; none where that would show. */
function easedIntoLast(plan: EdgePlan, stitch: EdgeStitch, rules: EdgeRules): Runs[] {
  const runs = byHand(plan, stitch, rules)
  const missesMm = runs.map(({ plan: { missMm } }) => Math.abs(missMm))
  const isHelped = missesMm.some(mm => mm > rules.mostMissMm + 1e-6)
  const isSmall = runs.every(
    ({ plan: { parts } }, i) =>
      missesMm[i]! <= Math.min(MOST_EASED_MM, MOST_EASED_SHARE * parts[0]!.lengthMm),
  )
  return isHelped && isSmall ? [runs.map(run => ({ ...run, plan: { ...run.plan, eased: 'last' } }))] : []
}

/** The plans with the fewest turns of the dial, of those the nearest to the length wanted: run after run. */
function fewestChanges(plan: EdgePlan): Runs {
  const sides = plan.stretches.flatMap((stretch, s) => stretch.sides.map((side, i) => ({ ...side, s, i })))
  interface Path {
    readonly changes: number
    readonly deviationMm: number
    readonly mark: number
    readonly before: Path | null
    readonly run: OwnRun | null
  }
  let paths: Path[] = [{ changes: 0, deviationMm: 0, mark: Number.NaN, before: null, run: null }]
  for (const { plans, straighter, s, i } of sides) {
    if (plans.length === 0) continue
    paths = plans.map(own => {
      const marks = marksInOrder(own, straighter)
      const ways = paths.map((before): Path => {
        const turns = Number.isNaN(before.mark) || before.mark === marks[0] ? 0 : 1
        return {
          changes: before.changes + turns + marks.length - 1,
          deviationMm: Math.max(before.deviationMm, own.deviationMm),
          mark: marks.at(-1)!,
          before,
          run: { stretch: s, side: i, plan: own },
        }
      })
      return ways.reduce((a, b) => (isLess(b, a) ? b : a))
    })
  }
  function isLess(a: Path, b: Path): boolean {
    return a.changes < b.changes || (a.changes === b.changes && a.deviationMm < b.deviationMm)
  }
  const runs: OwnRun[] = []
  for (let at: Path | null = paths.reduce((a, b) => (isLess(b, a) ? b : a)); at; at = at.before)
    if (at.run) runs.unshift(at.run)
  return runs
}

function costOf(
  plan: EdgePlan,
  runs: Runs,
  lengthMm: number,
  mostMissMm: number,
): Pick<EdgeWay, 'dialChanges' | 'deviationMm' | 'missMm' | 'byHand' | 'easedLast' | 'unreached'> {
  const found = new Map(runs.map(run => [`${run.stretch} ${run.side}`, run.plan]))
  let [dialChanges, deviationMm, missMm, unreached, mark] = [0, 0, 0, 0, Number.NaN]
  plan.stretches.forEach(({ sides }, s) =>
    sides.forEach(({ straighter, evenMm }, i) => {
      const own = found.get(`${s} ${i}`)
      if (!own) {
        unreached += 1
        deviationMm = Math.max(deviationMm, Math.abs(evenMm - lengthMm))
        return
      }
      for (const mm of marksInOrder(own, straighter)) {
        if (!Number.isNaN(mark) && mm !== mark) dialChanges += 1
        mark = mm
      }
      deviationMm = Math.max(deviationMm, own.deviationMm)
      // A side shorter than half a stitch is one short stitch, however long the dial says it is.
      missMm = Math.max(missMm, Math.min(Math.abs(own.missMm), lengthMm / 2))
    }),
  )
  return {
    dialChanges,
    deviationMm,
    missMm,
    byHand: missMm > mostMissMm + 1e-6,
    easedLast: runs.some(({ plan: { eased } }) => eased === 'last'),
    unreached,
  }
}

/** With the widest stitch that crowds nothing, and with a smaller one that leaves the points thin. */
function biteWays(measured: MeasuredEdge, stitch: EdgeStitch, rules: EdgeRules, runs: Runs): EdgeWay[] {
  const wanted = landedEdge(measured, stitch, rules, runs)
  const widest = widestFree(wanted, measured, stitch, rules, runs)
  const at = (widthMm: number): EdgeWay => {
    const plan =
      widthMm === stitch.widthMm ? wanted : landedEdge(measured, { ...stitch, widthMm }, rules, runs)
    return {
      plan,
      runs,
      widthMm,
      // Satin is turned round its points, thread on thread.
      bulk: stitch.isSatin ? 0 : plan.bulk.length,
      ...costOf(plan, runs, stitch.lengthMm, rules.mostMissMm),
      dialChanges: changesOf(plan),
    }
  }
  const first = at(widest)
  // Round a point satin is turned, not thinned.
  if (first.bulk === 0 || stitch.isSatin) return [first]
  const thin = thinBite(first.plan, stitch, rules, widest)
  return thin === null ? [first] : [first, at(thin)]
}

/**
 * The bite that is wanted where nothing touches, else the widest below it at which nothing does. Of satin a
 * smaller one may touch where a wider is a corner to be turned: there each tenth is looked at.
 */
function widestFree(
  wanted: EdgePlan,
  measured: MeasuredEdge,
  stitch: EdgeStitch,
  rules: EdgeRules,
  runs: Runs,
): number {
  if (wanted.touching.length === 0) return stitch.widthMm
  const widest = Math.min(stitch.widthMm, wanted.widestBiteMm)
  if (!stitch.isSatin || widest >= LEAST_BITE_SHARE * stitch.widthMm) return widest
  const tenths = Array.from({ length: Math.ceil(10 * stitch.widthMm) - 1 }, (_, i) => (i + 1) / 10)
  const isFree = (widthMm: number) =>
    landedEdge(measured, { ...stitch, widthMm }, rules, runs).touching.length === 0
  return tenths.toReversed().find(mm => mm > widest && isFree(mm)) ?? widest
}

/** As it is sewn: each stretch from where it is best begun. */
const changesOf = ({ stretches }: EdgePlan): number =>
  dialChangesOf(
    stretches.map(stretch => sewnOrder(stretch, (stretch.start ?? stretch.from) - stretch.from, false)),
  )

/** The largest bite, in tenths, at which nothing meets at the points either; null: it would be too small. */
function thinBite(plan: EdgePlan, { widthMm }: EdgeStitch, { clearanceMm }: EdgeRules, widest: number) {
  const pairs = plan.bulk.map(({ a, b }) => [a, b] as const)
  const places = [...new Set(pairs.flat())]
  const bites = places.map((i, place) => ({
    ...plan.landings[i]!,
    cloth: 0,
    alongMm: 0,
    stretch: 0,
    nearPoints: [],
    // Only those that met round a point are held against each other.
    neighbours: places.flatMap((j, other) =>
      other !== place && !pairs.some(([a, b]) => (a === i && b === j) || (a === j && b === i)) ? [other] : [],
    ),
  }))
  const most = Math.min(widest, ...nearnessOf(bites, widest, clearanceMm).mostMm)
  return most >= LEAST_BITE_SHARE * widthMm && most < widest ? most : null
}

/** Those that no other beats in all it costs; of equal ones the first. */
function bestOf<T>(all: readonly T[], costs: (one: T) => readonly number[]): T[] {
  const priced = all.map(one => ({ one, cost: costs(one) }))
  const beats = (a: readonly number[], b: readonly number[]) =>
    a.every((cost, i) => cost <= b[i]! + 1e-9) && a.some((cost, i) => cost < b[i]! - 1e-9)
  const same = (a: readonly number[], b: readonly number[]) =>
    a.every((cost, i) => Math.abs(cost - b[i]!) <= 1e-9)
  return priced
    .filter(({ cost }, i) =>
      priced.every((other, j) => i === j || !(beats(other.cost, cost) || (j < i && same(other.cost, cost)))),
    )
    .map(({ one }) => one)
}
