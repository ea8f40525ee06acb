<script setup lang="ts" generic="T extends string">
const model = defineModel<T>({ required: true })
const { label, items } = defineProps<{
  label: string
  items: readonly { readonly value: T; readonly label: string }[]
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
    <select
      :id="id"
      v-model="model"
      class="select"
    >
      <option
        v-for="item in items"
        :key="item.value"
        :value="item.value"
      >
        {{ item.label }}
      </option>
    </select>
  </div>
</template>

<style scoped>
.select {
  width: 100%;
  min-height: 44px;
  padding: 6px 10px;
  font: inherit;
  color: var(--ink);
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 8px;
  cursor: pointer;
}
</style>
