<script setup lang="ts">
import { badgeWidthPx } from './badge'

/** A number, or a few words, on a white badge in a drawing: as large however near one looks. */
const {
  words,
  mmPerPx,
  look = 'plain',
} = defineProps<{
  words: string
  mmPerPx: number
  /** @defaultValue 'plain' */
  look?: keyof typeof EDGES
}>()
const widePx = computed(() => badgeWidthPx(words))
</script>

<script lang="ts">
const EDGES = {
  plain: { 'stroke': 'var(--line-strong)', 'stroke-width': 1 },
  /** What is shown elsewhere too. */
  chosen: { 'stroke': 'var(--mulberry)', 'stroke-width': 3 },
  /** Sewn a second time. */
  again: { 'stroke': 'var(--ink)', 'stroke-width': 2, 'stroke-dasharray': '3 2' },
} as const
</script>

<template>
  <g :transform="`scale(${mmPerPx})`">
    <rect
      :x="-widePx / 2"
      y="-11"
      :width="widePx"
      height="22"
      rx="11"
      fill="var(--white)"
      v-bind="EDGES[look]"
    />
    <text
      y="5"
      font-size="14"
      text-anchor="middle"
      fill="var(--ink)"
      font-weight="650"
    >
      {{ words }}
    </text>
  </g>
</template>
