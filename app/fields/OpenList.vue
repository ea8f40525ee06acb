<script setup lang="ts">
/** The kit's list, for somebody who has come to it; of many entries one types what one looks for. */
const model = defineModel<string>({ required: true })
const { label, items, how } = defineProps<{
  label: string
  items: readonly { readonly value: string; readonly label: string }[]
  /** How one came: with a finger or a press it is open at once. */
  how: 'near' | 'focused' | 'opened'
}>()
const MANY = 12
const kit = useTemplateRef<{ triggerRef: HTMLElement | undefined }>('kit')
onMounted(() => {
  if (how !== 'near') kit.value?.triggerRef?.focus()
})
</script>

<template>
  <USelectMenu
    v-if="items.length > MANY"
    ref="kit"
    v-model="model"
    role="combobox"
    value-key="value"
    :aria-label="label"
    :items="[...items]"
    :default-open="how === 'opened'"
    :search-input="{ placeholder: 'Search', icon: 'i-lucide-search' }"
  />
  <USelect
    v-else
    ref="kit"
    v-model="model"
    :items="[...items]"
    :default-open="how === 'opened'"
  />
</template>
