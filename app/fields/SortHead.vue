<script setup lang="ts">
/** The head of a column one can sort by. */
const { label, sorted } = defineProps<{
  label: string
  /** How the table is sorted by it now. */
  sorted: 'asc' | 'desc' | false
}>()
const emit = defineEmits<{ sort: [] }>()
const LOOKS = {
  asc: { icon: 'i-lucide-arrow-up', words: 'sorted upwards' },
  desc: { icon: 'i-lucide-arrow-down', words: 'sorted downwards' },
} as const
const look = computed(() => (sorted ? LOOKS[sorted] : null))
</script>

<template>
  <UButton
    variant="link"
    color="neutral"
    class="min-w-11 px-0"
    :label="label"
    :aria-label="`Sort by ${label.toLowerCase()}${look ? `: ${look.words}` : ''}`"
    :trailing-icon="look?.icon"
    @click="emit('sort')"
  />
</template>
