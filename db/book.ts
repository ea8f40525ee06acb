import { issueLine } from '#shared/fields'
import {
  type AnyRecord,
  mergeEdit,
  type Merged,
  type RecordEdit,
  referencesOf,
  TABLE_NAMES,
  TABLES,
  type TableName,
  withoutMissing,
} from '#shared/records'
import type { BookDatabase } from './database'

/**
 * A stored row that no longer fits its schema: left where it is, shown to the user, never overwritten
 * silently.
 */
export interface UnreadableRow {
  readonly table: TableName
  readonly raw: unknown
  readonly message: string
}

export interface StoredBook {
  readonly records: readonly { readonly table: TableName; readonly record: AnyRecord }[]
  readonly unreadable: readonly UnreadableRow[]
}

/** Reads every table; each row passes its schema or is reported. */
export async function readBook(database: BookDatabase): Promise<StoredBook> {
  const records: { table: TableName; record: AnyRecord }[] = []
  const unreadable: UnreadableRow[] = []
  for (const [table, rows] of await rowsAtOnce(database)) {
    for (const raw of rows) {
      const parsed = TABLES[table].schema.safeParse(raw)
      if (parsed.success) records.push({ table, record: parsed.data })
      else unreadable.push({ table, raw, message: issueLine(parsed.error) })
    }
  }
  return { records, unreadable }
}

/** All tables as they stood at one moment: no write of another tab lies between them. */
function rowsAtOnce(database: BookDatabase): Promise<(readonly [TableName, unknown[]])[]> {
  const tables = TABLE_NAMES.map(name => database.table(name))
  return database.transaction('r', tables, () =>
    Promise.all(TABLE_NAMES.map(async name => [name, await database.table(name).toArray()] as const)),
  )
}

/** What became of an edit when it was written. */
export interface Written extends Omit<Merged, 'outcome'> {
  readonly table: TableName
  readonly id: string
  /** `dangling`: something it needs was taken away by somebody else; what stood there stands. */
  readonly outcome: Merged['outcome'] | 'dangling'
}

/**
 * Writes edits in one transaction, all of them or none: each is joined, field by field, with what somebody
 * else has stored since it was begun, and nothing is written that would point at what is not there.
 *
 * @returns What became of each, in their order. It has reached the disk by then.
 * @throws {ZodError} when a record breaks its schema; Dexie's errors when storage is refused or full.
 */
export async function writeBook(
  database: BookDatabase,
  edits: readonly RecordEdit[],
): Promise<readonly Written[]> {
  // Parsing also yields plain copies, which reactive objects are not and the database needs.
  const plain = edits.map(edit => ({
    ...edit,
    after: edit.after && TABLES[edit.table].schema.parse(edit.after),
  }))
  const tables = TABLE_NAMES.map(name => database.table(name))
  return database.transaction('rw', tables, async () => {
    const stored = await rowsOf(database, plain)
    const merged = plain.map(edit => mergedWith(edit, stored.get(keyOf(edit)) ?? null))
    const written = await leaveDangling(database, merged, stored)
    await store(database, written)
    return written
  })
}

type Key = { readonly table: string; readonly id: string }
const keyOf = ({ table, id }: Key) => `${table}/${id}`

/** The rows that are there of those named. */
async function rowsOf(database: BookDatabase, keys: readonly Key[]): Promise<Map<string, AnyRecord>> {
  const rows = new Map<string, AnyRecord>()
  for (const [table, group] of byTable(keys)) {
    const found = (await database.table(table).bulkGet(group.map(({ id }) => id))) as (
      AnyRecord | undefined
    )[]
    for (const row of found) if (row) rows.set(keyOf({ table, id: row.id }), row)
  }
  return rows
}

function mergedWith(edit: RecordEdit, stored: AnyRecord | null): Written {
  const { table, id } = edit
  const { outcome, record } = mergeEdit(edit, stored)
  return { table, id, outcome, record: record && TABLES[table].schema.parse(record) }
}

/** What an edit newly points at must be there: else it is pointed at no more, or the edit is not written. */
async function leaveDangling(
  database: BookDatabase,
  merged: readonly Written[],
  stored: ReadonlyMap<string, AnyRecord>,
): Promise<Written[]> {
  const newly = (entry: Written) => {
    const before = stored.get(keyOf(entry))
    const known = new Set(before ? referencesOf(entry.table, before).map(keyOf) : [])
    return entry.record ? referencesOf(entry.table, entry.record).filter(to => !known.has(keyOf(to))) : []
  }
  const meant = new Map(merged.map(entry => [keyOf(entry), entry.record !== null]))
  const elsewhere = await rowsOf(
    database,
    merged.flatMap(newly).filter(to => !meant.has(keyOf(to))),
  )
  const isThere = (to: Key) => meant.get(keyOf(to)) ?? elsewhere.has(keyOf(to))
  return merged.map((entry): Written => {
    const missing = newly(entry).filter(to => !isThere(to))
    if (missing.length === 0 || !entry.record) return entry
    const record = withoutMissing(entry.table, entry.record, missing)
    return record === 'needs it'
      ? { ...entry, outcome: 'dangling', record: stored.get(keyOf(entry)) ?? null }
      : { ...entry, outcome: 'merged', record }
  })
}

async function store(database: BookDatabase, written: readonly Written[]): Promise<void> {
  const wanted = written.filter(({ outcome }) => outcome === 'written' || outcome === 'merged')
  for (const [table, group] of byTable(wanted)) {
    const puts = group.flatMap(({ record }) => record ?? [])
    const gone = group.flatMap(({ id, record }) => (record ? [] : [id]))
    if (puts.length > 0) await database.table(table).bulkPut(puts)
    if (gone.length > 0) await database.table(table).bulkDelete(gone)
  }
}

function byTable<T extends Key>(entries: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const entry of entries) {
    const group = groups.get(entry.table)
    if (group) group.push(entry)
    else groups.set(entry.table, [entry])
  }
  return groups
}
