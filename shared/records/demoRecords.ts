import { keyOf, type RecordChange, referencesOf, removalOf } from './references'
import { type AnyRecord, TABLE_NAMES, TABLES, type TableName, type Tables } from './tables'

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
  const whole = removalOf(targets, book)
  // A bench that loses something is cleared: half a demo on it would help nobody.
  return whole.map(change =>
    change.table === 'setup' ? { ...change, record: TABLES.setup.blank as AnyRecord } : change,
  )
}

export const hasDemo = (book: Tables) => TABLE_NAMES.some(table => [...book[table].keys()].some(isDemo))

/** Demo records are known by their ids. */
export const isDemo = (id: string) => id.startsWith('demo-')

function ownRecords(book: Tables): [TableName, AnyRecord][] {
  // What stands on the bench is no reason to keep a demo record.
  const tables = TABLE_NAMES.filter(table => table !== 'setup')
  return tables.flatMap(table =>
    [...book[table].values()]
      .filter(({ id }) => !isDemo(id))
      .map((record): [TableName, AnyRecord] => [table, record]),
  )
}
