import { needleLife } from '#core/care'
import { needleNameAndType, describeNeedle } from '#core/needle'
import { stockOf, THREAD_KINDS } from '#core/thread'
import type { NeedleRecord, Thread } from '#shared/records'
import { safeCell } from '~/utils/csv'

export interface Wanted {
  readonly what: 'needle' | 'thread'
  readonly name: string
  readonly detail: string
  readonly why: string
}

/** What to buy: used up, low, bent or past its hours with no other one left. */
export function shoppingList(needles: Iterable<NeedleRecord>, threads: Iterable<Thread>): Wanted[] {
  return [...[...needles].flatMap(wantedNeedle), ...[...threads].flatMap(wantedThread)]
}

function wantedNeedle(needle: NeedleRecord): Wanted[] {
  const why = whyNeedle(needle)
  if (why === null) return []
  return [{ what: 'needle', name: needleNameAndType(needle), detail: describeNeedle(needle), why }]
}

function whyNeedle(needle: NeedleRecord): string | null {
  if (needle.count === 0) return 'used up'
  if (needle.count > 1) return null
  if (needle.state !== 'good') return `${needle.state}, the last one`
  const life = needleLife(needle)
  return life.advice === 'now' ? `${life.why}, the last one` : null
}

function wantedThread(thread: Thread): Wanted[] {
  const why = whyThread(thread)
  if (why === null) return []
  const detail = [THREAD_KINDS[thread.kind].name, thread.label].filter(Boolean).join(', ')
  return [{ what: 'thread', name: thread.name, detail, why }]
}

function whyThread(thread: Thread): string | null {
  const stock = stockOf(thread.metresLeft)
  if (stock === 'used up') return stock
  return stock === 'low' ? `${thread.metresLeft} m left` : null
}

export const shoppingText = (list: readonly Wanted[]) =>
  list.map(({ name, detail, why }) => `[ ] ${name} (${detail}): ${why}`).join('\n')
export const shoppingRows = (list: readonly Wanted[]) => [
  ['what', 'name', 'detail', 'why'],
  ...list.map(({ what, name, detail, why }) => [what, name, detail, why].map(safeCell)),
]
