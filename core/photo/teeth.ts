import { median } from '#core/plane'

/** Places along a row that repeat: holes of a straight stitch, tips of a zigzag. */
export interface Teeth {
  /** In steps, in order. */
  readonly at: readonly number[]
  /** Which of the heights the first stands in. */
  readonly firstIn: number
  /** Steps from one to the next, about. */
  readonly period: number
  /** How far they stand out of what lies between them, in its own scatter. */
  readonly clearness: number
  /** The best other count’s clearness, as a share of it: near 1 it may be either. */
  readonly rival: number
}

/** Neighbours stand between these shares of the period apart. */
const NEAREST = 0.62
const FARTHEST = 1.45
/** The first and last stand no farther from a mark than this, in periods. */
const FROM_MARK = 0.45

/** What stands out along a row, a value a step; two of them where teeth stand on two sides in turn. */
export type Heights = readonly [ArrayLike<number>] | readonly [ArrayLike<number>, ArrayLike<number>]

/**
 * Looks for teeth along a row between two marks.
 *
 * The period is the one whose comb stands out most; then every tooth is set by itself, so that uneven
 * stitches are followed: of all ways from mark to mark over places that stand out, the one that is high and
 * even.
 *
 * @param heights - of two, teeth stand in the one and the other in turn.
 * @param from - the first mark, in steps; `to` the second.
 * @param least - the shortest and longest period looked for, in steps.
 * @returns null: nothing repeats there.
 *
 * @example
 * findTeeth([darkness], 20, 420, 8, 80)?.at.length // stitches and one
 */
export function findTeeth(
  heights: Heights,
  from: number,
  to: number,
  least: number,
  most: number,
): Teeth | null {
  const combs = combsOf(heights, from, to, least, most)
  const best = combs.reduce<Comb | null>((top, comb) => (top && top.score >= comb.score ? top : comb), null)
  if (!best || best.score <= 0) return null
  const rivals = combs.filter(({ count }) => count !== best.count)
  const rival = Math.max(0, ...rivals.map(({ score }) => score)) / best.score
  const teeth = followed(heights, from, to, best)
  // What the comb counts and what is found tooth by tooth must be the same.
  if (!teeth || teeth.length !== best.count + 1) return null
  return {
    at: teeth.map(({ at }) => at),
    firstIn: teeth[0]!.side,
    period: best.period,
    clearness: best.score,
    rival,
  }
}

interface Comb {
  readonly count: number
  readonly period: number
  readonly score: number
  /** Which of the heights the first tooth stands in. */
  readonly firstIn: number
}

/** Every whole number of stitches that fits, at its best place. */
function combsOf(heights: Heights, from: number, to: number, least: number, most: number): Comb[] {
  const long = to - from
  const combs: Comb[] = []
  for (let count = Math.max(1, Math.ceil(long / most)); count <= Math.floor(long / least); count++)
    combs.push(bestComb(heights, from, long, count))
  return combs
}

const SHIFTS = 9
function bestComb(heights: Heights, from: number, long: number, count: number): Comb {
  const usual = long / count
  let best: Comb = { count, period: usual, score: -Infinity, firstIn: 0 }
  // Both ends may be marked a little off.
  for (let a = 0; a < SHIFTS; a++)
    for (let b = 0; b < SHIFTS; b++) {
      const first = from + usual * FROM_MARK * ((2 * a) / (SHIFTS - 1) - 1)
      const last = from + long + usual * FROM_MARK * ((2 * b) / (SHIFTS - 1) - 1)
      const period = (last - first) / count
      for (let firstIn = 0; firstIn < heights.length; firstIn++) {
        const score = standing(heights, first, period, count, firstIn)
        if (score > best.score) best = { count, period, score, firstIn }
      }
    }
  return best
}

const HALF_WAYS = [0.25, 0.375, 0.5, 0.625, 0.75] as const

/** The mean at the teeth above the mean half-way between them, over how much those vary, times root count. */
function standing(heights: Heights, first: number, period: number, count: number, firstIn: number): number {
  let [teeth, teethSquared, between, betweenSquared, looks] = [0, 0, 0, 0, 0]
  for (let k = 0; k <= count; k++) {
    const height = heights[(firstIn + k) % heights.length]!
    const tooth = valueAt(height, first + k * period)
    teeth += tooth
    teethSquared += tooth * tooth
    if (k === count) continue
    for (const share of HALF_WAYS) {
      const look = valueAt(height, first + (k + share) * period)
      between += look
      betweenSquared += look * look
      looks += 1
    }
  }
  const n = count + 1
  const difference = teeth / n - between / looks
  const scatter = Math.sqrt(
    Math.max(
      1e-9,
      (teethSquared / n - (teeth / n) ** 2 + betweenSquared / looks - (between / looks) ** 2) / 2,
    ),
  )
  return (difference / scatter) * Math.sqrt(n)
}

function valueAt(height: ArrayLike<number>, place: number): number {
  const i = Math.min(height.length - 2, Math.max(0, Math.floor(place)))
  const share = Math.min(1, Math.max(0, place - i))
  return height[i]! * (1 - share) + height[i + 1]! * share
}

/** How much unevenness weighs against standing out. */
const EVENNESS = 6

interface Peak {
  readonly at: number
  readonly high: number
  readonly side: number
}

function followed(heights: Heights, from: number, to: number, { period, firstIn }: Comb): Peak[] | null {
  const each = period * heights.length
  const peaks = heights
    .flatMap((height, side) =>
      peaksOf(height, side, from - FROM_MARK * period, to + FROM_MARK * period, each),
    )
    .sort((a, b) => a.at - b.at)
  if (peaks.length < 2) return null
  const usual = Math.max(1e-9, median(peaks.map(({ high }) => high)))
  const score: number[] = []
  const back: number[] = []
  peaks.forEach(({ at, high, side }, i) => {
    const worth = high / usual
    const isFirst = side === firstIn && Math.abs(at - from) <= FROM_MARK * period
    score[i] = isFirst ? worth : -Infinity
    back[i] = -1
    for (let j = i - 1; j >= 0; j--) {
      const before = peaks[j]!
      const apart = (at - before.at) / period
      if (apart > FARTHEST) break
      if (apart < NEAREST || (heights.length > 1 && before.side === side)) continue
      const reached = score[j]! + worth - EVENNESS * (apart - 1) ** 2
      if (reached > score[i]!) {
        score[i] = reached
        back[i] = j
      }
    }
  })
  let last = -1
  peaks.forEach(({ at }, i) => {
    const isEnd = Math.abs(at - to) <= FROM_MARK * period && back[i]! >= 0
    if (isEnd && (last < 0 || score[i]! > score[last]!)) last = i
  })
  if (last < 0 || score[last] === -Infinity) return null
  const way: Peak[] = []
  for (let i = last; i >= 0; i = back[i]!) way.unshift(peaks[i]!)
  return way
}

/** Every place higher than its neighbours within a sixth of a period, drawn to the middle of its hill. */
function peaksOf(height: ArrayLike<number>, side: number, from: number, to: number, period: number): Peak[] {
  const reach = Math.max(1, Math.round(period / 6))
  const [low, top] = [Math.max(0, Math.floor(from)), Math.min(height.length - 1, Math.ceil(to))]
  const peaks: Peak[] = []
  for (let i = low; i <= top; i++) {
    if (!isPeak(height, i, reach)) continue
    peaks.push({
      at: hillMiddle(height, i, reach),
      high: height[i]! - floorBeside(height, i, period),
      side,
    })
  }
  return peaks
}

function isPeak(height: ArrayLike<number>, i: number, reach: number): boolean {
  for (let k = Math.max(0, i - reach); k <= Math.min(height.length - 1, i + reach); k++)
    if (height[k]! > height[i]! || (height[k] === height[i] && k < i)) return false
  return true
}

function hillMiddle(height: ArrayLike<number>, peak: number, reach: number): number {
  const [left, right] = [Math.max(0, peak - reach), Math.min(height.length - 1, peak + reach)]
  const foot = Math.min(height[left]!, height[right]!)
  const least = foot + (height[peak]! - foot) / 2
  let [weight, sum] = [0, 0]
  for (let i = left; i <= right; i++) {
    const over = Math.max(0, height[i]! - least)
    weight += over
    sum += over * i
  }
  return weight > 0 ? sum / weight : peak
}

/** How high it is half a period away. */
function floorBeside(height: ArrayLike<number>, peak: number, period: number): number {
  const half = Math.round(period / 2)
  const [before, after] = [Math.max(0, peak - half), Math.min(height.length - 1, peak + half)]
  return (height[before]! + height[after]!) / 2
}
