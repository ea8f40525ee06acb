import { createEvents } from 'ics'

export interface Reminder {
  readonly title: string
  readonly description: string
  /** A local day, `2026-12-01`. */
  readonly day: string
  readonly repeat: 'once' | 'weekly' | 'monthly'
}

const AT_HOUR = 9
const MINUTES = 15

/**
 * Reminders as a calendar file, each at nine in the morning wherever it is read.
 *
 * @throws {Error} when a day is not a day.
 */
export function reminderFile(reminders: readonly Reminder[]): string {
  const { error, value } = createEvents(
    reminders.map(({ title, description, day, repeat }) => {
      const [year, month, date] = day.split('-').map(Number) as [number, number, number]
      return {
        title,
        description,
        start: [year, month, date, AT_HOUR, 0],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { minutes: MINUTES },
        productId: 'lacy-spool',
        ...(repeat === 'once' ? {} : { recurrenceRule: `FREQ=${repeat.toUpperCase()}` }),
        alarms: [{ action: 'display', description: title, trigger: { minutes: 0, before: true } }],
      }
    }),
  )
  if (error || !value) throw error ?? new Error('No calendar was made')
  return value
}
