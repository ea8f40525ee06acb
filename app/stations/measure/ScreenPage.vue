<script setup lang="ts">
import { ID_1, onScreen, screenScale } from '#core/measure'
import { followPointer } from '~/planner/followPointer'
import { sliderStep } from '~/planner/sliderStep'
import { orNull } from '~/planner/orNull'
import { useKeptNumber } from './useKeptNumber'
import { useTarget } from './useTarget'

useHead({ title: 'On screen · Lacy Spool' })
const { quantity, quantities, things, ofId, added } = useTarget('screen')
/** Between the lines a card just fits between, in px of this screen; 0: not set yet. */
const cardPx = useKeptNumber('lacy-spool-screen-card', 0)
/** Which side of the card lay between them: a phone is narrower than the long one. */
const sideMm = useKeptNumber('lacy-spool-screen-side', ID_1.wideMm)
const SIDES = [
  { value: 'long', label: 'Long side' },
  { value: 'short', label: 'Short side' },
] as const
const side = computed({
  get: () => (sideMm.value === ID_1.tallMm ? 'short' : 'long'),
  set: now => {
    sideMm.value = now === 'short' ? ID_1.tallMm : ID_1.wideMm
    cardPx.value = 0
  },
})
const isSet = computed(() => cardPx.value > 0)
const setting = ref(!isSet.value)
const GUESS_PX = 324
const lines = reactive({ card: isSet.value ? cardPx.value : GUESS_PX, length: 60 })
const shown = computed(() => (setting.value ? 'card' : 'length'))
const scale = computed(() => (isSet.value ? orNull(() => screenScale(cardPx.value, sideMm.value)) : null))
const measured = computed(() => {
  const set = scale.value
  return set && !setting.value ? orNull(() => onScreen(lines.length, set)) : null
})
const BAR_LEFT_PX = 24
const LEAST_PX = 2
const bar = useTemplateRef<HTMLElement>('bar')
const mostPx = () => (bar.value?.clientWidth ?? 400) - 2 * BAR_LEFT_PX
function move(px: number): void {
  const held = Math.min(mostPx(), Math.max(LEAST_PX, Math.round(px * 4) / 4))
  lines[shown.value] = held
}
function drag(pressed: PointerEvent): void {
  followPointer(pressed, ({ clientX }) => {
    const left = bar.value!.getBoundingClientRect().left
    move(clientX - left - BAR_LEFT_PX)
  })
}
function press(event: KeyboardEvent): void {
  const step = sliderStep(event)
  if (step !== 0) move(lines[shown.value] + step * (event.shiftKey ? 10 : 0.25))
}
/** On a narrow screen the short side is what fits. */
onMounted(() => {
  if (!isSet.value && mostPx() < lines.card) side.value = 'short'
  lines.card = Math.min(lines.card, mostPx())
})
function setScale(): void {
  cardPx.value = lines.card
  setting.value = false
}
const scaleWords = computed(() =>
  scale.value ? `${scale.value.value.toFixed(2)} px a millimetre, from a card` : 'not set',
)
const valueNow = computed(() => {
  if (setting.value) return `${Math.round(lines.card)} px`
  return measured.value ? inMm(measured.value.value) : ''
})
const how = computed(() =>
  setting.value
    ? `Hold a card to the glass, its ${side.value} side (${inMm(sideMm.value)}) from line to line.`
    : 'Needle, thread or ribbon flat on the glass; look straight down. Arrow keys move the line.',
)
</script>

<template>
  <WayFrame>
    <template #above>
      <UCard
        as="section"
        aria-label="Ruler on the glass"
        class="grid gap-3 mb-3"
      >
        <header>
          <h2>{{ setting ? 'First: a card between the lines' : 'Lay it between the lines' }}</h2>
          <span class="hint">Scale of this screen: {{ scaleWords }}</span>
        </header>
        <p class="hint">
          {{ how }}
        </p>
        <div
          ref="bar"
          class="bar"
        >
          <div
            class="line fixed-line"
            :style="{ left: `${BAR_LEFT_PX}px` }"
          />
          <div
            class="between"
            :style="{ left: `${BAR_LEFT_PX}px`, width: `${lines[shown]}px` }"
          />
          <div
            class="line"
            :style="{ left: `${BAR_LEFT_PX + lines[shown]}px` }"
          />
          <div
            class="grip"
            role="slider"
            tabindex="0"
            :aria-label="setting ? 'Right edge of the card' : 'Right line'"
            :aria-valuenow="Math.round(lines[shown])"
            :aria-valuemin="LEAST_PX"
            aria-valuemax="4000"
            :aria-valuetext="valueNow"
            :style="{ left: `${BAR_LEFT_PX + lines[shown]}px` }"
            @pointerdown.prevent="drag"
            @keydown="press"
          >
            <UIcon name="i-lucide-move-horizontal" />
          </div>
        </div>
        <div class="flex flex-wrap gap-2">
          <SegmentBar
            v-if="setting"
            v-model="side"
            label="Which side of the card"
            :items="SIDES"
          />
          <UButton
            v-if="setting"
            icon="i-lucide-check"
            label="The card fits"
            :disabled="orNull(() => screenScale(lines.card)) === null"
            @click="setScale"
          />
          <UButton
            v-else
            variant="outline"
            label="Set the scale again"
            @click="
              () => {
                setting = true
              }
            "
          />
        </div>
        <p class="hint">The scale holds for this screen at this zoom. If either changes, set it again.</p>
      </UCard>
    </template>
    <UCard
      as="section"
      aria-label="What"
      class="grid gap-3"
    >
      <TargetFields
        v-model:quantity="quantity"
        v-model:of="ofId"
        :quantities="quantities"
        :things="things"
        @added="added"
      />
    </UCard>
    <template #result>
      <KeepMeasure
        :quantity="quantity"
        :of-id="ofId"
        :things="things"
        :measured="measured"
        way="screen"
      >
        <h2>Set the scale first</h2>
        <p class="hint">Screens differ: without a card nobody knows how large a pixel is.</p>
      </KeepMeasure>
    </template>
  </WayFrame>
</template>

<style scoped>
.bar {
  position: relative;
  height: 170px;
  background: var(--white);
  border: 1px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
  touch-action: none;
}
.line {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  margin-left: -1px;
  background: var(--ink);
}
.between {
  position: absolute;
  top: 0;
  bottom: 0;
  background: color-mix(in srgb, var(--mulberry) 12%, transparent);
}
.grip {
  position: absolute;
  bottom: 8px;
  width: 48px;
  height: 48px;
  margin-left: -24px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--mulberry);
  color: var(--white);
  cursor: ew-resize;
  font-size: 22px;
}
</style>
