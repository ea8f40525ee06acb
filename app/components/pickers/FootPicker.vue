<script setup lang="ts">
import type { Foot } from '#shared/records'

const book = useBookStore()
const bench = useBenchStore()
const { remove } = useShelf()
const { length } = useLength()
const feet = computed(() => [...book.shelf.feet.values()].sort((a, b) => a.name.localeCompare(b.name)))
const hint = (f: Foot) => (f.singleHole ? 'single hole: no twin' : `${f.sole} sole · opening ${length(f.slotMm)}`)
</script>

<template>
  <RecordPicker
    title="Foot and plate"
    :items="feet"
    :selected-id="bench.setup.footId"
    :name="f => f.name"
    :hint="hint"
    none-label="No foot chosen"
    add-label="Add a foot"
    @choose="bench.update('Choose the foot', { footId: $event })"
    @remove="remove('feet', $event.id, $event.name)"
  >
    <template #before>
      <fieldset class="plates">
        <legend class="field-label">Needle plate</legend>
        <UButton
          label="Zigzag plate"
          :variant="bench.setup.plate === 'zigzag' ? 'solid' : 'outline'"
          :aria-pressed="bench.setup.plate === 'zigzag'"
          @click="bench.update('Change the plate', { plate: 'zigzag' })"
        />
        <UButton
          label="Single-hole plate"
          :variant="bench.setup.plate === 'single-hole' ? 'solid' : 'outline'"
          :aria-pressed="bench.setup.plate === 'single-hole'"
          @click="bench.update('Change the plate', { plate: 'single-hole' })"
        />
      </fieldset>
      <p class="field-label">Presser foot</p>
    </template>
    <template #form="{ record, done }">
      <FootForm :record="record" @done="done" />
    </template>
  </RecordPicker>
</template>

<style scoped>
.plates { display: flex; flex-wrap: wrap; gap: 8px; margin-bottom: 12px; }
</style>
