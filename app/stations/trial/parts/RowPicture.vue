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
const radius = computed(() => (THREAD * crossingOf(reading).shown) / 2)
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
/** Where the other thread comes out: a dot a stitch, all of them in one path, so that it is drawn at once. */
const dots = (points: readonly { x: number; y: number }[]) =>
  points.map(({ x, y }) => `M${x.toFixed(1)} ${y.toFixed(1)}h0`).join('')
const spots = computed(() => {
  if (reading > 0) {
    const d = dots(front.value.flatMap(({ points }) => points))
    return { right: [{ d, fill: seam.bobbinApart }], wrong: [] }
  }
  const wrong = seam.blades.map(({ colour }, b) => ({
    d: dots(back.value.filter((_, i) => i % seam.blades.length === b)),
    fill: colour,
  }))
  return { right: [], wrong: reading < 0 ? wrong : [] }
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
    <template
      v-for="(spot, i) in spots.right"
      :key="i"
    >
      <path
        :d="spot.d"
        stroke="var(--ink)"
        :stroke-width="2 * radius + 0.5"
        stroke-linecap="round"
      />
      <path
        :d="spot.d"
        :stroke="spot.fill"
        :stroke-width="Math.max(0.1, 2 * radius - 0.5)"
        stroke-linecap="round"
      />
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
      <template
        v-for="(spot, i) in spots.wrong"
        :key="i"
      >
        <path
          :d="spot.d"
          stroke="var(--ink)"
          :stroke-width="2 * radius + 0.5"
          stroke-linecap="round"
        />
        <path
          :d="spot.d"
          :stroke="spot.fill"
          :stroke-width="Math.max(0.1, 2 * radius - 0.5)"
          stroke-linecap="round"
        />
      </template>
    </g>
  </svg>
</template>
