import { Dexie, type EntityTable } from 'dexie'
import type { AnyRecord, TableName } from '#shared/records'
import { upgradeRecord } from '#shared/upgrade'

export type BookDatabase = Dexie & { readonly [T in TableName]: EntityTable<AnyRecord, 'id'> }

const FIRST_TABLES = ['machines', 'feet', 'needles', 'threads', 'cloths', 'stitches', 'plans', 'setup', 'handWalks', 'settings'] as const
const byId = (tables: readonly string[]) => Object.fromEntries(tables.map(table => [table, 'id']))

/** Bump by appending a version with its upgrade below; never edit one that has shipped. */
export function openBookDatabase(name = 'lacy-spool'): BookDatabase {
  const database = new Dexie(name)
  database.version(1).stores(byId(FIRST_TABLES))
  database.version(2).stores(byId(['plates', 'stabilizers', 'bobbins'])).upgrade(async (transaction) => {
    for (const table of FIRST_TABLES) {
      await transaction.table(table).toCollection().modify((row, reference) => {
        reference.value = upgradeRecord(table, row, 1)
      })
    }
  })
  return database as BookDatabase
}
