import { GOAL_FACTS, nearestOf, marksOf, type SteppedDial, type TrialGoal, type TrialRow } from '#core/trial'

/** Where a habit goes next; null: it looks right, or there is nowhere left to go. */
export type Habit = (goal: TrialGoal, dial: SteppedDial, rows: readonly TrialRow[]) => number | null

const MOST = 15
const leading = (goal: TrialGoal, row: TrialRow) => row[GOAL_FACTS[goal].leads] ?? 0

/**
 * From normal tension by ones until it looks right; on a reversal back and forth until it does.
 *
 * @example
 * stepByOne('balanced', dial, []) // dial.home: the first number tried
 */
export const stepByOne: Habit = (goal, dial, rows) => {
  const marks = marksOf(dial)
  const last = rows.at(-1)
  if (!last) return nearestOf(marks, dial.home)
  const off = leading(goal, last) - GOAL_FACTS[goal].target
  if (off === 0 || rows.length >= MOST) return null
  const step = Math.max(1, dial.step)
  const next = nearestOf(marks, last.tension + (off < 0 ? step : -step))
  return next === last.tension ? null : next
}

/**
 * Halves what is left of the dial until it looks right.
 *
 * @example
 * bisection('balanced', { min: 0, home: 4, max: 8, step: 1 }, []) // the middle of the dial
 */
export const bisection: Habit = (goal, dial, rows) => {
  const marks = marksOf(dial)
  const { target } = GOAL_FACTS[goal]
  let [low, high] = [dial.min, dial.max]
  for (const row of rows) {
    const off = leading(goal, row) - target
    if (off === 0) return null
    if (off < 0) low = Math.max(low, row.tension)
    else high = Math.min(high, row.tension)
  }
  if (rows.length === 0) return nearestOf(marks, dial.home)
  const next = nearestOf(marks, (low + high) / 2)
  return rows.length >= MOST || rows.some(row => row.tension === next) ? null : next
}
