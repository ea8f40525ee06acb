import { createEvents } from 'ics'
import type { Sitting } from '#core/project'

const AT_HOUR = 19
const LEAST_MINUTES = 5

/**
 * Sittings as a calendar file, each at seven in the evening wherever it is read.
 *
 * @param nameOf - what an item is called, by its place in the order.
 */
export function sittingsFile(
  title: string,
  sittings: readonly Sitting[],
  nameOf: (item: number) => string,
): string {
  const { error, value } = createEvents(
    sittings.map(({ day, minutes, parts }) => {
      const [year, month, date] = day.split('-').map(Number) as [number, number, number]
      return {
        title,
        description: parts.map(part => `${nameOf(part.item)}, ${Math.round(part.minutes)} min`).join('\n'),
        start: [year, month, date, AT_HOUR, 0],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { minutes: Math.max(LEAST_MINUTES, Math.round(minutes)) },
        productId: 'lacy-spool',
      }
    }),
  )
  if (error || !value) throw error ?? new Error('No calendar was made')
  return value
}
