import { requireInRange } from '#core/errors'
import type { Speed } from '#core/terms'

/** Stitches a minute by the pedal. Guesses: let the user type what the manual says. */
const SPEED_STITCHES: Readonly<Record<Speed, number>> = { slow: 300, medium: 500, usual: 700 }

/**
 * Stitches a minute: as timed on the machine where it is driven as usual, else a guess by the pedal.
 *
 * @param timed - of the machine; null: nobody timed it.
 *
 * @example
 * stitchesPerMinute('usual', 640) // 640
 */
export const stitchesPerMinute = (pedal: Speed | null, timed: number | null): number =>
  pedal === null || pedal === 'usual' ? (timed ?? SPEED_STITCHES.usual) : SPEED_STITCHES[pedal]

const MS_PER_HOUR = 3_600_000
/** Nobody sews longer without a stop: then it was forgotten. A guess of ours. */
const LONGEST_SESSION_HOURS = 8

/** Stitches, turns or rows of all copies of a project: no number of copies one may type is too large. */
const MOST_OF_ALL = 1e12

/** Turning at a corner, and setting a new row under the foot, in seconds. Guesses. */
const TURN_SECONDS = 4
const NEW_ROW_SECONDS = 20

/**
 * Minutes a planned piece takes: its stitches, its turns at corners and its new rows.
 *
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * pieceMinutes({ stitches: 6000, turns: 12, rows: 3 }, 600) // 11.8
 */
export function pieceMinutes(
  { stitches, turns, rows }: { readonly stitches: number; readonly turns: number; readonly rows: number },
  perMinute: number,
): number {
  requireInRange(turns, 'turns', 0, MOST_OF_ALL)
  requireInRange(rows, 'rows', 0, MOST_OF_ALL)
  return 60 * seamHours(stitches, perMinute) + (turns * TURN_SECONDS + rows * NEW_ROW_SECONDS) / 60
}

/** How long a session was, and why that may not be the time sewn. */
export interface Session {
  readonly hours: number
  /** `clock went back`: no time is known. `forgotten`: it ran longer than anybody sews. */
  readonly doubt: 'clock went back' | 'forgotten' | null
}

/**
 * Hours between start and stop of a session. A clock that was set back gives no time rather than less than
 * none.
 *
 * @param startedAt - as an ISO date and time.
 * @param stoppedAt - as an ISO date and time.
 * @throws {CoreError} `non-finite` when one of them is no date.
 *
 * @example
 * sessionHours('2026-05-01T18:00:00Z', '2026-05-01T19:30:00Z').hours // 1.5
 */
export function sessionHours(startedAt: string, stoppedAt: string): Session {
  const start = requireInRange(Date.parse(startedAt), 'startedAt', -8.64e15, 8.64e15)
  const stop = requireInRange(Date.parse(stoppedAt), 'stoppedAt', -8.64e15, 8.64e15)
  const hours = Math.max(0, stop - start) / MS_PER_HOUR
  if (stop < start) return { hours, doubt: 'clock went back' }
  return { hours, doubt: hours > LONGEST_SESSION_HOURS ? 'forgotten' : null }
}

/**
 * Hours a seam takes at a steady speed, without pauses.
 *
 * @param stitches - in the seam.
 * @param perMinute - stitches, of the machine as it is driven.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * seamHours(36_000, 600) // 1
 */
export function seamHours(stitches: number, perMinute: number): number {
  requireInRange(stitches, 'stitches', 0, MOST_OF_ALL)
  requireInRange(perMinute, 'stitchesPerMinute', 10, 5000)
  return stitches / perMinute / 60
}
