<script setup lang="ts">
import { parseDecimal } from '#core/units'
/** A plain number without a unit of length; empty is null: not known. */
const model = defineModel<number | null>({ required: true })
const {
  label,
  unit = '',
  placeholder = 'not known',
  bare = false,
} = defineProps<{
  label: string
  /** Stands small behind the label. @defaultValue '' */
  unit?: string
  placeholder?: string
  /** Shows the label to screen readers only, inside a group that has its own. @defaultValue false */
  bare?: boolean
}>()
const id = useId()
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
  <div>
    <label
      class="field-label"
      :class="{ 'sr-only': bare }"
      :for="id"
      >{{ label }}
      <span
        v-if="unit"
        class="hint"
        >{{ unit }}</span
      ></label
    >
    <UInput
      :id="id"
      v-model="text"
      inputmode="decimal"
      autocomplete="off"
      class="w-full"
      :placeholder="placeholder"
      @update:model-value="model = read(text)"
    />
  </div>
</template>
