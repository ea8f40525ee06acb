<script setup lang="ts">
const model = defineModel<string>({ required: true })
const {
  label,
  name = undefined,
  placeholder = '',
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  placeholder?: string
}>()
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
  >
    <UInput
      v-model="model"
      autocomplete="off"
      :placeholder="placeholder"
    />
  </UFormField>
</template>
