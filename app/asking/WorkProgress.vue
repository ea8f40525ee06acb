<script setup lang="ts">
/** How far a longer work in a worker is, with a way to stop it. */
const { doing, one, progress } = defineProps<{
  /** “Packing”, “Unpacking”. */
  doing: string
  /** What it does one after the other: “photo”. */
  one: string
  progress: { readonly done: number; readonly of: number }
}>()
const emit = defineEmits<{ stop: [] }>()
const words = computed(() =>
  progress.of === 0
    ? `${doing} …`
    : `${doing} ${one} ${Math.min(progress.done + 1, progress.of)} of ${progress.of}`,
)
</script>

<template>
  <div
    role="status"
    class="going"
  >
    <p>{{ words }}</p>
    <UProgress
      :model-value="progress.of === 0 ? null : progress.done"
      :max="Math.max(1, progress.of)"
      :aria-label="doing"
    />
    <UButton
      variant="outline"
      icon="i-lucide-x"
      label="Stop"
      @click="emit('stop')"
    />
  </div>
</template>

<style scoped>
.going {
  display: grid;
  gap: 6px;
  justify-items: start;
}
</style>
