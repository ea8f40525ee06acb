<script setup lang="ts">
import { knownLength } from '~/utils/known'
import { PLATE_NAMES } from '#shared/inputs'
import { PRESSURES, settingWord } from '#core/terms'
import type { Foot } from '#shared/records'

const book = useBookStore()
const inHand = useInHandStore()
const { remove } = useShelf()
const feet = computed(() => [...book.shelf.feet.values()].sort((a, b) => a.name.localeCompare(b.name)))
/** The machine's own two. */
const plates = computed(() =>
  (['zigzag', 'single-hole'] as const).map(plate => ({
    label: PLATE_NAMES[plate],
    on: inHand.parts.plate === null && inHand.setup.plate === plate,
    change: { plate, plateId: null },
  })),
)
const hint = (f: Foot) =>
  f.singleHole ? 'single hole: no twin' : `${f.sole} sole · opening ${knownLength(inMm, f, 'slotMm')}`
</script>

<template>
  <RecordPicker
    title="Foot and plate"
    :items="feet"
    :selected-id="inHand.setup.footId"
    :name="f => f.name"
    :hint="hint"
    none-label="No foot chosen"
    add-label="Add a foot"
    @choose="inHand.update('Choose the foot', { footId: $event })"
    @remove="remove('feet', $event.id, $event.name)"
  >
    <template #before>
      <fieldset class="plates">
        <legend class="field-label">Needle plate</legend>
        <UButton
          v-for="plate in plates"
          :key="plate.label"
          :label="plate.label"
          :variant="plate.on ? 'solid' : 'outline'"
          :aria-pressed="plate.on"
          @click="inHand.update('Change the plate', plate.change)"
        />
      </fieldset>
      <OwnedSelect
        table="plates"
        label="A plate of your own"
        none="none: the machine’s"
        class="mb-3"
        :model-value="inHand.setup.plateId"
        @update:model-value="inHand.update('Change the plate', { plateId: $event })"
      />
      <SelectField
        :model-value="inHand.setup.pressure"
        label="Foot pressure"
        :items="PRESSURES.map(value => ({ value, label: settingWord(value) }))"
        class="mb-3"
        @update:model-value="inHand.update('Note the foot pressure', { pressure: $event })"
      />
      <p class="field-label">Presser foot</p>
    </template>
    <template #form="{ record, done }">
      <FootForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>

<style scoped>
.plates {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-bottom: 12px;
}
</style>
