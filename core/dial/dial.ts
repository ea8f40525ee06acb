import type { TensionDial } from '#core/terms'

/**
 * The share of the way from normal tension to the end stop that a number on a dial stands for: −1 at the
 * lowest, 1 at the highest.
 *
 * @example
 * shareOf(2, { min: 0, home: 4, max: 9 }) // -0.5
 */
export function shareOf(value: number, { min, home, max }: TensionDial): number {
  const way = value < home ? home - min : max - home
  return way === 0 ? 0 : (value - home) / way
}

/**
 * The number that lies this share of the way from normal tension to the end stop, as it comes; past an end
 * for more than 1.
 *
 * @example
 * markAt(-0.5, { min: 0, home: 4, max: 9 }) // 2
 */
export function markAt(share: number, { min, home, max }: TensionDial): number {
  return home + share * (share < 0 ? home - min : max - home)
}

/** Our own limits: no tension dial is numbered beyond this, nor has less than a mark from end to end. */
export const FARTHEST_MARK = 1000
const LEAST_SPAN = 1

/** What is wrong with a dial, at which of its numbers. */
export interface DialProblem {
  readonly field: 'min' | 'home' | 'max'
  readonly message: string
}

/**
 * What is wrong with the numbers of a dial; null: nothing.
 *
 * @example
 * dialProblem({ min: 9, home: 4, max: 0 }) // { field: 'max', message: 'must lie at least 1 above min' }
 */
export function dialProblem({ min, home, max }: TensionDial): DialProblem | null {
  const marks = { min, home, max }
  const beyond = (['min', 'home', 'max'] as const).find(field => !(Math.abs(marks[field]) <= FARTHEST_MARK))
  if (beyond) return { field: beyond, message: `must be from −${FARTHEST_MARK} to ${FARTHEST_MARK}` }
  if (max - min < LEAST_SPAN) return { field: 'max', message: `must lie at least ${LEAST_SPAN} above min` }
  if (home < min || home > max) return { field: 'home', message: 'must lie between the dial’s ends' }
  return null
}

/**
 * Whether a tension can be set on a dial.
 *
 * @example
 * isOnDial(20, { min: 0, home: 4, max: 9 }) // false
 */
export function isOnDial(tension: number, { min, max }: TensionDial): boolean {
  return tension >= min && tension <= max
}

const MOST_STEPS = 1000
/**
 * The steps a dial can be set by: at least two from end to end, and no more than a thousand.
 *
 * @returns The least and the largest step, in marks of this dial.
 *
 * @example
 * stepRange({ min: 0, home: 4, max: 9 }) // [0.009, 4.5]
 */
export function stepRange({ min, max }: TensionDial): readonly [number, number] {
  return [(max - min) / MOST_STEPS, (max - min) / 2]
}

/**
 * Whether a dial can be set by this step.
 *
 * @example
 * isStepOf({ min: 0, home: 4, max: 9 }, 10) // false
 */
export function isStepOf(dial: TensionDial, step: number): boolean {
  const [least, most] = stepRange(dial)
  return step >= least && step <= most
}

/** Half a mark on a usual dial of nine; a guess for a dial nobody has looked at closely. */
const GUESSED_STEP = 0.5
const USUAL_MARKS = 9
/**
 * The step of a dial whose step is not known, or was noted as something it cannot be.
 *
 * @example
 * guessedStep({ min: 0, home: 4, max: 9 }) // 0.5
 */
export function guessedStep(dial: TensionDial): number {
  const [least] = stepRange(dial)
  const halfMark = (GUESSED_STEP * (dial.max - dial.min)) / USUAL_MARKS
  return Math.max(least, Math.min(GUESSED_STEP, halfMark))
}
