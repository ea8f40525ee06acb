<script setup lang="ts">
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'

/** One repeat turned by hand: clearance at every drop, and the log that it was done on the real machine. */
const bench = useBenchStore()
const { bare, length } = useLength()
const motion = usePreferredReducedMotion()

const WIDE = 470
const TALL = 92
const BASE = 78
const LEFT = 26
const drops = computed(() => bench.clearances)
const most = computed(() => Math.max(1, ...drops.value.map(({ clearanceMm }) => clearanceMm)))
const least = computed(() => Math.min(0, ...drops.value.map(({ clearanceMm }) => clearanceMm)))
const perMm = computed(() => (BASE - 8) / (most.value - Math.max(-1, least.value)))
const zero = computed(() => BASE + Math.max(-1, least.value) * perMm.value)
const step = computed(() => (WIDE - LEFT) / Math.max(1, drops.value.length))
const barWidth = computed(() => Math.max(1, Math.min(22, step.value * 0.72)))
const y = (mm: number) => zero.value - Math.max(-1, mm) * perMm.value
/** What should stay free: the clearance at a measured opening, half the margin at the end of the swing. */
const wanted = computed(() => {
  const input = bench.swingInput
  const measured = input !== null && (input.machine.plateSlotMm !== null || input.foot.slotMm !== null)
  return measured
    ? { mm: input.clearanceMm, what: 'clearance' }
    : { mm: (input?.marginMm ?? 0) / 2, what: 'half the margin' }
})
const kind = (mm: number) => (mm < -1e-9 ? 'strikes' : mm < wanted.value.mm - 1e-9 ? 'close' : 'clear')
const at = computed(() => drops.value[bench.drop])
const gridMm = computed(() =>
  [0, Math.max(1, Math.floor(most.value))].filter((mm, i, all) => all.indexOf(mm) === i),
)

const TURN_MS = 260
const { pause, resume, isActive } = useIntervalFn(
  () => {
    if (bench.drop >= drops.value.length - 1) pause()
    else bench.dropIndex = bench.drop + 1
  },
  TURN_MS,
  { immediate: false },
)
function whole(): void {
  if (isActive.value) return pause()
  // With reduced motion the end state is shown at once: nothing runs by itself.
  bench.dropIndex = motion.value === 'reduce' ? drops.value.length - 1 : 0
  if (motion.value !== 'reduce') resume()
}
function scrub(index: number): void {
  pause()
  bench.dropIndex = index
}
function turn(by: number): void {
  pause()
  const count = drops.value.length
  if (count > 0) bench.dropIndex = (bench.drop + by + count) % count
}
defineShortcuts({ '.': () => turn(1), ',': () => turn(-1) })

const { hindrance, log, walkedOn } = useHandWalk()
</script>

<template>
  <section
    class="card wheel"
    aria-label="Handwheel"
  >
    <header>
      <h2>Handwheel</h2>
      <span
        class="hint"
        aria-live="polite"
        >drop {{ bench.drop + 1 }} of {{ drops.length
        }}<template v-if="at"
          >,
          {{
            at.clearanceMm < 0 ? `${length(-at.clearanceMm)} too far` : `${length(at.clearanceMm)} free`
          }}</template
        ></span
      >
    </header>
    <svg
      :viewBox="`0 0 ${WIDE} ${TALL}`"
      class="bars"
      role="img"
      :aria-label="`Clearance at each of ${drops.length} drops: least ${bare(Math.min(...drops.map(d => d.clearanceMm)))}`"
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
        v-for="mm in gridMm"
        :key="mm"
        x="20"
        :y="y(mm) + 4"
        class="axis"
        text-anchor="end"
      >
        {{ bare(mm) }}
      </text>
      <rect
        v-for="(drop, i) in drops"
        :key="i"
        :x="LEFT + i * step + (step - barWidth) / 2"
        :y="Math.min(y(drop.clearanceMm), zero)"
        :width="barWidth"
        :height="Math.max(2, Math.abs(y(drop.clearanceMm) - zero))"
        :rx="Math.min(3, barWidth / 3)"
        :class="['bar', kind(drop.clearanceMm), { now: i === bench.drop }]"
        @click="bench.dropIndex = i"
      />
      <path
        :d="`M${LEFT} ${zero}H${WIDE}`"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <path
        :d="`M${LEFT} ${y(wanted.mm)}H${WIDE}`"
        stroke="var(--madder)"
        stroke-width="1.3"
        stroke-dasharray="4 4"
      />
      <text
        :x="WIDE"
        :y="TALL - 1"
        class="axis"
        text-anchor="end"
      >
        dashed: {{ bare(wanted.mm) }} {{ wanted.what }}
      </text>
    </svg>
    <RangeSlider
      v-if="drops.length > 1"
      :model-value="bench.drop"
      :min="0"
      :max="drops.length - 1"
      :step="1"
      label="Scrub through one repeat"
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
    <div class="walk">
      <p class="caution">
        <UIcon
          name="i-lucide-hand"
          class="hand"
        />
        <span
          ><b>On your machine:</b> its own manual first. Glasses on, handwheel toward you, the whole repeat;
          then sew slowly, then faster.</span
        >
      </p>
      <p
        v-if="hindrance"
        class="hint strikes-ink"
      >
        {{ hindrance }}
      </p>
      <p
        v-else-if="bench.handWalk"
        class="walked clear-ink"
        role="status"
      >
        <UIcon name="i-lucide-check" /> Hand-walked {{ walkedOn }}, in exactly this combination
      </p>
      <p
        v-else
        class="hint"
      >
        Not yet hand-walked in exactly this combination.
      </p>
      <UButton
        v-if="!bench.handWalk"
        class="log"
        label="I have hand-walked this"
        :disabled="hindrance !== null"
        @click="log"
      />
    </div>
  </section>
</template>

<style scoped>
.bars {
  width: 100%;
  display: block;
}
.axis {
  font-size: 12.5px;
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
.walk {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  justify-content: space-between;
  margin-top: 8px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
.walk .hint {
  flex: 1;
  min-width: 150px;
}
.caution {
  flex: 1 0 100%;
  display: flex;
  gap: 8px;
  font-size: 14.5px;
  line-height: 1.3;
}
.hand {
  flex: none;
  font-size: 20px;
  color: var(--weld-text);
  margin-top: 2px;
}
.log {
  flex: none;
}
.walked {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 650;
}
</style>
