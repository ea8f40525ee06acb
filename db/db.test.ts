import { RECORDS_VERSION, VERSIONS, UNKNOWN_MACHINE } from '#shared/records'
import 'fake-indexeddb/auto'
import { Dexie } from 'dexie'
import { readFileSync } from 'node:fs'
import { beforeEach, describe, expect, it } from 'vitest'
import { readBook, writeBook } from '#db/book'
import { type BookDatabase, openBookDatabase, upgradeRows } from '#db/database'
import type { Machine } from '#shared/records'

const machine = (id: string, name = 'Attic seven'): Machine => ({ id, name, ...UNKNOWN_MACHINE })
let database: BookDatabase
let count = 0
beforeEach(() => {
  database = openBookDatabase(`test-${count++}`)
})

describe('the book in the database', () => {
  it('comes back as it was written', async () => {
    await writeBook(database, [{ table: 'machines', id: 'a', record: machine('a') }])
    expect(await readBook(database)).toEqual({
      records: [{ table: 'machines', record: machine('a') }],
      unreadable: [],
    })
  })

  it('takes a record out', async () => {
    await writeBook(database, [{ table: 'machines', id: 'a', record: machine('a') }])
    await writeBook(database, [{ table: 'machines', id: 'a', record: null }])
    expect((await readBook(database)).records).toEqual([])
  })

  it('writes all or nothing when one record is bad', async () => {
    const bad = { ...machine('b'), maxWidthMm: Number.NaN }
    await expect(
      writeBook(database, [
        { table: 'machines', id: 'a', record: machine('a') },
        { table: 'machines', id: 'b', record: bad },
      ]),
    ).rejects.toThrow()
    expect((await readBook(database)).records).toEqual([])
  })

  it('takes back what it began when storage fails half-way', async () => {
    const writes = [
      { table: 'machines' as const, id: 'a', record: machine('a') },
      { table: 'feet' as const, id: 'b', record: null },
    ]
    database.table('feet').hook('deleting', () => {
      throw new Error('disk full')
    })
    await database.table('feet').put({ id: 'b' })
    await expect(writeBook(database, writes)).rejects.toThrow('disk full')
    expect(await database.table('machines').count()).toBe(0)
  })

  it.each([1, 2, 3, 4])(
    'brings a database of version %d up to date, and leaves what was damaged as it was',
    async version => {
      const { records } = JSON.parse(
        readFileSync(new URL(`../tests/fixtures/backup-${version}.json`, import.meta.url), 'utf8'),
      ) as { records: Record<string, object[]> }
      const name = `test-old-${version}-${count}`
      const old = new Dexie(name)
      old.version(version).stores(Object.fromEntries(Object.keys(records).map(table => [table, 'id'])))
      for (const [table, rows] of Object.entries(records)) await old.table(table).bulkPut(rows)
      await old.table('threads').put({ id: 'broken', name: 7 })
      old.close()
      const book = await readBook(openBookDatabase(name))
      expect(book.unreadable).toMatchObject([{ table: 'threads', raw: { id: 'broken', name: 7 } }])
      expect(book.records).toHaveLength(Object.values(records).flat().length)
      const settings = book.records.filter(({ table }) => table === 'settings').map(({ record }) => record)
      expect(settings).toHaveLength(records.settings!.length)
      for (const record of settings)
        expect(record).toMatchObject({ unit: 'inch', schools: { margin: 'roomy', heavyBobbin: 'ordinary' } })
    },
  )

  it('brings every strip and swatch to the version after this one, made up in this test', async () => {
    const { records } = JSON.parse(
      readFileSync(new URL('../tests/fixtures/backup-4.json', import.meta.url), 'utf8'),
    ) as { records: Record<string, object[]> }
    const name = `test-next-${count}`
    const now = openBookDatabase(name)
    for (const [table, rows] of Object.entries(records)) await now.table(table).bulkPut(rows)
    now.close()
    const next = openBookDatabase(name)
    const added = { records: {}, setup: { lamp: 'on' }, settings: {}, schools: {} }
    next
      .version(RECORDS_VERSION + 1)
      .upgrade(transaction =>
        upgradeRows(transaction, Object.keys(records), RECORDS_VERSION, [...VERSIONS, added]),
      )
    for (const table of ['trials', 'swatches', 'plans']) {
      const rows = await next.table(table).toArray()
      expect(rows).toHaveLength(records[table]!.length)
      for (const row of rows) expect(row.setup.lamp).toBe('on')
    }
    expect(await next.table('setup').get('current')).toMatchObject({ lamp: 'on' })
  })

  it('reports a damaged row by field and leaves it where it is', async () => {
    await writeBook(database, [{ table: 'machines', id: 'a', record: machine('a') }])
    await database.table('machines').put({ id: 'bad', name: 'Half', maxWidthMm: 'wide' })
    const { records, unreadable } = await readBook(database)
    expect(records).toHaveLength(1)
    expect(unreadable[0]).toMatchObject({
      table: 'machines',
      raw: { id: 'bad' },
      message: expect.stringContaining('maxWidthMm'),
    })
    expect(await database.table('machines').get('bad')).toBeDefined()
  })
})
