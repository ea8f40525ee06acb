<script lang="ts">
/** Jobs that have a picture. */
export type JobInPicture = 'pintucks' | 'topstitching' | 'decorative-row' | 'satin' | 'blanket-edge' | 'hem'

/** Stitches as dashes; whole threads; edges of cloth. In a field of 60 by 32. */
const DRAWN: Readonly<Record<JobInPicture, { sewn?: string; thread?: string; cloth?: string }>> = {
  'pintucks': {
    sewn: 'M12 0V32M17 0V32M28 0V32M33 0V32M44 0V32M49 0V32',
    cloth: 'M14.5 0V32M30.5 0V32M46.5 0V32',
  },
  'topstitching': { sewn: 'M12 0V20H60M18 0V14H60', cloth: 'M6 0V26H60' },
  'decorative-row': { thread: 'M0 16q5 -14 10 0t10 0t10 0t10 0t10 0t10 0' },
  'satin': {
    thread: `M${Array.from({ length: 20 }, (_, i) => `${i * 3} ${i % 2 ? 24 : 8}`).join('L')}L60 8`,
  },
  'blanket-edge': { thread: 'M0 20H60M6 20V8M18 20V8M30 20V8M42 20V8M54 20V8', cloth: 'M0 21.5H60' },
  'hem': { sewn: 'M0 16H60M0 21H60', cloth: 'M0 28H60M0 10H60' },
}
</script>

<script setup lang="ts">
/** What a job looks like when it is sewn, small: threads on cloth. */
const { job } = defineProps<{ job: JobInPicture }>()
</script>

<template>
  <svg
    viewBox="0 0 60 32"
    aria-hidden="true"
  >
    <path
      v-if="DRAWN[job].cloth"
      :d="DRAWN[job].cloth"
      class="cloth"
    />
    <path
      v-if="DRAWN[job].thread"
      :d="DRAWN[job].thread"
    />
    <path
      v-if="DRAWN[job].sewn"
      :d="DRAWN[job].sewn"
      stroke-dasharray="3.4 1.6"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 60px;
  height: 32px;
  flex: none;
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.cloth {
  stroke: var(--line-strong);
  stroke-width: 1;
}
</style>
