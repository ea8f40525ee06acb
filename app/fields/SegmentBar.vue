<script setup lang="ts" generic="T extends string">
/** A few ways to look at one thing, side by side: exactly one is on. */
const model = defineModel<T>({ required: true })
const { label, items } = defineProps<{
  /** What is chosen, for screen readers. */
  label: string
  items: readonly { readonly value: T; readonly label: string; readonly hint?: string }[]
}>()
</script>

<template>
  <UFieldGroup
    role="group"
    :aria-label="label"
  >
    <UButton
      v-for="item in items"
      :key="item.value"
      size="sm"
      :variant="model === item.value ? 'solid' : 'outline'"
      :aria-pressed="model === item.value"
      @click="
        () => {
          model = item.value
        }
      "
    >
      {{ item.label
      }}<span
        v-if="item.hint"
        class="font-normal"
        >{{ item.hint }}</span
      >
    </UButton>
  </UFieldGroup>
</template>
