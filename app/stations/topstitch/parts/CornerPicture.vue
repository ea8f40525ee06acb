<script setup lang="ts">
import type { CornerWays } from '#core/topstitch'

/** A twin’s two rows round a right angle, to scale, in the way that is chosen: each stitch a stroke. */
const { way, ways, gapMm, stitchMm } = defineProps<{
  way: 'steps' | 'crossed' | 'passes'
  ways: CornerWays
  gapMm: number
  stitchMm: number
}>()
const LEG_MM = 9
/** The inner needle turns here; the outer row runs round it. */
const inner = computed(() => ({ x: LEG_MM + gapMm, y: LEG_MM }))
type Line = readonly [number, number, number, number]
const sideMm = computed(() => LEG_MM + gapMm + 2)
/** Down the side and along the next, for one row as far out. */
function legs(outMm: number, downTo: number, alongFrom: number): Line[] {
  const x = inner.value.x - outMm
  const y = inner.value.y + outMm
  return [...run(x, 0, x, downTo), ...run(alongFrom, y, alongFrom + LEG_MM + 2, y)]
}
/** A straight way as stitches. */
function run(x1: number, y1: number, x2: number, y2: number): Line[] {
  const length = Math.hypot(x2 - x1, y2 - y1)
  const count = Math.max(1, Math.round(length / stitchMm))
  const at = (share: number) => [x1 + share * (x2 - x1), y1 + share * (y2 - y1)] as const
  return Array.from(
    { length: count },
    (_, i) => [...at((i + 0.08) / count), ...at((i + 0.92) / count)] as const,
  )
}
/** The short stitches of the outer needle round the inner one. */
const walk = computed((): Line[] => {
  const { stitches } = ways.steps
  const at = (i: number) => {
    const angle = Math.PI + (i / stitches) * (-Math.PI / 2)
    return [inner.value.x + gapMm * Math.cos(angle), inner.value.y - gapMm * Math.sin(angle)] as const
  }
  return Array.from({ length: stitches }, (_, i) => [...at(i), ...at(i + 1)] as const)
})
const rows = computed(() => rowsOf(way))
function rowsOf(way: 'steps' | 'crossed' | 'passes'): { outer: Line[]; inner: Line[] } {
  const { x, y } = inner.value
  switch (way) {
    case 'steps':
      return { inner: legs(0, y, x), outer: [...legs(gapMm, y, x), ...walk.value] }
    case 'crossed':
      return { inner: legs(0, y + gapMm, x - gapMm), outer: legs(gapMm, y + gapMm, x - gapMm) }
    case 'passes':
      return { inner: legs(0, y, x), outer: legs(gapMm, y + gapMm, x - gapMm) }
  }
}
const WORDS = {
  steps: 'the outer needle walks round the inner one',
  crossed: 'the rows cross in a square',
  passes: 'each row turns its own corner',
} as const
</script>

<template>
  <svg
    :viewBox="`-1 -1 ${2 * sideMm + 2} ${LEG_MM + gapMm + 3}`"
    role="img"
    :aria-label="`Round the corner: ${WORDS[way]}`"
  >
    <path
      :d="rows.outer.map(([x1, y1, x2, y2]) => `M${x1} ${y1}L${x2} ${y2}`).join('')"
      stroke="var(--woad)"
      stroke-width="0.5"
      stroke-linecap="round"
      fill="none"
    />
    <path
      :d="rows.inner.map(([x1, y1, x2, y2]) => `M${x1} ${y1}L${x2} ${y2}`).join('')"
      stroke="var(--weld)"
      stroke-width="0.5"
      stroke-linecap="round"
      fill="none"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 150px;
  border-radius: 8px;
  background: var(--cloth);
}
</style>
