import { CHANGES } from '#core/order'
import type { ChangeTime } from '#shared/records'

/** How many of the changes between pieces were timed, in words. */
export function changeMinutesKnown(times: Iterable<ChangeTime>): string {
  const timed = new Set([...times].map(({ change }) => change))
  if (timed.size === 0) return 'None was timed: a project counts with guesses, or with what you set.'
  return `${timed.size} of ${CHANGES.length} kinds were timed on the way from piece to piece.`
}
