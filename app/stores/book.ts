import { dequal as equal } from 'dequal/lite'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { UnreadableRow } from '#db/book'
import {
  type AnyRecord,
  asidesAlone,
  asidesOf,
  isBlank,
  mergeEdit,
  type Merged,
  type Piece,
  type RecordChange,
  type RecordEdit,
  type RecordOf,
  type TableName,
  TABLE_NAMES,
  TABLES,
} from '#shared/records'
import { noteBegun, wasBegun } from './book/begun'
import { type Kept, useKeeping } from './book/keeping'
import { useShelves } from './book/shelf'
import { useSteps } from './book/steps'
import { isOpenElsewhere } from '~/utils/tabs'
import { whereNow } from '~/utils/whereNow'

/** A record put (or, with null, taken out), and what it was begun from, where that was some time ago. */
export interface Change extends RecordChange {
  readonly begunFrom?: AnyRecord | null
}

/** The setup of a piece stands in the line-up, and a setting shows, on every page; a plan on its own. */
function showsEverywhere({ table, before, after }: RecordEdit): boolean {
  if (table === 'settings') return true
  if (table !== 'pieces') return false
  const plans = [before, after].map(piece => (piece as Piece | null)?.plan ?? { kind: 'seam' })
  return equal(plans[0], plans[1])
}
const whereOf = (edits: readonly RecordEdit[]): string | null =>
  edits.every(showsEverywhere) ? null : whereNow()

/** After this the stations are shown without what is stored: it may come any time. */
const LONGEST_OPENING_MS = 3000

/**
 * Everything the user has, in memory and on its way to the database.
 *
 * One door for every change: `commit` validates, shows, remembers for undo and keeps.
 */
export const useBookStore = defineStore('book', () => {
  const { shelf, tables, ...shelves } = useShelves()
  const ready = ref(false)
  const unreadable = shallowRef<readonly UnreadableRow[]>([])
  /** What was noted aside is nothing a person has put in. */
  const isEmpty = computed(() =>
    TABLE_NAMES.every(table => [...tables[table].values()].every(record => isBlank(table, record))),
  )
  const keeping = useKeeping({
    ...shelves,
    show: (stored, waiting) => {
      shelves.show(stored, waiting)
      unreadable.value = stored.unreadable
    },
  })
  const { remember, ...steps } = useSteps(tables, edits => void apply(edits))

  function apply(edits: readonly RecordEdit[]): Promise<Kept> {
    shelves.put(edits.map(({ table, id, after }) => ({ table, id, record: after })))
    return keeping.keep(edits)
  }

  async function open({ demoIfEmpty }: { demoIfEmpty: boolean }): Promise<void> {
    const opened = keeping.open().then(() => (demoIfEmpty ? loadDemoIfNew() : undefined))
    await Promise.race([opened, new Promise(resolve => setTimeout(resolve, LONGEST_OPENING_MS))])
    if (keeping.storage.value === 'opening') keeping.storage.value = 'waiting'
    ready.value = true
  }
  async function loadDemoIfNew(): Promise<void> {
    const wasRead = keeping.storage.value === 'saved'
    const isBare = isEmpty.value && unreadable.value.length === 0
    // Another tab may hold what was stored here before the browser's data was cleared.
    if (wasRead && isBare && !wasBegun() && !(await isOpenElsewhere())) await loadDemo()
    if (wasRead) noteBegun()
  }

  /**
   * Changes records, all or none.
   *
   * @param label - what undo will say it takes back.
   * @param joinKey - consecutive commits with the same key are one undo step.
   * @returns What became of it, once that is known.
   * @throws {ZodError} when a record breaks its schema; nothing is changed then.
   */
  function commit(label: string, changes: readonly Change[], joinKey: string | null = null): Promise<Kept> {
    const edits = changes.map(editOf)
    const lost = edits.filter(({ outcome }) => outcome === 'gone' || outcome === 'unfit')
    if (lost.length > 0) {
      keeping.lost.value = lost.map(({ outcome, edit: { table, id, before } }) => ({
        table,
        id,
        outcome,
        record: before,
      }))
      return Promise.resolve('refused')
    }
    if (edits.length === 0) return Promise.resolve('stored')
    const wanted = edits.map(({ edit }) => edit)
    remember({ label, joinKey, edits: wanted, at: Date.now(), where: whereOf(wanted) })
    return apply(wanted)
  }

  /** What was begun earlier leaves alone what has changed since. */
  function editOf({ table, id, record, begunFrom }: Change): Pick<Merged, 'outcome'> & { edit: RecordEdit } {
    const before = shelf[table].get(id) ?? null
    const after = record && TABLES[table].schema.parse(record)
    if (begunFrom === undefined) return { outcome: 'written', edit: { table, id, before, after } }
    const merged = mergeEdit({ table, id, before: begunFrom, after }, before)
    return { outcome: merged.outcome, edit: { table, id, before, after: merged.record } }
  }

  /**
   * Notes what nobody did, as when a backup was written: no step of undo.
   *
   * @param fields - asides of the record, and nothing else.
   */
  function note<T extends TableName>(table: T, id: string, fields: Partial<RecordOf<T>>): void {
    const before = shelf[table].get(id) ?? null
    const record = before ?? TABLES[table].blank
    const others = Object.keys(fields).filter(name => !asidesOf(table).includes(name))
    if (others.length > 0) throw new RangeError(`no aside of ${table}: ${others.join(', ')}`)
    const after = TABLES[table].schema.parse({ ...record, ...fields })
    void apply([{ table, id, before, after }])
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

  function wipe(): Promise<Kept> {
    return commit(
      'Empty the book',
      TABLE_NAMES.flatMap(table =>
        [...tables[table].values()].map(record => ({
          table,
          id: record.id,
          // That a backup was written stays true.
          record: asidesAlone(table, record),
        })),
      ),
    )
  }

  return {
    shelf,
    tables,
    ready,
    unreadable,
    isEmpty,
    ...keeping,
    ...steps,
    open,
    commit,
    note,
    loadDemo,
    wipe,
  }
})
