import { defineStore } from 'pinia'
import { computed } from 'vue'
import {
  notedState,
  type MachineState,
  type PowerOff,
  afterPowerOff,
  type PutBackItem,
  putBackOf,
} from '#core/putback'
import { hasSwing } from '#core/stitch'
import type { MachineStateRecord } from '#shared/records'
import { plateOn, blankState, fittedFactsOf, stateOf } from '#shared/inputs'

/** What is still changed on each machine, and undoing it. */
export const usePutBackStore = defineStore('putBack', () => {
  const book = useBookStore()
  const bench = useBenchStore()

  function itemsOn(machineId: string): PutBackItem[] {
    const machine = book.shelf.machines.get(machineId)
    const state = stateOf(machineId, book.shelf.machineStates)
    return machine ? putBackOf(state, fittedFactsOf(state, machine, book.shelf)) : []
  }
  /** Open on the machine of the piece in hand; the line-up says so. */
  const open = computed(() => (bench.setup.machineId === null ? [] : itemsOn(bench.setup.machineId)))
  const elsewhere = computed(() =>
    [...book.shelf.machines.values()]
      .filter(({ id }) => id !== bench.setup.machineId)
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

  /** Set up without the walk: all of this setup is on the machine now. */
  function takeBench(): void {
    const { setup, parts } = bench
    if (!parts.machine) return
    const noted = notedState({
      ...setup,
      ...setup.stitch,
      twinModeKind: parts.machine.twinMode.kind,
      construction: parts.needle?.construction ?? null,
      singleHolePlate: plateOn(setup, parts.plate).singleHole,
      swings: parts.stitch !== null && hasSwing(parts.stitch),
    })
    write('Note what is on the machine', parts.machine.id, noted)
  }
  return { open, elsewhere, itemsOn, putBack, whatOffDoes, switchedOff, takeBench }
})
