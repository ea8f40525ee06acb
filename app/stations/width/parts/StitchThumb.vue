<script setup lang="ts">
import { landingsMm, type StitchShape } from '#core/stitch'

/** A few repeats of a stitch as a line, to be recognised at a glance. */
const { shape, width, length } = defineProps<{ shape: StitchShape; width: number; length: number }>()
const TALL_MM = 12
const path = computed(() => {
  const repeatMm = shape.repeat * length
  if (!(repeatMm > 0)) return ''
  const once = landingsMm(
    { ...shape, alignment: 'centre' },
    { widthMm: width, lengthMm: length, mirror: false, positionMm: 0 },
    9,
  )
  const repeats = Math.min(40, Math.ceil(TALL_MM / repeatMm) + 2)
  const points = Array.from({ length: repeats }, (_, r) =>
    once.map(({ xMm, yMm }) => `${xMm.toFixed(2)} ${(yMm + (r - 1) * repeatMm).toFixed(2)}`),
  ).flat()
  return `M${points.join('L')}`
})
</script>

<template>
  <svg
    viewBox="-4 0 8 12"
    class="thumb"
    aria-hidden="true"
  >
    <path
      :d="path"
      fill="none"
      stroke="currentColor"
      stroke-width="0.32"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
  </svg>
</template>

<style scoped>
.thumb {
  width: 100%;
  height: 100%;
  overflow: hidden;
}
</style>
