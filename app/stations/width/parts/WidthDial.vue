<script setup lang="ts">
import { hasSwing } from '#core/stitch'
import { LIMITS } from '#shared/fields'
import { useLengthReading } from '~/fields/useLengthReading'
import { useTyped } from '~/fields/useTyped'

/**
 * How wide the stitch is set, with how far each verdict goes behind it. A dial of our own: the number is read
 * from a metre away, and the scale says what the kit's slider has no place for.
 */
const book = useBookStore()
const inHand = useInHandStore()

const STEP_MM = 0.1
/** null: no machine is chosen, and how wide it swings is not known. */
const machineMm = computed(() => inHand.parts.machine?.maxWidthMm ?? null)
/** Where the dial ends: at the machine's widest stitch, else at the widest that may be typed. */
const maxMm = computed(() => machineMm.value ?? LIMITS.widthMm[1])
const width = computed(() => inHand.setup.stitch.widthMm)
const big = useTemplateRef('big')
const { text, problem, note, typed, left } = useTyped({
  label: () => 'Stitch width',
  value: () => width.value,
  take: mm => {
    if (mm !== null) inHand.setStitch({ widthMm: mm })
  },
  ...useLengthReading(() => 'widthMm'),
  whenLeft: true,
  input: () => big.value,
})
/** Rounded to the dial's step, so that ten steps of 0.1 make 1. */
function set(mm: number): void {
  const stepped = Math.round(mm / STEP_MM) / Math.round(1 / STEP_MM)
  inHand.setStitch({ widthMm: Math.min(maxMm.value, Math.max(0, stepped)) }, 'width')
}

/** The scale behind the dial: how far each verdict goes, in percent of the machine's widest stitch. */
const zones = computed(() => {
  const { result } = inHand
  if (!result) return []
  const share = (mm: number | null) => (100 * Math.min(mm ?? 0, maxMm.value)) / maxMm.value
  const safe = share(result.safeWidthMm),
    most = Math.max(safe, share(result.limitWidthMm))
  return [
    { kind: 'clear', from: 0, to: safe },
    { kind: 'close', from: safe, to: most },
    { kind: 'strikes', from: most, to: 100 },
  ].filter(({ from, to }) => to > from)
})
const ticks = computed(() =>
  Array.from({ length: Math.floor(maxMm.value) + 1 }, (_, mm) => ({ mm, text: String(mm) })),
)
const swings = computed(() => inHand.parts.stitch !== null && hasSwing(inHand.parts.stitch))
const safeWords = computed(() => {
  const safe = inHand.result?.safeWidthMm ?? null
  if (safe === null) return 'No safe width'
  return safe === 0 ? 'Straight only' : 'Safe up to'
})
useKeys({
  narrower: () => set(width.value - STEP_MM),
  wider: () => set(width.value + STEP_MM),
  safeWidth: inHand.useSafeWidth,
})
</script>

<template>
  <section aria-label="Stitch width">
    <div class="top">
      <input
        ref="big"
        :value="text"
        class="big serif"
        aria-label="Stitch width"
        inputmode="decimal"
        autocomplete="off"
        :disabled="!swings"
        :style="{ width: `${Math.max(1.9, 0.62 * text.length)}em` }"
        :aria-invalid="problem !== null || undefined"
        aria-describedby="width-said"
        @input="typed(($event.target as HTMLInputElement).value)"
        @change="left"
        @blur="left"
      />
      <span class="unit">mm</span>
      <p class="safe">
        <template v-if="!swings">A straight seam has no width. </template>
        <template v-else-if="machineMm === null">Choose a machine: the widest stitch is not known. </template>
        <template v-else-if="inHand.result">
          {{ safeWords }}
          <b v-if="inHand.result.safeWidthMm">{{ limitMm(inHand.result.safeWidthMm) }}</b>
          {{ ' ' }}<VerdictSource about="safe width" />
        </template>
      </p>
      <UButton
        v-if="
          swings && inHand.result && inHand.result.safeWidthMm !== null && inHand.result.safeWidthMm < width
        "
        size="sm"
        label="Set it"
        class="ml-auto flex-none"
        :aria-label="`Set the width to ${limitMm(inHand.result.safeWidthMm)}`"
        @click="inHand.useSafeWidth"
      />
    </div>
    <p
      v-if="problem || note"
      id="width-said"
      :role="problem ? 'alert' : undefined"
      class="hint"
      :class="{ 'strikes-ink': problem }"
    >
      {{ problem ?? note }}
    </p>
    <div class="dial">
      <div
        class="zones"
        aria-hidden="true"
      >
        <span
          v-for="zone in zones"
          :key="zone.kind"
          :class="zone.kind"
          :style="{ left: `${zone.from}%`, width: `${zone.to - zone.from}%` }"
        />
      </div>
      <RangeSlider
        :model-value="Math.min(width, maxMm)"
        :min="0"
        :max="maxMm"
        :step="STEP_MM"
        :disabled="!swings"
        label="Stitch width"
        :value-text="`${bareMm(width)} ${'mm'}`"
        class="slider"
        @update:model-value="set"
        @done="book.endJoin()"
      />
      <div
        class="ticks"
        aria-hidden="true"
      >
        <span
          v-for="{ mm, text: tick } in ticks"
          :key="mm"
          :style="{ left: `${(100 * mm) / maxMm}%` }"
          >{{ tick }}</span
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.top {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.big {
  width: 1.9em;
  font-size: 42px;
  line-height: 1;
  background: none;
  border-bottom: 2px solid transparent;
}
.big:enabled:hover {
  border-color: var(--line-strong);
}
.big:disabled {
  color: var(--mute);
}
.unit {
  color: var(--mute);
}
.safe b {
  color: var(--lichen-text);
  font-size: 19px;
}
.dial {
  position: relative;
  margin: 6px 12px 0;
  height: 46px;
}
.slider {
  position: absolute;
  top: -9px;
  left: -13px;
  width: calc(100% + 26px);
}
.zones {
  position: absolute;
  left: 0;
  right: 0;
  top: 7px;
  height: 12px;
  border-radius: 6px;
  overflow: hidden;
  background: var(--line);
}
.zones span {
  position: absolute;
  top: 0;
  bottom: 0;
}
.zones .clear {
  background: var(--clear-bar);
}
.zones .close {
  background: var(--close-bar);
}
.zones .strikes {
  background: repeating-linear-gradient(135deg, var(--strikes-bar) 0 5px, var(--madder) 5px 6.5px);
}
.ticks span {
  position: absolute;
  top: 28px;
  transform: translateX(-50%);
  color: var(--mute);
  font-size: 14px;
}
</style>
