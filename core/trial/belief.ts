import { GOAL_FACTS, type Reading, type TrialGoal } from './goals'
import type { SteppedDial, TrialPrior } from './types'

/**
 * What is believed of the machine: at which mark the goal lies and how many reading steps a mark makes.
 *
 * A reading is target + slope × (dial − goal mark), with normal noise, rounded to a step and held to ±3. The
 * belief is a grid over goal mark and slope; a reading multiplies each cell by its chance. Slopes are
 * log-normal about 1.3 steps a mark on a dial of nine marks (our own assumption, stated in the study); the
 * noise is 0.3 of a step, with one reading in fifty taken to be a slip.
 */
export interface Belief {
  readonly mark: Float64Array
  readonly slope: Float64Array
  readonly weight: Float64Array
}

const NOISE = 0.3
const SLIP = 0.02
const MIDDLE_SLOPE = 1.3
const SLOPE_SIGMA = 0.4
const SLOPES = [-2.1, -1.4, -0.7, 0, 0.7, 1.4, 2.1].map(z => ({
  slope: MIDDLE_SLOPE * Math.exp(SLOPE_SIGMA * z),
  weight: Math.exp((-z * z) / 2),
}))
/** Marks of the dial the numbers of the trade are given on. */
const USUAL_MARKS = 9
const FINE_PER_SPREAD = 10
const NEAR_SPREADS = 3.5
/** The share of the belief spread evenly over the dial and past its ends, for machines nobody expected. */
const SURPRISE = 0.03
const PAST_ENDS = 3
/** Cells and readings rarer than this change nothing one could notice. */
const NEGLIGIBLE = 1e-5
const RARE = 3e-3

/** How many marks of this dial are one of a usual dial. */
export const unitOf = ({ min, max }: SteppedDial): number => (max - min) / USUAL_MARKS

// Chance of each of the seven readings for a true value, read from a table: the search asks for it a million
// times.
const TABLE_STEP = 0.02
const TABLE_LOW = -6
const TABLE_SIZE = Math.round((-2 * TABLE_LOW) / TABLE_STEP) + 1
const READING_CHANCE: readonly Float64Array[] = [-3, -2, -1, 0, 1, 2, 3].map(reading =>
  Float64Array.from({ length: TABLE_SIZE }, (_, i) => {
    const truth = TABLE_LOW + i * TABLE_STEP
    const below = reading === -3 ? 0 : normalBelow((reading - 0.5 - truth) / NOISE)
    const above = reading === 3 ? 1 : normalBelow((reading + 0.5 - truth) / NOISE)
    return (1 - SLIP) * (above - below) + SLIP / 7
  }),
)

/**
 * Share of a standard normal below z. Source: Abramowitz and Stegun, Handbook of Mathematical Functions,
 * 26.2.17 (error below 7.5e-8).
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
    * t
    * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

export function beliefBefore(dial: SteppedDial, prior: TrialPrior): Belief {
  const unit = unitOf(dial)
  const [low, high] = [dial.min - PAST_ENDS * unit, dial.max + PAST_ENDS * unit]
  const fine = prior.spread / FINE_PER_SPREAD
  const marks: number[] = []
  const widths: number[] = []
  const coarse = unit / 3
  const nearLow = prior.dial - NEAR_SPREADS * prior.spread
  const nearHigh = prior.dial + NEAR_SPREADS * prior.spread
  for (let at = Math.min(low, nearLow); at < Math.max(high, nearHigh);) {
    const width =
      at >= nearLow - 1e-9 && at < nearHigh - 1e-9
        ? fine
        : Math.min(coarse, at < nearLow ? Math.max(fine, nearLow - at) : coarse)
    marks.push(at + width / 2)
    widths.push(width)
    at += width
  }
  const size = marks.length * SLOPES.length
  const belief = {
    mark: new Float64Array(size),
    slope: new Float64Array(size),
    weight: new Float64Array(size),
  }
  const whole = high - low
  let i = 0
  marks.forEach((mark, m) => {
    const z = (mark - prior.dial) / prior.spread
    const density =
      ((1 - SURPRISE) * Math.exp((-z * z) / 2)) / (prior.spread * Math.sqrt(2 * Math.PI)) + SURPRISE / whole
    for (const s of SLOPES) {
      belief.mark[i] = mark
      belief.slope[i] = s.slope / unit
      belief.weight[i] = density * widths[m]! * s.weight
      i++
    }
  })
  return normalized(belief)
}

function normalized({ mark, slope, weight }: Belief): Belief {
  let sum = 0
  for (const w of weight) sum += w
  for (let i = 0; i < weight.length; i++) weight[i] = weight[i]! / sum
  return { mark, slope, weight }
}

/** Where a true value stands in the tables. */
function placeOf(truth: number): number {
  const at = Math.round((truth - TABLE_LOW) / TABLE_STEP)
  return at < 0 ? 0 : at >= TABLE_SIZE ? TABLE_SIZE - 1 : at
}

/** The belief after a reading; cells that hardly count any more are left out. */
export function beliefAfter(before: Belief, goal: TrialGoal, dial: number, reading: Reading): Belief {
  const { target } = GOAL_FACTS[goal]
  const table = READING_CHANCE[reading + 3]!
  const size = before.mark.length
  const weight = new Float64Array(size)
  let sum = 0
  for (let i = 0; i < size; i++) {
    weight[i] = before.weight[i]! * table[placeOf(target + before.slope[i]! * (dial - before.mark[i]!))]!
    sum += weight[i]!
  }
  const kept = { mark: new Float64Array(size), slope: new Float64Array(size), weight: new Float64Array(size) }
  let count = 0
  for (let i = 0; i < size; i++) {
    if (weight[i]! <= NEGLIGIBLE * sum) continue
    kept.mark[count] = before.mark[i]!
    kept.slope[count] = before.slope[i]!
    kept.weight[count] = weight[i]!
    count++
  }
  return normalized({
    mark: kept.mark.subarray(0, count),
    slope: kept.slope.subarray(0, count),
    weight: kept.weight.subarray(0, count),
  })
}

export function meanAndSpread({ mark, weight }: Belief): { mean: number; spread: number } {
  let mean = 0
  for (let i = 0; i < mark.length; i++) mean += weight[i]! * mark[i]!
  let square = 0
  for (let i = 0; i < mark.length; i++) square += weight[i]! * (mark[i]! - mean) ** 2
  return { mean, spread: Math.sqrt(square) }
}

const HALF = 0.5
/** Whether a mark is right in a cell: within half a reading of the goal, or the nearest mark the dial has. */
function isRight(off: number, slope: number, halfStep: number, atLeast: boolean): boolean {
  return atLeast
    ? slope * off >= -HALF || off >= -halfStep
    : Math.abs(slope * off) <= HALF || Math.abs(off) <= halfStep
}

/** Chance that a mark is right. */
export function chanceRight(
  { mark, slope, weight }: Belief,
  goal: TrialGoal,
  dial: SteppedDial,
  at: number,
): number {
  const { atLeast } = GOAL_FACTS[goal]
  const halfStep = dial.step / 2 + 1e-9
  let sum = 0
  for (let i = 0; i < mark.length; i++)
    if (isRight(at - mark[i]!, slope[i]!, halfStep, atLeast)) sum += weight[i]!
  return sum
}

/** Chances that the goal lies below the lowest and above the highest of the marks one may use. */
export function chanceBeyond(
  { mark, slope, weight }: Belief,
  goal: TrialGoal,
  lowest: number,
  highest: number,
): { readonly below: number; readonly above: number } {
  const { atLeast } = GOAL_FACTS[goal]
  let [below, above] = [0, 0]
  for (let i = 0; i < mark.length; i++) {
    if (mark[i]! < lowest && !atLeast && slope[i]! * (lowest - mark[i]!) > HALF) below += weight[i]!
    if (mark[i]! > highest && slope[i]! * (mark[i]! - highest) > HALF) above += weight[i]!
  }
  return { below, above }
}

/** How far from the goal a mark is expected to be, in reading steps; past an at-least goal is no distance. */
export function expectedOff({ mark, slope, weight }: Belief, goal: TrialGoal, at: number): number {
  const { atLeast } = GOAL_FACTS[goal]
  let sum = 0
  for (let i = 0; i < mark.length; i++) {
    const off = slope[i]! * (at - mark[i]!)
    sum += weight[i]! * (atLeast ? Math.max(0, -off) : Math.abs(off))
  }
  return sum
}

/**
 * How sure one may expect to be after sewing a mark: for each reading it might give, the chance that the then
 * best mark is right, weighed by the chance of that reading.
 */
export function worthOf(
  { mark, slope, weight }: Belief,
  goal: TrialGoal,
  dial: SteppedDial,
  at: number,
  nearest: (mean: number) => number,
): number {
  const { target, atLeast } = GOAL_FACTS[goal]
  const halfStep = dial.step / 2 + 1e-9
  const size = mark.length
  const places = new Uint16Array(size)
  for (let i = 0; i < size; i++) places[i] = placeOf(target + slope[i]! * (at - mark[i]!))
  const after = new Float64Array(size)
  let worth = 0
  for (const table of READING_CHANCE) {
    let [sum, mean] = [0, 0]
    for (let i = 0; i < size; i++) {
      const w = weight[i]! * table[places[i]!]!
      after[i] = w
      sum += w
      mean += w * mark[i]!
    }
    if (sum < RARE) continue
    const best = nearest(mean / sum)
    for (let i = 0; i < size; i++)
      if (isRight(best - mark[i]!, slope[i]!, halfStep, atLeast)) worth += after[i]!
  }
  return worth
}
