<script setup lang="ts">
import type { CountedStitches } from '#core/fit'

/** What to count and dial along a side: the planner’s answer, so it is written large. */
const { parts, note = '' } = defineProps<{
  parts: readonly CountedStitches[]
  /** What is said with them. */
  note?: string
}>()
</script>

<template>
  <span class="counted">
    <span
      v-for="({ dialled, sews }, i) in parts"
      :key="i"
      class="part"
      ><b>{{ dialled }}</b
      ><span
        v-if="sews !== null"
        class="hint"
        >{{ ` (sews ${sews})` }}</span
      >{{ i < parts.length - 1 ? ', ' : note }}</span
    >
  </span>
</template>

<style scoped>
.counted {
  display: grid;
  justify-items: end;
  min-width: 0;
  text-align: end;
}
.part b {
  font-size: 20px;
  font-weight: 700;
}
.part b,
.part .hint {
  white-space: nowrap;
}
</style>
