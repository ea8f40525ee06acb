<script setup lang="ts">
import { usePreferredReducedMotion } from '@vueuse/core'
import { outlineFor } from '#core/colour'
import { boundsOf, type DrawnPoint } from '#core/shape'
import type { LinesAnswer } from '#shared/inputs'
import { badgeWidthPx } from '~/planner/badge'
import { labelsApart } from '~/planner/labelsApart'
import { mmOf } from '~/planner/mmOf'
import { pathOf } from '../edgeWays'
import { sewnPath, stepEnds, trackOf } from '../track'

/** The lines to scale as they are sewn, and the way through them, step by step. */
const ways = defineModel<DrawnPoint[][] | null>('ways', { required: true })
const { answer, clothHex, threadHex, threadMm } = defineProps<{
  answer: LinesAnswer
  clothHex: string
  threadHex: string
  threadMm: number
}>()
const PAD_MM = 12
const GRID_MM = 1
const CATCH_PX = 14
const box = computed(() => boundsOf(answer.drawing.lines.map(({ pathMm }) => pathMm)))
const wideMm = computed(() => Math.max(40, box.value.right - box.value.left) + 2 * PAD_MM)
const tallMm = computed(() => Math.max(40, box.value.top - box.value.foot) + 2 * PAD_MM)
const shift = computed(() => `translate(${PAD_MM - box.value.left} ${PAD_MM + box.value.top})`)
const track = computed(() => trackOf(answer))
const ends = computed(() => stepEnds(track.value))
const around = computed(() => outlineFor(threadHex, clothHex))

/** How many steps are sewn, and within them how many holes. */
const at = ref(0)
const isAll = ref(true)
const shown = computed(() => (isAll.value ? track.value.length : at.value))
const done = computed(() => ends.value.filter(end => end <= shown.value).length)
const reduced = usePreferredReducedMotion()
const MS_A_STITCH = 40
let timer: ReturnType<typeof setInterval> | undefined
const isPlaying = ref(false)
function stop(): void {
  clearInterval(timer)
  isPlaying.value = false
}
onScopeDispose(stop)
watch(track, () => {
  stop()
  isAll.value = true
})
function begin(): void {
  if (!isAll.value && at.value < track.value.length) return
  isAll.value = false
  at.value = 0
}
function play(): void {
  if (isPlaying.value) {
    stop()
    return
  }
  begin()
  if (reduced.value === 'reduce') {
    step(1)
    return
  }
  isPlaying.value = true
  timer = setInterval(() => {
    at.value += 1
    if (at.value >= track.value.length) stop()
  }, MS_A_STITCH)
}
/** To the end of the step before or after. */
function step(by: 1 | -1): void {
  stop()
  if (by === 1) begin()
  const all = isAll.value ? track.value.length : at.value
  isAll.value = false
  at.value =
    by === 1
      ? (ends.value.find(end => end > all) ?? track.value.length)
      : (ends.value.findLast(end => end < all) ?? 0)
}
const needle = computed(() => (isAll.value ? null : (track.value[Math.max(0, at.value - 1)] ?? null)))

/** The number of each step, beside its line: the first time to its left, the second to its right. */
const numbers = computed(() => {
  const seen = new Set<number>()
  let number = 0
  return answer.sewn.steps.flatMap(steps =>
    steps.map(({ line }) => {
      number += 1
      const isAgain = seen.has(line)
      seen.add(line)
      const { holes } = answer.sewn.lines[line]!
      const middle = Math.floor((holes.length - 1) / 2)
      const [a, b] = [holes[middle]!, holes[middle + 1]!]
      const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
      const side = isAgain ? 1 : -1
      const beside = { x: (side * (b.y - a.y)) / length, y: (side * (b.x - a.x)) / length }
      return { number, line, x: (a.x + b.x) / 2, y: -(a.y + b.y) / 2, beside, isAgain }
    }),
  )
})
/** A label holds its whole number, in px. */
/** Beside its line; farther off while points are taken hold of on it. */
function placeOf({ x, y, beside }: (typeof numbers.value)[number], mmPerPx: number) {
  const mm = (ways.value ? 26 : 13) * mmPerPx
  return { x: x + mm * beside.x, y: y + mm * beside.y }
}
/** Numbers that can be read as close as one looks; the list has them all. */
const shownNumbers = (mmPerPx: number) =>
  labelsApart(
    numbers.value,
    one => ({ ...placeOf(one, mmPerPx), widePx: badgeWidthPx(String(one.number)) }),
    mmPerPx,
  ).map(one => ({ ...one, ...placeOf(one, mmPerPx) }))
const begins = computed(() =>
  answer.sewn.steps.flatMap((_, run) => {
    const hole = track.value.find(one => one.run === run)
    return hole ? [{ run, x: hole.x, y: -hole.y }] : []
  }),
)
const label = computed(() => {
  const starts = answer.sewn.starts === 1 ? 'one start' : `${answer.sewn.starts} starts`
  return `${answer.drawing.lines.length} lines, ${starts}, to scale. ${orderWords.value}`
})
/** More of them nobody listens to: the list beside has them all. */
const MOST_SPOKEN = 24
const orderWords = computed(() => {
  const all = numbers.value.map(({ line, isAgain }) => `${line + 1}${isAgain ? ' again' : ''}`)
  const more = all.length > MOST_SPOKEN ? ' and so on' : ''
  return `Sewn in this order: line ${all.slice(0, MOST_SPOKEN).join(', ')}${more}.`
})
const shownWords = computed(() =>
  isAll.value ? `All ${ends.value.length} steps` : `Step ${done.value} of ${ends.value.length}`,
)

const group = useTemplateRef<SVGGElement>('group')
const nodes = computed(() => answer.drawing.nodes)
function lay(event: MouseEvent, mmPerPx: number): void {
  const place = mmOf(event, group.value)
  if (!place || !ways.value) return
  const near = nodes.value.find(({ x, y }) => Math.hypot(x - place.x, -y - place.y) < CATCH_PX * mmPerPx)
  const tidy = (mm: number) => Math.round(mm / GRID_MM) * GRID_MM
  const point = { x: near?.x ?? tidy(place.x), y: near?.y ?? tidy(-place.y), curved: false }
  const last = ways.value.at(-1) ?? []
  ways.value = [...ways.value.slice(0, -1), [...last, point]]
}
const setWay = (i: number, points: DrawnPoint[]) => {
  ways.value = ways.value!.map((way, k) => (k === i ? points : way))
}
</script>

<template>
  <PlanDrawing
    v-slot="{ mmPerPx }"
    :wide-mm="wideMm"
    :tall-mm="tallMm"
    :label="label"
  >
    <rect
      :width="wideMm"
      :height="tallMm"
      :fill="clothHex"
      @click="lay($event, mmPerPx)"
    />
    <g
      ref="group"
      :transform="shift"
    >
      <path
        :d="
          pathOf(
            answer.drawing.lines.map(({ pathMm }) => pathMm),
            false,
          )
        "
        fill="none"
        stroke="var(--line-strong)"
        :stroke-width="1.4 * mmPerPx"
        pointer-events="none"
      />
      <ThreadPath
        :d="sewnPath(track, shown)"
        :hex="threadHex"
        :around="around"
        :mm="Math.max(threadMm, 1.6 * mmPerPx)"
      />
      <g
        v-for="{ number, x, y, isAgain } in shownNumbers(mmPerPx)"
        :key="number"
        :transform="`translate(${x} ${y})`"
        @click="lay($event, mmPerPx)"
      >
        <NumberBadge
          :words="String(number)"
          :mm-per-px="mmPerPx"
          :look="isAgain ? 'again' : 'plain'"
        />
      </g>
      <g
        v-for="{ run, x, y } in begins"
        :key="`begin-${run}`"
        :transform="`translate(${x} ${y})`"
        pointer-events="none"
      >
        <circle
          :r="8 * mmPerPx"
          fill="var(--mulberry)"
          stroke="var(--white)"
          :stroke-width="2 * mmPerPx"
        />
        <text
          v-if="begins.length > 1"
          :y="4 * mmPerPx"
          :font-size="11 * mmPerPx"
          text-anchor="middle"
          fill="var(--white)"
          font-weight="700"
        >
          {{ run + 1 }}
        </text>
      </g>
      <circle
        v-if="needle"
        :cx="needle.x"
        :cy="-needle.y"
        :r="7 * mmPerPx"
        fill="var(--white)"
        stroke="var(--mulberry)"
        :stroke-width="4 * mmPerPx"
        pointer-events="none"
      />
      <template v-if="ways">
        <DrawnPoints
          v-for="(way, i) in ways"
          :key="i"
          :model-value="way"
          :mm-per-px="mmPerPx"
          :grid-mm="GRID_MM"
          :least="2"
          :what="`Line ${i + 1}`"
          :closed="false"
          :snap-to="nodes"
          @update:model-value="setWay(i, $event)"
        />
      </template>
    </g>
  </PlanDrawing>
  <div class="flex flex-wrap items-center gap-2 mt-2">
    <IconButton
      icon="i-lucide-skip-back"
      tip="Back"
      label="One step back"
      variant="outline"
      @click="step(-1)"
    />
    <UButton
      :icon="isPlaying ? 'i-lucide-pause' : 'i-lucide-play'"
      :label="isPlaying ? 'Pause' : 'Follow the way'"
      variant="outline"
      @click="play"
    />
    <IconButton
      icon="i-lucide-skip-forward"
      tip="On"
      label="One step on"
      variant="outline"
      @click="step(1)"
    />
    <span
      class="hint"
      role="status"
      >{{ isPlaying ? 'Sewing …' : shownWords }}</span
    >
  </div>
</template>
