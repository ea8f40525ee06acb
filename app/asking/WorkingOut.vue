<script setup lang="ts">
/** The place of an answer that is under way: a moment bare, then with a word. */
const { tall = 180, words = 'Working it out…' } = defineProps<{
  /** How much room the answer will take, in px. @defaultValue 180 */
  tall?: number
  /** @defaultValue 'Working it out…' */
  words?: string
}>()
const SOON_MS = 150
const isLong = ref(false)
const timer = setTimeout(() => {
  isLong.value = true
}, SOON_MS)
const { say } = useSaid()
onScopeDispose(() => {
  clearTimeout(timer)
  // Who heard that it takes a while hears that it is over.
  if (isLong.value) void say('Worked out.')
})
</script>

<template>
  <div
    class="place"
    :class="{ long: isLong }"
    :style="{ minHeight: `${tall}px` }"
    aria-busy="true"
  >
    <p
      v-if="isLong"
      role="status"
      class="hint"
    >
      {{ words }}
    </p>
  </div>
</template>

<style scoped>
.place {
  display: grid;
  place-items: center;
  border-radius: 10px;
}
.place.long {
  background: var(--cloth);
}
</style>
