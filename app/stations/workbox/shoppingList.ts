import { needleLife } from '#core/care'
import { needleNameAndType, describeNeedle } from '#core/needle'
import { THREAD_KINDS } from '#core/thread'
import type { NeedleRecord, Thread } from '#shared/records'
import { safeCell } from '~/utils/csvCell'
import { isLow, isSpent, isUsedUp } from './workboxTables'

export interface Wanted {
  readonly what: 'needle' | 'thread'
  readonly name: string
  readonly detail: string
  readonly why: string
}

/** What to bring home: used up, low, bent or past its hours with none in reserve. */
export function shoppingList(needles: Iterable<NeedleRecord>, threads: Iterable<Thread>): Wanted[] {
  return [
    ...[...needles].flatMap((needle): Wanted[] => {
      const worn = needle.state !== 'good' ? needle.state : isSpent(needle) ? needleLife(needle).why : null
      const why = needle.count === 0 ? 'used up' : worn && needle.count <= 1 ? `${worn}, the last one` : null
      return why
        ? [
            {
              what: 'needle',
              name: needleNameAndType(needle),
              detail: describeNeedle(needle),
              why,
            },
          ]
        : []
    }),
    ...[...threads].flatMap((thread): Wanted[] => {
      const why = isUsedUp(thread) ? 'used up' : isLow(thread) ? `${thread.metresLeft} m left` : null
      return why
        ? [
            {
              what: 'thread',
              name: thread.name,
              detail: [THREAD_KINDS[thread.kind].name, thread.label].filter(Boolean).join(', '),
              why,
            },
          ]
        : []
    }),
  ]
}

export const shoppingText = (list: readonly Wanted[]) =>
  list.map(({ name, detail, why }) => `[ ] ${name} (${detail}): ${why}`).join('\n')
export const shoppingRows = (list: readonly Wanted[]) => [
  ['what', 'name', 'detail', 'why'],
  ...list.map(({ what, name, detail, why }) => [what, name, detail, why].map(safeCell)),
]
