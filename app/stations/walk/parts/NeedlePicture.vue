<script setup lang="ts">
import { formatNumber } from '#core/units'
import { bladeLooksOf } from '~/seam/bladeLooks'

/** Blades to scale from the front, and which way the flat faces, from above. */
const {
  gapMm,
  sizeNm,
  blades,
  flat,
  out,
  dimension = '',
} = defineProps<{
  gapMm: number
  sizeNm: number
  blades: number
  flat: 'back' | 'right' | null
  out: boolean
  /** Written over the gap. @defaultValue '' (no dimension line) */
  dimension?: string
}>()
const PX_PER_MM = 16
const MIDDLE = 100
const xs = computed(() =>
  Array.from({ length: blades }, (_, i) => MIDDLE + (i - (blades - 1) / 2) * gapMm * PX_PER_MM),
)
const half = computed(() => Math.max(2, (sizeNm / 200) * PX_PER_MM))
const looks = computed(() => bladeLooksOf(blades))
/** A blade alone needs no side, and has no side's colour. */
const colour = (i: number) => (blades === 1 ? 'var(--ink)' : looks.value[i]!.ink)
const label = computed(() => {
  const stand = blades === 1 ? 'One blade' : `${blades} blades, gap ${formatNumber(gapMm, 1)}, drawn to scale`
  return flat ? `${stand}; the flat faces ${flat}` : stand
})
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :aria-label="label"
  >
    <rect
      x="84"
      y="14"
      width="32"
      height="70"
      rx="3"
      class="shank"
    />
    <path
      v-if="blades > 1"
      :d="`M${xs[0]! - 8} 84 H${xs.at(-1)! + 8} V98 H${xs[0]! - 8} Z`"
      class="shank"
    />
    <g
      v-for="(x, i) in xs"
      :key="i"
    >
      <path
        :d="`M${x - half} 96 V182 L${x} 204 L${x + half} 182 V96 Z`"
        :fill="colour(i)"
      />
      <circle
        :cx="x"
        cy="180"
        :r="Math.max(1.4, half * 0.4)"
        fill="var(--white)"
      />
      <text
        v-if="looks[i]!.letter"
        :x="x"
        y="222"
        text-anchor="middle"
        class="letter"
      >
        {{ looks[i]!.letter }}
      </text>
    </g>
    <g
      v-if="blades > 1 && dimension"
      class="dim"
    >
      <path :d="`M${xs[0]} 128 H${xs.at(-1)} M${xs[0]} 122 v12 M${xs.at(-1)} 122 v12`" />
      <text
        :x="xs[0]! - 16"
        y="133"
        text-anchor="end"
      >
        {{ dimension }}
      </text>
    </g>
    <path
      v-if="out"
      d="M150 110 V196 M140 184 L150 198 L160 184"
      class="arrow"
    />
    <path
      v-else-if="flat"
      d="M150 198 V96 M140 108 L150 94 L160 108 M134 84 H166"
      class="arrow"
    />
    <g
      v-if="flat"
      :transform="flat === 'right' ? 'rotate(90 248 120)' : undefined"
    >
      <path
        d="M216 100 A38 38 0 1 0 280 100 Z"
        class="shank"
      />
      <path
        d="M210 100 H286"
        class="flat"
      />
    </g>
    <template v-if="flat">
      <text
        :x="248"
        y="46"
        text-anchor="middle"
        class="note"
      >
        back
      </text>
      <text
        x="248"
        y="186"
        text-anchor="middle"
        class="note"
      >
        you
      </text>
      <text
        :x="flat === 'right' ? 292 : 248"
        :y="flat === 'right' ? 124 : 88"
        text-anchor="middle"
        class="flat-word"
      >
        flat
      </text>
      <text
        x="248"
        y="222"
        text-anchor="middle"
        class="note"
      >
        from above
      </text>
    </template>
  </svg>
</template>

<style scoped>
.shank {
  fill: var(--plate);
  stroke: var(--line-strong);
  stroke-width: 1.5;
}
.flat {
  stroke: var(--mulberry);
  stroke-width: 4;
}
.flat-word {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--mulberry);
}
.arrow {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 3;
}
.dim path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}
.dim text,
.letter {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--ink);
}
.note {
  font-size: var(--letter);
  fill: var(--mute);
}
</style>
