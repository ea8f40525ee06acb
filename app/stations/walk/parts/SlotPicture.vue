<script setup lang="ts">
import { bladeLooksOf } from '~/seam/bladeLooks'

/** The opening from above with the blades in it, to scale. */
const { gapMm, sizeNm, blades, singleHole, reachMm, maxWidthMm } = defineProps<{
  gapMm: number
  sizeNm: number
  blades: number
  singleHole: boolean
  /** Outer blade to outer blade at the end of the swing; 0: not swinging. */
  reachMm: number
  /** null: not known, and the slot is a sketch. */
  maxWidthMm: number | null
}>()
const PX_PER_MM = 26
const MIDDLE = 160
const xs = computed(() =>
  Array.from({ length: blades }, (_, i) => MIDDLE + (i - (blades - 1) / 2) * gapMm * PX_PER_MM),
)
/** Drawn for a machine that is not known; nothing is said of it. */
const SKETCHED_MM = 7
const half = computed(() => ((maxWidthMm ?? SKETCHED_MM) / 2) * PX_PER_MM)
const radius = computed(() => Math.max(4, (sizeNm / 200) * PX_PER_MM))
const colour = (i: number) => (blades === 1 ? 'var(--mulberry)' : bladeLooksOf(blades)[i]!.ink)
const reach = computed(() => (reachMm / 2) * PX_PER_MM)
const label = computed(() => {
  if (singleHole) return 'A single hole, from above'
  if (maxWidthMm === null) return 'The slot from above; how wide the machine swings is not known'
  const span = reachMm > 0 ? `, needles sweep ${bareMm(reachMm)}` : ''
  return `The slot from above, ${bareMm(maxWidthMm)} between the ends of the swing${span}`
})
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :aria-label="label"
  >
    <rect
      x="14"
      y="24"
      width="292"
      height="150"
      rx="14"
      class="plate"
    />
    <g class="feed">
      <rect
        v-for="x in [40, 76, 220, 256]"
        :key="x"
        :x="x"
        y="40"
        width="22"
        height="22"
        rx="3"
      />
      <rect
        v-for="x in [40, 76, 220, 256]"
        :key="`low ${x}`"
        :x="x"
        y="136"
        width="22"
        height="22"
        rx="3"
      />
    </g>
    <circle
      v-if="singleHole"
      :cx="MIDDLE"
      cy="99"
      r="22"
      class="hole"
    />
    <rect
      v-else
      :x="MIDDLE - half - 14"
      y="77"
      :width="2 * half + 28"
      height="44"
      rx="22"
      class="hole"
    />
    <circle
      v-for="(x, i) in xs"
      :key="i"
      :cx="x"
      cy="99"
      :r="radius"
      :fill="colour(i)"
      stroke="var(--white)"
      stroke-width="1.5"
    />
    <g
      v-if="reachMm > 0 && !singleHole && maxWidthMm !== null"
      class="dim"
    >
      <path
        :d="`M${MIDDLE - reach} 190 H${MIDDLE + reach} M${MIDDLE - reach} 182 v16 M${MIDDLE + reach} 182 v16`"
      />
      <text
        :x="MIDDLE"
        y="216"
        text-anchor="middle"
      >
        span {{ bareMm(reachMm) }} of {{ bareMm(maxWidthMm) }} {{ 'mm' }}
      </text>
    </g>
    <text
      v-else
      :x="MIDDLE"
      y="206"
      text-anchor="middle"
      class="note"
    >
      {{ singleHole ? 'one needle, straight only' : 'zigzag slot, from above' }}
    </text>
  </svg>
</template>

<style scoped>
.plate {
  fill: var(--plate);
  stroke: var(--line-strong);
  stroke-width: 1.5;
}
.feed {
  fill: var(--feed);
}
.hole {
  fill: var(--hole);
}
.dim path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.dim text {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--ink);
}
.note {
  font-size: var(--letter);
  fill: var(--mute);
}
</style>
