import { requireInRange } from '#core/errors'
import { chanceRead, type Reading } from '#core/trial'

/** A row whose true reading is known, and what was said of it. */
export interface KnownAnswer {
  /** In reading steps, −3 to 3; it need not be a whole one. */
  readonly truth: number
  readonly said: Reading
}

/** What was said of one person’s rows. */
export interface Answers {
  readonly known: readonly KnownAnswer[]
  /** Readings of rows that were sewn alike, at one number: what they truly read is not known. */
  readonly repeats: readonly (readonly Reading[])[]
}

/** How a person reads, in reading steps. Spreads are one standard deviation. */
export interface ReaderEstimate {
  /** Standard deviation of a reading, 0.1 to 1.5. */
  readonly scatter: number
  readonly scatterSpread: number
  /** What is read too high, −1 to 1. */
  readonly bias: number
  readonly biasSpread: number
  /** Readings it rests on; of rows sewn alike the first tells nothing. */
  readonly answers: number
}

/** Fewer answers tell no reader apart. */
export const LEAST_ANSWERS = 12
/** What is thought of a person before the first answer: our own guesses, and wide ones. */
const USUAL = { scatter: 0.6, ratio: 2, bias: 0.5 } as const
const SCATTER_RANGE = [0.1, 1.5] as const
const SCATTERS = Array.from(
  { length: 28 },
  (_, i) => SCATTER_RANGE[0] * (SCATTER_RANGE[1] / SCATTER_RANGE[0]) ** (i / 27),
)
const BIASES = Array.from({ length: 41 }, (_, i) => -1 + i / 20)
/** Where rows sewn alike may truly read: a little past the ends of the scale. */
const TRUTHS = Array.from({ length: 81 }, (_, i) => -4 + i / 10)

/**
 * How steadily and how high a person reads, from their answers.
 *
 * Each scatter and bias is weighed by how likely it makes all answers. The scatter is the root mean square of
 * what remains likely, so that a lucky dozen is not taken for a steady eye.
 *
 * @param answers - practice rows whose truth is known; own rows that were sewn alike.
 * @returns null under {@link LEAST_ANSWERS} answers.
 * @throws {CoreError} `non-finite` or `out-of-range`, naming the answer.
 *
 * Source: Bayesian estimation of a normal error behind rounded readings, as in A. Gelman and others, Bayesian
 * Data Analysis, on rounded data (from memory); the numbers are held against simulated readers.
 *
 * @example
 * readerFrom({ known: [], repeats: [] }) // null
 */
export function readerFrom({ known, repeats }: Answers): ReaderEstimate | null {
  known.forEach(({ truth, said }, i) => {
    requireInRange(truth, `answers.${i}.truth`, -3, 3)
    requireInRange(said, `answers.${i}.said`, -3, 3)
  })
  const alike = repeats.filter(readings => readings.length > 1)
  alike.forEach((readings, i) => readings.forEach(said => requireInRange(said, `repeats.${i}`, -3, 3)))
  const answers = known.length + alike.reduce((sum, readings) => sum + readings.length - 1, 0)
  if (answers < LEAST_ANSWERS) return null
  const cells = SCATTERS.flatMap(scatter => {
    const together = alike.reduce((sum, readings) => sum + Math.log(chanceAlike(readings, scatter)), 0)
    return BIASES.map(bias => ({
      scatter,
      bias,
      log:
        known.reduce((sum, { truth, said }) => sum + Math.log(chanceRead(said, truth + bias, scatter)), 0)
        + together
        - Math.log(scatter / USUAL.scatter) ** 2 / (2 * Math.log(USUAL.ratio) ** 2)
        - bias ** 2 / (2 * USUAL.bias ** 2),
    }))
  })
  const most = Math.max(...cells.map(({ log }) => log))
  const weighed = cells.map(cell => ({ ...cell, weight: Math.exp(cell.log - most) }))
  const mean = (of: (cell: (typeof weighed)[number]) => number) =>
    weighed.reduce((sum, cell) => sum + cell.weight * of(cell), 0)
    / weighed.reduce((sum, { weight }) => sum + weight, 0)
  const [bias, middle] = [mean(cell => cell.bias), mean(cell => cell.scatter)]
  return {
    scatter: middle,
    scatterSpread: Math.sqrt(mean(cell => (cell.scatter - middle) ** 2)),
    bias,
    biasSpread: Math.sqrt(mean(cell => (cell.bias - bias) ** 2)),
    answers,
  }
}

/** Chance of these readings of rows that truly read alike, whatever that is. */
const chanceAlike = (readings: readonly Reading[], scatter: number): number =>
  TRUTHS.reduce(
    (sum, truth) => sum + readings.reduce<number>((all, said) => all * chanceRead(said, truth, scatter), 1),
    0,
  ) / TRUTHS.length
