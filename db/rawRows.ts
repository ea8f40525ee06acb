import { Dexie } from 'dexie'

/**
 * Every row of the stored book as it is, whatever version wrote it and whether it can be understood: what is
 * left when the book itself cannot be read. A table that cannot be read says why.
 *
 * @throws Dexie's errors when there is no book or nothing of it can be opened.
 */
export async function rawRows(name = 'lacy-spool'): Promise<Record<string, readonly unknown[] | string>> {
  const stored = new Dexie(name)
  try {
    await stored.open()
    const tables: Record<string, readonly unknown[] | string> = {}
    for (const table of stored.tables)
      tables[table.name] = await table.toArray().catch((error: Error) => `not readable: ${error.message}`)
    return tables
  } finally {
    stored.close()
  }
}
