import { stepRange } from '#core/dial'
import { CoreError, requireInRange } from '#core/errors'
import {
  type Aim,
  aimOf,
  type Belief,
  beliefAfter,
  beliefBefore,
  chanceRight,
  chanceWithin,
  expectedOff,
  knownReader,
  meanAndSpread,
  unitOf,
  usualReader,
} from './belief'
import { bracketOf, disagreement } from './bracket'
import { GOAL_FACTS } from './goalFacts'
import type { Reading, TrialGoal } from './goals'
import { marksOf, nearestOf } from './marks'
import {
  MOST_ROWS,
  type SteppedDial,
  type TrialAdvice,
  type TrialEvidence,
  type TrialInput,
  type TrialPrior,
  type TrialReader,
  type TrialRow,
} from './types'

/** Marks nearer than this are the same. */
export const SAME_MARK = 1e-9
/** Marks looked at on both sides of the mean for the best one. */
const BEST_REACH = 4

/** A row whose leading reading was taken. */
export interface ReadRow {
  readonly tension: number
  readonly reading: Reading
  /** Short of the goal, at it, past it: what this reader reads too high is taken off. */
  readonly side: -1 | 0 | 1
  /** Its place among all rows, from 0. */
  readonly place: number
}

/** The number that is best so far, and how good it is. */
export interface Leader {
  readonly mark: number
  readonly evidence: TrialEvidence
  /** Chance that it is right or the nearest mark there is, 0 to 1. */
  readonly chance: number
  /** Chance that it truly reads within half a step, 0 to 1. */
  readonly within: number
  /** How far off it is expected to read, in steps. */
  readonly offReadings: number
}

/** All that the rules of the search look at, worked out once. */
export interface Search {
  readonly goal: TrialGoal
  readonly dial: SteppedDial
  readonly aim: Aim
  readonly care: TrialInput['care']
  readonly prior: TrialPrior
  readonly rows: readonly TrialRow[]
  readonly read: readonly ReadRow[]
  /** The marks one may use: below any number at which the thread broke or stitches were skipped. */
  readonly marks: readonly number[]
  /** The lowest number at which something went wrong; Infinity: nothing did. */
  readonly ceiling: number
  /** Whether the thread broke there; else stitches were skipped. */
  readonly broke: boolean
  readonly reader: TrialReader | null
  readonly belief: Belief
  readonly mean: number
  readonly spread: number
  readonly bracket: TrialAdvice['bracket']
  readonly disagree: readonly [ReadRow, ReadRow] | null
  /** null: no mark may be used, or nothing was read yet. */
  readonly leader: Leader | null
  /** The best of the marks at which a row read the goal; null: none did. */
  readonly found: Leader | null
}

/**
 * What the rows so far say, worked out once for all rules.
 *
 * @throws {CoreError} `non-finite` or `out-of-range`, naming dial, prior or row; `too-many` for over 60 rows.
 */
export function searchOf(input: TrialInput): Search {
  const { goal, dial, rows, care, reader = null } = input
  const prior = input.prior ?? usualPrior(goal, dial)
  requireInput(input, prior)
  const aim = aimOf(goal, dial)
  const ceiling = Math.min(...rows.filter(({ breaks, skips }) => breaks || skips).map(row => row.tension))
  const marks = marksOf(dial).filter(mark => mark < ceiling - SAME_MARK)
  const read = readRows(rows, goal, reader?.bias ?? 0)
  // Rows are chosen for the reader who is most likely; how well that is known goes into what is claimed.
  const model = reader ? knownReader({ scatter: reader.scatter, bias: reader.bias }) : usualReader()
  const belief = beliefFrom(read, aim, beliefBefore(dial, prior, model))
  const { mean, spread } = meanAndSpread(belief)
  return {
    goal,
    dial,
    aim,
    care,
    prior,
    rows,
    read,
    marks,
    ceiling,
    broke: rows.some(row => row.breaks && row.tension === ceiling),
    reader,
    belief,
    mean,
    spread,
    bracket: bracketOf(read),
    disagree: disagreement(read),
    leader: marks.length === 0 || read.length === 0 ? null : leaderOf(belief, aim, marks, mean, read),
    found: foundOf(belief, aim, marks, read),
  }
}

const beliefFrom = (read: readonly ReadRow[], aim: Aim, before: Belief): Belief =>
  read.reduce((belief, row) => beliefAfter(belief, aim, row.tension, row.reading), before)

/** A reader nobody measured may scatter so much, or so little, in steps. */
const SCATTERS = { low: 1, high: 0.2 } as const
/** One that was measured is known to a quarter. */
const SHARES = { low: 1.25, high: 0.8 } as const

/**
 * The chance that a number truly reads within half a step, had a reader who scatters more, or less, read
 * these very rows and the search believed so.
 *
 * @param number - the best so far; null: there is none.
 */
export function chanceRangeOf(
  search: Search,
  number: number | null,
): { readonly low: number; readonly high: number } {
  const { reader } = search
  if (number === null) return { low: 0, high: 0 }
  const at = (end: 'low' | 'high') => {
    const its = reader
      ? { ...reader, scatter: reader.scatter * SHARES[end] }
      : { scatter: SCATTERS[end], bias: 0 }
    return chanceReadBy(its, search, number)
  }
  return { low: at('low'), high: at('high') }
}

/**
 * The chance that a number truly reads within half a step; of a reader who was measured, over all they may
 * still be like.
 */
export function chanceClaimed(search: Search, { mark, within }: Leader): number {
  return search.reader ? chanceReadBy(search.reader, search, mark) : within
}

/** The chance that a number truly reads within half a step, had this reader read the rows. */
function chanceReadBy(reader: TrialReader, { read, aim, dial, prior }: Search, number: number): number {
  return chanceWithin(beliefFrom(read, aim, beforeReadBy(reader, dial, prior)), aim, number)
}

/** What is believed before the first row is the same for every row of a strip. */
const MOST_KEPT = 16
const kept = new Map<string, Belief>()
function beforeReadBy(reader: TrialReader, dial: SteppedDial, prior: TrialPrior): Belief {
  const key = JSON.stringify([reader, dial, prior])
  const known = kept.get(key)
  if (known) return known
  const before = beliefBefore(dial, prior, knownReader(reader))
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!)
  kept.set(key, before)
  return before
}

/** Whether a row is what the goal asks for. */
export const meets = ({ atLeast }: Aim, { side }: Pick<ReadRow, 'side'>): boolean =>
  atLeast ? side >= 0 : side === 0

/** A step reaches half a step to both sides; what lies between two steps is at neither. */
function sideOf(reading: Reading, target: Reading, bias: number): ReadRow['side'] {
  const off = reading - bias - target
  const reach = Number.isInteger(reading) ? 0.5 + SAME_MARK : 0.5 - SAME_MARK
  if (Math.abs(off) <= reach) return 0
  return off < 0 ? -1 : 1
}

/**
 * Where to begin without an own swatch: by the goal's rule, give or take a mark of a usual dial.
 *
 * @example
 * usualPrior('balanced', dial).tension // dial.home
 */
export function usualPrior(goal: TrialGoal, dial: SteppedDial): TrialPrior {
  const { startShare } = GOAL_FACTS[goal]
  return {
    tension: dial.home + startShare * (startShare < 0 ? dial.home - dial.min : dial.max - dial.home),
    spread: unitOf(dial),
  }
}

function readRows(rows: readonly TrialRow[], goal: TrialGoal, bias: number): ReadRow[] {
  const { leads, target } = GOAL_FACTS[goal]
  return rows.flatMap((row, place): ReadRow[] => {
    const reading = row[leads]
    return reading === null
      ? []
      : [{ tension: row.tension, reading, side: sideOf(reading, target, bias), place }]
  })
}

/** The mark most likely to be right; they lie close together, so a few about the mean are enough. */
function leaderOf(
  belief: Belief,
  aim: Aim,
  marks: readonly number[],
  mean: number,
  read: readonly ReadRow[],
): Leader {
  const middle = marks.indexOf(nearestOf(marks, mean))
  const near = marks.slice(Math.max(0, middle - BEST_REACH), middle + BEST_REACH + 1)
  const mark = near.reduce((best, next) =>
    chanceRight(belief, aim, next) > chanceRight(belief, aim, best) + SAME_MARK ? next : best,
  )
  return leaderAt(belief, aim, mark, read)
}

function leaderAt(belief: Belief, aim: Aim, mark: number, read: readonly ReadRow[]): Leader {
  return {
    mark,
    evidence: evidenceOf(aim, mark, read),
    chance: chanceRight(belief, aim, mark),
    within: chanceWithin(belief, aim, mark),
    offReadings: expectedOff(belief, aim, mark),
  }
}

function evidenceOf(aim: Aim, mark: number, read: readonly ReadRow[]): TrialEvidence {
  const isAt = ({ tension }: ReadRow) => Math.abs(tension - mark) < SAME_MARK
  if (read.some(row => isAt(row) && meets(aim, row))) return 'sewn'
  const below = read.some(row => row.tension < mark - SAME_MARK && row.side <= 0)
  const above = read.some(row => row.tension > mark + SAME_MARK && row.side >= 0)
  return below && above ? 'between' : 'none'
}

function foundOf(
  belief: Belief,
  aim: Aim,
  marks: readonly number[],
  read: readonly ReadRow[],
): Leader | null {
  const highest = marks.at(-1) ?? -Infinity
  const sewn = read.filter(row => meets(aim, row) && row.tension <= highest + SAME_MARK)
  // Where more of it holds too, as much as was asked for beats what pulls harder.
  const nearest = Math.min(...sewn.map(({ reading }) => Math.abs(reading - aim.target)))
  const asAsked = sewn.filter(({ reading }) => !aim.atLeast || Math.abs(reading - aim.target) === nearest)
  const leaders = asAsked.map(({ tension }) => leaderAt(belief, aim, tension, read))
  return leaders.reduce<Leader | null>(
    (best, next) => (best && best.chance >= next.chance - SAME_MARK ? best : next),
    null,
  )
}

function requireInput({ dial, rows, reader }: TrialInput, prior: TrialPrior): void {
  const { min, max, home, step } = dial
  requireInRange(min, 'dial.min', -1000, 1000)
  requireInRange(max, 'dial.max', min + 1e-6, 1000)
  requireInRange(home, 'dial.home', min, max)
  requireInRange(step, 'dial.step', ...stepRange(dial))
  if (rows.length > MOST_ROWS) {
    const message = `A trial has at most ${MOST_ROWS} rows: begin a new strip.`
    throw new CoreError('too-many', message, { field: 'rows', most: MOST_ROWS })
  }
  // Fields are named as those who ask from outside name them.
  rows.forEach((row, i) => requireInRange(row.tension, `rows.${i}.dial`, min, max))
  const whole = max - min
  requireInRange(prior.tension, 'prior.dial', min - 2 * whole, max + 2 * whole)
  if (reader) {
    requireInRange(reader.scatter, 'reader.scatter', 0.1, 1.5)
    requireInRange(reader.bias, 'reader.bias', -1, 1)
    requireInRange(reader.scatterSpread ?? 0, 'reader.scatterSpread', 0, 1)
    requireInRange(reader.biasSpread ?? 0, 'reader.biasSpread', 0, 1)
  }
  requireInRange(prior.spread, 'prior.spread', whole / 1000, 2 * whole)
}
