import { type Change, type ChangeMinutes, CHANGES } from '#core/order'
import { median } from '#core/plane'

/** A change that was timed. */
export interface TimedChange {
  readonly change: Change
  readonly minutes: number
  /** ISO moment */
  readonly at: string
}

/** Minutes of one change, and where they come from. */
export interface KnownMinutes {
  readonly minutes: number
  /** How many own times they are the median of; 0: as it is set. */
  readonly times: number
}

/** Hands become quicker: only so many of the last times count. */
const LAST_TIMES = 9

/**
 * Minutes each change takes: the median of one's own last times, else what is set.
 *
 * @example
 * knownMinutes(timed, set).needle // { minutes: 2.4, times: 5 }
 */
export function knownMinutes(
  timed: readonly TimedChange[],
  set: ChangeMinutes,
): Readonly<Record<Change, KnownMinutes>> {
  const of = (change: Change): KnownMinutes => {
    const own = timed.filter(one => one.change === change).sort((a, b) => b.at.localeCompare(a.at))
    const last = own.slice(0, LAST_TIMES).map(({ minutes }) => minutes)
    return last.length === 0
      ? { minutes: set[change], times: 0 }
      : { minutes: median(last), times: last.length }
  }
  return Object.fromEntries(CHANGES.map(change => [change, of(change)])) as Record<Change, KnownMinutes>
}
