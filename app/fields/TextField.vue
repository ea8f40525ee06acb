<script setup lang="ts">
import { usePause } from './usePause'

const model = defineModel<string>({ required: true })
const {
  label,
  name = undefined,
  placeholder = '',
  most = undefined,
  error = undefined,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  placeholder?: string
  /** As many letters as it may hold. @defaultValue as many as one likes */
  most?: number
  /** What is wrong with it, where no form says so. @defaultValue undefined */
  error?: string
}>()
const text = ref(model.value)
const { soon, now, isPending } = usePause(() => {
  model.value = text.value
})
watch(model, next => {
  if (!isPending()) text.value = next
})
function typed(next: string | number): void {
  text.value = String(next)
  soon()
}
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :error="error"
  >
    <UInput
      :model-value="text"
      autocomplete="off"
      :placeholder="placeholder"
      :maxlength="most"
      @update:model-value="typed"
      @change="now"
      @blur="now"
    />
  </UFormField>
</template>
