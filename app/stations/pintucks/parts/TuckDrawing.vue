<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { outlineFor } from '#core/colour'
import type { OutlineFit, PintuckPlan } from '#core/pintucks'
import type { PintuckPiece } from '#shared/records'
import { followPointer } from '~/planner/followPointer'
import { sliderStep } from '~/planner/sliderStep'

/**
 * The flat cloth and the finished front to one scale, the same lines in both: one above the other, or side by
 * side where both come out larger. Drag the first tuck to move all of them, another to space them.
 */
const { made, plan, runs, order, fit, clothHex, threadHex, threadMm, stitchMm, gapMm } = defineProps<{
  made: PintuckPlan
  plan: PintuckPiece
  runs: readonly (readonly [number, number])[]
  /** Tucks in the order they are sewn. */
  order: readonly number[]
  /** The pattern piece laid over the tucked cloth; null: none is given. */
  fit: OutlineFit | null
  clothHex: string
  threadHex: string
  threadMm: number
  stitchMm: number
  gapMm: number
}>()
const emit = defineEmits<{ edge: [mm: number]; spacing: [mm: number] }>()
/** No tape is read finer. */
const { placed: length, snap } = useLength()
const FLAT_MM = 46
const BETWEEN_MM = 26
const HEAD_MM = 14

const blankMm = computed(() => made.blankMm ?? made.blankMostMm)
/** Where all tucks are alike from end to end, a stretch of them says it all. */
const isAlike = computed(
  () => !fit && !plan.second && runs.every(([from, to]) => from <= 0 && to >= plan.tallMm),
)
const STRETCH_OF_WIDTH = 0.6
const frontTall = computed(() => {
  const stretch = STRETCH_OF_WIDTH * Math.max(blankMm.value, made.pieceMm)
  return isAlike.value ? Math.min(plan.tallMm, Math.max(FLAT_MM, stretch)) : plan.tallMm
})
const isCut = computed(() => frontTall.value < plan.tallMm)
const heads = 2 * HEAD_MM
const above = computed(() => ({
  wideMm: Math.max(blankMm.value, made.pieceMm, 1),
  tallMm: FLAT_MM + BETWEEN_MM + frontTall.value + heads,
}))
const beside = computed(() => ({
  wideMm: blankMm.value + BETWEEN_MM + made.pieceMm,
  tallMm: frontTall.value + heads,
}))
const panel = useTemplateRef('panel')
const { width: panelWide, height: panelTall } = useElementSize(panel)
const scaleIn = (of: { wideMm: number; tallMm: number }) =>
  Math.min(panelWide.value / of.wideMm, panelTall.value / of.tallMm)
const isBeside = computed(() => scaleIn(beside.value) > scaleIn(above.value))
const wideMm = computed(() => (isBeside.value ? beside : above).value.wideMm)
const tallMm = computed(() => (isBeside.value ? beside : above).value.tallMm)
const flatLeft = computed(() => (isBeside.value ? 0 : (wideMm.value - blankMm.value) / 2))
const frontLeft = computed(() =>
  isBeside.value ? blankMm.value + BETWEEN_MM : (wideMm.value - made.pieceMm) / 2,
)
const flatTop = HEAD_MM
const flatTall = computed(() => (isBeside.value ? frontTall.value : FLAT_MM))
const frontTop = computed(() => (isBeside.value ? HEAD_MM : HEAD_MM + FLAT_MM + BETWEEN_MM))
const frontFoot = computed(() => frontTop.value + frontTall.value)
/** Where the cloth goes on, its edge is torn. */
function tornEdge(left: number, wide: number): string {
  const waves = Math.max(2, Math.round(wide / 12))
  const step = wide / waves
  return `M${left} ${frontFoot.value}${`q${step / 4} -1.6 ${step / 2} 0t${step / 2} 0`.repeat(waves)}`
}
const ridgeMm = computed(() => Math.max(0.4, gapMm - (made.takeUp.eachMm ?? made.takeUp.leastMm)))
const outline = computed(() => outlineFor(threadHex, clothHex))
const place = computed(() => new Map(order.map((tuck, turn) => [tuck, turn + 1])))
const cutAway = computed(() => new Set(fit?.cuts.flatMap(({ cutOff }) => cutOff) ?? []))
const cutLine = computed(() => {
  const cuts = fit?.cuts ?? []
  const at = (x: number, y: number) => `${frontLeft.value + x} ${frontFoot.value - y}`
  const left = cuts.map(({ leftMm, atMm }) => at(leftMm, atMm))
  const right = [...cuts].reverse().map(({ rightMm, atMm }) => at(rightMm, atMm))
  return cuts.length > 1 ? `M${[...left, ...right].join('L')}Z` : ''
})
/** Lines of the second direction, all across the front. */
const latticeLines = computed(() => {
  const { second, tallMm: tall } = plan
  if (!second || !(second.spacingMm > 0) || !(second.angleDeg > 0)) return ''
  const angle = (second.angleDeg * Math.PI) / 180
  const [alongX, alongY] = [Math.sin(angle), -Math.cos(angle)]
  const [acrossX, acrossY] = [Math.cos(angle), Math.sin(angle)]
  const [middleX, middleY] = [frontLeft.value + made.pieceMm / 2, frontTop.value + tall / 2]
  const reach = Math.hypot(made.pieceMm, tall) / 2
  const count = Math.min(MOST_LATTICE, Math.floor(reach / second.spacingMm))
  return Array.from({ length: 2 * count + 1 }, (_, i) => {
    const off = (i - count) * second.spacingMm
    const [x, y] = [middleX + off * acrossX, middleY + off * acrossY]
    return `M${x - reach * alongX} ${y - reach * alongY}L${x + reach * alongX} ${y + reach * alongY}`
  }).join('')
})
const MOST_LATTICE = 200
const blankWords = computed(() =>
  made.blankMm === null
    ? `${length(made.blankLeastMm)} to ${length(made.blankMostMm)}`
    : length(made.blankMm),
)
const label = computed(
  () =>
    `${made.count} tucks on a piece of ${length(made.pieceMm)}, the flat cloth `
    + `${isBeside.value ? 'beside' : 'above'} it ${blankWords.value} wide.`,
)
function take(tuck: number, event: PointerEvent, mmPerPx: number): void {
  const [fromPx, firstMm, spacingMm] = [event.clientX, made.finishedMm[0]!, plan.spacingMm]
  followPointer(event, ({ clientX }) => shift(tuck, (clientX - fromPx) * mmPerPx, firstMm, spacingMm))
}
function shift(tuck: number, byMm: number, firstMm: number, spacingMm: number): void {
  if (tuck === 0) {
    emit('edge', snap(Math.max(0, firstMm + byMm)))
    return
  }
  const gaps = plan.group ? Math.floor(tuck / plan.group.of) : 0
  const spaces = tuck - gaps
  if (spaces > 0) emit('spacing', snap(Math.max(gapMm, spacingMm + byMm / spaces)))
}
const runMm = (tuck: number) => Math.min(frontTall.value, runs[tuck]![1])
const [EDGE_KEY_MM, SPACE_KEY_MM] = [0.5, 0.1]
function press(tuck: number, event: KeyboardEvent): void {
  const step = sliderStep(event)
  if (step === 0) return
  const spaces = Math.max(1, tuck - (plan.group ? Math.floor(tuck / plan.group.of) : 0))
  const byMm = tuck === 0 ? EDGE_KEY_MM : spaces * SPACE_KEY_MM
  shift(tuck, step * byMm, made.finishedMm[0]!, plan.spacingMm)
}
/** Keys and fingers move the first tuck, and the last: more stops than these only tire. */
const handles = computed(() => {
  const first = { tuck: 0, label: 'Edge to the first tuck', mm: made.finishedMm[0]! }
  const last = { tuck: made.count - 1, label: 'Spacing of the tucks', mm: plan.spacingMm }
  return made.count > 1 ? [first, last] : [first]
})
const isHandle = (tuck: number) => tuck === 0 || tuck === made.count - 1
const GRIP_PX = 12
const FINGER_PX = 44
const LEAST_NUMBER_PX = 16
</script>

<template>
  <PlanDrawing
    ref="panel"
    v-slot="{ mmPerPx }"
    :wide-mm="wideMm"
    :tall-mm="tallMm"
    :label="label"
  >
    <defs>
      <linearGradient id="ridge-shade">
        <stop
          offset="0"
          stop-color="#000"
          stop-opacity="0.28"
        />
        <stop
          offset="0.35"
          stop-color="#fff"
          stop-opacity="0.4"
        />
        <stop
          offset="1"
          stop-color="#000"
          stop-opacity="0.34"
        />
      </linearGradient>
    </defs>
    <!-- The flat cloth. -->
    <rect
      :x="flatLeft"
      :y="flatTop"
      :width="blankMm"
      :height="flatTall"
      :fill="clothHex"
      stroke="var(--ink)"
      :stroke-width="mmPerPx"
    />
    <rect
      v-if="made.blankMm === null"
      :x="flatLeft + (blankMm - made.blankLeastMm) / 2"
      :y="flatTop"
      :width="made.blankLeastMm"
      :height="flatTall"
      fill="none"
      stroke="var(--ink)"
      :stroke-width="mmPerPx"
      :stroke-dasharray="`${5 * mmPerPx} ${4 * mmPerPx}`"
    />
    <template v-if="made.flatMm">
      <line
        v-for="(x, i) in made.flatMm"
        :key="i"
        :x1="flatLeft + x"
        :x2="flatLeft + x"
        :y1="flatTop"
        :y2="flatTop + flatTall"
        stroke="var(--ink)"
        :stroke-width="1.2 * mmPerPx"
        :stroke-dasharray="`${6 * mmPerPx} ${3 * mmPerPx}`"
      />
      <line
        v-for="(x, i) in isBeside ? [] : made.flatMm"
        :key="`to-${i}`"
        :x1="flatLeft + x"
        :y1="flatTop + flatTall"
        :x2="frontLeft + made.finishedMm[i]!"
        :y2="frontTop"
        stroke="var(--line-strong)"
        :stroke-width="0.7 * mmPerPx"
      />
    </template>
    <!-- The finished front. -->
    <rect
      :x="frontLeft"
      :y="frontTop"
      :width="made.pieceMm"
      :height="frontTall"
      :fill="clothHex"
      stroke="var(--ink)"
      :stroke-width="mmPerPx"
    />
    <clipPath id="front-clip">
      <rect
        :x="frontLeft"
        :y="frontTop"
        :width="made.pieceMm"
        :height="frontTall"
      />
    </clipPath>
    <path
      v-if="latticeLines"
      :d="latticeLines"
      clip-path="url(#front-clip)"
      fill="none"
      stroke="var(--mulberry)"
      :stroke-width="1.2 * mmPerPx"
      :stroke-dasharray="`${6 * mmPerPx} ${3 * mmPerPx}`"
    />
    <rect
      v-for="[side, from, wide] in [
        ['left', 0, plan.freeLeftMm],
        ['right', made.pieceMm - plan.freeRightMm, plan.freeRightMm],
      ] as const"
      :key="side"
      :x="frontLeft + from"
      :y="frontTop"
      :width="Math.max(0, wide)"
      :height="frontTall"
      fill="var(--weld)"
      fill-opacity="0.22"
    />
    <g
      v-for="(x, i) in made.finishedMm"
      :key="`tuck-${i}`"
    >
      <rect
        :x="frontLeft + x - ridgeMm / 2"
        :y="frontFoot - runMm(i)"
        :width="ridgeMm"
        :height="Math.max(0, runMm(i) - runs[i]![0])"
        fill="url(#ridge-shade)"
      />
      <template
        v-for="side in [-1, 1]"
        :key="side"
      >
        <line
          v-if="outline"
          :x1="frontLeft + x + (side * ridgeMm) / 2"
          :x2="frontLeft + x + (side * ridgeMm) / 2"
          :y1="frontFoot - runMm(i)"
          :y2="frontFoot - runs[i]![0]"
          :stroke="outline"
          :stroke-width="threadMm + 0.12"
          :stroke-dasharray="`${stitchMm * 0.86} ${stitchMm * 0.14}`"
        />
        <line
          :x1="frontLeft + x + (side * ridgeMm) / 2"
          :x2="frontLeft + x + (side * ridgeMm) / 2"
          :y1="frontFoot - runMm(i)"
          :y2="frontFoot - runs[i]![0]"
          :stroke="threadHex"
          :stroke-width="threadMm"
          :stroke-dasharray="`${stitchMm * 0.86} ${stitchMm * 0.14}`"
        />
      </template>
      <text
        v-if="plan.spacingMm / mmPerPx > LEAST_NUMBER_PX"
        :x="frontLeft + x"
        :y="frontFoot + 13 * mmPerPx"
        :font-size="11 * mmPerPx"
        text-anchor="middle"
        :fill="cutAway.has(i) ? 'var(--madder-text)' : 'var(--ink)'"
      >
        {{ place.get(i) }}
      </text>
      <rect
        v-if="!isHandle(i)"
        data-drag
        :x="frontLeft + x - Math.max(ridgeMm, GRIP_PX * mmPerPx) / 2"
        :y="flatTop"
        :width="Math.max(ridgeMm, GRIP_PX * mmPerPx)"
        :height="frontFoot - flatTop"
        fill="transparent"
        class="grip"
        @pointerdown="take(i, $event, mmPerPx)"
      />
    </g>
    <rect
      v-for="handle in handles"
      :key="handle.label"
      data-drag
      :x="frontLeft + made.finishedMm[handle.tuck]! - (FINGER_PX * mmPerPx) / 2"
      :y="flatTop"
      :width="FINGER_PX * mmPerPx"
      :height="frontFoot - flatTop"
      fill="transparent"
      class="grip"
      role="slider"
      tabindex="0"
      :aria-label="handle.label"
      :aria-valuenow="handle.mm"
      :aria-valuetext="length(handle.mm)"
      @pointerdown="take(handle.tuck, $event, mmPerPx)"
      @keydown="press(handle.tuck, $event)"
    />
    <path
      v-if="cutLine"
      :d="cutLine"
      fill="none"
      :stroke="fit?.tooNarrow ? 'var(--madder)' : 'var(--lichen)'"
      :stroke-width="2.2 * mmPerPx"
      :stroke-dasharray="`${9 * mmPerPx} ${5 * mmPerPx}`"
    />
    <template v-if="isCut">
      <path
        v-for="[left, wide] in isBeside
          ? [
              [flatLeft, blankMm],
              [frontLeft, made.pieceMm],
            ]
          : [[frontLeft, made.pieceMm]]"
        :key="left"
        :d="tornEdge(left!, wide!)"
        fill="none"
        stroke="var(--cloth)"
        :stroke-width="2.5 * mmPerPx"
      />
    </template>
    <!-- Dimensions. -->
    <text
      :x="flatLeft + blankMm / 2"
      :y="flatTop - 6 * mmPerPx"
      :font-size="15 * mmPerPx"
      text-anchor="middle"
      class="dimension"
    >
      cut {{ blankWords }}
    </text>
    <text
      :x="frontLeft + made.pieceMm / 2"
      :y="frontFoot + 30 * mmPerPx"
      :font-size="15 * mmPerPx"
      text-anchor="middle"
      class="dimension"
    >
      finished {{ length(made.pieceMm) }}
    </text>
    <text
      v-if="isCut"
      :x="frontLeft + made.pieceMm / 2"
      :y="frontFoot + 48 * mmPerPx"
      :font-size="14 * mmPerPx"
      text-anchor="middle"
      class="dimension"
    >
      {{ length(plan.tallMm) }} long
    </text>
  </PlanDrawing>
</template>

<style scoped>
.dimension {
  font-weight: 650;
  fill: var(--ink);
}
.grip {
  cursor: ew-resize;
}
.grip:focus-visible {
  outline: calc(3px * var(--px)) solid var(--mulberry);
}
</style>
