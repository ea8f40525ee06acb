import { GOAL_FACTS } from './goalFacts'
import { type Reading, READING_STEPS, READINGS_SAID, type TrialGoal } from './goals'
import type { SteppedDial, TrialPrior, TrialReader } from './types'

/**
 * What is believed of the machine: at which mark the goal lies, how many reading steps a mark makes, and how
 * far its readings scatter.
 *
 * A reading is target + slope × (dial − goal mark), with normal noise, rounded to a step and held to ±3. The
 * belief is a grid over goal mark, slope and noise; a reading multiplies each cell by its chance, so that
 * rows that hardly agree make it less sure. Slopes are log-normal about 1.3 steps a mark on a dial of nine
 * marks, the noise mostly 0.3 of a step and seldom up to 1, one reading in fifty is taken to be a slip: our
 * own assumptions, held against other machines in the study.
 */
export interface Belief {
  readonly mark: Float64Array
  readonly slope: Float64Array
  /** Which of the reader's. */
  readonly noise: Uint8Array
  readonly weight: Float64Array
  readonly reader: ReaderModel
}

/** One way a reader may read, in reading steps, and how likely it is. */
interface Noise {
  readonly steps: number
  /** What is read too high. */
  readonly bias: number
  readonly weight: number
}

/** How a reader reads, as far as it is known. */
export interface ReaderModel {
  readonly noises: readonly Noise[]
  /** Chance of each reading for a true value, under each noise; in the order of READINGS_SAID. */
  readonly chances: readonly Float64Array[]
}

/** Marks nearer than this are the same. */
const ROUNDING = 1e-9
/** How far readings scatter, in steps, and how often a reader and a cloth are taken to be like that. */
const NOISES = [
  { steps: 0.3, bias: 0, weight: 0.7 },
  { steps: 0.6, bias: 0, weight: 0.2 },
  { steps: 1, bias: 0, weight: 0.1 },
] as const
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

/** What is aimed at, on which dial: what every question to a belief depends on. */
export interface Aim {
  /** The reading wanted, in steps from −3 to 3. */
  readonly target: number
  /** Past the target is as good as on it. */
  readonly atLeast: boolean
  /** Half the dial's step, in its marks: the nearest mark there is counts as right. */
  readonly halfStep: number
}

export function aimOf(goal: TrialGoal, { step }: Pick<SteppedDial, 'step'>): Aim {
  const { target, atLeast } = GOAL_FACTS[goal]
  return { target, atLeast, halfStep: step / 2 + ROUNDING }
}

/** How many marks of this dial are one of a usual dial. */
export const unitOf = ({ min, max }: SteppedDial): number => (max - min) / USUAL_MARKS

// Chance of each reading for a true value, read from a table: the search asks for it a million times.
const TABLE_STEP = 0.02
const TABLE_LOW = -6
const TABLE_SIZE = Math.round((-2 * TABLE_LOW) / TABLE_STEP) + 1
const chancesOf = (noises: ReaderModel['noises']): readonly Float64Array[] =>
  READINGS_SAID.map(reading =>
    Float64Array.from({ length: TABLE_SIZE * noises.length }, (_, i) =>
      chanceRead(
        reading,
        TABLE_LOW + (i % TABLE_SIZE) * TABLE_STEP,
        noises[Math.floor(i / TABLE_SIZE)]!.steps,
      ),
    ),
  )

/** Half the stretch of true values a step covers, and of what lies between two. */
const REACH = { step: 0.5, between: 0.25 } as const
/**
 * Chance that a row is read so. Whoever says “between two” narrows it down to a quarter of a step.
 *
 * @param reading - what is said of it.
 * @param truth - what it truly reads, in steps; the reader’s bias is added already.
 * @param scatter - standard deviation of a reading, in steps, over 0.
 *
 * @example
 * chanceRead(0, 0, 0.3) // 0.89: mostly read as it is
 */
export function chanceRead(reading: Reading, truth: number, scatter: number): number {
  const reach = Number.isInteger(reading) ? REACH.step : REACH.between
  const below = reading === -3 ? 0 : normalBelow((reading - reach - truth) / scatter)
  const above = reading === 3 ? 1 : normalBelow((reading + reach - truth) / scatter)
  return (1 - SLIP) * (above - below) + SLIP / READING_STEPS.length
}

let usual: ReaderModel | null = null
/** A reader nobody measured. */
export const usualReader = (): ReaderModel => (usual ??= { noises: NOISES, chances: chancesOf(NOISES) })

/** Tables are worked out once for a reader; a strip asks for three of them, again and again. */
const MOST_KEPT = 16
const known = new Map<string, ReaderModel>()
/** A reader who was measured. */
export function knownReader(reader: TrialReader): ReaderModel {
  const key = JSON.stringify(reader)
  const kept = known.get(key)
  if (kept) return kept
  const noises = noisesOf(reader)
  const model = { noises, chances: chancesOf(noises) }
  if (known.size >= MOST_KEPT) known.delete(known.keys().next().value!)
  known.set(key, model)
  return model
}

/** Nobody reads steadier than this. */
const LEAST_SCATTER = 0.05
/**
 * A few readings leave open how steadily and how high somebody reads: five points about both, with the same
 * means and spreads. Source: the three-point Gauss–Hermite rule on each axis, as in Abramowitz and Stegun,
 * Handbook of Mathematical Functions, table 25.10.
 */
function noisesOf({ scatter, bias, scatterSpread = 0, biasSpread = 0 }: TrialReader): Noise[] {
  const [wide, far] = [Math.sqrt(3) * scatterSpread, Math.sqrt(3) * biasSpread]
  const noises = [
    { steps: scatter, bias, weight: 1 / 3 },
    { steps: Math.max(LEAST_SCATTER, scatter - wide), bias, weight: 1 / 6 },
    { steps: scatter + wide, bias, weight: 1 / 6 },
    { steps: scatter, bias: bias - far, weight: 1 / 6 },
    { steps: scatter, bias: bias + far, weight: 1 / 6 },
  ]
  return wide === 0 && far === 0 ? [{ steps: scatter, bias, weight: 1 }] : noises
}

/**
 * Share of a standard normal below z. Source: Abramowitz and Stegun, Handbook of Mathematical Functions,
 * 26.2.17 (error below 7.5e-8).
 *
 * @example
 * normalBelow(0) // 0.5
 */
export function normalBelow(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI))
    * t
    * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return z > 0 ? 1 - tail : tail
}

/** A stretch of goal marks, taken together: its middle and how wide it is, in marks. */
interface Cell {
  readonly mark: number
  readonly wide: number
}

/**
 * What is believed before the first row: the goal near where it is expected, or, rarely, anywhere on the dial
 * and a little past its ends.
 *
 * @param prior - where it is expected, and one standard deviation, in the dial's marks.
 * @param reader - who reads the rows.
 */
export function beliefBefore(
  dial: SteppedDial,
  prior: TrialPrior,
  reader: ReaderModel = usualReader(),
): Belief {
  const unit = unitOf(dial)
  const whole = dial.max - dial.min + 2 * PAST_ENDS * unit
  const cells = cellsOf(dial, prior)
  const size = cells.length * SLOPES.length * reader.noises.length
  const { mark, slope, noise, weight } = emptyBelief(size, reader)
  let i = 0
  for (const cell of cells) {
    const density = (1 - SURPRISE) * normalDensity(cell.mark, prior) + SURPRISE / whole
    for (const s of SLOPES) {
      for (const [n, { weight: share }] of reader.noises.entries()) {
        mark[i] = cell.mark
        slope[i] = s.slope / unit
        noise[i] = n
        weight[i] = density * cell.wide * s.weight * share
        i++
      }
    }
  }
  return normalized({ mark, slope, noise, weight, reader })
}

const emptyBelief = (size: number, reader: ReaderModel): Belief => ({
  mark: new Float64Array(size),
  slope: new Float64Array(size),
  noise: new Uint8Array(size),
  weight: new Float64Array(size),
  reader,
})

function normalDensity(mark: number, { tension, spread }: TrialPrior): number {
  const z = (mark - tension) / spread
  return Math.exp((-z * z) / 2) / (spread * Math.sqrt(2 * Math.PI))
}

/** Fine cells where the goal is expected, coarse ones elsewhere; from below the dial to above it. */
function cellsOf(dial: SteppedDial, prior: TrialPrior): Cell[] {
  const unit = unitOf(dial)
  const fine = prior.spread / FINE_PER_SPREAD
  const coarse = unit / 3
  const nearLow = prior.tension - NEAR_SPREADS * prior.spread
  const nearHigh = prior.tension + NEAR_SPREADS * prior.spread
  const low = Math.min(dial.min - PAST_ENDS * unit, nearLow)
  const high = Math.max(dial.max + PAST_ENDS * unit, nearHigh)
  const widthAt = (mark: number) => {
    if (mark >= nearLow - ROUNDING && mark < nearHigh - ROUNDING) return fine
    // The last coarse cell ends where the fine ones begin.
    return mark < nearLow ? Math.min(coarse, Math.max(fine, nearLow - mark)) : coarse
  }
  const cells: Cell[] = []
  for (let mark = low; mark < high;) {
    const wide = widthAt(mark)
    cells.push({ mark: mark + wide / 2, wide })
    mark += wide
  }
  return cells
}

function normalized({ mark, slope, noise, weight, reader }: Belief): Belief {
  let sum = 0
  for (const w of weight) sum += w
  for (let i = 0; i < weight.length; i++) weight[i] = weight[i]! / sum
  return { mark, slope, noise, weight, reader }
}

/** Where a true value stands in the tables, under this noise. */
function placeOf(truth: number, noise: number): number {
  const place = Math.round((truth - TABLE_LOW) / TABLE_STEP)
  return noise * TABLE_SIZE + Math.min(TABLE_SIZE - 1, Math.max(0, place))
}

/** The belief after a reading; cells that hardly count any more are left out. */
export function beliefAfter(before: Belief, { target }: Aim, dial: number, reading: Reading): Belief {
  const { chances, noises } = before.reader
  const table = chances[READINGS_SAID.indexOf(reading)]!
  const size = before.mark.length
  const weight = new Float64Array(size)
  let sum = 0
  for (let i = 0; i < size; i++) {
    const noise = before.noise[i]!
    const seen = target + noises[noise]!.bias + before.slope[i]! * (dial - before.mark[i]!)
    weight[i] = before.weight[i]! * table[placeOf(seen, noise)]!
    sum += weight[i]!
  }
  const kept = emptyBelief(size, before.reader)
  let count = 0
  for (let i = 0; i < size; i++) {
    if (weight[i]! <= NEGLIGIBLE * sum) continue
    kept.mark[count] = before.mark[i]!
    kept.slope[count] = before.slope[i]!
    kept.noise[count] = before.noise[i]!
    kept.weight[count] = weight[i]!
    count++
  }
  return normalized({
    mark: kept.mark.subarray(0, count),
    slope: kept.slope.subarray(0, count),
    noise: kept.noise.subarray(0, count),
    weight: kept.weight.subarray(0, count),
    reader: before.reader,
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
/**
 * Whether a mark is right in a cell: within half a reading of the goal, or the nearest mark the dial has.
 *
 * @param off - how far the mark lies above the cell's goal mark, in marks.
 */
function isRight(off: number, slope: number, { atLeast, halfStep }: Aim): boolean {
  if (atLeast) return slope * off >= -HALF || off >= -halfStep
  return Math.abs(slope * off) <= HALF || Math.abs(off) <= halfStep
}

/** Chance that this number is right, 0 to 1. */
export function chanceRight({ mark, slope, weight }: Belief, aim: Aim, number: number): number {
  let sum = 0
  for (let i = 0; i < mark.length; i++) {
    if (isRight(number - mark[i]!, slope[i]!, aim)) sum += weight[i]!
  }
  return sum
}

/** Chance that this number truly reads within half a step of the goal, 0 to 1: however coarse the dial. */
export function chanceWithin({ mark, slope, weight }: Belief, { atLeast }: Aim, number: number): number {
  let sum = 0
  for (let i = 0; i < mark.length; i++) {
    const off = slope[i]! * (number - mark[i]!)
    if (atLeast ? off >= -HALF : Math.abs(off) <= HALF) sum += weight[i]!
  }
  return sum
}

/** Chances that the goal lies below the lowest and above the highest of the marks one may use. */
export function chanceBeyond(
  { mark, slope, weight }: Belief,
  { atLeast }: Aim,
  lowest: number,
  highest: number,
): { readonly below: number; readonly above: number } {
  let [below, above] = [0, 0]
  for (let i = 0; i < mark.length; i++) {
    if (!atLeast && slope[i]! * (lowest - mark[i]!) > HALF) below += weight[i]!
    if (slope[i]! * (mark[i]! - highest) > HALF) above += weight[i]!
  }
  return { below, above }
}

/** How far from the goal a mark is expected to be, in reading steps; past an at-least goal is no distance. */
export function expectedOff({ mark, slope, weight }: Belief, { atLeast }: Aim, number: number): number {
  let sum = 0
  for (let i = 0; i < mark.length; i++) {
    const off = slope[i]! * (number - mark[i]!)
    sum += weight[i]! * (atLeast ? Math.max(0, -off) : Math.abs(off))
  }
  return sum
}

/** What lies between two steps is said seldom: foreseen are the whole ones, every second in the list. */
const WHOLE = 2
/**
 * How sure one may expect to be after sewing a mark: for each reading it might give, the chance that the then
 * best mark is right, weighed by the chance of that reading.
 */
export function worthOf(
  { mark, slope, noise, weight, reader }: Belief,
  aim: Aim,
  number: number,
  nearest: (mean: number) => number,
): number {
  const size = mark.length
  const places = new Uint16Array(size)
  const seen = reader.noises.map(({ bias }) => aim.target + bias)
  for (let i = 0; i < size; i++)
    places[i] = placeOf(seen[noise[i]!]! + slope[i]! * (number - mark[i]!), noise[i]!)
  const after = new Float64Array(size)
  let worth = 0
  for (let said = 0; said < READINGS_SAID.length; said += WHOLE) {
    const table = reader.chances[said]!
    let [sum, mean] = [0, 0]
    for (let i = 0; i < size; i++) {
      const w = weight[i]! * table[places[i]!]!
      after[i] = w
      sum += w
      mean += w * mark[i]!
    }
    if (sum < RARE) continue
    const best = nearest(mean / sum)
    for (let i = 0; i < size; i++) if (isRight(best - mark[i]!, slope[i]!, aim)) worth += after[i]!
  }
  return worth
}
