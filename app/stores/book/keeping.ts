import { ref, shallowRef } from 'vue'
import { readBook, type StoredBook, writeBook, type Written } from '#db/book'
import { type BookDatabase, isNewerThanApp, openBookDatabase } from '#db/database'
import { keyOf, type RecordChange, type RecordEdit } from '#shared/records'
import type { StorageState } from './storage'

/** What became of a commit: `refused`: another tab took away the record, or what it needs. */
export type Kept = 'stored' | 'waiting' | 'refused'

/** What a book in memory does with what comes from the database. */
interface InMemory {
  readonly show: (stored: StoredBook, waiting: Iterable<RecordEdit>) => void
  readonly put: (changes: readonly RecordChange[]) => void
  /** Every record as one that is not stored anywhere yet. */
  readonly asNew: () => readonly RecordEdit[]
}

/** Tried again after this long, then twice as long each time, and every so often in the end. */
const SOON_MS = 1000
const AT_LEAST_EVERY_MS = 10_000

/** What one call of `keep` hears of one of its edits, whatever later edits it is written with. */
interface Promised {
  became: Kept
}
/** An edit that waits, and all who were promised word of it: those whose edits it took in too. */
interface Waiting {
  readonly edit: RecordEdit
  readonly promised: readonly Promised[]
}

/**
 * Edits on their way to the database.
 *
 * Reads and writes take turns. Nothing is written to a book that was not read before. When storage refuses,
 * edits wait in memory and are tried again with the next one and every few seconds; what another tab stored
 * meanwhile stays. Before a newer version's database, and when what was stored is gone, nothing is written
 * until a person decides.
 */
export function useKeeping(memory: InMemory) {
  const storage = ref<StorageState>('opening')
  /** Edits that were not written because another tab took away the record, or what it needs. */
  const lost = shallowRef<readonly Written[]>([])
  const unsaved = new Map<string, Waiting>()
  const waitingEdits = () => [...unsaved.values()].map(({ edit }) => edit)
  /** Open and read; null: nothing may be written. */
  let database: BookDatabase | null = null
  let wasRead = false
  let again: ReturnType<typeof setTimeout> | undefined
  let againMs = SOON_MS
  /** How many things are being stored beside the records. */
  let beside = 0
  const otherTabs = channel('lacy-spool')
  otherTabs?.addEventListener('message', () => void inTurn(reload))

  /** Reads and writes one after the other: what is read then always holds what was written before. */
  let turn: Promise<unknown> = Promise.resolve()
  function inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = turn.then(work)
    turn = done.catch(() => {})
    return done
  }

  /** Each attempt opens anew: a connection that failed is of no more use. It reads before it writes. */
  async function openAndRead(): Promise<void> {
    if (storage.value === 'newer') return
    const opened = openBookDatabase()
    try {
      const stored = await readBook(opened)
      const stuck = stateOf(opened, stored)
      if (stuck) {
        storage.value = stuck
        opened.close()
        return
      }
      listen(opened)
      memory.show(stored, waitingEdits())
      database = opened
      wasRead = true
      storage.value = unsaved.size + beside === 0 ? 'saved' : 'saving'
    } catch (error) {
      opened.close()
      fail(error)
    }
  }

  function stateOf(opened: BookDatabase, stored: StoredBook): 'newer' | 'cleared' | null {
    if (isNewerThanApp(opened)) return 'newer'
    return wasRead && isBare(stored) && hasStoredBefore() ? 'cleared' : null
  }

  /** What another tab wrote shows here; what this tab has not saved yet stays. */
  async function reload(): Promise<void> {
    if (!database) return write()
    try {
      memory.show(await readBook(database), waitingEdits())
    } catch (error) {
      fail(error)
    }
  }

  function listen(opened: BookDatabase): void {
    // A newer app in another tab waits until this one lets go; a deletion too.
    opened.on('versionchange', ({ newVersion }) => {
      void (newVersion ? giveWay() : comeBack())
      return false
    })
    // The browser closes a connection when it clears site data.
    opened.on('close', () => {
      if (database === opened) void comeBack()
    })
  }
  async function giveWay(): Promise<void> {
    await inTurn(write)
    letGo()
    storage.value = 'newer'
  }
  async function comeBack(): Promise<void> {
    letGo()
    await inTurn(write)
  }
  function letGo(): void {
    const held = database
    database = null
    held?.close()
  }

  /** Whether something in memory was stored once: new edits alone say nothing. */
  function hasStoredBefore(): boolean {
    return memory.asNew().some(edit => {
      const waiting = unsaved.get(keyOf(edit))
      return !waiting || waiting.edit.before !== null
    })
  }

  async function keep(edits: readonly RecordEdit[]): Promise<Kept> {
    const mine = edits.map(wait)
    await flush()
    const became = (one: Kept) => mine.some(promised => promised.became === one)
    if (became('refused')) return 'refused'
    return became('waiting') ? 'waiting' : 'stored'
  }
  /** An edit of a record that waits already goes on from where that one began. */
  function wait(edit: RecordEdit): Promised {
    const promise: Promised = { became: 'waiting' }
    const before = unsaved.get(keyOf(edit))
    unsaved.set(keyOf(edit), {
      edit: before ? { ...edit, before: before.edit.before } : edit,
      promised: [...(before?.promised ?? []), promise],
    })
    return promise
  }

  /** A write that has not begun yet takes along whatever comes before it does. */
  let queued: Promise<void> | null = null

  /** Writes what waits; whether nothing waits any more. */
  async function flush(): Promise<boolean> {
    if (unsaved.size > 0 && storage.value === 'saved') storage.value = 'saving'
    queued ??= inTurn(() => {
      queued = null
      return write()
    })
    await queued
    return !hasUnsaved()
  }
  /** What was stored and is gone is in memory alone, like what was never stored. */
  const hasUnsaved = () => unsaved.size + beside > 0 || storage.value === 'cleared'

  /** Stores what lies beside the records, as photos do: until it has, nothing is called saved. */
  async function storeBeside<T>(work: () => Promise<T>): Promise<T> {
    beside++
    if (storage.value === 'saved') storage.value = 'saving'
    try {
      return await work()
    } finally {
      beside--
      if (storage.value === 'saving' && unsaved.size + beside === 0) storage.value = 'saved'
    }
  }

  async function write(): Promise<void> {
    if (!database) await openAndRead()
    if (!database) return
    try {
      while (unsaved.size > 0) {
        const batch = [...unsaved.values()]
        settle(batch, await writeBook(database, waitingEdits()))
        otherTabs?.postMessage('changed')
      }
      storage.value = beside === 0 ? 'saved' : 'saving'
      againMs = SOON_MS
    } catch (error) {
      fail(error)
    }
  }

  /** What was written waits no longer; where another tab's work was joined with it, that shows. */
  function settle(batch: readonly Waiting[], written: readonly Written[]): void {
    const latest = written.filter(({ outcome }, i) => !batch[i] || settleOne(batch[i], isRefusal(outcome)))
    const joined: readonly RecordChange[] = latest.filter(({ outcome }) => outcome !== 'written')
    if (joined.length > 0) memory.put(joined)
    const notWritten = latest.filter(({ outcome }) => isRefusal(outcome))
    if (notWritten.length > 0) lost.value = [...lost.value, ...notWritten]
  }
  /** Keeps the promises; whether nothing newer waits for the same record. */
  function settleOne({ edit, promised }: Waiting, isRefused: boolean): boolean {
    const key = keyOf(edit)
    const waiting = unsaved.get(key)
    const isLatest = !waiting || waiting.edit === edit
    if (isLatest) unsaved.delete(key)
    // Changed again meanwhile: the next edit begins where this one ended. If this one came to nothing, the
    // next one takes its place, and what becomes of it is the word for both.
    else if (isRefused) unsaved.set(key, { ...waiting, edit: { ...waiting.edit, before: edit.before } })
    else
      unsaved.set(key, {
        edit: { ...waiting.edit, before: edit.after },
        promised: waiting.promised.filter(promise => !promised.includes(promise)),
      })
    if (isLatest || !isRefused)
      for (const promise of promised) promise.became = isRefused ? 'refused' : 'stored'
    return isLatest
  }

  function fail(error: unknown): void {
    const full = isFull(error)
    storage.value = full ? 'full' : 'refused'
    if (!full) letGo()
    clearTimeout(again)
    again = setTimeout(() => {
      if (storage.value === 'refused' || storage.value === 'full') void flush()
    }, againMs)
    againMs = Math.min(AT_LEAST_EVERY_MS, 2 * againMs)
  }

  /** After what was stored went: all that is in memory is stored anew. */
  async function storeAllAgain(): Promise<boolean> {
    for (const edit of memory.asNew())
      unsaved.set(keyOf(edit), { edit, promised: unsaved.get(keyOf(edit))?.promised ?? [] })
    storage.value = 'saving'
    return flush()
  }

  return {
    storage,
    lost,
    open: () => inTurn(openAndRead),
    keep,
    flush,
    storeAllAgain,
    hasUnsaved,
    storeBeside,
  }
}

/** Where site data is blocked, tabs do not hear of each other. */
function channel(name: string): BroadcastChannel | null {
  try {
    return new BroadcastChannel(name)
  } catch {
    return null
  }
}

const isRefusal = (outcome: Written['outcome']) => outcome !== 'written' && outcome !== 'merged'

const isBare = ({ records, unreadable }: StoredBook) => records.length + unreadable.length === 0

/** Dexie wraps what the browser said. */
function isFull(error: unknown): boolean {
  if (!(error instanceof Error)) return false
  return /quota/i.test(`${error.name} ${error.message}`) || ('inner' in error && isFull(error.inner))
}
