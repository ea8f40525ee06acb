<script setup lang="ts">
import { JOBS } from '#core/job'
import JobPicture, { type JobInPicture } from '~/seam/JobPicture.vue'

/** What this planner makes, drawn grey while there is nothing of one’s own to draw. */
const { job } = defineProps<{ job: JobInPicture }>()
</script>

<template>
  <figure class="example">
    <JobPicture :job="job" />
    <figcaption>Example: {{ JOBS[job].name.toLowerCase() }}</figcaption>
  </figure>
</template>

<style scoped>
.example {
  display: grid;
  gap: 8px;
  justify-items: center;
  padding: 24px;
  border: 1.5px dashed var(--line-strong);
  border-radius: 14px;
  color: var(--mute);
}
.example :deep(svg) {
  width: min(420px, 100%);
  height: auto;
}
</style>
