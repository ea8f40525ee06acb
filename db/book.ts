import { issueLine } from '#shared/fields'
import {
  type AnyRecord,
  emptyTables,
  mergeEdit,
  type Merged,
  POINTING_TABLES,
  RECORDS_VERSION,
  type RecordEdit,
  referencesOf,
  removalOf,
  TABLE_NAMES,
  TABLES,
  type TableName,
  type Tables,
  upgradeRecord,
  usersOf,
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
      const parsed = parsedRow(table, raw)
      if (parsed.success) records.push({ table, record: parsed.data })
      else unreadable.push({ table, raw, message: issueLine(parsed.error) })
    }
  }
  return { records, unreadable }
}

/** A tab of an older app may have written its row after the upgrade: then it is upgraded here. */
function parsedRow(table: TableName, raw: unknown) {
  const parsed = TABLES[table].schema.safeParse(raw)
  for (let version = RECORDS_VERSION - 1; version >= 1 && !parsed.success; version--) {
    const upgraded = TABLES[table].schema.safeParse(upgradeRecord(table, raw, version))
    if (upgraded.success) return upgraded
  }
  return parsed
}

/** All tables as they stood at one moment: no write of another tab lies between them. */
function rowsAtOnce(database: BookDatabase): Promise<(readonly [TableName, unknown[]])[]> {
  const tables = TABLE_NAMES.map(name => database.table(name))
  return database.transaction('r', tables, () =>
    Promise.all(TABLE_NAMES.map(async name => [name, await database.table(name).toArray()] as const)),
  )
}

/**
 * What became of an edit when it was written, or of a record that changed with it.
 *
 * `dangling`: something it needs was taken away by somebody else; what stood there stands.
 * `needed`: somebody else has stored what needs it, so it was not taken away.
 */
export interface Written extends Omit<Merged, 'outcome'> {
  readonly table: TableName
  readonly id: string
  readonly outcome: Merged['outcome'] | 'dangling' | 'needed'
}

/**
 * Writes edits in one transaction, all of them or none: each is joined, field by field, with what somebody
 * else has stored since it was begun, and nothing is left that points at what is not there.
 *
 * @returns What became of each, in their order; after them what else changed. All has reached the disk.
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
    const { rows: stored, damaged } = await rowsOf(database, plain)
    const merged = plain.map(edit => mergedWith(edit, stored.get(keyOf(edit)) ?? null))
    const needed = await leaveNeeded(database, merged, stored)
    const written = await leaveDangling(database, needed, stored)
    await putAside(database, damaged)
    await store(database, written)
    return written
  })
}

type Key = { readonly table: string; readonly id: string }
const keyOf = ({ table, id }: Key) => `${table}/${id}`

interface Rows {
  readonly rows: ReadonlyMap<string, AnyRecord>
  /** Those that cannot be read. */
  readonly damaged: readonly { readonly table: TableName; readonly raw: { readonly id: string } }[]
}

/** The rows that are there of those named. */
async function rowsOf(
  database: BookDatabase,
  keys: readonly { readonly table: TableName; readonly id: string }[],
): Promise<Rows> {
  const rows = new Map<string, AnyRecord>()
  const damaged: { table: TableName; raw: { id: string } }[] = []
  for (const [table, group] of byTable(keys)) {
    const found = await database.table(table).bulkGet(group.map(({ id }) => id))
    for (const raw of found.filter(row => row !== undefined)) {
      const parsed = parsedRow(table, raw)
      if (parsed.success) rows.set(keyOf({ table, id: parsed.data.id }), parsed.data)
      else damaged.push({ table, raw })
    }
  }
  return { rows, damaged }
}

const ASIDE = 'damaged-'

/** A damaged row whose place is taken stays beside it, to be exported as it is. */
async function putAside(database: BookDatabase, damaged: Rows['damaged']): Promise<void> {
  for (const { table, raw } of damaged)
    await database.table(table).put({ ...raw, id: `${ASIDE}${raw.id}` } as AnyRecord)
}

/** What is to go, but is needed by what somebody else stored, stays; what can be without it goes on so. */
async function leaveNeeded(
  database: BookDatabase,
  merged: readonly Written[],
  stored: Rows['rows'],
): Promise<readonly Written[]> {
  const going = merged.filter(({ record, outcome }) => record === null && outcome === 'written')
  if (going.length === 0) return merged
  const others = await pointingRows(database, new Set(merged.map(keyOf)))
  const needed = new Set(going.filter(entry => usersOf(entry, others).length > 0).map(keyOf))
  const free = going.filter(entry => !needed.has(keyOf(entry)))
  const without = removalOf(free, others).slice(free.length)
  return [
    ...merged.map((entry): Written =>
      needed.has(keyOf(entry))
        ? { ...entry, outcome: 'needed', record: stored.get(keyOf(entry)) ?? null }
        : entry,
    ),
    ...without.map(({ table, id, record }): Written => ({ table, id, outcome: 'merged', record })),
  ]
}

/** What points at other records, but for what is being written. */
async function pointingRows(database: BookDatabase, except: ReadonlySet<string>): Promise<Tables> {
  const book = emptyTables() as Record<TableName, Map<string, AnyRecord>>
  for (const table of POINTING_TABLES) {
    for (const raw of await database.table(table).toArray()) {
      const parsed = parsedRow(table, raw)
      if (parsed.success && !except.has(keyOf({ table, id: parsed.data.id })))
        book[table].set(parsed.data.id, parsed.data)
    }
  }
  return book
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
  stored: Rows['rows'],
): Promise<Written[]> {
  const newly = (entry: Written) => {
    const before = stored.get(keyOf(entry))
    const known = new Set(before ? referencesOf(entry.table, before).map(keyOf) : [])
    return entry.record ? referencesOf(entry.table, entry.record).filter(to => !known.has(keyOf(to))) : []
  }
  const meant = new Map(merged.map(entry => [keyOf(entry), entry.record !== null]))
  const { rows: elsewhere } = await rowsOf(
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

function byTable<T extends { readonly table: TableName }>(entries: readonly T[]): Map<TableName, T[]> {
  const groups = new Map<TableName, T[]>()
  for (const entry of entries) {
    const group = groups.get(entry.table)
    if (group) group.push(entry)
    else groups.set(entry.table, [entry])
  }
  return groups
}
