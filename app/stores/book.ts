import { defineStore } from 'pinia'
import { computed, ref, shallowReactive, shallowRef } from 'vue'
import { readBook, type StoredBook, type UnreadableRow, writeBook, type Written } from '#db/book'
import { type BookDatabase, openBookDatabase } from '#db/database'
import {
  type AnyRecord,
  demoRemoval,
  isDemo,
  mergeEdit,
  type RecordChange,
  type RecordEdit,
  type RecordOf,
  TABLE_NAMES,
  TABLES,
  type TableName,
  takeBack,
  type Tables,
} from '#shared/records'
import { EMPTY_HISTORY, type History, type Step, sealed, withStep } from '~/utils/history'

type Shelf = { [T in TableName]: ReadonlyMap<string, RecordOf<T>> }
/** What became of a commit: `refused`: another tab took away the record, or what it needs. */
export type Kept = 'stored' | 'waiting' | 'refused'
export type StorageState = 'opening' | 'saved' | 'saving' | 'failing'

const keyOf = ({ table, id }: RecordEdit) => `${table}/${id}`
const reversedEdit = (edit: RecordEdit): RecordEdit => ({ ...edit, before: edit.after, after: edit.before })

/** Dexie wraps what the browser said. */
function isFull(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  return /quota/i.test(`${error.name} ${error.message}`) || ('inner' in error && isFull(error.inner))
}

const emptyShelf = () => Object.fromEntries(TABLE_NAMES.map(table => [table, new Map()])) as unknown as Shelf

/** What a press of undo or redo came to; null: nothing was there. Not done: something newer stood there. */
export type TakenStep = { readonly label: string; readonly done: boolean } | null

const AGAIN_MS = 10_000

/**
 * Everything the user has, in memory and on its way to the database.
 *
 * One door for every change: `commit` validates, applies, remembers for undo and saves. Nothing is written to
 * a book that was not read before. When storage refuses, the work goes on in memory, what is unsaved waits,
 * and is tried again with the next change and every few seconds; what another tab stored meanwhile stays.
 */
export const useBookStore = defineStore('book', () => {
  const shelf = shallowReactive(emptyShelf())
  /** The same for what works over all tables alike. */
  const tables = shelf as Tables
  const ready = ref(false)
  const storage = ref<StorageState>('opening')
  const storageMessage = ref('')
  const unreadable = shallowRef<readonly UnreadableRow[]>([])
  const history = shallowRef<History>(EMPTY_HISTORY)
  const isEmpty = computed(() => TABLE_NAMES.every(table => shelf[table].size === 0))

  /** Open and read; null: nothing may be written. */
  let database: BookDatabase | null = null
  const unsaved = new Map<string, RecordEdit>()
  /** Edits that were not written because another tab took away the record, or what it needs. */
  const lost = shallowRef<readonly Written[]>([])
  const refused = new WeakSet<RecordEdit>()
  let again: ReturnType<typeof setTimeout> | undefined
  const otherTabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('lacy-spool')

  /** Reads and writes one after the other: what is read then always holds what was written before. */
  let turn: Promise<unknown> = Promise.resolve()
  function inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = turn.then(work)
    turn = done.catch(() => {})
    return done
  }

  async function open({ demoIfEmpty }: { demoIfEmpty: boolean }): Promise<void> {
    await inTurn(openAndRead)
    otherTabs?.addEventListener('message', () => void inTurn(reload))
    const isNew = storage.value === 'saved' && isEmpty.value && unreadable.value.length === 0
    if (demoIfEmpty && isNew) await loadDemo()
    ready.value = true
  }

  /** A connection that failed is of no more use: each attempt opens anew, and reads before it writes. */
  async function openAndRead(): Promise<void> {
    const opened = openBookDatabase()
    try {
      show(await readBook(opened))
      database = opened
      if (unsaved.size === 0) storage.value = 'saved'
    } catch (error) {
      opened.close()
      fail(error)
    }
  }

  /** What another tab wrote shows here; what this tab has not saved yet stays. */
  async function reload(): Promise<void> {
    if (database) show(await readBook(database))
  }

  function show({ records, unreadable: rows }: StoredBook): void {
    const fresh = emptyShelf()
    for (const { table, record } of records) (fresh[table] as Map<string, AnyRecord>).set(record.id, record)
    for (const edit of unsaved.values()) {
      const rowsOf = fresh[edit.table] as Map<string, AnyRecord>
      const { record } = mergeEdit(edit, rowsOf.get(edit.id) ?? null)
      if (record) rowsOf.set(edit.id, record)
      else rowsOf.delete(edit.id)
    }
    for (const table of TABLE_NAMES) Object.assign(shelf, { [table]: fresh[table] })
    unreadable.value = rows
  }

  function put(changes: readonly RecordChange[]): void {
    for (const table of new Set(changes.map(change => change.table))) {
      const next = new Map<string, AnyRecord>(shelf[table])
      for (const { id, record } of changes.filter(change => change.table === table)) {
        if (record) next.set(id, record)
        else next.delete(id)
      }
      Object.assign(shelf, { [table]: next })
    }
  }

  /**
   * Changes records, all or none.
   *
   * @param label - what undo will say it takes back; null: nothing a person did, and so nothing to undo.
   * @param joinKey - consecutive commits with the same key are one undo step.
   * @returns What became of it, once that is known.
   * @throws {ZodError} when a record breaks its schema; nothing is changed then.
   */
  function commit(
    label: string | null,
    changes: readonly RecordChange[],
    joinKey: string | null = null,
  ): Promise<Kept> {
    const edits = changes.map(({ table, id, record }): RecordEdit => ({
      table,
      id,
      before: shelf[table].get(id) ?? null,
      after: record && TABLES[table].schema.parse(record),
    }))
    if (edits.length === 0) return Promise.resolve('stored')
    if (label !== null) history.value = withStep(history.value, { label, joinKey, edits })
    return apply(edits)
  }

  async function apply(edits: readonly RecordEdit[]): Promise<Kept> {
    put(edits.map(({ table, id, after }) => ({ table, id, record: after })))
    const mine = edits.map(edit => {
      const waiting = unsaved.get(keyOf(edit))
      return waiting ? { ...edit, before: waiting.before } : edit
    })
    for (const edit of mine) unsaved.set(keyOf(edit), edit)
    if (!(await flush())) return 'waiting'
    return mine.some(edit => refused.has(edit)) ? 'refused' : 'stored'
  }

  /** Writes what waits; whether nothing waits any more. */
  async function flush(): Promise<boolean> {
    if (unsaved.size > 0 && storage.value === 'saved') storage.value = 'saving'
    await inTurn(write)
    return unsaved.size === 0
  }

  async function write(): Promise<void> {
    if (!database) await openAndRead()
    if (!database) return
    try {
      while (unsaved.size > 0) {
        const batch = [...unsaved.values()]
        settle(batch, await writeBook(database, batch))
        otherTabs?.postMessage('changed')
      }
      storage.value = 'saved'
      storageMessage.value = ''
    } catch (error) {
      fail(error)
    }
  }

  /** What was written waits no longer; where another tab's work was joined with it, that shows. */
  function settle(batch: readonly RecordEdit[], written: readonly Written[]): void {
    const joined: RecordChange[] = []
    for (const [i, { table, id, outcome, record }] of written.entries()) {
      const edit = batch[i]!
      const waiting = unsaved.get(keyOf(edit))
      if (waiting === edit) unsaved.delete(keyOf(edit))
      // Changed again meanwhile: the next edit begins where this one ended.
      else if (waiting) unsaved.set(keyOf(edit), { ...waiting, before: edit.after })
      if (waiting === edit && outcome !== 'written') joined.push({ table, id, record })
    }
    if (joined.length > 0) put(joined)
    const notWritten = written.filter(({ outcome }) => outcome === 'gone' || outcome === 'dangling')
    for (const entry of notWritten) refused.add(batch[written.indexOf(entry)]!)
    if (notWritten.length > 0) lost.value = notWritten
  }

  function fail(error: unknown): void {
    storage.value = 'failing'
    storageMessage.value = isFull(error)
      ? 'The browser’s storage is full. Your work goes on in memory: export it now, then free some space.'
      : 'The browser refuses to store data. Your work goes on in memory: export it before you close this tab.'
    clearTimeout(again)
    again = setTimeout(() => {
      if (storage.value === 'failing') void flush()
    }, AGAIN_MS)
  }

  /** Takes back the last step, and nothing that was done to the same records since, in any tab. */
  function undo(): TakenStep {
    const step = history.value.past.at(-1)
    if (!step) return null
    const done = take([...step.edits].reverse())
    // What cannot be taken back is out of the way of what was done before it.
    const { past, future } = history.value
    history.value = { past: past.slice(0, -1), future: done ? [step, ...future] : future }
    return { label: step.label, done }
  }

  function redo(): TakenStep {
    const [step, ...future] = history.value.future
    if (!step) return null
    const done = take(step.edits.map(reversedEdit))
    history.value = { past: done ? [...history.value.past, step] : history.value.past, future }
    return { label: step.label, done }
  }

  /** All of the edits are taken back, or none of them. */
  function take(edits: Step['edits']): boolean {
    const taken = edits.map(edit => takeBack(edit, shelf[edit.table].get(edit.id) ?? null))
    if (!taken.every(back => back.ok)) return false
    void apply(taken.map(back => back.edit))
    return true
  }

  function endJoin(): void {
    history.value = sealed(history.value)
  }

  async function loadDemo(): Promise<void> {
    const [{ demoBackup }, { readBackup }] = await Promise.all([
      import('#shared/demo'),
      import('#shared/backup'),
    ])
    const reading = readBackup(JSON.stringify(demoBackup), tables)
    if (!reading.ok) throw new Error(reading.message)
    const { added, changed } = reading.preview
    await commit(
      'Load the demo',
      [...added, ...changed].map(({ table, record }) => ({ table, id: record.id, record })),
    )
  }

  const hasDemo = computed(() => TABLE_NAMES.some(table => [...shelf[table].keys()].some(isDemo)))
  function removeDemo(): void {
    void commit('Remove the demo', demoRemoval(tables))
  }

  function wipe(): void {
    void commit(
      'Empty the book',
      TABLE_NAMES.flatMap(table => [...shelf[table].keys()].map(id => ({ table, id, record: null }))),
    )
  }

  return {
    shelf,
    tables,
    ready,
    storage,
    storageMessage,
    unreadable,
    lost,
    isEmpty,
    hasDemo,
    hasUnsaved: () => unsaved.size > 0,
    canUndo: computed(() => history.value.past.length > 0),
    canRedo: computed(() => history.value.future.length > 0),
    open,
    commit,
    endJoin,
    undo,
    redo,
    flush,
    loadDemo,
    removeDemo,
    wipe,
  }
})
