<script setup lang="ts">
const model = defineModel<string>({ required: true })
const { label, placeholder = '' } = defineProps<{
  label: string
  placeholder?: string
}>()
const id = useId()
</script>

<template>
  <div>
    <label
      class="field-label"
      :for="id"
      >{{ label }}</label
    >
    <UInput
      :id="id"
      v-model="model"
      autocomplete="off"
      :placeholder="placeholder"
    />
  </div>
</template>
