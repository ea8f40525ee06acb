// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { Dexie } from 'dexie'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { openBookDatabase, PHOTOS } from '#db/database'
import { readBook } from '#db/book'
import { type Machine, RECORDS_VERSION, TABLE_NAMES, UNKNOWN_MACHINE } from '#shared/records'
import { useBookStore } from '../book'
import { STORAGE_NOTICES } from './storageNotices'

const machine = (id: string, name = 'Attic seven'): Machine => ({ id, name, ...UNKNOWN_MACHINE })
const put = (record: Machine) => [{ table: 'machines' as const, id: record.id, record }]

beforeEach(async () => {
  setActivePinia(createPinia())
  await Dexie.delete('lacy-spool')
})
afterEach(() => vi.useRealTimers())

async function openBook() {
  const book = useBookStore()
  await book.open({ demoIfEmpty: false })
  return book
}
async function storedNames() {
  const database = openBookDatabase()
  const { records } = await readBook(database)
  database.close()
  return records.map(({ record }) => ('name' in record ? record.name : record.id)).sort()
}
/** As an app of a later version opens the same book in another tab. */
async function openNewer() {
  const newer = new Dexie('lacy-spool')
  const tables = [...TABLE_NAMES, PHOTOS].map(name => [name, 'id'])
  newer.version(RECORDS_VERSION + 1).stores(Object.fromEntries(tables))
  await newer.open()
  return newer
}

describe('a newer app in another tab', () => {
  it('gets the book, with what waited here, and nothing is written from here any more', async () => {
    const book = await openBook()
    void book.commit('Add', put(machine('a')))
    const newer = await openNewer()
    expect(await newer.table('machines').count()).toBe(1)
    await vi.waitFor(() => expect(book.storage).toBe('newer'))
    expect(await book.commit('Add', put(machine('b')))).toBe('waiting')
    expect(await newer.table('machines').count()).toBe(1)
    expect(book.hasUnsaved()).toBe(true)
    expect(STORAGE_NOTICES[book.storage]?.said).toMatch(/reload/)
    newer.close()
  })

  it('is noticed when its book is opened here', async () => {
    const newer = await openNewer()
    newer.close()
    const book = await openBook()
    expect(book.storage).toBe('newer')
    expect(await book.commit('Add', put(machine('b')))).toBe('waiting')
    const again = await openNewer()
    expect(await again.table('machines').count()).toBe(0)
    again.close()
  })
})

describe('site data cleared while the app is open', () => {
  it('is said, overwrites nothing in memory, and all of it is stored again when asked for', async () => {
    const book = await openBook()
    await book.commit('Add', [...put(machine('a')), ...put(machine('b', 'Ferry six'))])
    await Dexie.delete('lacy-spool')
    await vi.waitFor(() => expect(book.storage).toBe('cleared'))
    expect(book.shelf.machines.size).toBe(2)
    // A piece of it alone would be worse than nothing: the person decides.
    expect(await book.commit('Rename', put(machine('a', 'Loft seven')))).toBe('waiting')
    expect(await storedNames()).toEqual([])
    expect(await book.storeAllAgain()).toBe(true)
    expect(book.storage).toBe('saved')
    expect(await storedNames()).toEqual(['Ferry six', 'Loft seven'])
  })

  it('counts as unsaved: nothing reloads over it', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await Dexie.delete('lacy-spool')
    await vi.waitFor(() => expect(book.storage).toBe('cleared'))
    expect(book.hasUnsaved()).toBe(true)
    expect(await book.flush()).toBe(false)
    expect(await book.storeAllAgain()).toBe(true)
    expect(book.hasUnsaved()).toBe(false)
  })

  it('is no more said once another tab has stored it again', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await Dexie.delete('lacy-spool')
    await vi.waitFor(() => expect(book.storage).toBe('cleared'))
    setActivePinia(createPinia())
    const other = await openBook()
    await other.commit('Add', put(machine('a')))
    await vi.waitFor(() => expect(book.storage).toBe('saved'))
  })

  it('is not taken for it when nothing was stored yet', async () => {
    const book = await openBook()
    const refusing = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new Error('not now')
    })
    expect(await book.commit('Add', put(machine('a')))).toBe('waiting')
    refusing.mockRestore()
    expect(await book.flush()).toBe(true)
    expect(book.storage).toBe('saved')
    expect(await storedNames()).toEqual(['Attic seven'])
  })
})

describe('what lies beside the records', () => {
  it('is not called saved before it is stored', async () => {
    const book = await openBook()
    let letGo = () => {}
    const photos = book.storeBeside(() => new Promise<void>(resolve => (letGo = resolve)))
    expect(book.storage).toBe('saving')
    expect(book.hasUnsaved()).toBe(true)
    await book.commit('Add', put(machine('a')))
    expect(book.storage).toBe('saving')
    letGo()
    await photos
    expect(book.storage).toBe('saved')
  })
})

describe('storage that does not answer', () => {
  it('is said after three seconds; what is done meanwhile is stored when it answers', async () => {
    let letGo = () => {}
    const answer = new Promise<void>(resolve => {
      letGo = resolve
    })
    const open = IDBFactory.prototype.open
    const slow = vi.spyOn(IDBFactory.prototype, 'open').mockImplementation(function (
      this: IDBFactory,
      ...args
    ) {
      // A request that is made at once and tells of its success late.
      const request = open.apply(this, args)
      const real = { success: null as unknown }
      Object.defineProperty(request, 'onsuccess', {
        set: (handler: (event: unknown) => void) => {
          real.success = handler
          request.addEventListener('success', event => void answer.then(() => handler(event)))
        },
      })
      return request
    })
    vi.useFakeTimers({ toFake: ['setTimeout'] })
    const book = useBookStore()
    const opening = book.open({ demoIfEmpty: false })
    expect(book.ready).toBe(false)
    await vi.advanceTimersByTimeAsync(3000)
    await opening
    vi.useRealTimers()
    expect(book.ready).toBe(true)
    expect(book.storage).toBe('waiting')
    const kept = book.commit('Add', put(machine('a')))
    letGo()
    expect(await kept).toBe('stored')
    expect(book.storage).toBe('saved')
    slow.mockRestore()
  })
})

describe('a form that stood open', () => {
  it('changes what it changed, and leaves what changed meanwhile', async () => {
    const book = await openBook()
    const begunFrom = machine('a')
    await book.commit('Add', put(begunFrom))
    await book.commit('Width', put({ ...machine('a'), maxWidthMm: 9 }))
    await book.commit('Save', [{ ...put(machine('a', 'Loft seven'))[0]!, begunFrom }])
    expect(book.shelf.machines.get('a')).toMatchObject({ name: 'Loft seven', maxWidthMm: 9 })
    book.undo()
    expect(book.shelf.machines.get('a')).toMatchObject({ name: 'Attic seven', maxWidthMm: 9 })
  })

  it('does not bring back what was deleted meanwhile, and says so', async () => {
    const book = await openBook()
    const begunFrom = machine('a')
    await book.commit('Add', put(begunFrom))
    await book.commit('Delete', [{ table: 'machines', id: 'a', record: null }])
    expect(await book.commit('Save', [{ ...put(machine('a', 'Loft seven'))[0]!, begunFrom }])).toBe('refused')
    expect(book.shelf.machines.size).toBe(0)
    expect(book.lost).toHaveLength(1)
  })
})
