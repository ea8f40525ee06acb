import { issueLine } from '#shared/fields'
import { type AnyRecord, TABLE_NAMES, TABLES, type TableName } from '#shared/records'
import type { BookDatabase } from './database'

/** One record put (or, with null, taken out). */
export interface RecordChange {
  readonly table: TableName
  readonly id: string
  readonly record: AnyRecord | null
}

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
  for (const table of TABLE_NAMES) {
    for (const raw of (await database.table(table).toArray()) as unknown[]) {
      const parsed = TABLES[table].schema.safeParse(raw)
      if (parsed.success) records.push({ table, record: parsed.data })
      else unreadable.push({ table, raw, message: issueLine(parsed.error) })
    }
  }
  return { records, unreadable }
}

/**
 * Writes changes in one transaction: all of them or none.
 *
 * @throws {ZodError} when a record breaks its schema; Dexie's errors when storage is refused or full.
 */
export async function writeBook(database: BookDatabase, changes: readonly RecordChange[]): Promise<void> {
  // Parsing also yields plain copies, which reactive objects are not and the database needs.
  const plain = changes.map(({ table, id, record }) => ({
    table,
    id,
    record: record && TABLES[table].schema.parse(record),
  }))
  await database.transaction(
    'rw',
    TABLE_NAMES.map(name => database.table(name)),
    async () => {
      for (const { table, id, record } of plain) {
        if (record) await database.table(table).put(record)
        else await database.table(table).delete(id)
      }
    },
  )
}
