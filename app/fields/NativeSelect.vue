<script setup lang="ts" generic="T extends string">
import { useFormField } from '@nuxt/ui/composables/useFormField'

/** The browser's own list of choices: a phone shows its wheel. Takes label and errors from its field. */
const model = defineModel<T>({ required: true })
const { items } = defineProps<{ items: readonly { readonly value: T; readonly label: string }[] }>()
const { id, ariaAttrs } = useFormField()
</script>

<template>
  <select
    :id="id"
    v-model="model"
    v-bind="ariaAttrs"
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
