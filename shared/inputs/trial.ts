import { guessedStep, isStepOf, markAt } from '#core/dial'
import { type Foretold, LEAST_RECORDS, type LearntFrom, type SwatchFeatures } from '#core/swatch'
import type { SteppedDial, TrialGoal, TrialPrior, TrialRow } from '#core/trial'
import type { PairingTables } from './pairing'
import type { Machine, Settings, Swatch, Trial } from '../records'
import type { SetupContent } from '../setup'
import { featuresOf, frozenOf, isLesson, learntFromSwatch, ruleShareOf } from './swatch'

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
  /** What the rule says, as a share of the way from home. */
  readonly ruleShare: number
}
export function questionOf(
  goal: TrialGoal,
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
): Question {
  const frozen = frozenOf(setup, tables)
  return { wanted: featuresOf(goal, frozen), ruleShare: ruleShareOf(goal, setup, frozen, settings) }
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
  readonly source: 'own swatches' | 'rule'
  /** In words, with what it leans on. */
  readonly why: string
  /** The most alike of `of` records. */
  readonly leansOn: readonly { readonly id: string; readonly alike: number }[]
  readonly of: number
  /**
   * How far off the book was on records it had not seen, and the rule, in marks of this dial; null: too few.
   */
  readonly error: { readonly book: number; readonly rule: number; readonly of: number } | null
}

const RULE_SPREAD_SHARE = 1 / 4.5

/**
 * Where the goal of a setup is expected before a row was sewn: from own swatches, else from the rule.
 *
 * @param told - what the book answered; a word while there is no answer.
 * @param leftOut - own swatches it could not learn from.
 */
export function expectationOf(
  { ruleShare }: Question,
  dial: SteppedDial,
  told: Foretold | 'not read yet' | 'not readable',
  leftOut = 0,
): Expectation {
  const without = leftOut === 0 ? '' : `; ${leftOut} left out, for want of a dial their number lies on`
  const unit = (dial.max - dial.min) / 2
  const byRule = (why: string): Expectation => ({
    prior: { tension: markAt(ruleShare, dial), spread: RULE_SPREAD_SHARE * unit },
    source: 'rule',
    why: `by the rule for thread and goal; ${why}`,
    leansOn: [],
    of: 0,
    error: null,
  })
  if (told === 'not read yet') return byRule('own swatches are being read')
  if (told === 'not readable') return byRule('own swatches could not be read: load the page once more')
  const { prediction, error } = told
  if (!prediction) return byRule(`under ${LEAST_RECORDS} own swatches like this${without}`)
  return {
    prior: { tension: markAt(prediction.share, dial), spread: prediction.spread * unit },
    source: 'own swatches',
    why: `from ${prediction.of} own swatches like this, drawn toward the rule${without}`,
    leansOn: prediction.leansOn,
    of: prediction.of,
    error: error && { book: error.book * unit, rule: error.rule * unit, of: error.of },
  }
}
