<script setup lang="ts">
import { knownLength } from '~/utils/known'
import type { Machine } from '#shared/records'

const book = useBookStore()
const bench = useBenchStore()
const { remove } = useShelf()
const { length } = useLength()
const machines = computed(() =>
  [...book.shelf.machines.values()].sort(
    (a, b) => a.maxWidthMm - b.maxWidthMm || a.name.localeCompare(b.name),
  ),
)
const hint = (m: Machine) =>
  `widest ${length(m.maxWidthMm)} · plate opening ${knownLength(length, m, 'plateSlotMm')}`
</script>

<template>
  <RecordPicker
    title="Machine"
    :items="machines"
    :selected-id="bench.setup.machineId"
    :name="m => m.name"
    :hint="hint"
    add-label="Add a machine"
    @choose="bench.update('Choose the machine', { machineId: $event })"
    @remove="remove('machines', $event.id, $event.name)"
  >
    <template #form="{ record, done }">
      <MachineForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>
