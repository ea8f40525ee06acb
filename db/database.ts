import { Dexie, type EntityTable, type Transaction } from 'dexie'
import type { AnyRecord, TableName } from '#shared/records'
import { upgradeRecord, VERSIONS } from '#shared/upgrade'

export type BookDatabase = Dexie & { readonly [T in TableName]: EntityTable<AnyRecord, 'id'> }

const FIRST_TABLES = [
  'machines',
  'feet',
  'needles',
  'threads',
  'cloths',
  'stitches',
  'plans',
  'setup',
  'handWalks',
  'settings',
] as const
const ADDED_IN_2 = ['plates', 'stabilizers', 'bobbins'] as const
const SECOND_TABLES = [...FIRST_TABLES, ...ADDED_IN_2]
const ADDED_IN_3 = ['machineStates', 'walks', 'needleTimes', 'needleEnds'] as const
const byId = (tables: readonly string[]) => Object.fromEntries(tables.map(table => [table, 'id']))

/** Pictures lie beside the book: they are no records and go into no JSON. */
export const PHOTOS = 'photos'

/** Bump by appending a version with its upgrade below; never edit one that has shipped. */
export function openBookDatabase(name = 'lacy-spool'): BookDatabase {
  const database = new Dexie(name)
  database.version(1).stores(byId(FIRST_TABLES))
  database
    .version(2)
    .stores(byId(ADDED_IN_2))
    .upgrade(transaction => upgradeRows(transaction, FIRST_TABLES, 1))
  database
    .version(3)
    .stores(byId(ADDED_IN_3))
    .upgrade(transaction => upgradeRows(transaction, SECOND_TABLES, 2))
  database
    .version(4)
    .stores(byId(['trials', 'swatches', PHOTOS]))
    .upgrade(transaction => upgradeRows(transaction, [...SECOND_TABLES, ...ADDED_IN_3], 3))
  return database as BookDatabase
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
    await transaction
      .table(table)
      .toCollection()
      .modify((row, reference) => {
        reference.value = upgradeRecord(table, row, from, versions)
      })
  }
}
