import { CoreError, requireInRange } from '#core/errors'
import type { NeedleType } from '#core/needle'
import type { TypedNeedle } from '#core/pairing'

/** A job that wants a twin: any needle within its ranges does it. */
export interface TwinJob {
  readonly id: string
  readonly name: string
  readonly gapMm: readonly [min: number, max: number]
  readonly sizeNm: readonly [min: number, max: number]
  readonly types: readonly NeedleType[]
  /** The stitch width that must be safe, in mm; 0 for straight. */
  readonly widthMm: number
}

export interface TwinCandidate extends TypedNeedle {
  readonly id: string
  /** Owned needles cost nothing: fewer bought is better than fewer in all. */
  readonly owned: boolean
}

export interface Coverage {
  /**
   * The chosen needles: owned ones that are needed first, then what to buy, each with the jobs it alone adds.
   */
  readonly chosen: readonly {
    readonly needle: TwinCandidate
    readonly jobs: readonly string[]
    readonly adds: readonly string[]
  }[]
  /** Jobs no candidate serves on any machine. */
  readonly unserved: readonly string[]
}

export const MOST_CANDIDATES = 40
/** A job is one bit of a whole number. */
export const MOST_JOBS = 30

/**
 * Whether a needle serves a job on at least one machine: its gap, type and size fit, and width + gap + margin
 * stay within the widest stitch.
 *
 * @example
 * serves(twin2of80, { …job, gapMm: [1.6, 2.5], widthMm: 0 }, [7], 0.5) // true
 */
export function serves(
  needle: TypedNeedle,
  job: TwinJob,
  maxWidthsMm: readonly number[],
  marginMm: number,
): boolean {
  const { gapMm, sizeNm, type } = needle
  const room = gapMm + job.widthMm + (job.widthMm > 0 ? marginMm : 0)
  return (
    gapMm >= job.gapMm[0]
    && gapMm <= job.gapMm[1]
    && sizeNm >= job.sizeNm[0]
    && sizeNm <= job.sizeNm[1]
    && job.types.includes(type)
    && maxWidthsMm.some(widest => room <= widest + 1e-9)
  )
}

/**
 * The smallest set of twin needles that serves all jobs that can be served: fewest to buy, then fewest in
 * all. Exact, by branch and bound on the job with the fewest needles left.
 *
 * @param candidates - at most 40.
 * @param jobs - at most 30.
 * @param maxWidthsMm - widest stitch of each owned machine.
 * @param marginMm - taken off wherever a stitch swings.
 * @throws {CoreError} `too-many`; `out-of-range` for a margin or width.
 *
 * @example
 * coverJobs(assortment, TWIN_JOBS, [7], 0.5).chosen.map(({ needle }) => needle.gapMm)
 */
export function coverJobs(
  candidates: readonly TwinCandidate[],
  jobs: readonly TwinJob[],
  maxWidthsMm: readonly number[],
  marginMm: number,
): Coverage {
  requireFew(candidates, 'candidates', MOST_CANDIDATES)
  requireFew(jobs, 'jobs', MOST_JOBS)
  requireInRange(marginMm, 'marginMm', 0, 5)
  maxWidthsMm.forEach((mm, i) => requireInRange(mm, `maxWidthsMm.${i}`, 0.1, 100))

  const masks = candidates.map(needle =>
    jobs.reduce(
      (mask, job, bit) => (serves(needle, job, maxWidthsMm, marginMm) ? mask | (1 << bit) : mask),
      0,
    ),
  )
  const possible = masks.reduce((all, mask) => all | mask, 0)
  const chosen = smallest(
    masks,
    candidates.map(({ owned }) => (owned ? OWNED_COST : BOUGHT_COST)),
    possible,
  )
  const names = (mask: number) => jobs.filter((_, bit) => mask & (1 << bit)).map(({ name }) => name)
  return {
    chosen: chosen
      .map(index => ({
        needle: candidates[index]!,
        jobs: names(masks[index]!),
        adds: names(
          masks[index]!
            & ~chosen.filter(other => other !== index).reduce((all, other) => all | masks[other]!, 0),
        ),
      }))
      .sort((a, b) => Number(b.needle.owned) - Number(a.needle.owned) || b.jobs.length - a.jobs.length),
    unserved: jobs.filter((_, bit) => !(possible & (1 << bit))).map(({ name }) => name),
  }
}

function requireFew(list: readonly unknown[], field: string, most: number): void {
  if (list.length > most)
    throw new CoreError('too-many', `At most ${most} ${field} can be searched exactly`, { field, most })
}

/** One bought needle outweighs all that could be owned. */
const BOUGHT_COST = MOST_CANDIDATES + 1
const OWNED_COST = 1

function smallest(masks: readonly number[], costs: readonly number[], goal: number): number[] {
  const useful = masks
    .map((mask, index) => ({ mask: mask & goal, cost: costs[index]!, index }))
    .filter(({ mask }) => mask !== 0)
  // A needle that does no more than another and costs no less is never needed.
  const kept = useful.filter(
    (a, i) =>
      !useful.some(
        (b, j) =>
          i !== j
          && (a.mask & ~b.mask) === 0
          && b.cost <= a.cost
          && (a.mask !== b.mask || b.cost < a.cost || j < i),
      ),
  )
  let best: number[] = []
  let bestCost = Infinity
  const most = Math.max(1, ...kept.map(({ mask }) => bits(mask)))
  const cheapest = Math.min(...kept.map(({ cost }) => cost))
  const search = (left: number, cost: number, taken: number[]): void => {
    if (left === 0) {
      if (cost < bestCost) [best, bestCost] = [[...taken], cost]
      return
    }
    // However the rest is covered, it takes at least this many more.
    if (cost + Math.ceil(bits(left) / most) * cheapest >= bestCost) return
    const bit = rarest(left, kept)
    const options = kept
      .filter(({ mask }) => mask & bit)
      .sort((a, b) => a.cost - b.cost || bits(b.mask & left) - bits(a.mask & left))
    for (const { mask, cost: price, index } of options) search(left & ~mask, cost + price, [...taken, index])
  }
  search(goal, 0, [])
  return best
}

function rarest(left: number, kept: readonly { readonly mask: number }[]): number {
  let found = 0
  let fewest = Infinity
  for (let rest = left; rest !== 0; rest &= rest - 1) {
    const bit = rest & -rest
    const count = kept.reduce((sum, { mask }) => sum + (mask & bit ? 1 : 0), 0)
    if (count < fewest) [found, fewest] = [bit, count]
  }
  return found
}

function bits(mask: number): number {
  let count = 0
  for (let rest = mask; rest !== 0; rest &= rest - 1) count++
  return count
}
