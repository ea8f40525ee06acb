import { unitOf } from './belief'
import { GOAL_FACTS } from './goalFacts'
import type { TrialGoal } from './goals'
import type { Beside, SteppedDial, TrialRow } from './types'

/**
 * Tension moves both readings, so something else must move this one. Source: common practice; for slack cloth
 * our own.
 */
const MENDS = {
  ridge: {
    above: 'lengthen the stitch, stabilize, or take a narrower gap',
    below: 'hold the cloth with a stabilizer',
  },
  show: {
    above: 'match the bobbin’s colour',
    below: 'thread once more with the foot up, then look at the bobbin',
  },
} as const

/**
 * Whether what was found for one reading spoils the other, by the row sewn nearest; null: it does not, or
 * nobody looked.
 */
export function besideOf(
  goal: TrialGoal,
  dial: SteppedDial,
  rows: readonly TrialRow[],
  best: number,
): Beside | null {
  const { leads, other: allowed } = GOAL_FACTS[goal]
  const name = leads === 'ridge' ? 'show' : 'ridge'
  const near = rows.filter(row => row[name] !== null && Math.abs(row.tension - best) <= unitOf(dial) / 2)
  if (near.length === 0) return null
  // Of equally near rows the last one counts: it was sewn with what is on the machine now.
  const { [name]: reading } = near.reduce((one, row) =>
    Math.abs(row.tension - best) <= Math.abs(one.tension - best) ? row : one,
  )
  if (reading === null || (reading >= allowed[0] && reading <= allowed[1])) return null
  return { name, reading, allowed, mend: MENDS[name][reading > allowed[1] ? 'above' : 'below'] }
}
