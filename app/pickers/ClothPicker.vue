<script setup lang="ts">
import { MOST_LAYERS } from '#shared/fields'
const book = useBookStore()
const inHand = useInHandStore()
const { remove } = useShelf()
const cloths = computed(() => [...book.shelf.cloths.values()].sort((a, b) => a.name.localeCompare(b.name)))
</script>

<template>
  <RecordPicker
    title="Cloth"
    :items="cloths"
    :selected-id="inHand.setup.clothId"
    :name="c => c.name"
    :hint="c => `one layer ${inMm(c.thicknessMm)}${c.thicknessMm === null ? '' : ' thick'}`"
    none-label="Not chosen"
    add-label="Add a cloth"
    @choose="inHand.update('Choose the cloth', { clothId: $event })"
    @remove="remove('cloths', $event.id, $event.name)"
  >
    <template #before>
      <div class="flex items-center gap-3 mb-3">
        <span class="field-label">Layers</span>
        <UButton
          icon="i-lucide-minus"
          variant="outline"
          aria-label="One layer less"
          :disabled="inHand.setup.layers <= 1"
          @click="inHand.update('Change the layers', { layers: inHand.setup.layers - 1 })"
        />
        <output>{{ inHand.setup.layers }}</output>
        <UButton
          icon="i-lucide-plus"
          variant="outline"
          aria-label="One layer more"
          :disabled="inHand.setup.layers >= MOST_LAYERS"
          @click="inHand.update('Change the layers', { layers: inHand.setup.layers + 1 })"
        />
      </div>
      <UnderCloth />
      <OwnedSelect
        table="stabilizers"
        label="Stabilizer"
        class="mb-3"
        :model-value="inHand.setup.stabilizerId"
        @update:model-value="inHand.update('Choose the stabilizer', { stabilizerId: $event })"
      />
      <p class="field-label">Cloth on top</p>
    </template>
    <template #mark="{ item }">
      <span
        class="swatch"
        aria-hidden="true"
        :style="{ background: item.hex }"
      />
    </template>
    <template #form="{ record, done }">
      <ClothForm
        :record="record"
        @done="done"
      />
    </template>
  </RecordPicker>
</template>

<style scoped>
.swatch {
  flex: none;
  width: 30px;
  height: 22px;
  border-radius: 4px;
  border: 1px solid var(--line-strong);
}
</style>
