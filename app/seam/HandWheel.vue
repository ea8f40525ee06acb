<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { wheelView } from '#core/plate'
import { dropClearances, type SwingInput } from '#core/swing'

/**
 * One repeat turned by hand: clearance at every needle position. What is logged of it on the real machine
 * stands in the slot.
 */
const { input } = defineProps<{ input: SwingInput }>()
/** Which drop it stands at, from 0. */
const drop = defineModel<number>('drop', { required: true })
const motion = usePreferredReducedMotion()

const WIDE = 470
const TALL = 98
const BASE = 78
const TOP = 8
const LEFT = 36
const WIDEST_BAR = 22
const BAR_OF_STEP = 0.72
const PLACES = { machine: 'to the end of the swing', foot: 'to the foot', plate: 'to the plate' } as const
const ASKS = { clearance: 'clearance', margin: 'keeps the margin' } as const

const drops = computed(() => dropClearances(input))
const view = computed(() => wheelView(input, drops.value))
const perMm = computed(() => (BASE - TOP) / (view.value.highMm - view.value.lowMm))
const y = (mm: number) => BASE - (mm - view.value.lowMm) * perMm.value
const step = computed(() => (WIDE - LEFT) / Math.max(1, drops.value.length))
const barWidth = computed(() => Math.max(1, Math.min(WIDEST_BAR, step.value * BAR_OF_STEP)))
const now = computed(() => drops.value[drop.value])
const freeWords = computed(() => {
  if (!now.value) return ''
  const { clearanceMm, part } = now.value
  return clearanceMm < 0 ? `, ${inMm(-clearanceMm)} too far` : `, ${inMm(clearanceMm)} ${PLACES[part]}`
})
const label = computed(
  () => `Clearance at ${drops.value.length} needle positions: least ${bareMm(view.value.leastMm)}`,
)

/** With reduced motion nothing slides: the drops follow one another slowly enough to be read. */
const TURN_MS = { 'reduce': 900, 'no-preference': 260 } as const
const { pause, resume, isActive } = useIntervalFn(
  () => {
    if (drop.value >= drops.value.length - 1) pause()
    else drop.value += 1
  },
  () => TURN_MS[motion.value],
  { immediate: false },
)
function whole(): void {
  if (isActive.value) return pause()
  drop.value = 0
  resume()
}
function scrub(index: number): void {
  pause()
  drop.value = index
}
function turn(by: number): void {
  pause()
  const count = drops.value.length
  if (count > 0) drop.value = (drop.value + by + count) % count
}
useKeys({ nextDrop: () => turn(1), lastDrop: () => turn(-1) })
</script>

<template>
  <UCard
    as="section"
    class="wheel"
    aria-label="Handwheel"
  >
    <header>
      <h2>Handwheel</h2>
      <span class="hint">Needle position {{ drop + 1 }} of {{ drops.length }}{{ freeWords }}</span>
    </header>
    <svg
      :viewBox="`0 0 ${WIDE} ${TALL}`"
      class="bars"
      role="img"
      :aria-label="label"
    >
      <defs>
        <pattern
          id="wheel-strike"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect
            width="5"
            height="5"
            fill="var(--strikes-bar)"
          />
          <path
            d="M0 0v5"
            stroke="var(--madder)"
            stroke-width="2.4"
          />
        </pattern>
      </defs>
      <text
        v-for="mm in view.marksMm"
        :key="mm"
        :x="LEFT - 6"
        :y="y(mm) + 4"
        class="axis"
        text-anchor="end"
      >
        {{ bareMm(mm) }}
      </text>
      <rect
        v-for="{ index, heightMm, verdict } in view.bars"
        :key="index"
        :x="LEFT + index * step + (step - barWidth) / 2"
        :y="Math.min(y(heightMm), y(0))"
        :width="barWidth"
        :height="Math.max(2, Math.abs(y(heightMm) - y(0)))"
        :rx="Math.min(3, barWidth / 3)"
        :class="['bar', verdict, { now: index === drop }]"
        @click="drop = index"
      />
      <path
        :d="`M${LEFT} ${y(0)}H${WIDE}`"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <path
        :d="`M${LEFT} ${y(view.wanted.mm)}H${WIDE}`"
        stroke="var(--madder)"
        stroke-width="1.3"
        stroke-dasharray="4 4"
      />
      <text
        :x="WIDE"
        :y="TALL - 4"
        class="axis"
        text-anchor="end"
      >
        dashed: {{ bareMm(view.wanted.mm) }} {{ ASKS[view.wanted.asks] }}
      </text>
    </svg>
    <RangeSlider
      v-if="drops.length > 1"
      :model-value="drop"
      :min="0"
      :max="drops.length - 1"
      :step="1"
      label="Scrub through one repeat"
      :value-text="`Needle position ${drop + 1} of ${drops.length}${freeWords}`"
      class="scrub"
      @update:model-value="scrub"
    />
    <div class="buttons">
      <UButton
        variant="outline"
        icon="i-lucide-chevron-left"
        label="Back"
        @click="turn(-1)"
      />
      <UButton
        variant="outline"
        trailing-icon="i-lucide-chevron-right"
        label="Turn"
        @click="turn(1)"
      />
      <UButton
        variant="outline"
        :icon="isActive ? 'i-lucide-pause' : 'i-lucide-rotate-ccw'"
        :label="isActive ? 'Stop' : 'Whole pattern'"
        @click="whole"
      />
    </div>
    <slot />
  </UCard>
</template>

<style scoped>
/* Letters of 14 in a field of 470: at most 18 px. */
.bars {
  width: 100%;
  max-width: 604px;
  margin-inline: auto;
  display: block;
}
.axis {
  font-size: 14px;
  fill: var(--mute);
}
.bar {
  cursor: pointer;
}
.bar.clear {
  fill: var(--clear-bar);
}
.bar.close {
  fill: var(--close-bar);
}
.bar.strikes {
  fill: url(#wheel-strike);
}
.bar.now {
  stroke: var(--mulberry);
  stroke-width: 3;
}
.scrub {
  width: calc(100% - 26px);
  margin-left: 26px;
  --track: var(--line);
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
