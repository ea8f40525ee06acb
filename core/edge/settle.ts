import { requireInRange } from '#core/errors'
import { fitCount, type FitPlan } from '#core/fit'
import { nearestOn, type Point } from '#core/plane'
import type { EdgePlan, EdgeSide } from './planEdge'

/**
 * A side sewn with another number of stitches, as near as the dial comes.
 *
 * @param marks - of the dial, rising, in mm of cloth.
 * @returns null: no stitch, or the dial does not reach.
 * @throws {CoreError} `non-finite`, `out-of-range`: as `fitCount`.
 *
 * @example
 * recounted({ lengthMm: 60, evenMm: 5 }, 10, [5, 6])?.parts // [{ count: 10, lengthMm: 6 }]
 */
export function recounted(
  { lengthMm, evenMm }: Pick<EdgeSide, 'lengthMm' | 'evenMm'>,
  stitches: number,
  marks: readonly number[],
): FitPlan | null {
  return stitches < 1 ? null : fitCount(lengthMm, stitches, evenMm, marks)
}

const MOST_STITCHES = 100_000

/**
 * How many stitches a side has once one of its stitch points is pulled along it: all become as long as those
 * before that stitch point.
 *
 * @param nth - which stitch point of the side, from 1.
 * @param alongMm - how far from the side's beginning it was pulled to.
 * @throws {CoreError} `non-finite`, `out-of-range` for a side of no length.
 *
 * @example
 * pulledCount(60, 6, 36) // 10: stitches of 6.0
 */
export function pulledCount(sideMm: number, nth: number, alongMm: number): number {
  requireInRange(sideMm, 'sideMm', Number.MIN_VALUE, Number.MAX_VALUE)
  requireInRange(alongMm, 'alongMm', 0, Number.MAX_VALUE)
  const stitches = alongMm === 0 ? MOST_STITCHES : Math.round((sideMm * nth) / alongMm)
  return Math.min(MOST_STITCHES, Math.max(1, stitches))
}

/** A side's own stitch points, and the one it ends on. */
export interface SideLandings {
  /** Of its first stitch point, among all. */
  readonly first: number
  readonly landings: readonly (Point & { readonly alongMm: number })[]
}

/**
 * The stitch points of one side, from its beginning to where the next side begins.
 *
 * @example
 * landingsOfSide(plan, 0, 2).landings.length // 13 for twelve stitches
 */
export function landingsOfSide(plan: EdgePlan, stretch: number, side: number): SideLandings {
  const { from, closed, lengthMm } = plan.stretches[stretch]!
  const to = plan.stretches[stretch + 1]?.from ?? plan.landings.length
  const all = plan.landings.slice(from, to)
  const first = all.findIndex(landing => landing.side === side)
  const count = all.filter(landing => landing.side === side).length
  const isLast = first + count === all.length
  const end =
    isLast && closed ? [{ ...all[0]!, alongMm: lengthMm }] : all.slice(first + count, first + count + 1)
  return { first: from + first, landings: [...all.slice(first, first + count), ...end] }
}

/**
 * How far from a side's beginning it comes nearest to a place, in mm: between stitch points, straight from
 * one to the next.
 *
 * @example
 * alongSide(landings, { x: 31, y: -4 }) // 31 on a side that runs right from 0
 */
export function alongSide(landings: SideLandings['landings'], at: Point): number {
  let best = { apart: Infinity, mm: 0 }
  for (let i = 1; i < landings.length; i++) {
    const [a, b] = [landings[i - 1]!, landings[i]!]
    const near = nearestOn(at, a, b)
    if (near.apart < best.apart)
      best = { apart: near.apart, mm: a.alongMm + near.share * (b.alongMm - a.alongMm) }
  }
  return best.mm - landings[0]!.alongMm
}
