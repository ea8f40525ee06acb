import { markAt } from '#core/dial'
import { LEAST_RECORDS, leaveOneOut, predictOffset, type SwatchFeatures } from '#core/swatch'
import type { SteppedDial, TrialGoal, TrialPrior } from '#core/trial'
import type { PairingTables } from './pairing'
import type { Machine, Settings, SetupContent, Swatch } from './records'
import { featuresOf, frozenOf, learntFromSwatch, ruleShareOf } from './swatch'

/** The smallest step of a dial nobody has looked at closely: a guess. */
export const GUESSED_STEP = 0.5

/** A machine's dial with its step; null while its ends and home are not known. */
export function steppedDialOf(machine: Machine | null): SteppedDial | null {
  return machine?.tensionDial ? { ...machine.tensionDial, step: machine.dialStep ?? GUESSED_STEP } : null
}

export interface Expectation {
  readonly prior: TrialPrior
  readonly source: 'own swatches' | 'rule'
  /** In words, with what it leans on. */
  readonly why: string
  readonly leansOn: readonly { readonly id: string, readonly alike: number }[]
  /** How far off the book was on records it had not seen, and the rule, in marks of this dial; null: too few. */
  readonly error: { readonly book: number, readonly rule: number, readonly of: number } | null
}

const RULE_SPREAD_SHARE = 1 / 4.5

/** Where the goal of a setup is expected before a row was sewn: from own swatches, else from the rule. null: the dial is not known. */
export function expectationOf(goal: TrialGoal, setup: SetupContent, tables: PairingTables & { readonly swatches: ReadonlyMap<string, Swatch> }, settings: Settings): Expectation | null {
  const dial = steppedDialOf(tables.machines.get(setup.machineId ?? '') ?? null)
  if (!dial) return null
  const frozen = frozenOf(setup, tables)
  const ruleShare = ruleShareOf(goal, setup, frozen, settings)
  const unit = (dial.max - dial.min) / 2
  const wanted: SwatchFeatures = featuresOf(goal, frozen)
  const learnt = [...tables.swatches.values()].flatMap(swatch => learntFromSwatch(swatch, settings) ?? [])
  const told = predictOffset(learnt, wanted, ruleShare)
  if (!told) {
    return { prior: { dial: markAt(ruleShare, dial), spread: RULE_SPREAD_SHARE * unit }, source: 'rule', why: `by the rule for thread and goal; under ${LEAST_RECORDS} own swatches like this`, leansOn: [], error: null }
  }
  const error = leaveOneOut(learnt)
  return {
    prior: { dial: markAt(told.share, dial), spread: told.spread * unit }, source: 'own swatches', why: `from ${told.leansOn.length} own swatches like this, drawn toward the rule`,
    leansOn: told.leansOn, error: error && { book: error.book * unit, rule: error.rule * unit, of: error.of },
  }
}
