<script setup lang="ts">
import { formatShort } from '#core/units'
import type { TensionDial } from '#core/terms'

/** The dial laid out straight: its ends, normal tension, and where to set it. */
const { dial, value } = defineProps<{ dial: TensionDial; value: number }>()
const LEFT = 24
const WIDE = 272
const x = (number: number) => LEFT + ((number - dial.min) / (dial.max - dial.min)) * WIDE
const words = computed(() => {
  const [now, min, max, home] = [value, dial.min, dial.max, dial.home].map(formatShort)
  return `Tension ${now} on a dial from ${min} to ${max}, normal ${home}`
})
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :aria-label="words"
  >
    <text
      x="160"
      y="104"
      text-anchor="middle"
      class="big"
    >
      {{ value }}
    </text>
    <path
      :d="`M${LEFT} 170 H${LEFT + WIDE}`"
      class="scale"
    />
    <g
      v-for="end in [dial.min, dial.max]"
      :key="end"
    >
      <path
        :d="`M${x(end)} 160 v20`"
        class="scale"
      />
      <text
        :x="x(end)"
        y="200"
        text-anchor="middle"
        class="note"
      >
        {{ end }}
      </text>
    </g>
    <path
      :d="`M${x(dial.home)} 156 v28`"
      class="home"
    />
    <text
      :x="x(dial.home)"
      y="216"
      text-anchor="middle"
      class="home-word"
    >
      normal {{ formatShort(dial.home) }}
    </text>
    <path
      :d="`M${x(value)} 166 l-12 -24 h24 z`"
      fill="var(--mulberry)"
    />
  </svg>
</template>

<style scoped>
.big {
  font-family: var(--font-serif);
  font-size: 96px;
  fill: var(--ink);
}
.scale {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.home {
  stroke: var(--lichen);
  stroke-width: 5;
}
.note {
  font-size: var(--letter);
  fill: var(--mute);
}
.home-word {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--lichen-text);
}
</style>
