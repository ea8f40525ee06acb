<script setup lang="ts">
import { crossingOf } from '#core/trial'
import type { SeamPoints } from '#core/seam'

/**
 * A piece of the seam, right side above and wrong side below, as it looks when the threads lock where this
 * reading says.
 */
const { seam, reading } = defineProps<{
  seam: SeamPoints
  /** In steps, −3 to 3. */
  reading: number
}>()
const WIDE = 84
const TALL = 34
const MOST_PX_PER_MM = 5
const scale = computed(() =>
  Math.min(MOST_PX_PER_MM, (WIDE - 10) / seam.longMm, (TALL - 12) / Math.max(1, seam.wideMm)),
)
/** A thread that is pulled straight swings less. */
const PULLED = 0.18
const narrow = computed(() => 1 - (PULLED * Math.max(0, Math.abs(reading) - 1)) / 2)
/** As wide as a thread is drawn. */
const THREAD = 2
const spot = computed(() => (THREAD * crossingOf(reading).shown) / 2)
const at = (point: { along: number; across: number }, squeeze: number) => ({
  x: 5 + scale.value * point.along,
  y: TALL / 2 + scale.value * point.across * squeeze,
})
const front = computed(() =>
  seam.blades.map(({ colour, outline, points }) => ({
    colour,
    outline,
    points: points.map(point => at(point, reading > 0 ? narrow.value : 1)),
  })),
)
/** Under the cloth one thread goes from hole to hole, and to the next stitch. */
const back = computed(() => {
  const count = seam.blades[0]?.points.length ?? 0
  return Array.from({ length: count }, (_, i) =>
    seam.blades.map(({ points }) =>
      at({ ...points[i]!, across: -points[i]!.across }, reading < 0 ? narrow.value : 1),
    ),
  ).flat()
})
const line = (points: readonly { x: number; y: number }[]) =>
  points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDE} ${2 * TALL + 4}`"
    aria-hidden="true"
  >
    <rect
      width="84"
      height="34"
      rx="3"
      :fill="seam.cloth"
    />
    <template
      v-for="(blade, i) in front"
      :key="`outline ${i}`"
    >
      <polyline
        v-if="blade.outline"
        :points="line(blade.points)"
        fill="none"
        :stroke="blade.outline"
        stroke-width="4"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
    </template>
    <polyline
      v-for="(blade, i) in front"
      :key="i"
      :points="line(blade.points)"
      fill="none"
      :stroke="blade.colour"
      stroke-width="2.2"
      stroke-linejoin="round"
      stroke-linecap="round"
    />
    <template v-if="reading > 0">
      <template
        v-for="(blade, b) in front"
        :key="b"
      >
        <circle
          v-for="(point, i) in blade.points"
          :key="i"
          :cx="point.x"
          :cy="point.y"
          :r="spot"
          :fill="seam.bobbinApart"
          stroke="var(--ink)"
          stroke-width="0.5"
        />
      </template>
    </template>
    <g transform="translate(0 38)">
      <rect
        width="84"
        height="34"
        rx="3"
        :fill="seam.cloth"
      />
      <polyline
        v-if="seam.bobbinOutline"
        :points="line(back)"
        fill="none"
        :stroke="seam.bobbinOutline"
        stroke-width="3.6"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
      <polyline
        :points="line(back)"
        fill="none"
        :stroke="seam.bobbinApart"
        stroke-width="1.8"
        stroke-linejoin="round"
        stroke-linecap="round"
      />
      <template v-if="reading < 0">
        <circle
          v-for="(point, i) in back"
          :key="i"
          :cx="point.x"
          :cy="point.y"
          :r="spot"
          :fill="seam.blades[i % seam.blades.length]!.colour"
          stroke="var(--ink)"
          stroke-width="0.5"
        />
      </template>
    </g>
  </svg>
</template>
