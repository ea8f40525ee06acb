import { keyOf, type RecordChange, referencesOf, removalOf } from './references'
import { type AnyRecord, type Piece, TABLE_NAMES, type TableName, type Tables } from './tables'

/** Taking the demo out: its records go, except those the user's own still need. */
export function demoRemoval(book: Tables): RecordChange[] {
  const needed = new Set(
    ownRecords(book).flatMap(([table, record]) => referencesOf(table, record).map(keyOf)),
  )
  const targets = TABLE_NAMES.flatMap(table =>
    [...book[table].keys()]
      .filter(id => isDemo(id) && !needed.has(keyOf({ table, id })))
      .map(id => ({ table, id })),
  )
  return removalOf(targets, book)
}

export const hasDemo = (book: Tables) => TABLE_NAMES.some(table => [...book[table].keys()].some(isDemo))

/** Demo records are known by their ids. */
export const isDemo = (id: string) => id.startsWith('demo-')

/** What nobody named is no reason to keep a demo record. */
const isUnnamedPiece = (table: TableName, record: AnyRecord) =>
  table === 'pieces' && (record as Piece).name === ''

function ownRecords(book: Tables): [TableName, AnyRecord][] {
  return TABLE_NAMES.flatMap(table =>
    [...book[table].values()]
      .filter(record => !isDemo(record.id) && !isUnnamedPiece(table, record))
      .map((record): [TableName, AnyRecord] => [table, record]),
  )
}
