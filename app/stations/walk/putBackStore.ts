import { defineStore } from 'pinia'
import { computed } from 'vue'
import {
  notedState,
  type MachineState,
  type PowerOff,
  afterPowerOff,
  changeOverOf,
  type PutBackItem,
  putBackOf,
} from '#core/putback'
import { needleName } from '#core/needle'
import { hasSwing } from '#core/stitch'
import { formatShort } from '#core/units'
import type { MachineStateRecord } from '#shared/records'
import { plateOn, blankState, fittedFactsOf, stateOf } from '#shared/inputs'

/** What is still changed on each machine, and undoing it. */
export const usePutBackStore = defineStore('putBack', () => {
  const book = useBookStore()
  const inHand = useInHandStore()

  function itemsOn(machineId: string): PutBackItem[] {
    const machine = book.shelf.machines.get(machineId)
    const state = stateOf(machineId, book.shelf.machineStates)
    return machine ? putBackOf(state, fittedFactsOf(state, machine, book.shelf)) : []
  }
  /** Open on the machine of the piece in hand; the line-up says so. */
  const open = computed(() => (inHand.setup.machineId === null ? [] : itemsOn(inHand.setup.machineId)))
  const elsewhere = computed(() =>
    [...book.shelf.machines.values()]
      .filter(({ id }) => id !== inHand.setup.machineId)
      .map(machine => ({ machine, items: itemsOn(machine.id) }))
      .filter(({ items }) => items.length > 0),
  )

  function write(label: string, machineId: string, change: Partial<MachineState>): void {
    const before: MachineStateRecord = book.shelf.machineStates.get(machineId) ?? blankState(machineId)
    book.commit(label, [
      { table: 'machineStates', id: machineId, record: { ...before, state: { ...before.state, ...change } } },
    ])
  }
  const putBack = (machineId: string, items: readonly PutBackItem[]) =>
    write(
      items.length === 1 ? `Put back: ${items[0]!.message}` : 'Put everything back',
      machineId,
      Object.assign({}, ...items.map(({ change }) => change)) as Partial<MachineState>,
    )

  function whatOffDoes(machineId: string): PowerOff {
    const state = stateOf(machineId, book.shelf.machineStates)
    return afterPowerOff(state, fittedFactsOf(state, book.shelf.machines.get(machineId)!, book.shelf))
  }
  const switchedOff = (machineId: string) => write('Switched off', machineId, whatOffDoes(machineId).change)

  /** What the piece in hand puts on its machine; null: it has none. */
  const wanted = computed<MachineState | null>(() => {
    const { setup, parts } = inHand
    if (!parts.machine) return null
    return notedState({
      ...setup,
      ...setup.stitch,
      twinModeKind: parts.machine.twinMode.kind,
      construction: parts.needle?.construction ?? null,
      singleHolePlate: plateOn(setup, parts.plate).singleHole,
      swings: parts.stitch !== null && hasSwing(parts.stitch),
    })
  })
  /** What stands on the real machine, and how much of it is not as the piece in hand wants it. */
  const changeOver = computed(() => {
    if (!wanted.value) return null
    const now = stateOf(inHand.setup.machineId, book.shelf.machineStates)
    const parts = changeOverOf(now, wanted.value)
    return parts.length === 0 ? null : { count: parts.length, now: onItWords(now) }
  })
  /** Needle and foot that are on, as far as they are known. */
  function onItWords({ needleId, footId, tension }: MachineState): string {
    const needle = book.shelf.needles.get(needleId ?? '')
    const words = [
      needle && needleName(needle),
      book.shelf.feet.get(footId ?? '')?.name,
      tension === null ? null : `tension ${formatShort(tension)}`,
    ]
    return words.filter(Boolean).join(', ')
  }
  /** Set up without the walk: all of this setup is on the machine now. */
  function takeBench(): void {
    const { machineId } = inHand.setup
    if (machineId !== null && wanted.value) write('Note what is on the machine', machineId, wanted.value)
  }
  return { open, changeOver, elsewhere, itemsOn, putBack, whatOffDoes, switchedOff, takeBench }
})
