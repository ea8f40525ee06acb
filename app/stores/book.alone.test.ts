// @vitest-environment happy-dom
import { DEFAULT_SETTINGS, demoRemoval, hasDemo, UNKNOWN_MACHINE } from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'
import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeAll, beforeEach, describe, expect, it, vi } from 'vitest'
import { openBookDatabase } from '#db/database'
import { readBook, writeBook } from '#db/book'
import type { Machine, Piece } from '#shared/records'
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
const edit = (before: Machine | null, after: Machine | null) => [
  { table: 'machines' as const, id: (after ?? before)!.id, before, after },
]
const stored = openBookDatabase()
// The demo is fetched once: here that may take longer than a person waits for a book to open.
beforeAll(() => import('#shared/demo'))

beforeEach(async () => {
  storageRefuses.reason = null
  localStorage.clear()
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
    expect(book.undo()?.label).toBe('Rename')
    expect(book.shelf.machines.get('a')?.name).toBe('Attic seven')
    expect(book.undo()?.label).toBe('Add')
    expect(book.isEmpty).toBe(true)
    expect(book.undo()).toBeNull()
    await book.flush()
    expect(await names()).toEqual([])
    expect(book.redo()?.label).toBe('Add')
    expect(book.redo()?.label).toBe('Rename')
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
    ['full', Object.assign(new Error('Quota exceeded'), { name: 'QuotaExceededError' })],
    ['refused', new Error('denied')],
  ])('works on in memory when storage is %s, says so, and saves all of it later', async (state, reason) => {
    const book = await openBook()
    storageRefuses.reason = reason
    book.commit('Add', put(machine('a')))
    await book.flush()
    expect(book.storage).toBe(state)
    expect(book.shelf.machines.has('a')).toBe(true)
    storageRefuses.reason = null
    book.commit('Add', put(machine('b', 'Ferry six')))
    await book.flush()
    expect(book.storage).toBe('saved')
    expect(await names()).toEqual(['Attic seven', 'Ferry six'])
  })

  it('says that it is stored once it is, and not before', async () => {
    const book = await openBook()
    const saved = book.commit('Add', put(machine('a')))
    expect(book.storage).toBe('saving')
    expect(await saved).toBe('stored')
    expect(await names()).toEqual(['Attic seven'])
    storageRefuses.reason = new Error('denied')
    expect(await book.commit('Add', put(machine('b')))).toBe('waiting')
    // Nothing may wait beyond this test: it would be stored in the middle of the next one.
    storageRefuses.reason = null
    await book.flush()
  })

  it('opens anew when it could not be opened, and writes nothing before it was read', async () => {
    await writeBook(stored, edit(null, machine('a')))
    const refusing = vi.spyOn(IDBFactory.prototype, 'open').mockImplementation(() => {
      throw new Error('not now')
    })
    const book = await openBook(true)
    expect(book.storage).toBe('refused')
    expect(hasDemo(book.tables)).toBe(false)
    expect(await book.commit('Rename', put(machine('b', 'Ferry six')))).toBe('waiting')
    refusing.mockRestore()
    expect(await book.flush()).toBe(true)
    expect(book.storage).toBe('saved')
    expect([...book.shelf.machines.keys()].sort()).toEqual(['a', 'b'])
    expect((await names()).sort()).toEqual(['Attic seven', 'Ferry six'])
  })

  it('does not lay fresh settings over the stored ones when they could not be read at first', async () => {
    const kept = { ...DEFAULT_SETTINGS, clearanceMm: 1 }
    await writeBook(stored, [{ table: 'settings', id: 'settings', before: null, after: kept }])
    const refusing = vi.spyOn(IDBFactory.prototype, 'open').mockImplementation(() => {
      throw new Error('not now')
    })
    const book = await openBook()
    const inches = { ...DEFAULT_SETTINGS, unit: 'inch' as const }
    void book.commit('Inches', [{ table: 'settings', id: 'settings', record: inches }])
    refusing.mockRestore()
    await book.flush()
    expect(book.shelf.settings.get('settings')).toEqual({ ...kept, unit: 'inch' })
    expect(await stored.table('settings').get('settings')).toEqual({ ...kept, unit: 'inch' })
  })

  it('leaves a damaged row aside, and the rest works', async () => {
    await writeBook(stored, edit(null, machine('a')))
    await stored.table('machines').put({ id: 'bad', name: '' })
    const book = await openBook(true)
    expect(book.unreadable).toHaveLength(1)
    expect([...book.shelf.machines.keys()]).toEqual(['a'])
  })
})

describe('beside another tab', () => {
  it('keeps what each changed in the same record', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await writeBook(stored, edit(machine('a'), { ...machine('a'), maxWidthMm: 9 }))
    await book.commit('Rename', put(machine('a', 'Loft seven')))
    expect(book.shelf.machines.get('a')).toEqual({ ...machine('a', 'Loft seven'), maxWidthMm: 9 })
    expect(await stored.table('machines').get('a')).toMatchObject({ name: 'Loft seven', maxWidthMm: 9 })
  })
  it('takes back its own change and leaves the other’s', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await book.commit('Rename', put(machine('a', 'Loft seven')))
    await writeBook(
      stored,
      edit(machine('a', 'Loft seven'), { ...machine('a', 'Loft seven'), maxWidthMm: 9 }),
    )
    book.undo()
    await book.flush()
    expect(book.shelf.machines.get('a')).toEqual({ ...machine('a'), maxWidthMm: 9 })
  })
  describe('where the other changed the same since', () => {
    const renamed = machine('a', 'Loft seven')
    async function besideTheirs() {
      const book = await openBook()
      await book.commit('Add', put(machine('a')))
      await book.commit('Change', put({ ...renamed, maxWidthMm: 8 }))
      await writeBook(stored, edit({ ...renamed, maxWidthMm: 8 }, { ...renamed, maxWidthMm: 9 }))
      new BroadcastChannel('lacy-spool').postMessage('changed')
      await vi.waitFor(() => expect(book.shelf.machines.get('a')?.maxWidthMm).toBe(9))
      return book
    }
    it('takes nothing back, says what stands against it, and keeps the step', async () => {
      const book = await besideTheirs()
      const refused = book.undo()
      expect(refused).toMatchObject({
        label: 'Change',
        refusal: {
          obstacles: [{ table: 'machines', what: 'changed', fields: ['maxWidthMm'] }],
          manners: ['all-the-same', 'what-can-be'],
        },
      })
      expect(book.shelf.machines.get('a')).toMatchObject({ name: 'Loft seven', maxWidthMm: 9 })
      expect(book.lastStep?.label).toBe('Change')
    })
    it('takes it back as far as can be, and does just that again', async () => {
      const book = await besideTheirs()
      const before = book.shelf.machines.get('a')
      book.undo('what-can-be')
      expect(book.shelf.machines.get('a')).toEqual({ ...machine('a'), maxWidthMm: 9 })
      book.redo()
      expect(book.shelf.machines.get('a')).toEqual(before)
      await book.flush()
      expect(await stored.table('machines').get('a')).toEqual(before)
    })
    it('takes it back over that, and doing it again gives that back too', async () => {
      const book = await besideTheirs()
      const before = book.shelf.machines.get('a')
      book.undo('all-the-same')
      expect(book.shelf.machines.get('a')).toEqual(machine('a'))
      book.redo()
      await book.flush()
      expect(await stored.table('machines').get('a')).toEqual(before)
    })
    it('is passed over when the person says so', async () => {
      const book = await besideTheirs()
      book.passOver('undo')
      expect(book.lastStep?.label).toBe('Add')
    })
  })
  it('does not take away what the other’s piece needs', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    const piece: Piece = {
      id: 'p',
      name: 'Collar',
      plan: { kind: 'seam' },
      setup: { ...EMPTY_SETUP, machineId: 'a' },
      copies: 1,
      sewn: 0,
      photos: { front: null, back: null },
      note: '',
      begunAt: '2026-03-01T10:00:00Z',
    }
    await writeBook(stored, [{ table: 'pieces', id: 'p', before: null, after: piece }])
    new BroadcastChannel('lacy-spool').postMessage('changed')
    await vi.waitFor(() => expect(book.shelf.pieces.size).toBe(1))
    expect(book.undo()?.refusal).toMatchObject({ obstacles: [{ what: 'needed' }], manners: [] })
    expect(book.shelf.machines.has('a')).toBe(true)
  })
  it('does not bring back what the other took away, and says so', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await writeBook(stored, edit(machine('a'), null))
    expect(await book.commit('Rename', put(machine('a', 'Loft seven')))).toBe('refused')
    expect(book.lost).toMatchObject([{ table: 'machines', id: 'a', outcome: 'gone' }])
    expect(book.shelf.machines.has('a')).toBe(false)
    expect(await names()).toEqual([])
  })
  it('says of each of two commits in one tick what became of it', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    await writeBook(stored, edit(machine('a'), null))
    const both = [
      book.commit('Rename', put(machine('a', 'Loft seven'))),
      book.commit('Widen', put({ ...machine('a', 'Loft seven'), maxWidthMm: 9 })),
    ]
    expect(await Promise.all(both)).toEqual(['refused', 'refused'])
    expect(await names()).toEqual([])
  })
  it('says of a commit during a write that the other took its record away', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    const first = book.commit('Rename', put(machine('a', 'Loft seven')))
    // The first is under way once the turn is its own.
    await Promise.resolve()
    const second = book.commit('Rename', put(machine('a', 'Tower seven')))
    await writeBook(stored, edit(machine('a'), null))
    const words = await Promise.all([first, second])
    const left = await names()
    // Written before the other took it away, or refused after: never called stored and gone without a word.
    if (words[1] === 'stored') expect(book.lost).toEqual([])
    else expect(book.lost).not.toEqual([])
    expect(left).toEqual([])
  })
  it('loses no edit of the same field’s neighbours while one is being written', async () => {
    const book = await openBook()
    await book.commit('Add', put(machine('a')))
    void book.commit('Rename', put(machine('a', 'B')))
    void book.commit('Rename', put(machine('a', 'C')))
    await writeBook(stored, edit(machine('a'), { ...machine('a'), maxWidthMm: 9 }))
    await book.commit('Rename', put(machine('a', 'D')))
    expect(await stored.table('machines').get('a')).toMatchObject({ name: 'D', maxWidthMm: 9 })
  })
})

describe('the demo', () => {
  it('comes into an empty book only when asked for, in one step of undo', async () => {
    expect(hasDemo((await openBook()).tables)).toBe(false)
    setActivePinia(createPinia())
    const book = await openBook(true)
    expect(hasDemo(book.tables)).toBe(true)
    expect(book.shelf.pieces.size).toBeGreaterThan(10)
    book.undo()
    expect(book.isEmpty).toBe(true)
  })

  it('does not come over what one already has', async () => {
    await writeBook(stored, edit(null, machine('a')))
    expect(hasDemo((await openBook(true)).tables)).toBe(false)
  })

  it('does not come back by itself into a book that was emptied', async () => {
    const book = await openBook(true)
    expect(hasDemo(book.tables)).toBe(true)
    await book.wipe()
    setActivePinia(createPinia())
    const again = await openBook(true)
    expect(again.isEmpty).toBe(true)
    await again.loadDemo()
    expect(hasDemo(again.tables)).toBe(true)
    await again.flush()
  })

  it('goes without taking one’s own things along', async () => {
    const book = await openBook(true)
    book.commit('Add', put(machine('mine')))
    const plan = { ...[...book.shelf.pieces.values()][0]!, id: 'my-piece' }
    book.commit('Keep', [{ table: 'pieces', id: plan.id, record: plan }])
    void book.commit('Remove', demoRemoval(book.tables))
    expect([...book.shelf.pieces.keys()]).toEqual(['my-piece'])
    expect([...book.shelf.machines.keys()].sort()).toEqual([plan.setup.machineId, 'mine'].sort())
    book.undo()
    expect(book.shelf.pieces.size).toBeGreaterThan(10)
  })

  it('is brought back after a backup of the emptied book was noted', async () => {
    const book = await openBook(true)
    const many = book.shelf.pieces.size
    await book.wipe()
    book.note('settings', 'settings', { backedUpAt: '2026-11-30T10:00:00Z' })
    expect(book.isEmpty).toBe(true)
    expect(book.undo()).toEqual({ label: 'Empty the book', refusal: null })
    expect(book.shelf.pieces.size).toBe(many)
    expect(book.shelf.settings.get('settings')?.backedUpAt).toBe('2026-11-30T10:00:00Z')
    await book.flush()
  })
  it('notes nothing that a person did', async () => {
    const book = await openBook()
    expect(() => book.note('settings', 'settings', { unit: 'inch' })).toThrow(/unit/)
    expect(book.shelf.settings.size).toBe(0)
  })

  it('is wiped whole, and that can be taken back', async () => {
    const book = await openBook(true)
    book.wipe()
    expect(book.isEmpty).toBe(true)
    book.undo()
    expect(hasDemo(book.tables)).toBe(true)
  })
})
