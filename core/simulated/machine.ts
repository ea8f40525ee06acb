import {
  GOAL_FACTS,
  type Reading,
  type SteppedDial,
  type TrialGoal,
  type TrialPrior,
  type TrialRow,
} from '#core/trial'

/** A number in [0, 1), drawn anew each time. The core rolls no dice of its own. */
export type Random = () => number

/**
 * A machine with hidden insides that answers a dial setting as a sewn row would: a stand-in for practice, the
 * demo and the study, never a source of data. All marks are the dial's own.
 *
 * What it assumes, all of it ours: readings rise in a straight line with the dial, by a slope log-normal
 * about 1.3 steps a mark of a dial of nine, sigma 0.4; both readings share the slope; each is off by normal
 * noise of 0.3 of a step and then read in whole steps, held to ±3. The goal lies normally about what was
 * expected of it. The thread breaks, and less often stitches are skipped, more and more surely above a mark
 * some way over the goal.
 */
export interface SimulatedMachine {
  readonly goal: TrialGoal
  readonly dial: SteppedDial
  readonly goalMark: number
  readonly slope: number
  /** How far the other reading lies from the middle of where it may be, at the goal's mark. */
  readonly otherOff: number
  readonly breakMark: number
  readonly skipMark: number
}

export interface SewnRow extends TrialRow {
  /** What the leading reading would be without noise and steps. Hidden from whoever reads the row. */
  readonly truth: number
}

export const MODEL = {
  slope: 1.3,
  slopeSigma: 0.4,
  noise: 0.3,
  marks: 9,
  breakAbove: 3,
  skipAbove: 4.5,
  dangerSpread: 1,
  dangerSharpness: 4,
} as const

/**
 * A machine for a goal, drawn about where one expects it.
 *
 * @example
 * drawMachine('balanced', dial, usualPrior('balanced', dial), seeded(7))
 */
export function drawMachine(
  goal: TrialGoal,
  dial: SteppedDial,
  expected: TrialPrior,
  random: Random,
): SimulatedMachine {
  const unit = (dial.max - dial.min) / MODEL.marks
  const goalMark = expected.tension + expected.spread * normal(random)
  return {
    goal,
    dial,
    goalMark,
    slope: (MODEL.slope * Math.exp(MODEL.slopeSigma * normal(random))) / unit,
    otherOff: 0.5 * normal(random),
    breakMark: goalMark + unit * (MODEL.breakAbove + MODEL.dangerSpread * normal(random)),
    skipMark: goalMark + unit * (MODEL.skipAbove + MODEL.dangerSpread * normal(random)),
  }
}

/**
 * Sews a row at a mark.
 *
 * @example
 * sewRow(machine, 3.5, seeded(7)).show
 */
export function sewRow(
  { goal, dial, goalMark, slope, otherOff, breakMark, skipMark }: SimulatedMachine,
  tension: number,
  random: Random,
): SewnRow {
  const { leads, target, other } = GOAL_FACTS[goal]
  const unit = (dial.max - dial.min) / MODEL.marks
  const off = slope * (tension - goalMark)
  const happens = (mark: number) =>
    random() < 1 / (1 + Math.exp((-MODEL.dangerSharpness * (tension - mark)) / unit))
  const leading = read(target + off, random)
  const beside = read((other[0] + other[1]) / 2 + otherOff + off, random)
  return {
    tension,
    ridge: leads === 'ridge' ? leading : beside,
    show: leads === 'show' ? leading : beside,
    breaks: happens(breakMark),
    skips: happens(skipMark),
    truth: target + off,
  }
}

function read(truth: number, random: Random): Reading {
  // Rounding makes a minus nought of a small lack.
  return (Math.max(-3, Math.min(3, Math.round(truth + MODEL.noise * normal(random)))) + 0) as Reading
}

/**
 * A standard normal number. Source: G. E. P. Box and M. E. Muller, A Note on the Generation of Random Normal
 * Deviates, 1958.
 *
 * @example
 * normal(seeded(7)) // the same number every time
 */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}
