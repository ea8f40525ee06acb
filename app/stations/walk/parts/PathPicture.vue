<script setup lang="ts">
import type { PathPoint } from '#core/walk'
import { BLADE_LOOKS } from '~/seam/bladeLooks'

/**
 * The thread's way through the machine, seen from the front: done up to here, dashed from here on. A
 * schematic of our own.
 */
const { at, strands, parted, apart } = defineProps<{
  at: PathPoint
  strands: readonly ('left' | 'middle' | 'right')[]
  parted: boolean
  apart: 'each-side' | 'first-in' | 'both-in' | null
}>()
const POINTS: readonly PathPoint[] = ['spool', 'discs', 'lever', 'guide', 'eye']
const OFFSET = { left: -1, middle: 0, right: 1 } as const
const single = computed(() => strands.length === 1)
/** How far a strand lies from the middle of the way at each point. */
const side = (strand: 'left' | 'middle' | 'right', wide: number) => OFFSET[strand] * wide
function apartAtGuide(strand: 'left' | 'middle' | 'right'): number {
  if (apart === 'each-side') return 9
  return apart === 'first-in' && strand === 'right' ? 12 : 3
}
function wayOf(strand: 'left' | 'middle' | 'right') {
  const disc = 122 + side(strand, parted ? 10 : 3)
  const guide = 84 + side(strand, apartAtGuide(strand))
  const eye = 84 + side(strand, 7)
  const lever = 84 + side(strand, 3)
  return {
    spool: `M${262 + side(strand, 22)} 42 L160 62`,
    discs: `M160 62 L${disc} 72 V128`,
    lever: `M${disc} 128 Q${(disc + lever) / 2} 178 ${lever} 120 V86`,
    guide: `M${lever} 86 L${guide} 182`,
    eye: `M${guide} 182 L${eye} 214`,
  }
}
const now = computed(() => POINTS.indexOf(at))
const ring = computed(
  () =>
    (({ spool: [262, 42], discs: [122, 108], lever: [84, 86], guide: [84, 182], eye: [84, 214] }) as const)[
      at
    ],
)
const POINT_WORDS = {
  spool: 'spool',
  discs: 'tension discs',
  lever: 'take-up lever',
  guide: 'last guide',
  eye: 'needle’s eye',
} as const satisfies Record<PathPoint, string>
const label = computed(() => `The thread’s way, ${strands.join(', ')}, down to the ${POINT_WORDS[at]}`)
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :aria-label="label"
  >
    <path
      d="M58 66 Q58 58 66 58 H306 V112 H140 V188 Q140 194 134 194 H66 Q58 194 58 188 Z"
      class="body"
    />
    <path
      d="M20 232 H300"
      class="edge"
    />
    <g
      v-for="x in single ? [262] : [240, 284]"
      :key="x"
    >
      <rect
        :x="x - 13"
        y="26"
        width="26"
        height="30"
        rx="4"
        class="part"
      />
      <path
        :d="`M${x} 18 V58`"
        class="edge"
      />
    </g>
    <path
      d="M160 56 v12"
      class="edge"
    />
    <g class="part">
      <rect
        x="104"
        y="92"
        width="8"
        height="34"
        rx="4"
      />
      <rect
        v-if="parted"
        x="119"
        y="92"
        width="6"
        height="34"
        rx="3"
      />
      <rect
        x="132"
        y="92"
        width="8"
        height="34"
        rx="4"
      />
    </g>
    <path
      d="M84 82 V102 M76 82 a8 8 0 1 1 16 0"
      class="edge"
    />
    <path
      v-if="apart !== null || at !== 'spool'"
      d="M74 182 h20"
      class="edge"
    />
    <path
      d="M84 190 v14"
      class="edge"
    />
    <path
      v-for="x in single ? [84] : [77, 91]"
      :key="`needle ${x}`"
      :d="`M${x} 204 v18 l0 6`"
      class="needle"
    />
    <template
      v-for="strand in strands"
      :key="strand"
    >
      <path
        v-for="(point, i) in POINTS"
        :key="point"
        :d="wayOf(strand)[point]"
        fill="none"
        :stroke="i <= now ? BLADE_LOOKS[strand].ink : 'var(--line-strong)'"
        :stroke-width="i === now ? 4 : 2.5"
        :stroke-dasharray="i <= now ? undefined : '3 5'"
        stroke-linecap="round"
      />
      <text
        v-if="!single || strand !== 'left'"
        :x="262 + side(strand, 22)"
        y="80"
        class="letter"
        text-anchor="middle"
      >
        {{ BLADE_LOOKS[strand].letter }}
      </text>
    </template>
    <circle
      :cx="ring[0]"
      :cy="ring[1]"
      r="24"
      class="ring"
    />
  </svg>
</template>

<style scoped>
.body {
  fill: var(--plate);
  stroke: var(--line-strong);
  stroke-width: 1.5;
}
.part {
  fill: var(--white);
  stroke: var(--line-strong);
  stroke-width: 1.5;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.needle {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}
.ring {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 3;
}
.letter {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--ink);
}
</style>
