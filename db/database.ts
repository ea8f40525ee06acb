import { Dexie, type EntityTable } from 'dexie'
import { type AnyRecord, TABLE_NAMES, type TableName } from '#shared/records'

export type BookDatabase = Dexie & { readonly [T in TableName]: EntityTable<AnyRecord, 'id'> }

/** Bump by appending a version with its upgrade below; never edit one that has shipped. */
export function openBookDatabase(name = 'lacy-spool'): BookDatabase {
  const database = new Dexie(name)
  database.version(1).stores(Object.fromEntries(TABLE_NAMES.map(table => [table, 'id'])))
  return database as BookDatabase
}
