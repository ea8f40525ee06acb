<script setup lang="ts" generic="T extends string">
const model = defineModel<T>({ required: true })
const {
  label,
  name = undefined,
  items,
} = defineProps<{
  label: string
  /** Path in the record, in dots: what is wrong with it stands here. @defaultValue undefined */
  name?: string
  items: readonly { readonly value: T; readonly label: string }[]
}>()
</script>

<template>
  <UFormField
    :name="name"
    :label="label"
  >
    <NativeSelect
      v-model="model"
      :items="items"
    />
  </UFormField>
</template>
