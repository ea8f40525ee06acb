import { dequal } from 'dequal/lite'
import { keyOf, photosOf, type RecordEdit } from '#shared/records'

/** What one press of undo takes back. */
export interface Step {
  readonly label: string
  /** Steps in a row with the same key become one, as while a slider is dragged. */
  readonly joinKey: string | null
  readonly edits: readonly RecordEdit[]
  /** When it was done, in ms: a page with steps of its own asks which came last. */
  readonly at: number
  /** The view it was done on; null: it shows on every page. */
  readonly where: string | null
}

export interface History {
  readonly past: readonly Step[]
  readonly future: readonly Step[]
}

const MOST_STEPS = 300
export const EMPTY_HISTORY: History = { past: [], future: [] }

/** Adds a step; what was undone before it can no longer be redone. */
export function withStep({ past }: History, step: Step): History {
  const last = past.at(-1)
  if (last && step.joinKey !== null && last.joinKey === step.joinKey && goesOn(last.edits, step.edits)) {
    return { past: [...past.slice(0, -1), { ...step, edits: joined(last.edits, step.edits) }], future: [] }
  }
  return { past: [...past, step].slice(-MOST_STEPS), future: [] }
}

/** Ends a run of joined steps: the next one with the same key stands alone. */
export function sealed(history: History): History {
  const last = history.past.at(-1)
  return last?.joinKey == null
    ? history
    : { ...history, past: [...history.past.slice(0, -1), { ...last, joinKey: null }] }
}

/** Whether nobody else changed the same records between two steps: their changes are no part of either. */
function goesOn(first: readonly RecordEdit[], second: readonly RecordEdit[]): boolean {
  const ends = new Map(first.map(edit => [keyOf(edit), edit.after]))
  return second.every(edit => !ends.has(keyOf(edit)) || dequal(ends.get(keyOf(edit)), edit.before))
}

function joined(first: readonly RecordEdit[], second: readonly RecordEdit[]): RecordEdit[] {
  const byRecord = new Map(first.map(edit => [keyOf(edit), edit]))
  for (const edit of second) {
    const key = keyOf(edit)
    byRecord.set(key, { ...edit, before: byRecord.has(key) ? byRecord.get(key)!.before : edit.before })
  }
  return [...byRecord.values()]
}

/** Photos that a press of undo or redo may bring back. */
export function photosInHistory({ past, future }: History): Set<string> {
  const edits = [...past, ...future].flatMap(step => step.edits)
  return photosOf(
    edits.flatMap(({ table, id, before, after }) => [
      { table, id, record: before },
      { table, id, record: after },
    ]),
  )
}
