import { EMPTY_SETUP } from '#shared/setup'
import { isTable, RECORDS_VERSION, VERSIONS, UNKNOWN_MACHINE } from '#shared/records'
import 'fake-indexeddb/auto'
import { Dexie } from 'dexie'
import { readFileSync } from 'node:fs'
import { beforeEach, describe, expect, it } from 'vitest'
import { readBook, writeBook } from '#db/book'
import { type BookDatabase, openBookDatabase, upgradeRows } from '#db/database'
import { rawRows } from '#db/rawRows'
import type { Machine, Piece, RecordEdit } from '#shared/records'

const machine = (id: string, name = 'Attic seven'): Machine => ({ id, name, ...UNKNOWN_MACHINE })
const EMPTY_CONTENT = EMPTY_SETUP
const pieceOf = (setup: object): Piece => ({
  id: 'p',
  name: 'Cuff',
  plan: { kind: 'seam' },
  setup: { ...EMPTY_CONTENT, ...setup },
  copies: 1,
  sewn: 0,
  photos: { front: null, back: null },
  note: '',
  begunAt: '2026-05-01T10:00:00Z',
})
const put = (record: Machine): RecordEdit => ({
  table: 'machines',
  id: record.id,
  before: null,
  after: record,
})
let database: BookDatabase
let count = 0
beforeEach(() => {
  database = openBookDatabase(`test-${count++}`)
})

describe('the book in the database', () => {
  it('comes back as it was written', async () => {
    await writeBook(database, [put(machine('a'))])
    expect(await readBook(database)).toEqual({
      records: [{ table: 'machines', record: machine('a') }],
      unreadable: [],
    })
  })

  it('takes a record out', async () => {
    await writeBook(database, [put(machine('a'))])
    await writeBook(database, [{ table: 'machines', id: 'a', before: machine('a'), after: null }])
    expect((await readBook(database)).records).toEqual([])
  })

  it('writes all or nothing when one record is bad', async () => {
    const bad = { ...machine('b'), maxWidthMm: Number.NaN }
    await expect(writeBook(database, [put(machine('a')), put(bad)])).rejects.toThrow()
    expect((await readBook(database)).records).toEqual([])
  })

  it('joins what two wrote at once, whichever comes last', async () => {
    await writeBook(database, [put(machine('a'))])
    const edit = (after: Machine): RecordEdit => ({ ...put(after), before: machine('a') })
    const [wider, renamed] = [{ ...machine('a'), maxWidthMm: 9 }, machine('a', 'Loft seven')]
    const results = await Promise.all([
      writeBook(database, [edit(wider)]),
      writeBook(database, [edit(renamed)]),
    ])
    expect(results.map(([first]) => first!.outcome)).toEqual(['written', 'merged'])
    expect(await database.table('machines').get('a')).toEqual({ ...wider, name: 'Loft seven' })
  })

  it('does not keep a plan whose machine another tab took away, and says so', async () => {
    const plan = pieceOf({ machineId: 'a' })
    const keep: RecordEdit = { table: 'pieces', id: 'p', before: null, after: plan }
    expect(await writeBook(database, [keep])).toMatchObject([{ outcome: 'dangling', record: null }])
    expect(await database.table('pieces').count()).toBe(0)
    // A plan that is there stays as it stands.
    await writeBook(database, [put(machine('b')), { ...keep, after: { ...plan, setup: EMPTY_CONTENT } }])
    const wish = { ...keep, before: { ...plan, setup: EMPTY_CONTENT } }
    expect(await writeBook(database, [wish])).toMatchObject([
      { outcome: 'dangling', record: { id: 'p', setup: { machineId: null } } },
    ])
    await database.table('pieces').clear()
    // In one go with what it needs it is kept.
    expect(await writeBook(database, [keep, put(machine('a'))])).toMatchObject([
      { outcome: 'written' },
      { outcome: 'written' },
    ])
  })

  it('clears what a bobbin was wound with when that thread was taken away', async () => {
    const bobbin = { id: 'b', name: 'One', threadId: 'gone', woundM: 20, holdsM: null }
    const after = { ...bobbin, outerMm: null, coreMm: null, wideMm: null }
    const [written] = await writeBook(database, [{ table: 'bobbins', id: 'b', before: null, after }])
    expect(written).toMatchObject({ outcome: 'merged', record: { threadId: null, woundM: null } })
  })

  it('does not take away what another tab’s plan needs, and lets go of what can be without', async () => {
    const plan = pieceOf({ machineId: 'a' })
    const unnamed = { ...pieceOf({ machineId: 'b' }), id: 'q', name: '' }
    await writeBook(database, [
      put(machine('a')),
      put(machine('b')),
      { table: 'pieces', id: 'p', before: null, after: plan },
      { table: 'pieces', id: 'q', before: null, after: unnamed },
    ])
    const [needed, gone, cleared] = await writeBook(database, [
      { table: 'machines', id: 'a', before: machine('a'), after: null },
      { table: 'machines', id: 'b', before: machine('b'), after: null },
    ])
    expect(needed).toMatchObject({ outcome: 'needed', record: machine('a') })
    expect(gone).toMatchObject({ outcome: 'written', record: null })
    expect(cleared).toMatchObject({ table: 'pieces', record: { setup: { machineId: null } } })
    expect(await database.table('machines').toCollection().primaryKeys()).toEqual(['a'])
    expect(await database.table('pieces').get('q')).toEqual({ ...unnamed, setup: EMPTY_CONTENT })
  })

  it('reads and joins a row that an older tab wrote after the upgrade', async () => {
    const { dialStep: _later, ...older } = machine('a')
    await database.table('machines').put(older)
    expect(await readBook(database)).toMatchObject({ records: [{ record: machine('a') }], unreadable: [] })
    const renamed = machine('a', 'Loft seven')
    await writeBook(database, [{ ...put(renamed), before: machine('a') }])
    expect(await database.table('machines').get('a')).toEqual(renamed)
  })

  it('puts a damaged row aside when its place is needed, and writes on', async () => {
    await database.table('pieces').put({ id: 'p', copies: 'many' })
    const piece = pieceOf({ layers: 3 })
    await writeBook(database, [{ table: 'pieces', id: 'p', before: null, after: piece }])
    expect(await readBook(database)).toMatchObject({
      records: [{ record: piece }],
      unreadable: [{ raw: { id: 'damaged-p', copies: 'many' } }],
    })
  })

  it('takes back what it began when storage fails half-way', async () => {
    const writes = [put(machine('a')), { table: 'feet' as const, id: 'b', before: null, after: null }]
    database.table('feet').hook('deleting', () => {
      throw new Error('disk full')
    })
    await database.table('feet').put({ id: 'b' })
    await expect(writeBook(database, writes)).rejects.toThrow('disk full')
    expect(await database.table('machines').count()).toBe(0)
  })

  it.each([1, 2, 3, 4, 10, 11])(
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
      // Up to 10 what stood in the line-up became a piece, and what is in hand says so.
      const more = version <= 10 ? 1 : 0
      expect(book.records).toHaveLength(Object.values(records).flat().length + more)
      const pieces = [...(records.pieces ?? []), ...(records.plans ?? [])]
      expect(book.records.filter(({ table }) => table === 'pieces')).toHaveLength(pieces.length + more)
      const settings = book.records.filter(({ table }) => table === 'settings').map(({ record }) => record)
      expect(settings).toHaveLength(records.settings!.length)
      for (const record of settings)
        expect(record).toMatchObject({
          unit: version <= 10 ? 'inch' : 'mm',
          schools: { margin: 'roomy', heavyBobbin: version <= 10 ? 'ordinary' : 'same', unwinding: 'back' },
        })
    },
  )

  it('brings every strip and swatch to the version after this one, made up in this test', async () => {
    const { records } = JSON.parse(
      readFileSync(new URL('../tests/fixtures/backup-5.json', import.meta.url), 'utf8'),
    ) as { records: Record<string, object[]> }
    const name = `test-next-${count}`
    const now = openBookDatabase(name)
    const there = Object.entries(records).filter(([table]) => isTable(table))
    for (const [table, rows] of there) await now.table(table).bulkPut(rows)
    now.close()
    const next = openBookDatabase(name)
    const added = { records: {}, setup: { lamp: 'on' }, settings: {}, schools: {} }
    next.version(RECORDS_VERSION + 1).upgrade(transaction =>
      upgradeRows(
        transaction,
        there.map(([table]) => table),
        RECORDS_VERSION,
        [...VERSIONS, added],
      ),
    )
    for (const table of ['trials', 'swatches']) {
      const rows = await next.table(table).toArray()
      expect(rows).toHaveLength(records[table]!.length)
      for (const row of rows) expect(row.setup.lamp).toBe('on')
    }
  })

  it('gives every row as it is, of any version', async () => {
    const old = new Dexie('test-raw')
    old.version(99).stores({ machines: 'id', spoons: 'id' })
    await old.table('machines').put({ id: 'a', odd: true })
    old.close()
    expect(await rawRows('test-raw')).toEqual({ machines: [{ id: 'a', odd: true }], spoons: [] })
    await expect(rawRows('test-none')).rejects.toThrow()
  })

  it('reports a damaged row by field and leaves it where it is', async () => {
    await writeBook(database, [put(machine('a'))])
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
