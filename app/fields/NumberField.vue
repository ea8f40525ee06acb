<script setup lang="ts">
import { parseDecimal } from '#core/units'
/** A plain number without a unit of length; empty is null: not known. */
const model = defineModel<number | null>({ required: true })
const {
  label,
  name = undefined,
  unit = '',
  placeholder = 'not known',
  bare = false,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  /** Stands small behind the label. @defaultValue '' */
  unit?: string
  placeholder?: string
  /** Shows the label to screen readers only, inside a group that has its own. @defaultValue false */
  bare?: boolean
}>()
const text = ref('')
/** A decimal comma is as good as a point; NaN lets the form's schema refuse what is no number. */
const read = (typed: string) => (typed.trim() === '' ? null : parseDecimal(typed))
watch(
  model,
  now => {
    if (!Object.is(read(text.value), now)) text.value = now === null || Number.isNaN(now) ? '' : String(now)
  },
  { immediate: true },
)
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :hint="unit || undefined"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <UInput
      v-model="text"
      inputmode="decimal"
      autocomplete="off"
      :placeholder="placeholder"
      @update:model-value="model = read(text)"
    />
  </UFormField>
</template>
