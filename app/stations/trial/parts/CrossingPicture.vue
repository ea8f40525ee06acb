<script setup lang="ts">
import type { SeamPoints } from '#core/seam'
import { crossingOf } from '#core/trial'

/**
 * One crossing six to eight times as large as life: from the side, where the threads lock; below it the
 * right side and the wrong side as they are seen. All lengths in mm.
 */
const {
  seam,
  reading,
  of = 'all',
} = defineProps<{
  seam: SeamPoints
  /** In steps, −3 to 3. */
  reading: number
  /** The view from the side tells where the knot lies: practice shows only what is seen of a row. */
  of?: 'all' | 'faces'
}>()
const THREAD = 0.32
const LAYERS = 0.85
const HALF_LONG = 1.5
const SIDE_TALL = 1.62
const FACE_TALL = 0.6
const GAP = 0.1
const crossing = computed(() => crossingOf(reading))
const shown = computed(() => crossing.value.shown * THREAD)
const top = computed(() => seam.blades[0]!.colour)
const middle = SIDE_TALL / 2
const surface = { right: middle - LAYERS / 2, wrong: middle + LAYERS / 2 }
const knot = computed(() => middle - (crossing.value.knot * LAYERS) / 2)

/** A thread that lies on one surface, goes through the layers to the knot, and comes back. */
function threadPath(lies: number, turns: number, wide: number): string {
  const [foot, waist] = [0.42 + wide, 0.12 + wide]
  return (
    `M${-HALF_LONG} ${lies}H${-foot - 0.3}C${-waist} ${lies} ${-waist} ${turns} 0 ${turns}`
    + `C${waist} ${turns} ${waist} ${lies} ${foot + 0.3} ${lies}H${HALF_LONG}`
  )
}
/** What comes out lies on the surface, as long as it shows. */
const sides = computed(() => {
  const out = Math.sign(reading)
  const wide = shown.value / 2
  return {
    top: threadPath(surface.right - THREAD / 2, knot.value + THREAD / 2, out < 0 ? wide : 0),
    bobbin: threadPath(surface.wrong + THREAD / 2, knot.value - THREAD / 2, out > 0 ? wide : 0),
  }
})
const faces = computed(() => [
  { name: 'right', lies: top.value, comes: seam.bobbinApart, shows: reading > 0 ? shown.value : 0 },
  { name: 'wrong', lies: seam.bobbinApart, comes: top.value, shows: reading < 0 ? shown.value : 0 },
])
const first = computed(() => (of === 'all' ? SIDE_TALL + GAP : 0))
const tall = computed(() => first.value + 2 * FACE_TALL + GAP)
</script>

<template>
  <svg
    :viewBox="`${-HALF_LONG} 0 ${2 * HALF_LONG} ${tall}`"
    aria-hidden="true"
  >
    <InTurn>
      <g v-if="of === 'all'">
        <rect
          :x="-HALF_LONG"
          :y="surface.right"
          :width="2 * HALF_LONG"
          :height="LAYERS"
          :fill="seam.cloth"
          stroke="var(--line-strong)"
          stroke-width="0.05"
        />
        <path
          :d="`M${-HALF_LONG} ${middle}H${HALF_LONG}`"
          stroke="var(--line-strong)"
          stroke-width="0.05"
          stroke-dasharray="0.16 0.12"
        />
        <template
          v-for="side in ['bobbin', 'top'] as const"
          :key="side"
        >
          <path
            :d="sides[side]"
            fill="none"
            stroke="var(--ink)"
            :stroke-width="THREAD + 0.08"
          />
          <path
            :d="sides[side]"
            fill="none"
            :stroke="side === 'top' ? top : seam.bobbinApart"
            :stroke-width="THREAD"
          />
        </template>
      </g>
      <g
        v-for="(face, i) in faces"
        :key="face.name"
        :transform="`translate(0 ${first + i * (FACE_TALL + GAP)})`"
      >
        <rect
          :x="-HALF_LONG"
          :width="2 * HALF_LONG"
          :height="FACE_TALL"
          rx="0.12"
          :fill="seam.cloth"
          stroke="var(--line-strong)"
          stroke-width="0.05"
        />
        <path
          :d="`M${-HALF_LONG} ${FACE_TALL / 2}H${HALF_LONG}`"
          stroke="var(--ink)"
          :stroke-width="THREAD + 0.08"
        />
        <path
          :d="`M${-HALF_LONG} ${FACE_TALL / 2}H${HALF_LONG}`"
          :stroke="face.lies"
          :stroke-width="THREAD"
        />
        <ellipse
          :cy="FACE_TALL / 2"
          :rx="face.shows > 0 ? 0.1 + face.shows / 2 : 0.1"
          :ry="THREAD / 2 + 0.05"
          fill="var(--ink)"
        />
        <rect
          v-if="face.shows > 0"
          :x="-face.shows / 2"
          :y="FACE_TALL / 2 - THREAD / 2"
          :width="face.shows"
          :height="THREAD"
          :rx="Math.min(THREAD, face.shows) / 2"
          :fill="face.comes"
        />
      </g>
    </InTurn>
  </svg>
</template>
