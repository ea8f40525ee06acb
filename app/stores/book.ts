import { defineStore } from 'pinia'
import { computed, ref, shallowReactive, shallowRef } from 'vue'
import { readBook, type UnreadableRow, writeBook } from '#db/book'
import { type BookDatabase, openBookDatabase } from '#db/database'
import {
  type AnyRecord,
  demoRemoval,
  isDemo,
  type RecordChange,
  type RecordOf,
  TABLE_NAMES,
  TABLES,
  type TableName,
  type Tables,
} from '#shared/records'
import { type Edit, EMPTY_HISTORY, type History, reversed, sealed, withStep } from '~/utils/history'

type Shelf = { [T in TableName]: ReadonlyMap<string, RecordOf<T>> }
export type StorageState = 'opening' | 'saved' | 'saving' | 'failing'

const emptyShelf = () => Object.fromEntries(TABLE_NAMES.map(table => [table, new Map()])) as unknown as Shelf

/**
 * Everything the user has, in memory and on its way to the database.
 *
 * One door for every change: `commit` validates, applies, remembers for undo and saves. When storage
 * refuses, the work goes on in memory, what is unsaved waits, and the next change tries again.
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

  let database: BookDatabase | null = null
  const unsaved = new Map<string, RecordChange>()
  let flushing: Promise<void> | null = null
  const otherTabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('lacy-spool')

  async function open({ demoIfEmpty }: { demoIfEmpty: boolean }): Promise<void> {
    try {
      database = openBookDatabase()
      const stored = await readBook(database)
      unreadable.value = stored.unreadable
      put(stored.records.map(({ table, record }) => ({ table, id: record.id, record })))
      storage.value = 'saved'
    } catch (error) {
      fail(error)
    }
    otherTabs?.addEventListener('message', () => void reload())
    if (demoIfEmpty && isEmpty.value && unreadable.value.length === 0) await loadDemo()
    ready.value = true
  }

  /** What another tab wrote shows here; what this tab has not saved yet stays. */
  async function reload(): Promise<void> {
    if (!database) return
    const stored = await readBook(database)
    const fresh = emptyShelf()
    for (const { table, record } of stored.records)
      (fresh[table] as Map<string, AnyRecord>).set(record.id, record)
    for (const table of TABLE_NAMES) Object.assign(shelf, { [table]: fresh[table] })
    put([...unsaved.values()])
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
   * @throws {ZodError} when a record breaks its schema; nothing is changed then.
   */
  function commit(
    label: string | null,
    changes: readonly RecordChange[],
    joinKey: string | null = null,
  ): void {
    const edits = changes.map(({ table, id, record }): Edit => ({
      table,
      id,
      before: shelf[table].get(id) ?? null,
      after: record && TABLES[table].schema.parse(record),
    }))
    if (edits.length === 0) return
    if (label !== null) history.value = withStep(history.value, { label, joinKey, edits })
    apply(edits)
  }

  function apply(edits: readonly Edit[]): void {
    const changes = edits.map(({ table, id, after }) => ({ table, id, record: after }))
    put(changes)
    for (const change of changes) unsaved.set(`${change.table}/${change.id}`, change)
    void flush()
  }

  function flush(): Promise<void> {
    flushing ??= write().finally(() => {
      flushing = null
    })
    return flushing
  }

  async function write(): Promise<void> {
    try {
      database ??= openBookDatabase()
      while (unsaved.size > 0) {
        if (storage.value === 'saved') storage.value = 'saving'
        const batch = [...unsaved]
        await writeBook(
          database,
          batch.map(([, change]) => change),
        )
        for (const [key, change] of batch) if (unsaved.get(key) === change) unsaved.delete(key)
        otherTabs?.postMessage('changed')
      }
      storage.value = 'saved'
      storageMessage.value = ''
    } catch (error) {
      fail(error)
    }
  }

  function fail(error: unknown): void {
    storage.value = 'failing'
    const full = error instanceof Error && /quota/i.test(`${error.name} ${error.message}`)
    storageMessage.value = full
      ? 'The browser’s storage is full. Your work goes on in memory: export it now, then free some space.'
      : 'The browser refuses to store data. Your work goes on in memory: export it before you close this tab.'
  }

  function undo(): string | null {
    const step = history.value.past.at(-1)
    if (!step) return null
    history.value = { past: history.value.past.slice(0, -1), future: [step, ...history.value.future] }
    apply(reversed(step))
    return step.label
  }

  function redo(): string | null {
    const [step, ...future] = history.value.future
    if (!step) return null
    history.value = { past: [...history.value.past, step], future }
    apply(step.edits)
    return step.label
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
    commit(
      'Load the demo',
      [...added, ...changed].map(({ table, record }) => ({ table, id: record.id, record })),
    )
  }

  const hasDemo = computed(() => TABLE_NAMES.some(table => [...shelf[table].keys()].some(isDemo)))
  function removeDemo(): void {
    commit('Remove the demo', demoRemoval(tables))
  }

  function wipe(): void {
    commit(
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
    isEmpty,
    hasDemo,
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
