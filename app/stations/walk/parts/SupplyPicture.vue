<script setup lang="ts">
import type { Blade } from '#core/needle'
import { type Draw, DRAW_WORDS, type SupplyPlace } from '#core/terms'
import { BLADE_LOOKS } from '~/seam/bladeLooks'

/** How a thread comes off: unwinding from the side sideways, over the end, from a cup or a stand. */
const { strand, draw, place, film } = defineProps<{
  strand: Blade
  draw: Draw
  place: SupplyPlace
  film: boolean
}>()
const wide = computed(() => (film ? 9 : 3.5))
const colour = computed(() => BLADE_LOOKS[strand].ink)
</script>

<template>
  <svg
    viewBox="0 0 320 240"
    role="img"
    :style="{ '--strand': colour }"
    :aria-label="`${place}, thread ${DRAW_WORDS[draw]}${film ? ', flat' : ''}`"
  >
    <path
      d="M20 206 H300"
      class="edge"
    />
    <template v-if="place === 'cup'">
      <path
        d="M96 118 V190 Q96 206 112 206 H172 Q188 206 188 190 V118"
        class="part"
      />
      <circle
        cx="142"
        cy="158"
        r="36"
        class="spool"
      />
      <path
        d="M118 140 Q142 126 166 142 M112 158 Q142 150 172 160 M118 178 Q142 190 166 176"
        class="wound"
      />
      <path
        d="M150 124 Q176 60 286 44"
        class="thread"
        :stroke-width="wide"
      />
    </template>
    <template v-else-if="draw === 'rolling off'">
      <path
        v-if="place === 'stand'"
        d="M86 206 V40 H250"
        class="edge"
      />
      <path
        d="M142 206 V72"
        class="edge"
      />
      <rect
        x="108"
        y="90"
        width="68"
        height="100"
        rx="6"
        class="spool"
      />
      <path
        d="M108 108 H176 M108 126 H176 M108 144 H176 M108 162 H176"
        class="wound"
      />
      <path
        :d="place === 'stand' ? 'M176 128 L244 46 L300 70' : 'M176 128 L300 104'"
        class="thread"
        :stroke-width="wide"
      />
      <path
        d="M120 80 A26 9 0 1 1 160 82 M164 72 l-4 11 l11 2"
        class="turn"
      />
      <text
        x="142"
        y="228"
        text-anchor="middle"
        class="note"
      >
        the spool turns
      </text>
    </template>
    <template v-else>
      <path
        v-if="place === 'stand'"
        d="M86 206 V30 H200"
        class="edge"
      />
      <path
        d="M60 150 H196"
        class="edge"
      />
      <rect
        x="70"
        y="116"
        width="100"
        height="68"
        rx="6"
        class="spool"
      />
      <path
        d="M88 116 V184 M106 116 V184 M124 116 V184 M142 116 V184"
        class="wound"
      />
      <path
        d="M178 132 h8 v36 h-8 z"
        class="part"
      />
      <path
        d="M160 122 Q190 96 300 110"
        class="thread"
        :stroke-width="wide"
      />
      <text
        x="120"
        y="228"
        text-anchor="middle"
        class="note"
      >
        off the end, the spool lies still
      </text>
    </template>
    <text
      x="300"
      y="30"
      text-anchor="end"
      class="place"
    >
      {{ place }}
    </text>
    <text
      v-if="film"
      x="300"
      y="140"
      text-anchor="end"
      class="place"
    >
      flat, no twist
    </text>
  </svg>
</template>

<style scoped>
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.part {
  fill: var(--plate);
  stroke: var(--line-strong);
  stroke-width: 2;
}
.spool {
  fill: var(--white);
  stroke: var(--line-strong);
  stroke-width: 2;
}
.wound {
  fill: none;
  stroke: var(--strand);
  stroke-width: 1.6;
  opacity: 0.6;
}
.thread {
  fill: none;
  stroke: var(--strand);
  stroke-linecap: round;
}
.turn {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 3;
}
.note {
  font-size: var(--letter);
  fill: var(--mute);
}
.place {
  font-size: var(--letter);
  font-weight: 700;
  fill: var(--ink);
}
</style>
