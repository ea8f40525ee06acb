<script setup lang="ts">
import type { Wedge } from '#core/measure'

/** A wedge seen from above, standing in an opening: where it is as wide as that, it stops. */
const { wedge, readMm } = defineProps<{
  wedge: Wedge
  /** Where it stops; null: not read yet. */
  readMm: number | null
}>()
const LONG = 300
const SCALE = 7
const MIDDLE = 60
/** From tip to its wide end, drawn shorter than it is. */
const along = (mm: number) => 20 + (LONG * (mm - wedge.fromMm)) / (wedge.toMm - wedge.fromMm)
const half = (mm: number) => (mm * SCALE) / 2
const stopMm = computed(() => readMm ?? (wedge.fromMm + wedge.toMm) / 2)
const outline = computed(() => {
  const [tip, end] = [half(wedge.fromMm), half(wedge.toMm)]
  const right = 20 + LONG
  return `M20 ${MIDDLE - tip}L${right} ${MIDDLE - end}h34v${2 * end}h-34L20 ${MIDDLE + tip}Z`
})
const numbers = computed(() =>
  Array.from({ length: 7 }, (_, i) => wedge.fromMm + (i * (wedge.toMm - wedge.fromMm)) / 6),
)
const words = computed(() =>
  readMm === null ? 'A wedge in an opening' : `The wedge stops at ${inMm(readMm)}`,
)
</script>

<template>
  <svg
    viewBox="0 0 360 120"
    role="img"
    :aria-label="words"
    class="picture"
  >
    <path
      :d="outline"
      fill="var(--cloth)"
      stroke="var(--ink)"
      stroke-width="1.5"
    />
    <g
      v-for="mm in numbers"
      :key="mm"
    >
      <line
        :x1="along(mm)"
        :x2="along(mm)"
        :y1="MIDDLE - half(mm)"
        :y2="MIDDLE + half(mm)"
        stroke="var(--mute)"
      />
      <text
        :x="along(mm) + 3"
        :y="MIDDLE + 4"
        font-size="12"
        fill="var(--ink)"
      >
        {{ mm.toFixed(1) }}
      </text>
    </g>
    <g
      fill="var(--mulberry)"
      opacity="0.85"
    >
      <rect
        :x="along(stopMm) - 7"
        y="0"
        width="7"
        :height="MIDDLE - half(stopMm)"
      />
      <rect
        :x="along(stopMm) - 7"
        :y="MIDDLE + half(stopMm)"
        width="7"
        :height="120 - MIDDLE - half(stopMm)"
      />
    </g>
  </svg>
</template>

<style scoped>
.picture {
  width: 100%;
  max-height: 160px;
}
</style>
