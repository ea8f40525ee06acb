import type { TensionDial } from '#core/terms'
import type { Reading, ReadingName, TrialGoal } from './goals'

/** A tension dial with the smallest step it can be set by. All in its own marks. */
export interface SteppedDial extends TensionDial {
  readonly step: number
}

/** More rows than anyone sews; a longer list is a mistake. */
export const MOST_ROWS = 60

/** One row sewn. null: not read. */
export interface TrialRow {
  readonly tension: number
  readonly ridge: Reading | null
  readonly show: Reading | null
  readonly skips: boolean
  readonly breaks: boolean
}

/** Where the goal is thought to lie before anything was sewn; spread is one standard deviation, in marks. */
export interface TrialPrior {
  readonly tension: number
  readonly spread: number
}

/** Careful: sure enough for a garment. Quick: fewer rows, wrong more often. */
export const TRIAL_CARE = ['careful', 'quick'] as const
export type TrialCare = (typeof TRIAL_CARE)[number]

export interface TrialInput {
  readonly goal: TrialGoal
  readonly dial: SteppedDial
  readonly rows: readonly TrialRow[]
  readonly prior: TrialPrior | null
  readonly care: TrialCare
  /** How this person reads, as practice measured it; null: nobody measured. @defaultValue null */
  readonly reader?: TrialReader | null
}

/** How a person reads, in reading steps. */
export interface TrialReader {
  /** Standard deviation of a reading, 0.1 to 1.5. */
  readonly scatter: number
  /** What this person reads too high, −1 to 1. */
  readonly bias: number
  /** How well both are known: one standard deviation. @defaultValue 0 */
  readonly scatterSpread?: number
  readonly biasSpread?: number
}

/**
 * Why this number is next, or why none is.
 *
 * - `first`: nothing sewn yet. `higher`, `lower`: the goal lies that way. `between`: between two rows
 *   already sewn.
 * - `confirm`: a number to be sure of: it read the goal once, or lies between two rows.
 * - `contradiction`: two rows disagree; one of them is sewn again.
 * - `breaks`, `skips`: lower than where the thread broke or stitches were skipped.
 * - `settled`: found. `nearest`: found as near as the dial's marks allow.
 * - `beyond-top`, `beyond-bottom`: the goal lies past the dial's end. `breaks-first`, `skips-first`: it
 *   lies above where the thread breaks or stitches are skipped.
 * - `stuck`: the reading does not move with the tension. `backwards`: it moves the wrong way.
 * - `restless`: the rows say too different things to go on. `unsteady`: three rows at one mark do not settle
 *   it, and no other mark would teach more: never a fourth there.
 */
export const TRIAL_REASONS = [
  'first',
  'higher',
  'lower',
  'between',
  'confirm',
  'contradiction',
  'breaks',
  'skips',
  'settled',
  'nearest',
  'beyond-top',
  'beyond-bottom',
  'breaks-first',
  'skips-first',
  'stuck',
  'backwards',
  'restless',
  'unsteady',
] as const
export type TrialReasonCode = (typeof TRIAL_REASONS)[number]

/**
 * - `sewn`: a row at that very mark read the goal. `between`: rows lie on both sides of it. `none`: neither.
 */
export const TRIAL_EVIDENCE = ['sewn', 'between', 'none'] as const
export type TrialEvidence = (typeof TRIAL_EVIDENCE)[number]

/** The reading a goal is not about, where it lies outside what the goal allows. */
export interface Beside {
  readonly name: ReadingName
  readonly reading: Reading
  readonly allowed: readonly [Reading, Reading]
  /** What to change instead of the tension. */
  readonly mend: string
}

export interface TrialAdvice {
  /** The number to sew next; null: there is none. */
  readonly next: number | null
  /** Found: careful, a row sewn at it read the goal; quick, that or rows on both sides of it. */
  readonly settled: boolean
  /** The best number so far; null before the first row was read. */
  readonly best: number | null
  /** What `best` rests on. */
  readonly evidence: TrialEvidence
  /** Chance that the best number is right, 0 to 1. */
  readonly chance: number
  /**
   * The same for two other readers of the same rows: one who scatters much, one who hardly does. Of a reader
   * that was measured, a quarter more and a fifth less.
   */
  readonly chanceRange: { readonly low: number; readonly high: number }
  /**
   * How far from the goal the best number is expected to be, in steps of the reading; null before the first
   * row.
   */
  readonly offReadings: number | null
  /** Where the goal is now thought to lie, and one standard deviation; in marks. */
  readonly estimate: TrialPrior
  /** Between these rows; null: not bracketed. */
  readonly bracket: { readonly low: number; readonly high: number } | null
  readonly outOfReach: boolean
  readonly reason: { readonly code: TrialReasonCode; readonly message: string }
  /** Settled, but the other reading is not where the goal allows it; null: it is, or nobody looked. */
  readonly beside: Beside | null
  /** Two rows that disagree, by place; null: none. */
  readonly disagree: readonly [number, number] | null
}
