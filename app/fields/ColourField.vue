<script setup lang="ts">
const model = defineModel<string>({ required: true })
const {
  label,
  name = undefined,
  bare = false,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  /** Shows the label to screen readers only. @defaultValue false */
  bare?: boolean
}>()
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
    :ui="bare ? { labelWrapper: 'sr-only' } : {}"
  >
    <UInput
      v-model="model"
      type="color"
      :ui="{ root: 'w-16', base: 'p-[3px] cursor-pointer' }"
    />
  </UFormField>
</template>
