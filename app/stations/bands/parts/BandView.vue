<script setup lang="ts">
import { outlineFor } from '#core/colour'
import { rowThreads } from '#core/band'
import type { BandAnswer } from '#shared/inputs'
import { followPointer } from '~/planner/followPointer'
import { mmOf } from '~/planner/mmOf'

/** A length of the band to scale, every thread as it will lie; neighbours are pulled over each other. */
const chosen = defineModel<number>('chosen', { required: true })
const { answer, names, overlapsMm, clothHex, ribbonMm, under } = defineProps<{
  answer: BandAnswer
  /** Of each row’s stitch. */
  names: readonly string[]
  overlapsMm: readonly number[]
  clothHex: string
  /** null: on the cloth itself. */
  ribbonMm: number | null
  under: boolean
}>()
const emit = defineEmits<{ overlap: [index: number, mm: number] }>()
const { length, between, snap } = useLength()
const PAD_MM = 7
/** Above the cloth, for the rows’ numbers. */
const HEAD_MM = 3.4
const FINGER_PX = 22
const LEAST_TALL_MM = 36
const MOST_TALL_MM = 90
const band = computed(() => answer.band)
const wideMm = computed(() => Math.max(band.value.bandMm, ribbonMm ?? 0, 4) + 2 * PAD_MM)
const leftMm = computed(() => (wideMm.value - band.value.bandMm) / 2)
const tallMm = computed(() => {
  const longest = Math.max(...band.value.rows.map(({ repeatMm }) => repeatMm))
  return Math.min(MOST_TALL_MM, Math.max(LEAST_TALL_MM, 1.1 * wideMm.value, 1.3 * longest))
})
const threads = computed(() =>
  rowThreads(answer.pictured, band.value.bandMm, tallMm.value, under).map(thread => ({
    ...thread,
    d: pathWithin(thread.pointsMm),
    around: outlineFor(thread.hex, clothHex),
  })),
)
/** From the first hole in view to the last. */
function pathWithin(points: readonly { readonly x: number; readonly y: number }[]): string {
  const seen = points.filter(({ y }) => y >= 0 && y <= tallMm.value)
  return seen.length > 1 ? `M${seen.map(({ x, y }) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}` : ''
}
/** Wrong side up, what is sewn on the left is seen on the right. */
const seenAt = (mm: number) => (under ? band.value.bandMm - mm : mm)
const rows = computed(() =>
  band.value.rows.map(({ centreMm, spanMm }, i) => ({ i, x: seenAt(centreMm), spanMm })),
)
/** Between neighbours: the middle of what they share, or of the gap. */
const seams = computed(() =>
  overlapsMm.map((mm, i) => {
    const { centreMm, spanMm } = band.value.rows[i]!
    return { i, mm, x: seenAt(centreMm + spanMm / 2 - mm / 2) }
  }),
)
/** Where thread of two rows lies on each other. */
const shared = computed(() =>
  rows.value.slice(1).flatMap((row, before) => {
    const other = rows.value[before]!
    const left = Math.max(row.x - row.spanMm / 2, other.x - other.spanMm / 2)
    const right = Math.min(row.x + row.spanMm / 2, other.x + other.spanMm / 2)
    return right > left ? [{ i: before, left, mm: right - left }] : []
  }),
)
const group = useTemplateRef<SVGGElement>('group')
function take(i: number, pressed: PointerEvent): void {
  const from = mmOf(pressed, group.value)
  const fromMm = overlapsMm[i]!
  if (!from) return
  followPointer(pressed, event => {
    const at = mmOf(event, group.value)
    if (at) emit('overlap', i, snap(fromMm + (under ? at.x - from.x : from.x - at.x)))
  })
}
const KEY_MM = 0.1
function press(i: number, event: KeyboardEvent): void {
  const way = { ArrowLeft: KEY_MM, ArrowUp: KEY_MM, ArrowRight: -KEY_MM, ArrowDown: -KEY_MM }[event.key]
  if (way === undefined) return
  event.preventDefault()
  event.stopPropagation()
  emit('overlap', i, snap(overlapsMm[i]! + way))
}
const overlapWords = (mm: number) => {
  if (mm === 0) return 'they touch'
  return mm > 0 ? `${between(mm)} over each other` : `${between(-mm)} between them`
}
const label = computed(
  () =>
    `${rows.value.length} rows, ${length(band.value.bandMm)} wide, ${length(tallMm.value)} of it, to scale. `
    + rows.value.map(({ i, spanMm }) => `Row ${i + 1}: ${names[i]}, ${inMm(spanMm)} wide.`).join(' '),
)
</script>

<template>
  <PlanDrawing
    v-slot="{ mmPerPx }"
    :wide-mm="wideMm"
    :tall-mm="tallMm + HEAD_MM"
    :label="label"
  >
    <g :transform="`translate(0 ${HEAD_MM})`">
      <rect
        :width="wideMm"
        :height="tallMm"
        :fill="clothHex"
      />
      <g
        ref="group"
        :transform="`translate(${leftMm} 0)`"
      >
        <rect
          v-if="ribbonMm !== null"
          :x="(band.bandMm - ribbonMm) / 2"
          :width="ribbonMm"
          :height="tallMm"
          fill="var(--white)"
          fill-opacity="0.55"
          stroke="var(--ink)"
          :stroke-width="mmPerPx"
        />
        <ThreadPath
          v-for="(thread, i) in threads"
          :key="i"
          :d="thread.d"
          :hex="thread.hex"
          :around="thread.around"
          :mm="thread.diameterMm"
        />
        <rect
          v-for="{ i, mm, left } in shared"
          :key="`shared-${i}`"
          :x="left"
          :width="mm"
          :height="tallMm"
          fill="var(--weld)"
          fill-opacity="0.28"
          pointer-events="none"
        />
        <g
          v-for="{ i, mm, x } in seams"
          :key="`seam-${i}`"
          data-drag
          class="grip"
          role="slider"
          tabindex="0"
          :aria-label="`Overlap of rows ${i + 1} and ${i + 2}`"
          :aria-valuenow="mm"
          aria-valuemin="-100"
          aria-valuemax="100"
          :aria-valuetext="overlapWords(mm)"
          :transform="`translate(${x} ${tallMm - (30 + 44 * (i % 2)) * mmPerPx}) scale(${mmPerPx})`"
          @pointerdown.stop="take(i, $event)"
          @keydown="press(i, $event)"
        >
          <circle
            :r="FINGER_PX"
            fill="transparent"
          />
          <path
            d="M-13 0l7 -6v4h12v-4l7 6l-7 6v-4h-12v4z"
            fill="var(--mulberry)"
            stroke="var(--white)"
            stroke-width="1.5"
          />
        </g>
      </g>
    </g>
    <g :transform="`translate(${leftMm} 0)`">
      <g
        v-for="{ i, x } in rows"
        :key="`row-${i}`"
        data-drag
        class="pick"
        aria-hidden="true"
        :transform="`translate(${x} ${HEAD_MM - 14 * mmPerPx}) scale(${mmPerPx})`"
        @pointerdown.stop
        @click="
          () => {
            chosen = i
          }
        "
      >
        <rect
          x="-13"
          y="-12"
          width="26"
          height="24"
          rx="11"
          fill="var(--white)"
          :stroke="chosen === i ? 'var(--mulberry)' : 'var(--line-strong)'"
          :stroke-width="chosen === i ? 3 : 1"
        />
        <text
          y="5"
          font-size="14"
          text-anchor="middle"
          fill="var(--ink)"
          font-weight="650"
        >
          {{ i + 1 }}
        </text>
      </g>
    </g>
  </PlanDrawing>
  <p class="mt-2">
    <b>{{ length(band.bandMm) }} wide</b
    ><span class="hint"
      >{{ under ? ', as seen on the right side' : ''
      }}{{ overlapsMm.length > 0 ? '. Pull an arrow: rows over each other, or apart.' : '.' }}</span
    >
  </p>
</template>

<style scoped>
.grip {
  cursor: ew-resize;
}
.pick {
  cursor: pointer;
}
.grip:focus-visible {
  outline: calc(3px * var(--px)) solid var(--mulberry);
}
</style>
