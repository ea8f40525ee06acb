<script setup lang="ts">
import type { Missing } from '#core/walk'

/** What the walk cannot say yet, and what would mend it. */
const { missing } = defineProps<{ missing: readonly Missing[] }>()
</script>

<template>
  <section
    v-if="missing.length > 0"
    class="missing"
    aria-label="What is missing"
  >
    <b>Not all of it yet:</b>
    <span
      v-for="one in missing"
      :key="one.code"
      >{{ one.message }}</span
    >
  </section>
</template>

<style scoped>
.missing {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  margin-bottom: 12px;
  padding: 9px 14px;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  color: var(--ink);
}
</style>
