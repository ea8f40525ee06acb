import { CoreError, requireInRange, workOf } from '#core/errors'
import { MOST_LENGTH_MARKS } from './limits'

/** The dial for stitch length: marks from `minMm` by `stepMm`, none over `maxMm`. */
export interface LengthDial {
  readonly minMm: number
  readonly maxMm: number
  readonly stepMm: number
}

/** Pairs of marks tried against the lengths of all sides together: more takes over a second. */
export const MOST_TRIES = 20_000_000

/** A guess for a machine whose dial nobody described: from closed satin up. */
export const UNKNOWN_LENGTH_DIAL: LengthDial = { minMm: 0.2, maxMm: 5, stepMm: 0.1 }

/** How far the last stitch may land from the point, in mm, unless one asks for less. A guess. */
export const DEFAULT_MISS_MM = 0.25
const MOST_SIDE_MM = 10_000
/** Two lengths are the same within this, in mm. */
const SAME_MM = 1e-6

/** So many stitches at one mark of the dial. */
export interface FitPart {
  readonly count: number
  readonly lengthMm: number
}

/** A way to come along a side with whole stitches. */
export interface FitPlan {
  /** One part, or two with different marks, the shorter stitches first. */
  readonly parts: readonly FitPart[]
  readonly stitches: number
  /** How many marks of the dial it takes: 1 or 2. */
  readonly marks: number
  /** How far its marks are from the length wanted, at most, in mm. */
  readonly deviationMm: number
  /** What is left of the side after the last stitch, in mm; negative: past the point. */
  readonly missMm: number
  /** All of the miss goes into the last stitch before the point; left out: into all of them alike. */
  readonly eased?: 'last'
}

/** Whole stitches of one length that the dial may not have. */
export interface EvenFit {
  readonly stitches: number
  readonly lengthMm: number
}

/**
 * The marks a dial can be set to, in mm, rising.
 *
 * @throws {CoreError} `non-finite`; `out-of-range`; `too-many` over 500 marks.
 *
 * @example
 * lengthMarks({ minMm: 5, maxMm: 6, stepMm: 1 }) // [5, 6]
 */
export function lengthMarks({ minMm, maxMm, stepMm }: LengthDial): number[] {
  requireInRange(minMm, 'dial.minMm', 0.01, 100)
  requireInRange(maxMm, 'dial.maxMm', minMm, 100)
  requireInRange(stepMm, 'dial.stepMm', 0.001, 100)
  // The nudge keeps the last mark where the steps end on it but for a rounding error.
  const count = Math.floor((maxMm - minMm) / stepMm + 1e-9) + 1
  if (count > MOST_LENGTH_MARKS)
    throw new CoreError('too-many', `dial has ${count} marks; ${MOST_LENGTH_MARKS} are the most`, {
      field: 'dial.stepMm',
      most: MOST_LENGTH_MARKS,
    })
  return Array.from({ length: count }, (_, i) => toNanometre(minMm + i * stepMm))
}

/**
 * The side in whole stitches of one length, as near to the wanted one as whole stitches come: at least one.
 *
 * @param sideMm - over 0 to 10 000.
 * @param wantedMm - 0.05 to 100.
 *
 * @example
 * evenFit(43, 5) // { stitches: 9, lengthMm: 4.777… }
 */
export function evenFit(sideMm: number, wantedMm: number): EvenFit {
  requireInRange(sideMm, 'sideMm', SAME_MM, MOST_SIDE_MM)
  requireInRange(wantedMm, 'wantedMm', 0.05, 100)
  const stitches = Math.max(1, Math.round(sideMm / wantedMm))
  return { stitches, lengthMm: sideMm / stitches }
}

/**
 * All ways along a side, with one mark or two mixed, that no other beats in all three of: deviation from the
 * wanted length, number of marks, and miss (the Pareto front, as multi-objective optimization names it).
 *
 * @param sideMm - over 0 to 10 000.
 * @param wantedMm - 0.05 to 100.
 * @param marks - from `lengthMarks`.
 * @param mostMissMm - how far the last stitch may land from the point, 0 to 10.
 * @returns one plan for each point of the front, the smallest deviation first: the first is recommended.
 *   Empty where no plan is near enough.
 *
 * @example
 * fitPlans(43, 5, [5, 6])[0].parts // [{ count: 5, lengthMm: 5 }, { count: 3, lengthMm: 6 }]
 */
export function fitPlans(
  sideMm: number,
  wantedMm: number,
  marks: readonly number[],
  mostMissMm = DEFAULT_MISS_MM,
): FitPlan[] {
  return sideFitter(wantedMm, marks, mostMissMm)(sideMm)
}

/**
 * {@link fitPlans} for many sides: what is the same for all of them is worked out once.
 *
 * @throws {CoreError} `too-many` where marks without a common step would have to be tried too often.
 *
 * @example
 * legs.map(sideFitter(3, marks, 0.25))
 */
export function sideFitter(
  wantedMm: number,
  marks: readonly number[],
  mostMissMm = DEFAULT_MISS_MM,
): (sideMm: number) => FitPlan[] {
  requireInRange(wantedMm, 'wantedMm', 0.05, 100)
  requireInRange(mostMissMm, 'mostMissMm', 0, 10)
  const near = marks
    .map((mm): NearMark => ({ mm, deviationMm: toNanometre(Math.abs(mm - wantedMm)) }))
    .sort((a, b) => a.deviationMm - b.deviationMm || a.mm - b.mm)
  const groups = byDeviation(near)
  const spend = workOf(MOST_TRIES, 'dial', 'ways to mix two marks')
  const divisorNm = marks.map(mm => Math.round(mm * 1e6)).reduce(greatestDivisor)
  return sideMm => {
    requireInRange(sideMm, 'sideMm', SAME_MM, MOST_SIDE_MM)
    return frontOf(sideMm, near, groups, leastMissMm(sideMm, divisorNm), mostMissMm, spend)
  }
}

function frontOf(
  sideMm: number,
  near: readonly NearMark[],
  groups: readonly Group[],
  leastMm: number,
  mostMissMm: number,
  spend: (tries: number) => void,
): FitPlan[] {
  const front: FitPlan[] = []
  /** The smallest miss so far with one mark, and with at most two. */
  const best = { one: mostMissMm + 2 * SAME_MM, any: mostMissMm + 2 * SAME_MM }
  for (const { from, to } of groups) {
    const single = closest(near.slice(from, to).map(mark => singlePlan(sideMm, mark)))
    if (single && isBetter(single, best.one)) {
      front.push(single)
      best.one = Math.abs(single.missMm)
      best.any = Math.min(best.any, best.one)
    }
    if (best.any > leastMm + SAME_MM) {
      const mixed = closest(mixedPlans(sideMm, near, from, to, spend))
      if (mixed && isBetter(mixed, best.any)) {
        front.push(mixed)
        best.any = Math.abs(mixed.missMm)
      }
    }
    if (best.one <= leastMm + SAME_MM) break
  }
  return front
}

/** Every mark of a group with each that is no farther from the wanted length. */
function mixedPlans(
  sideMm: number,
  near: readonly NearMark[],
  from: number,
  to: number,
  spend: (tries: number) => void,
): Candidate[] {
  const plans: Candidate[] = []
  for (let now = from; now < to; now++)
    for (let other = 0; other < now; other++) {
      const plan = mixedPlan(sideMm, near[other]!, near[now]!, spend)
      if (plan) plans.push(plan)
    }
  return plans
}

/**
 * A side in exactly so many stitches, with the two marks about their even length: for a row that is to have
 * as many stitches as its neighbour.
 *
 * @param stitches - 1 to 100 000.
 * @returns null where the dial does not reach.
 *
 * @example
 * fitCount(43, 8, 5, [5, 6])?.parts // [{ count: 5, lengthMm: 5 }, { count: 3, lengthMm: 6 }]
 */
export function fitCount(
  sideMm: number,
  stitches: number,
  wantedMm: number,
  marks: readonly number[],
): FitPlan | null {
  requireInRange(sideMm, 'sideMm', SAME_MM, MOST_SIDE_MM)
  requireInRange(stitches, 'stitches', 1, 100_000)
  const even = sideMm / stitches
  const short = marks.filter(mm => mm <= even + SAME_MM).at(-1)
  const long = marks.find(mm => mm >= even - SAME_MM)
  if (short === undefined || long === undefined) return null
  const marked = (mm: number): NearMark => ({ mm, deviationMm: toNanometre(Math.abs(mm - wantedMm)) })
  const longs = short === long ? 0 : Math.round((sideMm - stitches * short) / (long - short))
  const counted = [
    [stitches - longs, marked(short)],
    [longs, marked(long)],
  ] as const
  return candidate(
    sideMm,
    counted.filter(([count]) => count > 0),
  ).plan
}

interface NearMark {
  readonly mm: number
  readonly deviationMm: number
}

/** Places of marks as far from the wanted length as each other, from the first to before the last. */
interface Group {
  readonly from: number
  readonly to: number
}
function byDeviation(near: readonly NearMark[]): Group[] {
  const starts = near.flatMap(({ deviationMm }, i) =>
    i === 0 || deviationMm - near[i - 1]!.deviationMm > SAME_MM ? [i] : [],
  )
  return starts.map((from, i) => ({ from, to: starts[i + 1] ?? near.length }))
}

function isBetter({ missMm }: FitPlan, thanMm: number): boolean {
  return Math.abs(missMm) < thanMm - SAME_MM
}

/** The one that lands nearest; of those alike, the one that strays least from the wanted length. */
function closest(plans: readonly (Candidate | null)[]): FitPlan | null {
  let found: Candidate | null = null
  for (const plan of plans) if (plan && (!found || isCloser(plan, found))) found = plan
  return found?.plan ?? null
}
function isCloser(a: Candidate, b: Candidate): boolean {
  const apart = Math.abs(a.plan.missMm) - Math.abs(b.plan.missMm)
  if (Math.abs(apart) > SAME_MM) return apart < 0
  return a.strayMm < b.strayMm - SAME_MM
}
interface Candidate {
  readonly plan: FitPlan
  /** Deviations of all its stitches together, in mm. */
  readonly strayMm: number
}

function singlePlan(sideMm: number, mark: NearMark): Candidate {
  const count = Math.max(1, Math.round(sideMm / mark.mm))
  return candidate(sideMm, [[count, mark]])
}

/** null: the side has no room for one of each. */
function mixedPlan(
  sideMm: number,
  a: NearMark,
  b: NearMark,
  spend: (tries: number) => void,
): Candidate | null {
  const [short, long] = a.mm < b.mm ? [a, b] : [b, a]
  const mostLong = Math.floor((sideMm - short.mm) / long.mm + 1)
  spend(Math.max(1, mostLong))
  let found: { longs: number; shorts: number; missMm: number; strayMm: number } | null = null
  for (let longs = 1; longs <= mostLong; longs++) {
    const shorts = Math.max(1, Math.round((sideMm - longs * long.mm) / short.mm))
    const missMm = Math.abs(sideMm - longs * long.mm - shorts * short.mm)
    const strayMm = longs * long.deviationMm + shorts * short.deviationMm
    const isCloserYet =
      !found
      || missMm < found.missMm - SAME_MM
      || (missMm <= found.missMm + SAME_MM && strayMm < found.strayMm - SAME_MM)
    if (isCloserYet) found = { longs, shorts, missMm, strayMm }
  }
  return (
    found
    && candidate(sideMm, [
      [found.shorts, short],
      [found.longs, long],
    ])
  )
}

function candidate(sideMm: number, counted: readonly (readonly [number, NearMark])[]): Candidate {
  const sewnMm = counted.reduce((sum, [count, { mm }]) => sum + count * mm, 0)
  return {
    strayMm: counted.reduce((sum, [count, { deviationMm }]) => sum + count * deviationMm, 0),
    plan: {
      parts: counted.map(([count, { mm }]) => ({ count, lengthMm: mm })),
      stitches: counted.reduce((sum, [count]) => sum + count, 0),
      marks: counted.length,
      deviationMm: Math.max(...counted.map(([, { deviationMm }]) => deviationMm)),
      missMm: toNanometre(sideMm - sewnMm),
    },
  }
}

/**
 * No plan can miss by less: every sum of marks is a multiple of their common divisor. With it the search ends
 * early, without leaving anything out.
 */
function leastMissMm(sideMm: number, divisorNm: number): number {
  const overNm = Math.round(sideMm * 1e6) % divisorNm
  return Math.min(overNm, divisorNm - overNm) / 1e6
}
function greatestDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestDivisor(b, a % b)
}

function toNanometre(mm: number): number {
  return Math.round(mm * 1e6) / 1e6 + 0
}
