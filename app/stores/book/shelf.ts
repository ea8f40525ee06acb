import { shallowReactive } from 'vue'
import type { StoredBook } from '#db/book'
import {
  type AnyRecord,
  mergeEdit,
  type RecordChange,
  type RecordEdit,
  type RecordOf,
  TABLE_NAMES,
  type TableName,
  type Tables,
} from '#shared/records'

export type Shelf = { [T in TableName]: ReadonlyMap<string, RecordOf<T>> }
type Rows = Map<string, AnyRecord>

/** All records by table and id. A table is replaced whole when one of its records changes. */
export function useShelves() {
  const shelf = shallowReactive(emptyShelf())

  /** What is stored, and over it what waits to be stored. */
  function show({ records }: StoredBook, waiting: Iterable<RecordEdit>): void {
    const fresh = emptyShelf()
    for (const { table, record } of records) (fresh[table] as Rows).set(record.id, record)
    for (const edit of waiting) {
      const rows = fresh[edit.table] as Rows
      const { record } = mergeEdit(edit, rows.get(edit.id) ?? null)
      if (record) rows.set(edit.id, record)
      else rows.delete(edit.id)
    }
    for (const table of TABLE_NAMES) Object.assign(shelf, { [table]: fresh[table] })
  }

  function put(changes: readonly RecordChange[]): void {
    for (const table of new Set(changes.map(change => change.table))) {
      const next: Rows = new Map<string, AnyRecord>(shelf[table])
      for (const { id, record } of changes.filter(change => change.table === table)) {
        if (record) next.set(id, record)
        else next.delete(id)
      }
      Object.assign(shelf, { [table]: next })
    }
  }

  /** Every record as one that is not stored anywhere yet. */
  const asNew = (): RecordEdit[] =>
    TABLE_NAMES.flatMap(table =>
      [...shelf[table].entries()].map(([id, after]) => ({ table, id, before: null, after })),
    )

  /** `tables`: the same for what works over all tables alike. */
  return { shelf, tables: shelf as Tables, show, put, asNew }
}

const emptyShelf = () => Object.fromEntries(TABLE_NAMES.map(table => [table, new Map()])) as unknown as Shelf
