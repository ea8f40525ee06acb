// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { dequal } from 'dequal'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { readBook } from '#db/book'
import { openBookDatabase } from '#db/database'
import { demoBackup } from '#shared/demo'
import {
  type AnyRecord,
  asidesOf,
  isBlank,
  type Piece,
  type Project,
  TABLES,
  type TableName,
} from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'
import type { Kept } from '~/stores/book/keeping'
import { useBookStore } from '~/stores/book'
import { type Chance, note, rounds, seeded } from './rounds'

/**
 * One or two tabs over one database: labelled commits, notes nobody made, undo and redo in any order. What
 * was called stored was in the database; what was not, the person was told of; each step undone and done
 * again gives the book back, record by record.
 */
const seen = vi.hoisted(() => ({ items: new Set<string>() }))
vi.mock('#db/book', async original => {
  const real = await original<typeof import('#db/book')>()
  return {
    ...real,
    // What was in the database at any time: another tab may take it away right after.
    writeBook: async (...args: Parameters<typeof real.writeBook>) => {
      const written = await real.writeBook(...args)
      for (const { table, outcome, record } of written)
        if (table === 'projects' && record && (outcome === 'written' || outcome === 'merged'))
          for (const { id } of (record as Project).items) seen.items.add(id)
      return written
    },
  }
})

type Book = ReturnType<typeof useBookStore>
const database = openBookDatabase()
const { machines, walks, projects } = demoBackup.records
const WALK = { ...walks[0]!, id: 'walk', machineId: 'm0', finishedAt: null, setup: null, keys: [], at: null }

/** A tab that is shut hears nothing any more. */
const channels = new Set<BroadcastChannel>()
vi.stubGlobal(
  'BroadcastChannel',
  class extends BroadcastChannel {
    constructor(name: string) {
      super(name)
      channels.add(this)
    }
  },
)
function shutTabs(): void {
  for (const channel of channels) channel.close()
  channels.clear()
}

beforeEach(async () => {
  seen.items.clear()
  await Promise.all(database.tables.map(table => table.clear()))
})
/** A tab of its own, as far as a book goes. */
async function openTab(): Promise<Book> {
  setActivePinia(createPinia())
  const book = useBookStore()
  await book.open({ demoIfEmpty: false })
  return book
}
/** As when every tab is reloaded, once all they had is stored: their steps of undo are gone. */
async function reload(tabs: Book[]): Promise<Map<string, unknown>> {
  const before = await settle(tabs)
  shutTabs()
  for (const i of tabs.keys()) tabs[i] = await openTab()
  expect(await settle(tabs)).toEqual(before)
  return before
}

/** Asides apart: nobody did them. A record that holds nothing else is none. */
function plainOf(entries: Iterable<readonly [TableName, AnyRecord]>): Map<string, unknown> {
  const plain = new Map<string, unknown>()
  for (const [table, record] of entries) {
    const fields = Object.entries(record).filter(([name]) => !asidesOf(table).includes(name))
    if (!isBlank(table, record)) plain.set(`${table}/${record.id}`, Object.fromEntries(fields))
  }
  return plain
}
const inDatabase = async () =>
  plainOf((await readBook(database)).records.map(({ table, record }) => [table, record] as const))
const inMemory = (book: Book) =>
  plainOf(
    (Object.keys(TABLES) as TableName[]).flatMap(table =>
      [...book.tables[table].values()].map(record => [table, record] as const),
    ),
  )
/** Until every tab has written what it has, and shows what the others wrote. */
async function settle(tabs: readonly Book[]): Promise<Map<string, unknown>> {
  for (const book of tabs) await book.flush()
  let stored = await inDatabase()
  await vi.waitFor(
    async () => {
      stored = await inDatabase()
      for (const book of tabs) if (!dequal(inMemory(book), stored)) throw new Error('not settled yet')
    },
    { timeout: 5000, interval: 2 },
  )
  return stored
}

let made = 0
const idOf = (kind: string, chance: Chance) => `${kind}${chance.below(2)}`
type Promised = (item: string, kept: Promise<Kept>) => void
type Deed = (book: Book, chance: Chance, promised: Promised) => void
const addItem: Deed = (book, chance, promised) => {
  const id = idOf('p', chance)
  const item = { ...projects[0]!.items[0]!, id: `item${made++}`, work: PLAIN }
  const project = book.shelf.projects.get(id) ?? { ...projects[0]!, id, items: [], before: [], doing: null }
  const record = { ...project, items: [...project.items, item] }
  promised(item.id, book.commit('Add an item', [{ table: 'projects', id, record }]))
}
const removeProject: Deed = (book, chance) => {
  const id = idOf('p', chance)
  if (book.shelf.projects.has(id)) void book.commit('Delete', [{ table: 'projects', id, record: null }])
}
/** Things a person or the app does; what an added item was told is promised. */
const DEEDS: readonly Deed[] = [
  (book, chance) => {
    const id = idOf('m', chance)
    const record = { ...machines[0]!, ...book.shelf.machines.get(id), id, name: `Machine ${made++}` }
    void book.commit('Name a machine', [{ table: 'machines', id, record }], chance.from([null, `name ${id}`]))
  },
  (book, chance) => {
    const id = idOf('m', chance)
    const record = book.shelf.machines.get(id)
    const maxWidthMm = chance.from([5, 7, 9])
    if (record) void book.commit('Widen', [{ table: 'machines', id, record: { ...record, maxWidthMm } }])
  },
  (book, chance) => {
    const id = idOf('m', chance)
    if (book.shelf.machines.has(id)) void book.commit('Delete', [{ table: 'machines', id, record: null }])
  },
  (book, chance) => {
    const piece = book.shelf.pieces.get('piece') ?? PIECE
    const over = chance.from([{ layers: 1 + chance.below(5) }, { tension: chance.below(9) }])
    const record = { ...piece, setup: { ...piece.setup, ...over } }
    void book.commit('Set up', [{ table: 'pieces', id: 'piece', record }], 'set up')
  },
  addItem,
  (book, chance) => {
    const id = idOf('p', chance)
    const project = book.shelf.projects.get(id)
    if (!project || project.items.length === 0) return
    const ticked = chance.from(project.items).id
    const doneAt = `2026-11-30T10:00:${10 + chance.below(50)}Z`
    const items = project.items.map(item => (item.id === ticked ? { ...item, doneAt } : item))
    void book.commit('Tick', [{ table: 'projects', id, record: { ...project, items } }])
  },
  removeProject,
  book => {
    if (book.shelf.machines.has('m0'))
      void book.commit('Begin a walk', [{ table: 'walks', id: 'walk', record: WALK }])
  },
  (book, chance) => {
    const at = chance.from(['one', 'two', null])
    if (book.shelf.walks.has('walk')) book.note('walks', 'walk', { at })
  },
  (book, chance) => book.note('inHand', 'current', { pieceId: chance.from(['piece', 'other']) }),
  (book, chance) =>
    book.note('settings', 'settings', { backedUpAt: `2026-11-30T10:00:${10 + chance.below(50)}Z` }),
  (book, chance) => void (chance.below(4) === 0 && book.wipe()),
  (book, chance) => void book.undo(chance.from(['whole', 'whole', 'all-the-same', 'what-can-be'])),
  book => void book.redo(),
]
const PIECE: Piece = {
  id: 'piece',
  name: '',
  plan: { kind: 'seam' },
  setup: EMPTY_SETUP,
  copies: 1,
  sewn: 0,
  photos: { front: null, back: null },
  note: '',
  begunAt: null,
}
const PLAIN = { kind: 'plain', step: 'press', words: 'Press', minutes: 5 } as const

interface Answer {
  readonly item: string
  readonly book: Book
  readonly kept: Promise<Kept>
  /** The person took it away again before it could be stored. */
  isTakenBack: boolean
}
const holds = (book: Book, item: string) =>
  [...book.shelf.projects.values()].some(({ items }) => items.some(({ id }) => id === item))

/**
 * Any deeds in any tab, at times before what another one did is heard of.
 *
 * @returns What was there when the tabs were last opened.
 */
async function deeds(
  tabs: Book[],
  chance: Chance,
  count: number,
  among = DEEDS,
): Promise<Map<string, unknown>> {
  const answers: Answer[] = []
  let begun = await settle(tabs)
  for (let i = 0; i < count; i++) {
    const book = chance.from(tabs)
    const held = answers.filter(one => one.book === book && holds(book, one.item))
    const deed = chance.from(among)
    deed(book, chance, (item, kept) => answers.push({ item, kept, book, isTakenBack: false }))
    for (const one of held) one.isTakenBack ||= !holds(book, one.item)
    if (chance.below(3) === 0) await settle(tabs)
    if (chance.below(15) === 0) begun = await reload(tabs)
  }
  for (const { item, kept, book, isTakenBack } of answers) {
    const word = await kept
    if (word === 'stored') expect(isTakenBack || seen.items.has(item), item).toBe(true)
    else expect(book.lost.length).toBeGreaterThan(0)
  }
  return begun
}

it('gives the book back, whatever was undone and done again, in one tab and in two', async () => {
  const count = rounds(600, 24)
  let steps = 0
  for (let round = 0; round < count; round++) {
    const chance = seeded(round)
    const tabs = [await openTab(), ...(round % 2 === 0 ? [] : [await openTab()])]
    const begun = await deeds(tabs, chance, 12)
    for (const book of tabs) {
      for (;;) {
        const before = await settle(tabs)
        const undone = book.undo()
        if (!undone) break
        steps++
        if (undone.refusal) {
          expect(undone.refusal.obstacles, `round ${round}`).not.toEqual([])
          expect(await settle(tabs), `round ${round}: refused`).toEqual(before)
          book.passOver('undo')
          continue
        }
        await settle(tabs)
        const redone = book.redo()
        expect(redone, `round ${round}`).toMatchObject({ label: undone.label, refusal: null })
        expect(await settle(tabs), `round ${round}: ${undone.label}`).toEqual(before)
        book.undo()
      }
      // One alone has nobody in its way: all that it did since it was opened is undone.
      if (tabs.length === 1) expect(await settle(tabs), `round ${round}: all undone`).toEqual(begun)
    }
    shutTabs()
    for (const table of database.tables) await table.clear()
  }
  note(
    'undo',
    `${count} rounds of 12 deeds in one tab and in two: ${steps} steps undone and done again, 0 off`,
  )
}, 1_800_000)

it('tells of every item that another tab’s removal kept from being stored', async () => {
  const among: readonly Deed[] = [addItem, addItem, removeProject, book => void book.undo()]
  for (let round = 0; round < rounds(300, 30); round++) {
    await deeds([await openTab(), await openTab()], seeded(1000 + round), 12, among)
    shutTabs()
    for (const table of database.tables) await table.clear()
  }
}, 1_800_000)
