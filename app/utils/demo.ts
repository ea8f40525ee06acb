import type { RecordChange } from '#db/book'
import type { Tables } from '#shared/backup'
import { EMPTY_SETUP } from '#shared/defaults'
import { type AnyRecord, TABLE_NAMES, type TableName } from '#shared/records'
import { referencesOf } from '#shared/references'

const isDemo = (id: string) => id.startsWith('demo-')

/** What taking the demo out changes: demo records go, except those the user's own plans still need. */
export function demoRemoval(book: Tables): RecordChange[] {
  const needed = new Set<string>()
  const own = TABLE_NAMES.flatMap(table =>
    [...book[table].values()].filter(({ id }) => !isDemo(id)).map(record => [table, record] as const),
  )
  for (const [table, record] of own) {
    if (table !== 'setup') for (const to of referencesOf(table, record)) needed.add(`${to.table}/${to.id}`)
  }
  const removed = TABLE_NAMES.flatMap(table =>
    [...book[table].keys()]
      .filter(id => isDemo(id) && !needed.has(`${table}/${id}`))
      .map(id => ({ table, id, record: null })),
  )
  return [...removed, ...setupReset(book, removed)]
}

function setupReset(book: Tables, removed: readonly { table: TableName; id: string }[]): RecordChange[] {
  const setup = book.setup.get('current')
  const gone = new Set(removed.map(({ table, id }) => `${table}/${id}`))
  const dangles =
    setup && referencesOf('setup', setup as AnyRecord).some(({ table, id }) => gone.has(`${table}/${id}`))
  return dangles ? [{ table: 'setup', id: 'current', record: EMPTY_SETUP }] : []
}
