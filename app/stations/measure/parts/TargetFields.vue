<script setup lang="ts">
import { type Quantity, quantityFact } from '#core/measure'

/** What is measured, and of which of one's things. */
const quantity = defineModel<Quantity>('quantity', { required: true })
const ofId = defineModel<string>('of', { required: true })
const { quantities, things } = defineProps<{
  quantities: readonly { readonly value: Quantity; readonly label: string }[]
  things: readonly { readonly id: string; readonly name: string }[]
}>()
const thing = computed(() => quantityFact(quantity.value).of)
const THING_WORDS = {
  foot: 'Of which foot',
  plate: 'Of which plate',
  machine: 'Of which machine',
  needle: 'Of which needle',
  thread: 'Of which thread',
  cloth: 'On which cloth',
  swatch: 'Of which swatch',
} as const
</script>

<template>
  <div class="target">
    <SelectField
      v-model="quantity"
      label="What is measured"
      :items="quantities"
    />
    <SelectField
      v-if="thing && things.length > 0"
      v-model="ofId"
      :label="THING_WORDS[thing]"
      :items="things.map(({ id, name }) => ({ value: id, label: name }))"
    />
    <p
      v-else-if="thing"
      class="hint"
    >
      {{
        thing === 'swatch'
          ? 'There is no swatch of pintucks: keep one from a trial strip first.'
          : `You have no ${thing} it could be measured of: add one in the workbox.`
      }}
    </p>
  </div>
</template>

<style scoped>
.target {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 100%), 1fr));
  gap: 10px;
  align-items: end;
}
</style>
