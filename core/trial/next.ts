import { CoreError, requireInRange } from '#core/errors'
import {
  type Belief,
  beliefAfter,
  beliefBefore,
  chanceBeyond,
  chanceRight,
  expectedOff,
  meanAndSpread,
  unitOf,
  worthOf,
} from './belief'
import { besideOf } from './beside'
import { bracketOf, disagreement } from './bracket'
import { GOAL_FACTS, type Reading, type TrialGoal } from './goals'
import { marksOf, nearestOf } from './marks'
import {
  MOST_ROWS,
  type SteppedDial,
  type TrialAdvice,
  type TrialCare,
  type TrialInput,
  type TrialPrior,
  type TrialReasonCode,
  type TrialRow,
} from './types'

/** After so many rows that were read, going on without changing something else is a waste of thread. */
const ENOUGH_ROWS = 10
/** On a coarse dial the goal may lie between two marks: after so many rows either of them will do. */
const ENOUGH_FOR_TWO = 4
const COARSE = 0.4
const SURE: Readonly<Record<TrialCare, number>> = { careful: 0.919, quick: 0.83 }
const SURE_BEYOND = 0.9
/** Marks looked at for the next row. */
const MOST_CANDIDATES = 8
const REACH_SPREADS = 1.6

interface ReadRow {
  readonly dial: number
  readonly reading: Reading
  readonly at: number
}

/**
 * The next number to sew, from all rows so far.
 *
 * The rows narrow down where the goal lies (see `Belief`); the next row is the mark from which one may expect
 * to know most, never outside the bracket of rows that lie on both sides, never at or above a mark where the
 * thread broke or stitches were skipped.
 *
 * @param input - see {@link TrialInput}.
 * @throws {CoreError} `non-finite` or `out-of-range`, naming dial, prior or row; `too-many` for over 60 rows.
 */
export function nextTension(input: TrialInput): TrialAdvice {
  const { goal, dial, rows, care } = input
  requireDial(dial)
  if (rows.length > MOST_ROWS)
    throw new CoreError('too-many', `A trial has at most ${MOST_ROWS} rows: begin a new strip.`, {
      field: 'rows',
      most: MOST_ROWS,
    })
  rows.forEach((row, i) => requireInRange(row.dial, `rows.${i}.dial`, dial.min, dial.max))
  const prior = input.prior ?? usualPrior(goal, dial)
  requireInRange(
    prior.dial,
    'prior.dial',
    dial.min - 2 * (dial.max - dial.min),
    dial.max + 2 * (dial.max - dial.min),
  )
  requireInRange(prior.spread, 'prior.spread', (dial.max - dial.min) / 1000, 2 * (dial.max - dial.min))

  const all = marksOf(dial)
  const ceiling = Math.min(...rows.filter(({ breaks, skips }) => breaks || skips).map(row => row.dial))
  const marks = all.filter(mark => mark < ceiling - 1e-9)
  const lead = GOAL_FACTS[goal].leads
  const read = rows.flatMap((row, at): ReadRow[] =>
    row[lead] === null ? [] : [{ dial: row.dial, reading: row[lead], at }],
  )
  const belief = read.reduce(
    (before, row) => beliefAfter(before, goal, row.dial, row.reading),
    beliefBefore(dial, prior),
  )
  const { mean, spread } = meanAndSpread(belief)
  const bracket = bracketOf(read, goal)
  const disagree = disagreement(read)
  const common = {
    estimate: { dial: mean, spread },
    bracket,
    disagree: disagree && ([disagree[0].at, disagree[1].at] as const),
  }
  const stop = (
    best: number | null,
    code: TrialReasonCode,
    message: string,
    over: Partial<TrialAdvice> = {},
  ): TrialAdvice => ({
    next: null,
    settled: false,
    best,
    chance: best === null ? 0 : chanceRight(belief, goal, dial, best),
    offReadings: best === null ? null : expectedOff(belief, goal, best),
    outOfReach: false,
    reason: { code, message },
    beside: best !== null && over.settled === true ? besideOf(goal, dial, rows, best) : null,
    ...common,
    ...over,
  })

  const broke = rows.some(({ breaks, dial: at }) => breaks && at === ceiling)
  if (marks.length === 0)
    return stop(
      null,
      broke ? 'breaks-first' : 'skips-first',
      `${broke ? 'The thread breaks' : 'Stitches are skipped'} at the lowest mark: tension does `
        + 'not cure it. Change needle or thread, or go slower.',
      { outOfReach: true },
    )
  const [lowest, highest] = [marks[0]!, marks.at(-1)!]
  const nearest = (at: number) => nearestOf(marks, at)
  if (read.length === 0) {
    const first = nearest(prior.dial)
    const code = ceiling === Infinity ? ('first' as const) : broke ? ('breaks' as const) : ('skips' as const)
    return stop(null, code, code === 'first' ? `Begin at ${say(first)}.` : lowerWords(code, ceiling, first), {
      next: first,
    })
  }

  const best = bestMark(belief, goal, dial, marks, mean)
  const chance = chanceRight(belief, goal, dial, best)
  const offReadings = expectedOff(belief, goal, best)
  const end = (code: TrialReasonCode, message: string, over: Partial<TrialAdvice> = {}) =>
    stop(best, code, message, over)
  const beyond = chanceBeyond(belief, goal, lowest, highest)
  // Only what was seen may say that a goal is out of reach: a row at or next to that end.
  if (
    beyond.above > SURE_BEYOND
    && read.some(row => row.dial >= highest - unitOf(dial) - 1e-9 && row.dial <= highest + 1e-9)
  ) {
    if (ceiling < Infinity)
      return end(
        broke ? 'breaks-first' : 'skips-first',
        `The goal lies above ${say(ceiling)}, where `
          + `${broke ? 'the thread breaks' : 'stitches are skipped'}: change needle, thread or `
          + 'stabilizer instead.',
        { outOfReach: true },
      )
    return end(
      'beyond-top',
      `Even at ${say(dial.max)} it does not get there: change thread, needle, stabilizer or bobbin instead.`,
      { outOfReach: true },
    )
  }
  if (beyond.below > SURE_BEYOND && read.some(row => row.dial <= lowest + unitOf(dial) + 1e-9))
    return end(
      'beyond-bottom',
      `Even at ${say(dial.min)} it is too much: change thread, needle, stabilizer or bobbin instead.`,
      { outOfReach: true },
    )
  if (disagree && !isAnswered(disagree, read)) {
    const again = disagree[surprise(belief, goal, disagree[0]) < surprise(belief, goal, disagree[1]) ? 1 : 0]
    if (again.dial < ceiling - 1e-9)
      return end(
        'contradiction',
        `Rows ${disagree[0].at + 1} and ${disagree[1].at + 1} disagree: `
          + `${disagree[0].dial === disagree[1].dial ? 'one number cannot give both' : 'more tension cannot give less'}. `
          + `Sew ${say(again.dial)} once more.`,
        { next: again.dial },
      )
  }
  if (chance >= SURE[care]) {
    return offReadings > 0.5
      ? end('nearest', `${say(best)} is the nearest mark: about ${offReadings.toFixed(1)} of a step off.`, {
          settled: true,
        })
      : end('settled', `Settled at ${say(best)}.`, { settled: true })
  }
  if (
    read.length >= ENOUGH_FOR_TWO
    && dial.step > COARSE * unitOf(dial)
    && chanceOfPair(belief, goal, dial, best) >= SURE[care]
  ) {
    return end(
      'nearest',
      `It lies between two marks; ${say(best)} is as near as any: about ${offReadings.toFixed(1)} `
        + 'of a step off.',
      { settled: true },
    )
  }
  if (read.length >= ENOUGH_ROWS)
    return end(
      'restless',
      `The rows say too different things after ${read.length} of them. ${say(best)} is the best `
        + 'guess; rethread, check needle and cloth, and begin a new strip.',
    )

  const inside = bracket
    ? marks.filter(mark => mark >= bracket.low - 1e-9 && mark <= bracket.high + 1e-9)
    : marks
  const next = worthiest(belief, goal, dial, inside.length > 0 ? inside : marks, mean, spread, nearest)
  return end(...reasonFor(next, rows, bracket, ceiling, broke), { next })
}

/** Where to begin without an own swatch: by the goal's rule, give or take a mark of a usual dial. */
export function usualPrior(goal: TrialGoal, dial: SteppedDial): TrialPrior {
  const { startShare } = GOAL_FACTS[goal]
  return {
    dial: dial.home + startShare * (startShare < 0 ? dial.home - dial.min : dial.max - dial.home),
    spread: unitOf(dial),
  }
}

function requireDial({ min, max, home, step }: SteppedDial): void {
  requireInRange(min, 'dial.min', -1000, 1000)
  requireInRange(max, 'dial.max', min + 1e-6, 1000)
  requireInRange(home, 'dial.home', min, max)
  requireInRange(step, 'dial.step', (max - min) / 1000, max - min)
}

const say = (mark: number) => String(Math.round(mark * 1000) / 1000)
const lowerWords = (code: 'breaks' | 'skips', ceiling: number, next: number) =>
  `${code === 'breaks' ? 'The thread broke' : 'Stitches were skipped'} at ${say(ceiling)}: go `
  + `lower, to ${say(next)}.`

function reasonFor(
  next: number,
  rows: readonly TrialRow[],
  bracket: TrialAdvice['bracket'],
  ceiling: number,
  broke: boolean,
): [TrialReasonCode, string] {
  const last = rows.at(-1)!
  if ((last.breaks || last.skips) && next < ceiling)
    return [broke ? 'breaks' : 'skips', lowerWords(broke ? 'breaks' : 'skips', ceiling, next)]
  if (rows.some(({ dial }) => Math.abs(dial - next) < 1e-9))
    return ['confirm', `Sew ${say(next)} once more to be sure.`]
  if (bracket) return ['between', `Between ${say(bracket.low)} and ${say(bracket.high)}: try ${say(next)}.`]
  return next > last.dial ? ['higher', `Higher: try ${say(next)}.`] : ['lower', `Lower: try ${say(next)}.`]
}

/** The mark most likely to be right; they lie close together, so a few about the mean are enough. */
function bestMark(
  belief: Belief,
  goal: TrialGoal,
  dial: SteppedDial,
  marks: readonly number[],
  mean: number,
): number {
  const at = marks.indexOf(nearestOf(marks, mean))
  const near = marks.slice(Math.max(0, at - MOST_CANDIDATES / 2), at + MOST_CANDIDATES / 2 + 1)
  return near.reduce((best, mark) =>
    chanceRight(belief, goal, dial, mark) > chanceRight(belief, goal, dial, best) + 1e-9 ? mark : best,
  )
}

/** Chance that the best mark or one beside it is right. */
const chanceOfPair = (belief: Belief, goal: TrialGoal, dial: SteppedDial, best: number) =>
  Math.max(
    ...[best - dial.step, best + dial.step].map(beside =>
      chanceRight(belief, goal, { ...dial, step: 2 * dial.step }, (best + beside) / 2),
    ),
  )

function worthiest(
  belief: Belief,
  goal: TrialGoal,
  dial: SteppedDial,
  marks: readonly number[],
  mean: number,
  spread: number,
  nearest: (at: number) => number,
): number {
  const reach = Math.max(REACH_SPREADS * spread, dial.step)
  const within = marks.filter(mark => Math.abs(mark - mean) <= reach)
  const near = within.length > 0 ? within : [nearestOf(marks, mean)]
  const every = Math.ceil(near.length / MOST_CANDIDATES)
  const candidates = near.filter((_, i) => i % every === 0)
  const worths = candidates.map(mark => worthOf(belief, goal, dial, mark, nearest))
  return candidates[worths.indexOf(Math.max(...worths))]!
}

/** How unexpected a row is: its distance from what the others make of the machine, in marks. */
function surprise(belief: Belief, goal: TrialGoal, { dial, reading }: ReadRow): number {
  const { mean } = meanAndSpread(belief)
  return Math.sign(reading - GOAL_FACTS[goal].target) === Math.sign(dial - mean) ? 0 : Math.abs(dial - mean)
}

/** A third row at one of the two marks has settled which of them was a slip. */
function isAnswered(pair: readonly [ReadRow, ReadRow], read: readonly ReadRow[]): boolean {
  return pair.some(one =>
    read.some(row => row.at > Math.max(pair[0].at, pair[1].at) && Math.abs(row.dial - one.dial) < 1e-9),
  )
}
