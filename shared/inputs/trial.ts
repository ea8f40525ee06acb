import { guessedStep, isStepOf } from '#core/dial'
import type { ForetoldShare, StartReason, StartSettings, StartSource } from '#core/pairing'
import { type Foretold, LEAST_RECORDS, type LearntFrom, type SwatchFeatures } from '#core/swatch'
import type { SteppedDial, TrialPrior, TrialRow } from '#core/trial'
import type { Machine, Settings, Swatch, Trial } from '../records'
import { isLesson, learntFromSwatch } from './swatch'

/** A row of a kept strip as the search sees it: its number on the dial is the tension it was sewn with. */
export function trialRowOf({ dial, ridge, show, skips, breaks }: Trial['rows'][number]): TrialRow {
  return { tension: dial, ridge, show, skips, breaks }
}

/** A machine's dial with its step, guessed where it is not known; null while its ends are not known. */
export function steppedDialOf(machine: Machine | null): (SteppedDial & { readonly isGuess: boolean }) | null {
  if (!machine?.tensionDial) return null
  const { tensionDial, dialStep } = machine
  const isGuess = dialStep === null || !isStepOf(tensionDial, dialStep)
  return { ...tensionDial, step: isGuess ? guessedStep(tensionDial) : dialStep, isGuess }
}

/** What the swatch book is asked before a row is sewn. */
export interface Question {
  readonly wanted: SwatchFeatures
  /** What the rule says, as a share of the way from normal tension. */
  readonly ruleShare: number
}

export interface Lessons {
  readonly records: readonly LearntFrom[]
  /** Own swatches that came out good, and cannot be compared: their dial is not known. */
  readonly leftOut: number
}

/** All that swatches teach. */
export function lessonsOf(swatches: Iterable<Swatch>, settings: Settings): Lessons {
  const good = [...swatches].filter(isLesson)
  const records = good.flatMap(swatch => learntFromSwatch(swatch, settings) ?? [])
  return { records, leftOut: good.length - records.length }
}

export interface Expectation {
  readonly prior: TrialPrior
  readonly source: StartSource
  /** In words, with what it leans on. */
  readonly why: string
  /** What else speaks of it, and was not taken. */
  readonly others: readonly StartReason[]
  /** The most alike of `of` records. */
  readonly leansOn: readonly { readonly id: string; readonly alike: number }[]
  readonly of: number
  /**
   * How far off the book was on records it had not seen, and the rule, in marks of this dial; null: too few.
   */
  readonly error: { readonly book: number; readonly rule: number; readonly of: number } | null
}

const RULE_SPREAD_SHARE = 1 / 4.5

/** What the swatch book answered; a word while there is no answer. */
export type Told = Foretold | 'not read yet' | 'not readable'

/** What start settings take of the book’s answer; null: nothing. */
export function foretoldShareOf(told: Told): ForetoldShare | null {
  if (typeof told === 'string' || !told.prediction) return null
  return { share: told.prediction.share, of: told.prediction.of }
}

/**
 * Where the goal of a setup is expected before a row was sewn: the start value, and how far it may be off.
 *
 * @param start - null: no thread is chosen yet.
 * @param leftOut - own swatches it could not learn from.
 */
export function expectationOf(
  start: Pick<StartSettings, 'tension'> | null,
  dial: SteppedDial,
  told: Told,
  leftOut = 0,
): Expectation {
  const unit = (dial.max - dial.min) / 2
  if (!start || start.tension.value === null)
    return {
      ...NOTHING_LEANT_ON,
      prior: { tension: dial.home, spread: RULE_SPREAD_SHARE * unit },
      source: 'guess',
      why: 'normal, because no thread is chosen',
      others: [],
    }
  const { value, source, why, others } = start.tension
  const said = { source, others, why: `${why}${bookWords(told, leftOut)}` }
  if (source !== 'own swatches' || typeof told === 'string' || !told.prediction)
    return { ...NOTHING_LEANT_ON, ...said, prior: { tension: value, spread: RULE_SPREAD_SHARE * unit } }
  const { prediction, error } = told
  return {
    ...said,
    prior: { tension: value, spread: prediction.spread * unit },
    leansOn: prediction.leansOn,
    of: prediction.of,
    error: error && { book: error.book * unit, rule: error.rule * unit, of: error.of },
  }
}

const NOTHING_LEANT_ON = { leansOn: [], of: 0, error: null } as const

function bookWords(told: Told, leftOut: number): string {
  if (told === 'not read yet') return '; own swatches are being read'
  if (told === 'not readable') return '; own swatches could not be read'
  const without = leftOut === 0 ? '' : `; ${leftOut} left out, for want of a dial their number lies on`
  return told.prediction ? without : `; under ${LEAST_RECORDS} own swatches like this${without}`
}
