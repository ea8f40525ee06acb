import { CoreError, requireInRange } from '#core/errors'

/** What is done on one day. */
export interface Sitting {
  /** `2026-12-24` */
  readonly day: string
  readonly minutes: number
  /** Items by their place in the order, and for how long on this day. */
  readonly parts: readonly { readonly item: number; readonly minutes: number }[]
}

export interface Sittings {
  readonly sittings: readonly Sitting[]
  /** The day the last item is done; null: nothing to do, or no day has time. */
  readonly doneOn: string | null
  /** Minutes that do not fit any more by the due day, and the items they belong to. */
  readonly lateMinutes: number
  readonly lateItems: readonly number[]
}

/** Of all copies of an item: far beyond any project, so that whatever is typed is said to be late. */
const MOST_ITEM_MINUTES = 1e12
/** Nobody plans farther ahead, in days. */
const MOST_DAYS = 730
/** Less than this of a day is no sitting, in minutes. */
const LEAST_MINUTES = 0.01

/**
 * Spreads work over the days that have time for it, in its order, from today on. An item may go on the next
 * day.
 *
 * @param itemMinutes - of each item in the order they are done, its changes with it; 0 to 1e12.
 * @param weekdayMinutes - seven, Monday first.
 * @param today - `2026-11-27`.
 * @param dueOn - the last day that counts; null: none.
 * @throws {CoreError} `out-of-range` for minutes below 0 or days that are none.
 *
 * @example
 * sittingsOf([90, 30], [0, 60, 0, 60, 0, 0, 0], '2026-11-27', '2026-12-03').doneOn // '2026-12-03'
 */
export function sittingsOf(
  itemMinutes: readonly number[],
  weekdayMinutes: readonly number[],
  today: string,
  dueOn: string | null,
): Sittings {
  itemMinutes.forEach((minutes, i) => requireInRange(minutes, `itemMinutes.${i}`, 0, MOST_ITEM_MINUTES))
  weekdayMinutes.forEach((minutes, i) => requireInRange(minutes, `weekdayMinutes.${i}`, 0, 1440))
  const first = dayNumber(today)
  const due = dueOn === null ? Infinity : dayNumber(dueOn)
  const left = [...itemMinutes]
  const sittings: Sitting[] = []
  for (let ahead = 0; ahead < MOST_DAYS && left.some(minutes => minutes > LEAST_MINUTES); ahead++) {
    const day = first + ahead
    const parts = partsOf(left, weekdayMinutes[weekdayOf(day)] ?? 0)
    if (parts.length === 0) continue
    sittings.push({ day: dayText(day), minutes: parts.reduce((sum, one) => sum + one.minutes, 0), parts })
  }
  const late = sittings.filter(({ day }) => dayNumber(day) > due).flatMap(({ parts }) => parts)
  const never = left.flatMap((minutes, item) => (minutes > LEAST_MINUTES ? [{ item, minutes }] : []))
  const lateParts = due === Infinity ? never : [...late, ...never]
  return {
    sittings,
    doneOn: never.length > 0 ? null : (sittings.at(-1)?.day ?? null),
    lateMinutes: lateParts.reduce((sum, { minutes }) => sum + minutes, 0),
    lateItems: [...new Set(lateParts.map(({ item }) => item))],
  }
}

/** Takes from what is left, in order, as much as a day has time for. */
function partsOf(left: number[], dayMinutes: number): Sitting['parts'] {
  let time = dayMinutes
  return left.flatMap((minutes, item) => {
    const now = Math.min(minutes, time)
    if (now <= LEAST_MINUTES) return []
    time -= now
    left[item] = minutes - now
    return [{ item, minutes: now }]
  })
}

const DAY_MS = 86_400_000
/** Days since 1970-01-01. */
function dayNumber(text: string): number {
  const ms = /^\d{4}-\d\d-\d\d$/.test(text) ? Date.parse(`${text}T00:00:00Z`) : Number.NaN
  if (Number.isNaN(ms))
    throw new CoreError('out-of-range', `“${text}” is not a day`, { field: 'day', min: 0, max: 0 })
  return Math.round(ms / DAY_MS)
}
const dayText = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10)
/** Monday is 0; the first of January 1970 was a Thursday. */
const weekdayOf = (day: number): number => (((day + 3) % 7) + 7) % 7
