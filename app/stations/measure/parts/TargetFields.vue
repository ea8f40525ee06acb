<script setup lang="ts">
import { type Quantity, quantityFact } from '#core/measure'
import { measuredTable } from '#shared/inputs'
import { type FormTable, RECORD_FORMS } from '~/pickers/recordForms'

/** What is measured, and of which of one's things. */
const quantity = defineModel<Quantity>('quantity', { required: true })
const ofId = defineModel<string>('of', { required: true })
const emit = defineEmits<{ added: [id: string] }>()
const { quantities, things } = defineProps<{
  quantities: readonly { readonly value: Quantity; readonly label: string }[]
  things: readonly { readonly id: string; readonly name: string }[]
}>()
const thing = computed(() => quantityFact(quantity.value).of)
/** Where there is none of it yet it is added here; swatches are kept from what was sewn. */
const addTable = computed(() => {
  const table = measuredTable(quantity.value)
  return table !== null && table in RECORD_FORMS ? (table as FormTable) : null
})
const adding = ref(false)
function open(): void {
  adding.value = true
}
function close(id: string | null): void {
  adding.value = false
  if (id) emit('added', id)
}
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
    <div v-else-if="addTable">
      <UButton
        variant="outline"
        icon="i-lucide-plus"
        :label="`Add a ${thing}`"
        @click="open"
      />
    </div>
    <p
      v-else-if="thing"
      class="hint"
    >
      There is no swatch of pintucks: keep one from a trial strip first.
    </p>
    <RecordModal
      v-if="addTable"
      :table="addTable"
      :title="`Add a ${thing}`"
      :record="adding ? 'new' : null"
      @done="close"
    />
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
