<script setup lang="ts">
/** The thumb of dial and wheel, over a scale that is drawn behind it: the kit's slider draws its own. */
const {
  modelValue,
  min,
  max,
  step,
  label,
  valueText = '',
  disabled = false,
} = defineProps<{
  modelValue: number
  min: number
  max: number
  step: number
  /** What it sets, for screen readers. */
  label: string
  /** What it stands at, in words for screen readers. @defaultValue '' (the number) */
  valueText?: string
  disabled?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number]; 'done': [] }>()
const take = (event: Event) => emit('update:modelValue', Number((event.target as HTMLInputElement).value))
</script>

<template>
  <input
    type="range"
    class="range"
    :value="modelValue"
    :min="min"
    :max="max"
    :step="step"
    :disabled="disabled"
    :aria-label="label"
    :aria-valuetext="valueText || undefined"
    @input="take"
    @change="emit('done')"
  />
</template>

<style scoped>
.range {
  display: block;
  appearance: none;
  background: none;
  height: 44px;
  cursor: pointer;
}
.range:disabled {
  cursor: default;
  opacity: 0.45;
}
.range::-webkit-slider-runnable-track {
  height: 8px;
  border-radius: 4px;
  background: var(--track, transparent);
}
.range::-moz-range-track {
  height: 8px;
  border-radius: 4px;
  background: var(--track, transparent);
}
.range::-webkit-slider-thumb {
  appearance: none;
  width: 26px;
  height: 26px;
  margin-top: -9px;
  border-radius: 50%;
  background: var(--white);
  border: 3px solid var(--mulberry);
}
.range::-moz-range-thumb {
  width: 20px;
  height: 20px;
  border-radius: 50%;
  background: var(--white);
  border: 3px solid var(--mulberry);
}
</style>
