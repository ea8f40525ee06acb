import {
  type AnyRecord,
  type RecordOf,
  removalOf,
  type TableName,
  TABLE_NAMES,
  usersOf,
} from '#shared/records'
import type { Kept } from '~/stores/book/keeping'
import { type SetupContent, setupReferences, setupWithout } from '#shared/setup'

const MOST_NAMED = 3

/** Saving and removing what the user owns, with the same rules everywhere. */
export function useShelf() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const toast = useToast()
  const { undoOf } = useUndo()
  const { sayStored } = useStoredWords()

  /** Names of the pieces that would lose something. */
  function piecesUsing(table: TableName, id: string): string[] {
    return usersOf({ table, id }, book.tables).map(user =>
      'name' in user ? user.name : 'something without a name',
    )
  }

  /**
   * @param begunFrom - the record when its form was opened; null: there was none. What changed since in
   *   other fields stays.
   */
  function save<T extends TableName>(table: T, record: RecordOf<T>, begunFrom: RecordOf<T> | null) {
    return book.commit('Save changes', [
      { table, id: record.id, record: record as AnyRecord, begunFrom: begunFrom as AnyRecord | null },
    ])
  }

  /** Takes a record out unless a named piece needs it; says so, and offers to undo. */
  function remove(table: TableName, id: string, name: string): boolean {
    const users = piecesUsing(table, id)
    if (users.length > 0) {
      const some = `${users.slice(0, MOST_NAMED).join(', ')}${users.length > MOST_NAMED ? ' …' : ''}`
      toast.add({
        title: `${name} is needed by ${users.length === 1 ? 'a piece' : `${users.length} pieces`}`,
        description: `${some}. Delete or change the piece first.`,
        color: 'warning',
      })
      return false
    }
    const kept = book.commit(`Delete ${name}`, removalOf([{ table, id }], book.tables))
    void offerUndo(`${name} deleted`, kept)
    return true
  }

  /** Takes several records out in one step of undo; those a named piece needs stay, and are counted. */
  function removeMany(table: TableName, ids: readonly string[], name: string): void {
    const free = ids.filter(id => piecesUsing(table, id).length === 0)
    const targets = free.map(id => ({ table, id }))
    const kept = book.commit(`Delete ${free.length} ${name}`, removalOf(targets, book.tables))
    const staying = ids.length - free.length
    const stayed = staying > 0 ? `; ${staying} stay because pieces need them` : ''
    if (free.length > 0) void offerUndo(`${free.length} ${name} deleted${stayed}`, kept)
    else
      toast.add({
        title: `Pieces need ${staying === 1 ? 'it' : `all ${staying}`}`,
        description: 'Delete or change the pieces first.',
        color: 'warning',
      })
  }

  /** Says what was done once it is stored, with a way back. */
  async function offerUndo(title: string, kept?: Promise<Kept>): Promise<void> {
    const undo = {
      label: 'Undo',
      color: 'primary',
      variant: 'outline',
      onClick: undoOf(),
    } as const
    await sayStored(title, { kept, actions: [undo] })
  }

  /** Sets the piece in hand up as something was kept elsewhere, without what is no longer owned. */
  function takeSetup(label: string, content: SetupContent): void {
    inHand.update(label, withoutGone(content))
  }
  /** Begins a piece that is set up as something was kept elsewhere. */
  function beginSetUp(label: string, content: SetupContent): void {
    inHand.show({ plan: { kind: 'seam' }, setup: withoutGone(content) })
    void inHand.change(label, {})
  }
  function withoutGone(content: SetupContent): SetupContent {
    const gone = setupReferences(content).filter(to => !book.shelf[to.table].has(to.id))
    return gone.reduce(setupWithout, content)
  }

  const count = () => TABLE_NAMES.reduce((sum, table) => sum + book.shelf[table].size, 0)
  return { save, remove, removeMany, takeSetup, beginSetUp, offerUndo, count }
}
