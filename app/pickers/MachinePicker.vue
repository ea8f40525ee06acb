<script setup lang="ts">
import { knownLength } from '~/utils/known'
import type { Machine } from '#shared/records'

const book = useBookStore()
const inHand = useInHandStore()
const put = usePutBackStore()
const { remove } = useShelf()
const machines = computed(() =>
  [...book.shelf.machines.values()].sort(
    (a, b) => a.maxWidthMm - b.maxWidthMm || a.name.localeCompare(b.name),
  ),
)
const hint = (m: Machine) =>
  `widest ${inMm(m.maxWidthMm)} · plate opening ${knownLength(inMm, m, 'plateSlotMm')}`
</script>

<template>
  <RecordPicker
    title="Machine"
    :items="machines"
    :selected-id="inHand.setup.machineId"
    :name="m => m.name"
    :hint="hint"
    add-label="Add a machine"
    @choose="inHand.update('Choose the machine', { machineId: $event })"
    @remove="remove('machines', $event.id, $event.name)"
  >
    <template
      v-if="put.changeOver"
      #before
    >
      <p class="now">
        On the machine now: <b>{{ put.changeOver.now || 'other settings' }}</b>. {{ put.changeOver.count }} to
        change over.
      </p>
      <UButton
        to="/walk"
        size="sm"
        variant="outline"
        icon="i-lucide-arrow-right-left"
        label="Change over, step by step"
        class="mb-3"
      />
    </template>
    <template #form="{ record, done }">
      <MachineForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>

<style scoped>
.now {
  margin-bottom: 6px;
}
</style>
