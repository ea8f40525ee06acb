import { requireFew, workOf } from '#core/errors'
import {
  areWithin,
  apartMm,
  type Bite,
  doCross,
  eachPairWithin,
  inOrder,
  MOST_BITE_MM,
  MOST_NEAR,
  MOST_PAIRS,
  type Near,
  type Nearness,
  SAME_MM,
} from './touching'

/** What of a stretch satin looks at. */
export interface SatinStretch {
  readonly lengthMm: number
  readonly closed: boolean
  /** Places of its points along it, rising. */
  readonly pointsAtMm: readonly number[]
  /** How far from each of them, in widths, the column is narrowed so that its halves do not meet; 0: not. */
  readonly narrowedWidths: readonly number[]
}

/** Bites so near a point lie round it: in stitch lengths, and in widths of the column. */
const ROUND_LENGTHS = 1.5
const ROUND_WIDTHS = 4
const TENTHS = 10 * MOST_BITE_MM

/**
 * Which columns of satin come too near each other. Satin lies thread on thread: bites that follow each other
 * along the edge count only where they properly cross, on a curve tighter than the bite; round a point they
 * are a corner to be turned; farther along they are opposite sides, and count as any bites do.
 *
 * @param lengthMm - from point to point.
 * @returns As `nearnessOf`; the largest bite is the one below the smallest at which anything touches.
 * @throws {CoreError} `too-many`.
 *
 * @example
 * satinNearnessOf(bites, [stretch], { widthMm: 3, lengthMm: 0.8 }, 0.5).touching // []
 */
export function satinNearnessOf(
  bites: readonly Bite[],
  stretches: readonly SatinStretch[],
  { widthMm, lengthMm }: { readonly widthMm: number; readonly lengthMm: number },
  clearanceMm: number,
): Nearness {
  const [touching, bulk]: [Near[], Near[]] = [[], []]
  const most = bites.map(() => TENTHS)
  const spend = workOf(MOST_PAIRS, 'stitch.widthMm', 'pairs of bites one over the other')
  eachPairWithin(bites, clearanceMm, spend, (a, b) => {
    const [one, other] = [bites[a]!, bites[b]!]
    if (one.cloth !== other.cloth || one.neighbours.includes(b)) return
    const pair = pairOf(one, other, stretches[one.stretch]!, lengthMm, clearanceMm)
    const isNear = (mm: number) => areWithin(one, other, mm, clearanceMm - SAME_MM)
    const isCrossed = (mm: number) => doCross(one, other, mm)
    if (isNear(widthMm)) {
      const near = { a, b, apartMm: apartMm(one, other, widthMm) }
      if (isRoundPoint(pair, widthMm)) bulk.push(near)
      else if (!isAlong(pair, widthMm) || isCrossed(widthMm)) touching.push(near)
      requireFew(touching.length + bulk.length, MOST_NEAR, 'stitch.widthMm', 'stitches that crowd')
    }
    const free = firstTouching(pair, isNear, isCrossed) - 1
    most[a] = Math.min(most[a]!, free)
    most[b] = Math.min(most[b]!, free)
  })
  touching.sort(inOrder)
  bulk.sort(inOrder)
  return { touching, bulk, mostMm: most.map(tenths => tenths / 10) }
}

/** How two bites lie along their edge, in mm; Infinity: on different edges, or with no point between them. */
interface Pair {
  readonly alongMm: number
  /** From the point between them to the farther of the two, of the point where that is least. */
  readonly fromPointMm: number
  /** From columns as wide as this on they lie round that point. */
  readonly roundFromMm: number
  readonly lengthMm: number
}
const isAlong = ({ alongMm }: Pair, widthMm: number) => alongMm <= ROUND_WIDTHS * widthMm + SAME_MM
const isRoundPoint = ({ fromPointMm, roundFromMm, lengthMm }: Pair, widthMm: number) =>
  fromPointMm <= ROUND_LENGTHS * lengthMm + SAME_MM || widthMm >= roundFromMm - SAME_MM

const NO_POINT: FromPoint = { fromPointMm: Infinity, roundFromMm: Infinity }
function pairOf(a: Bite, b: Bite, stretch: SatinStretch, lengthMm: number, clearanceMm: number): Pair {
  if (a.stretch !== b.stretch) return { alongMm: Infinity, ...NO_POINT, lengthMm }
  const { lengthMm: roundMm, closed } = stretch
  const [from, to] = a.alongMm < b.alongMm ? [a.alongMm, b.alongMm] : [b.alongMm, a.alongMm]
  const inside = to - from
  const slack = { lengthMm, clearanceMm }
  const inner = fromPoint(stretch, from, to, slack)
  if (!closed) return { alongMm: inside, ...inner, lengthMm }
  const outer = [fromPoint(stretch, to, from + roundMm, slack), fromPoint(stretch, to - roundMm, from, slack)]
  return { alongMm: Math.min(inside, roundMm - inside), ...[inner, ...outer].reduce(nearer), lengthMm }
}

type FromPoint = Pick<Pair, 'fromPointMm' | 'roundFromMm'>
const nearer = (a: FromPoint, b: FromPoint): FromPoint => ({
  fromPointMm: Math.min(a.fromPointMm, b.fromPointMm),
  roundFromMm: Math.min(a.roundFromMm, b.roundFromMm),
})

/** From the points nearest to the middle between two places to the farther of them. */
function fromPoint(
  { pointsAtMm, narrowedWidths, closed, lengthMm: roundMm }: SatinStretch,
  from: number,
  to: number,
  { lengthMm, clearanceMm }: { readonly lengthMm: number; readonly clearanceMm: number },
): FromPoint {
  const middle = (from + to) / 2
  let [low, high] = [0, pointsAtMm.length]
  while (low < high) {
    const half = (low + high) >> 1
    if (pointsAtMm[half]! < middle) low = half + 1
    else high = half
  }
  const reach = (point: number): FromPoint => {
    const count = pointsAtMm.length
    // Round a closed edge the last point comes before the first, and the first after the last.
    const turns = closed ? Math.floor(point / count) : 0
    const place = point - turns * count
    const own = pointsAtMm[place]
    if (own === undefined) return NO_POINT
    const at = own + turns * roundMm
    const farMm = Math.max(Math.abs(at - from), Math.abs(to - at))
    const narrowed = narrowedWidths[place] ?? 0
    // Narrowed so far that both halves and what stays free between them have room, to a stitch point.
    const narrowedFromMm = narrowed > 0 ? (farMm - lengthMm) / narrowed - clearanceMm / 2 : Infinity
    const isBetween = at >= from - SAME_MM && at <= to + SAME_MM
    return {
      fromPointMm: isBetween ? farMm : Infinity,
      roundFromMm: Math.min(isBetween ? farMm / ROUND_WIDTHS : Infinity, narrowedFromMm),
    }
  }
  return nearer(reach(low), reach(low - 1))
}

/** The smallest bite, in tenths, at which a pair touches; one more than the most where at none. */
function firstTouching(
  pair: Pair,
  isNear: (mm: number) => boolean,
  isCrossed: (mm: number) => boolean,
): number {
  // From these widths on it is along the same column, or round a point: both grow with the width.
  const along = tenthsFor(pair.alongMm / ROUND_WIDTHS)
  const isRound = pair.fromPointMm <= ROUND_LENGTHS * pair.lengthMm + SAME_MM
  const round = isRound ? 0 : tenthsFor(pair.roundFromMm)
  const apart = Math.min(along, round, TENTHS + 1) - 1
  if (apart >= 1 && isNear(apart / 10)) return firstOf(apart, isNear)
  if (along > TENTHS || along >= round || !isCrossed(TENTHS / 10)) return TENTHS + 1
  const crossed = Math.max(along, firstOf(TENTHS, isCrossed), 1)
  return crossed < round ? crossed : TENTHS + 1
}
const tenthsFor = (widthMm: number) => Math.ceil(10 * widthMm - SAME_MM)

/** The first number of tenths, up to one at which it holds, from which on it holds. */
function firstOf(holds: number, does: (mm: number) => boolean): number {
  let [not, yes] = [0, holds]
  while (yes - not > 1) {
    const middle = Math.floor((not + yes) / 2)
    if (does(middle / 10)) yes = middle
    else not = middle
  }
  return yes
}
