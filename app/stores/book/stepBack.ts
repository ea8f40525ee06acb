import { dequal as equal } from 'dequal/lite'
import {
  type AnyRecord,
  type InTheWay,
  keyOf,
  type RecordEdit,
  referencesOf,
  removalOf,
  TABLE_NAMES,
  type TableName,
  type Tables,
  takeBack,
  usersOf,
  withoutMissing,
} from '#shared/records'

/** How a step is taken back where something stands against it: not at all, over it, or as far as can be. */
export type Manner = 'whole' | 'all-the-same' | 'what-can-be'

/**
 * What stands against taking a step back.
 *
 * `needed`: a record it would take away is needed by another, which has none without it. `used`: another one
 * speaks of it. `needs`: a record it would bring back needs one that is gone.
 */
export interface Obstacle {
  readonly table: TableName
  /** As it stands, or stood. */
  readonly record: AnyRecord
  readonly what: InTheWay['what'] | 'needed' | 'used' | 'needs'
  readonly fields: readonly string[]
}

export interface StepBack {
  /** What is to be done; nothing that changes nothing. */
  readonly edits: readonly RecordEdit[]
  readonly obstacles: readonly Obstacle[]
}

/**
 * What takes the edits of a step back, and what stands against it.
 *
 * @param edits - as they were done, in their order.
 * @param book - as it stands.
 */
export function stepBack(edits: readonly RecordEdit[], book: Tables, manner: Manner): StepBack {
  const wins = manner === 'all-the-same' ? 'mine' : 'theirs'
  const taken = [...edits].reverse().map(edit => {
    const now = book[edit.table].get(edit.id) ?? null
    return { ...takeBack(edit, now, wins), named: now ?? edit.after ?? edit.before! }
  })
  const newer = taken.flatMap(({ edit: { table }, inTheWay, named }): Obstacle[] =>
    inTheWay ? [{ table, record: named, ...inTheWay }] : [],
  )
  const wanted = taken.map(({ edit }) => edit).filter(({ before, after }) => !equal(before, after))
  const away = takenAway(wanted, book, manner)
  const back = broughtBack(away.edits, book)
  return { edits: back.edits, obstacles: [...newer, ...away.obstacles, ...back.obstacles] }
}

/** The book with edits done. */
function withEdits(book: Tables, edits: readonly RecordEdit[]): Tables {
  const changed = Object.fromEntries(TABLE_NAMES.map(table => [table, book[table]])) as Record<
    TableName,
    ReadonlyMap<string, AnyRecord>
  >
  for (const table of new Set(edits.map(edit => edit.table))) {
    const rows = new Map(book[table])
    for (const { id, after } of edits.filter(edit => edit.table === table))
      if (after) rows.set(id, after)
      else rows.delete(id)
    changed[table] = rows
  }
  return changed
}

/** What another record needs is not taken away; what it speaks of is only where newer work may go. */
function takenAway(edits: readonly RecordEdit[], book: Tables, manner: Manner): StepBack {
  const removals = edits.filter(({ after }) => after === null)
  if (removals.length === 0) return { edits, obstacles: [] }
  const left = withEdits(book, edits)
  const needed = removals.filter(edit => usersOf(edit, left).length > 0)
  const free = removals.filter(edit => !needed.includes(edit))
  const ofOne = (edit: RecordEdit) => removalOf([edit], left).slice(1)
  const used = free.filter(edit => ofOne(edit).length > 0)
  const staying = new Set(manner === 'all-the-same' ? needed : [...needed, ...used])
  const going = free.filter(edit => !staying.has(edit))
  const without = removalOf(going, left).slice(going.length)
  const obstacle = (what: 'needed' | 'used') => (edit: RecordEdit) => ({
    table: edit.table,
    record: edit.before!,
    what,
    fields: [],
  })
  return {
    edits: [
      ...edits.filter(edit => !staying.has(edit)),
      ...without.map(({ table, id, record }) => ({
        table,
        id,
        before: book[table].get(id) ?? null,
        after: record,
      })),
    ],
    obstacles: [...needed.map(obstacle('needed')), ...used.map(obstacle('used'))],
  }
}

/** What would point at what is gone comes back without it, or not at all. */
function broughtBack(edits: readonly RecordEdit[], book: Tables): StepBack {
  const left = withEdits(book, edits)
  const obstacles: Obstacle[] = []
  const whole = edits.flatMap((edit): RecordEdit[] => {
    const { table, before, after } = edit
    if (!after) return [edit]
    const known = new Set(before ? referencesOf(table, before).map(keyOf) : [])
    const missing = referencesOf(table, after).filter(
      to => !known.has(keyOf(to)) && !left[to.table].has(to.id),
    )
    if (missing.length === 0) return [edit]
    obstacles.push({ table, record: after, what: 'needs', fields: [] })
    const record = withoutMissing(table, after, missing)
    return record === 'needs it' || record === null ? [] : [{ ...edit, after: record }]
  })
  return { edits: whole, obstacles }
}
