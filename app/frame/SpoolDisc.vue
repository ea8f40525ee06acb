<script setup lang="ts">
import type { Thread } from '#shared/records'

/** A spool from above: the thread's colours wound round. Without a thread it is hatched. */
const { thread } = defineProps<{ thread: Thread | null }>()
const NONE = 'repeating-linear-gradient(135deg, var(--line) 0 4px, var(--cloth) 4px 8px)'
const background = computed(() => {
  if (!thread) return NONE
  const step = 360 / thread.colours.length
  const wedges = thread.colours.map(({ hex }, i) => `${hex} ${i * step}deg ${(i + 1) * step}deg`)
  return `conic-gradient(${wedges.join(', ')})`
})
</script>

<template>
  <span
    class="spool"
    aria-hidden="true"
    :style="{ background }"
  />
</template>

<style scoped>
.spool {
  width: 24px;
  height: 24px;
  border-radius: 50%;
  border: 2px solid var(--white);
  box-shadow:
    0 0 0 1.5px var(--line-strong),
    inset 0 0 0 11px transparent;
  flex: none;
  position: relative;
}
.spool::after {
  content: '';
  position: absolute;
  inset: 6px;
  border-radius: 50%;
  background: var(--white);
  border: 1px solid var(--line-strong);
}
</style>
