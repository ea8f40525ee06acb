import type { Reference } from '../setup'
import type { Pointing } from './manifest'
import { type AnyRecord, type RecordOf, TABLE_NAMES, TABLES, type TableName, type Tables } from './tables'

/** One record put (or, with null, taken out). */
export interface RecordChange {
  readonly table: TableName
  readonly id: string
  readonly record: AnyRecord | null
}

/** A table's manifest speaks of its own records only; here every record comes with its table. */
const pointingOf = (table: TableName) => TABLES[table].refersTo as Pointing<AnyRecord> | null

/** The tables whose records point at others. */
export const POINTING_TABLES = TABLE_NAMES.filter(table => pointingOf(table) !== null)

/** What a record points at in other tables. */
export function referencesOf<T extends TableName>(
  table: T,
  record: RecordOf<T> | AnyRecord,
): readonly Reference[] {
  return pointingOf(table)?.find(record) ?? []
}

export const keyOf = ({ table, id }: { readonly table: string; readonly id: string }) => `${table}/${id}`

const holdsIts = (table: TableName, record: AnyRecord) => pointingOf(table)?.holds?.(record) ?? false

/** The records that cannot be without this one: as long as one stands, it stays. */
export function usersOf(
  target: { readonly table: TableName; readonly id: string },
  book: Tables,
): AnyRecord[] {
  const pointsThere = (table: TableName, record: AnyRecord) =>
    referencesOf(table, record).some(to => keyOf(to) === keyOf(target))
  return TABLE_NAMES.flatMap(table =>
    [...book[table].values()].filter(record => holdsIts(table, record) && pointsThere(table, record)),
  )
}

/** Records out, and what that changes in those that point at them: each without them, or gone too. */
export function removalOf(
  targets: readonly { readonly table: TableName; readonly id: string }[],
  book: Tables,
) {
  const gone = new Set(targets.map(keyOf))
  const removed = targets.map(({ table, id }): RecordChange => ({ table, id, record: null }))
  const changed = TABLE_NAMES.flatMap(table =>
    [...book[table].values()]
      .filter(record => !gone.has(keyOf({ table, id: record.id })))
      .flatMap(record => changeWithout(table, record, gone)),
  )
  return [...removed, ...changed]
}

function changeWithout(table: TableName, record: AnyRecord, gone: ReadonlySet<string>): RecordChange[] {
  const pointing = pointingOf(table)
  if (pointing === null || holdsIts(table, record)) return []
  const { whenGone } = pointing
  const lost = pointing.find(record).filter(to => gone.has(keyOf(to)))
  if (lost.length === 0) return []
  const without = lost.reduce<AnyRecord | null>((left, to) => left && whenGone(left, to), record)
  return [{ table, id: record.id, record: without }]
}

/**
 * A record that points at what is not there, without it.
 *
 * @returns null: it goes too. `needs it`: it cannot be without.
 */
export function withoutMissing(
  table: TableName,
  record: AnyRecord,
  missing: readonly Reference[],
): AnyRecord | null | 'needs it' {
  const pointing = pointingOf(table)
  if (pointing === null) return record
  if (holdsIts(table, record)) return 'needs it'
  const { whenGone } = pointing
  return missing.reduce<AnyRecord | null>((left, to) => left && whenGone(left, to), record)
}
