import type { RecordChange } from '#db/book'
import {
  type AnyRecord,
  type RecordOf,
  type SetupContent,
  TABLE_NAMES,
  type TableName,
} from '#shared/records'
import { referencesOf } from '#shared/references'
import { EMPTY_SETUP } from '#shared/defaults'

/** Saving and removing what the user owns, with the same rules everywhere. */
export function useShelf() {
  const book = useBookStore()
  const bench = useBenchStore()
  const toast = useToast()

  /** Names of the plans that would lose something. */
  function plansUsing(table: TableName, id: string): string[] {
    return [...book.shelf.plans.values()]
      .filter(plan => referencesOf('plans', plan).some(to => to.table === table && to.id === id))
      .map(plan => plan.name)
  }

  function save<T extends TableName>(table: T, record: RecordOf<T>): void {
    book.commit('Save changes', [{ table, id: record.id, record: record as AnyRecord }])
  }

  /** Takes a record out unless a kept plan needs it; says so, and offers to undo. */
  function remove(table: TableName, id: string, name: string): boolean {
    const users = plansUsing(table, id)
    if (users.length > 0) {
      toast.add({
        title: `${name} is needed by ${users.length === 1 ? 'a kept plan' : `${users.length} kept plans`}`,
        description:
          `${users.slice(0, 3).join(', ')}${users.length > 3 ? ' …' : ''}. Delete or change the plan `
          + 'first.',
        color: 'warning',
      })
      return false
    }
    book.commit(`Delete ${name}`, deletion(table, [id]))
    offerUndo(`${name} deleted`)
    return true
  }

  /** Takes several records out in one step of undo; those a kept plan needs stay, and are counted. */
  function removeMany(table: TableName, ids: readonly string[], name: string): void {
    const free = ids.filter(id => plansUsing(table, id).length === 0)
    book.commit(`Delete ${free.length} ${name}`, deletion(table, free))
    const kept = ids.length - free.length
    if (free.length > 0)
      offerUndo(
        `${free.length} ${name} deleted${kept > 0 ? `; ${kept} stay because kept plans need them` : ''}`,
      )
    else
      toast.add({
        title: `Kept plans need ${kept === 1 ? 'it' : `all ${kept}`}`,
        description: 'Delete or change the plans first.',
        color: 'warning',
      })
  }

  /** Records out, and with them whatever points at them from the bench or a bobbin. */
  function deletion(table: TableName, ids: readonly string[]): RecordChange[] {
    const inSetup = ids.filter(id =>
      referencesOf('setup', bench.setup).some(to => to.table === table && to.id === id),
    )
    return [
      ...ids.map(id => ({ table, id, record: null })),
      // With a machine go what was known to be on it and the walk that was under way.
      ...(table === 'machines'
        ? ids.flatMap(id => [
            ...(book.shelf.machineStates.has(id)
              ? [{ table: 'machineStates' as const, id, record: null }]
              : []),
            ...[...book.shelf.walks.values()]
              .filter(walk => walk.machineId === id && walk.finishedAt === null)
              .map(walk => ({ table: 'walks' as const, id: walk.id, record: null })),
          ])
        : []),
      // A bobbin whose thread goes is empty.
      ...[...book.shelf.bobbins.values()]
        .filter(bobbin => table === 'threads' && ids.includes(bobbin.threadId ?? ''))
        .map(bobbin => ({
          table: 'bobbins' as const,
          id: bobbin.id,
          record: { ...bobbin, threadId: null, woundM: null },
        })),
      ...(inSetup.length > 0
        ? [
            {
              table: 'setup' as const,
              id: 'current',
              record: inSetup.reduce((setup, id) => withoutReference(setup, table, id), bench.setup),
            },
          ]
        : []),
    ]
  }

  function withoutReference(setup: RecordOf<'setup'>, table: TableName, id: string): RecordOf<'setup'> {
    const drop = (value: string | null) => (value === id ? null : value)
    switch (table) {
      case 'machines':
        return { ...setup, machineId: null }
      case 'feet':
        return { ...setup, footId: null }
      case 'needles':
        return { ...setup, needleId: null }
      case 'cloths':
        return { ...setup, clothId: null }
      case 'plates':
        return { ...setup, plateId: null }
      case 'stabilizers':
        return { ...setup, stabilizerId: null }
      case 'stitches':
        return { ...setup, stitch: EMPTY_SETUP.stitch }
      case 'threads':
        return {
          ...setup,
          threadIds: {
            left: drop(setup.threadIds.left),
            middle: drop(setup.threadIds.middle),
            right: drop(setup.threadIds.right),
          },
          bobbinId: drop(setup.bobbinId),
        }
      default:
        return setup
    }
  }

  function offerUndo(title: string): void {
    toast.add({
      title,
      actions: [
        {
          label: 'Undo',
          color: 'primary',
          variant: 'outline',
          onClick: () => {
            book.undo()
          },
        },
      ],
    })
  }

  /** Puts a setup that was kept elsewhere on the bench, without what is no longer owned. */
  function takeSetup(label: string, content: SetupContent): void {
    const setup: RecordOf<'setup'> = { ...content, id: 'current' }
    const gone = referencesOf('setup', setup).filter(to => !book.shelf[to.table].has(to.id))
    const { id: _, ...whole } = gone.reduce((left, to) => withoutReference(left, to.table, to.id), setup)
    bench.update(label, whole)
  }

  const count = () => TABLE_NAMES.reduce((sum, table) => sum + book.shelf[table].size, 0)
  return { save, remove, removeMany, takeSetup, offerUndo, count }
}
