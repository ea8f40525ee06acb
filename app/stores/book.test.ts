// @vitest-environment happy-dom
import { UNKNOWN_MACHINE } from '#shared/records'
import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { openBookDatabase } from '#db/database'
import { readBook, writeBook } from '#db/book'
import type { Machine } from '#shared/records'
import { useBookStore } from './book'

const storageRefuses = vi.hoisted(() => ({ reason: null as Error | null }))
vi.mock('#db/book', async original => {
  const real = await original<typeof import('#db/book')>()
  return {
    ...real,
    writeBook: (...args: Parameters<typeof real.writeBook>) =>
      storageRefuses.reason ? Promise.reject(storageRefuses.reason) : real.writeBook(...args),
  }
})

const machine = (id: string, name = 'Attic seven'): Machine => ({ id, name, ...UNKNOWN_MACHINE })
const put = (record: Machine) => [{ table: 'machines' as const, id: record.id, record }]
const stored = openBookDatabase()

beforeEach(async () => {
  storageRefuses.reason = null
  setActivePinia(createPinia())
  await Promise.all(stored.tables.map(table => table.clear()))
})

async function openBook(demoIfEmpty = false) {
  const book = useBookStore()
  await book.open({ demoIfEmpty })
  return book
}
const names = async () =>
  (await readBook(stored)).records.map(({ record }) => ('name' in record ? record.name : record.id))

describe('the book', () => {
  it('keeps what was committed, and finds it again', async () => {
    const book = await openBook()
    book.commit('Add', put(machine('a')))
    expect(book.shelf.machines.get('a')?.name).toBe('Attic seven')
    await book.flush()
    expect(book.storage).toBe('saved')
    setActivePinia(createPinia())
    expect((await openBook()).shelf.machines.get('a')).toEqual(machine('a'))
  })

  it('changes nothing when one of several records breaks its schema', async () => {
    const book = await openBook()
    expect(() =>
      book.commit('Add', [...put(machine('a')), ...put({ ...machine('b'), maxWidthMm: Number.NaN })]),
    ).toThrow(/from 3 to 12/)
    expect(book.shelf.machines.size).toBe(0)
    expect(book.canUndo).toBe(false)
  })

  it('undoes and redoes, in memory and in the database', async () => {
    const book = await openBook()
    book.commit('Add', put(machine('a')))
    book.commit('Rename', put(machine('a', 'Loft seven')))
    expect(book.undo()).toBe('Rename')
    expect(book.shelf.machines.get('a')?.name).toBe('Attic seven')
    expect(book.undo()).toBe('Add')
    expect(book.isEmpty).toBe(true)
    expect(book.undo()).toBeNull()
    await book.flush()
    expect(await names()).toEqual([])
    expect(book.redo()).toBe('Add')
    expect(book.redo()).toBe('Rename')
    expect(book.redo()).toBeNull()
    await book.flush()
    expect(await names()).toEqual(['Loft seven'])
  })

  it('joins a run of like changes to one step of undo, until the run is ended', async () => {
    const book = await openBook()
    for (const name of ['A', 'B', 'C']) book.commit('Name', put(machine('a', name)), 'typing')
    book.endJoin()
    book.commit('Name', put(machine('a', 'D')), 'typing')
    book.undo()
    expect(book.shelf.machines.get('a')?.name).toBe('C')
    book.undo()
    expect(book.shelf.machines.has('a')).toBe(false)
  })

  it.each([
    [
      'full',
      Object.assign(new Error('Quota exceeded'), { name: 'QuotaExceededError' }),
      /storage is full.*export/,
    ],
    ['refused', new Error('denied'), /refuses to store.*export/],
  ])(
    'works on in memory when storage is %s, says so, and saves all of it later',
    async (_, reason, message) => {
      const book = await openBook()
      storageRefuses.reason = reason
      book.commit('Add', put(machine('a')))
      await book.flush()
      expect(book.storage).toBe('failing')
      expect(book.storageMessage).toMatch(message)
      expect(book.shelf.machines.has('a')).toBe(true)
      storageRefuses.reason = null
      book.commit('Add', put(machine('b', 'Ferry six')))
      await book.flush()
      expect(book.storage).toBe('saved')
      expect(await names()).toEqual(['Attic seven', 'Ferry six'])
    },
  )

  it('leaves a damaged row aside, and the rest works', async () => {
    await writeBook(stored, put(machine('a')))
    await stored.table('machines').put({ id: 'bad', name: '' })
    const book = await openBook(true)
    expect(book.unreadable).toHaveLength(1)
    expect([...book.shelf.machines.keys()]).toEqual(['a'])
  })
})

describe('the demo', () => {
  it('comes into an empty book only when asked for, in one step of undo', async () => {
    expect((await openBook()).hasDemo).toBe(false)
    setActivePinia(createPinia())
    const book = await openBook(true)
    expect(book.hasDemo).toBe(true)
    expect(book.shelf.plans.size).toBeGreaterThan(10)
    book.undo()
    expect(book.isEmpty).toBe(true)
  })

  it('does not come over what one already has', async () => {
    await writeBook(stored, put(machine('a')))
    expect((await openBook(true)).hasDemo).toBe(false)
  })

  it('goes without taking one’s own things along', async () => {
    const book = await openBook(true)
    book.commit('Add', put(machine('mine')))
    const plan = { ...[...book.shelf.plans.values()][0]!, id: 'my-plan' }
    book.commit('Keep', [{ table: 'plans', id: plan.id, record: plan }])
    book.removeDemo()
    expect([...book.shelf.plans.keys()]).toEqual(['my-plan'])
    expect([...book.shelf.machines.keys()].sort()).toEqual([plan.setup.machineId, 'mine'].sort())
    book.undo()
    expect(book.shelf.plans.size).toBeGreaterThan(10)
  })

  it('is wiped whole, and that can be taken back', async () => {
    const book = await openBook(true)
    book.wipe()
    expect(book.isEmpty).toBe(true)
    book.undo()
    expect(book.hasDemo).toBe(true)
  })
})
