import { Dexie, type EntityTable, type Transaction } from 'dexie'
import {
  type AnyRecord,
  type RawRecord,
  GONE_TABLES,
  RECORDS_VERSION,
  TABLE_NAMES,
  type TableName,
  TABLES,
  upgradeRecords,
  VERSIONS,
} from '#shared/records'

export type BookDatabase = Dexie & { readonly [T in TableName]: EntityTable<AnyRecord, 'id'> }

/** Pictures lie beside the book: they are no records and go into no JSON. */
export const PHOTOS = 'photos'
const PHOTOS_SINCE = 4

const byId = (tables: readonly string[]) => Object.fromEntries(tables.map(table => [table, 'id']))
const GONE = Object.entries(GONE_TABLES)
const goneIn = (version: number) =>
  Object.fromEntries(GONE.filter(([, { until }]) => until === version).map(([table]) => [table, null]))
const addedIn = (version: number) => [
  ...TABLE_NAMES.filter(table => TABLES[table].since === version),
  ...GONE.filter(([, { since }]) => since === version).map(([table]) => table),
]
/** The tables there were when this version came: the last that has one that goes can still read it. */
const olderThan = (version: number) => [
  ...TABLE_NAMES.filter(table => TABLES[table].since < version),
  ...GONE.filter(([, { since, until }]) => since < version && version <= until).map(([table]) => table),
]

/** A database version for each version of the records: its new tables, and older rows brought up to date. */
export function openBookDatabase(name = 'lacy-spool'): BookDatabase {
  // Stored means on the disk: what is called saved must outlive a crash.
  const database = new Dexie(name, { chromeTransactionDurability: 'strict' })
  for (let version = 1; version <= RECORDS_VERSION; version++) {
    const added = version === PHOTOS_SINCE ? [...addedIn(version), PHOTOS] : addedIn(version)
    const stage = database.version(version).stores({ ...byId(added), ...goneIn(version) })
    if (version > 1) stage.upgrade(transaction => upgradeRows(transaction, olderThan(version), version - 1))
  }
  return database as BookDatabase
}

/** Dexie counts a version as ten of the browser's. */
const BROWSER_VERSIONS_EACH = 10

/** Whether an opened database was written by a newer app: what it holds is not for this one to change. */
export function isNewerThanApp(database: BookDatabase): boolean {
  return database.backendDB().version > RECORDS_VERSION * BROWSER_VERSIONS_EACH
}

/**
 * Brings the rows of some tables from one version to the next ones, inside the transaction that Dexie opens
 * for it.
 *
 * @param versions - what each version added; only tests give another history.
 */
export async function upgradeRows(
  transaction: Transaction,
  tables: readonly string[],
  from: number,
  versions = VERSIONS,
): Promise<void> {
  for (const table of tables) {
    const rows: readonly unknown[] = await transaction.table(table).toArray()
    const byTable = new Map<string, unknown[]>()
    for (const row of rows) {
      for (const today of upgradeRecords(table, row, from, versions.slice(0, from))) pushTo(byTable, today)
    }
    for (const [target, records] of byTable) await transaction.table(target).bulkPut(records)
  }
}

function pushTo(byTable: Map<string, unknown[]>, { table, raw }: RawRecord): void {
  const list = byTable.get(table)
  if (list) list.push(raw)
  else byTable.set(table, [raw])
}
