<script setup lang="ts">
const model = defineModel<string>({ required: true })
const { label, bare = false } = defineProps<{
  label: string
  /** Shows the label to screen readers only. @defaultValue false */
  bare?: boolean
}>()
const id = useId()
</script>

<template>
  <div>
    <label
      class="field-label"
      :class="{ 'sr-only': bare }"
      :for="id"
      >{{ label }}</label
    >
    <input
      :id="id"
      v-model="model"
      type="color"
      class="colour"
    />
  </div>
</template>

<style scoped>
.colour {
  width: 64px;
  height: 44px;
  border: 1.5px solid var(--line-strong);
  border-radius: 8px;
  background: var(--white);
  padding: 3px;
  cursor: pointer;
}
</style>
