<script setup lang="ts">
import { outlineFor } from '#core/colour'
import type { AreaRows, Outline, PlannedRow } from '#core/topstitch'
import { placesAlong } from '#core/fit'
import { CORNER_DEG } from '#core/shape'
import { followPointer } from '~/planner/followPointer'
import { sliderStep } from '~/planner/sliderStep'
import { boundsOf, edgePath, needleRows } from '../edgePaths'

/** The edge and its rows to scale, as they will be sewn; rows can be dragged nearer to the edge or away. */
const { outline, rows, area, acrossMm, alongMm, gapMm, wantedMm, clothHex, threadHexes, threadMm } =
  defineProps<{
    outline: Outline
    rows: readonly PlannedRow[]
    /** Rows over an area instead; null: along the edge. */
    area: AreaRows | null
    acrossMm: number
    alongMm: number
    /** Of a twin; 0: a single needle. */
    gapMm: number
    wantedMm: number
    clothHex: string
    /** One a needle, left to right. */
    threadHexes: readonly string[]
    threadMm: number
  }>()
const emit = defineEmits<{ row: [index: number, mm: number] }>()
const { length, snap } = useLength()
const PAD_MM = 8
/** Each row is taken hold of beside the one before: fingers are wide. */
const FINGER_PX = 44
const bounds = computed(() => boundsOf(outline))
/** A strip has no other side: some cloth is drawn beside it. */
const STRIP_MM = 40
const isStrip = computed(() => bounds.value.tallMm <= 1)
const wideMm = computed(() => (area ? alongMm : bounds.value.wideMm) + 2 * PAD_MM)
const bodyMm = computed(() => (isStrip.value ? STRIP_MM : bounds.value.tallMm))
const tallMm = computed(() => (area ? acrossMm : bodyMm.value) + 2 * PAD_MM)
const shift = computed(
  () =>
    `translate(${PAD_MM - bounds.value.left} ${PAD_MM + bounds.value.top + (isStrip.value ? STRIP_MM : 0)})`,
)
const drawn = computed(() =>
  rows.flatMap((row, index) =>
    row.vanished
      ? []
      : needleRows(outline, row, wantedMm, CORNER_DEG).map(one => ({
          ...one,
          index,
          hex: threadHexes[one.needle] ?? threadHexes[0]!,
        })),
  ),
)
const legWords = computed(() =>
  (rows[0]?.legs ?? []).flatMap((leg, i) => {
    if (leg.pathMm.length < 2) return []
    const [at] = placesAlong(leg.pathMm, [leg.lengthMm / 2])
    return [{ leg: i + 1, x: at!.x, y: -at!.y }]
  }),
)
const areaLines = computed(() =>
  (area?.rows ?? []).flatMap(row => (gapMm > 0 ? [0, 1] : [0]).map(needle => ({ row, needle }))),
)
const contrast = (hex: string) => outlineFor(hex, clothHex)
const label = computed(() =>
  area
    ? `${area.rows.length} rows over an area of ${length(acrossMm)} by ${length(alongMm)}.`
    : `The finished edge with ${rows.length} ${rows.length === 1 ? 'row' : 'rows'}, to scale.`,
)

/** Up is away from the lower edge, so farther in. */
function take(index: number, event: PointerEvent, mmPerPx: number): void {
  const [fromPx, fromMm] = [event.clientY, rows[index]!.atMm]
  followPointer(event, ({ clientY }) => {
    emit('row', index, snap(Math.max(0.5, fromMm - (clientY - fromPx) * mmPerPx)))
  })
}
const KEY_MM = 0.1
function press(index: number, event: KeyboardEvent): void {
  const step = sliderStep(event)
  if (step !== 0) emit('row', index, snap(Math.max(0.5, rows[index]!.atMm + step * KEY_MM)))
}
/** The lowest side of a row: there it is taken hold of. */
function handleAt(row: PlannedRow): { x: number; y: number } | null {
  const leg = [...row.legs].filter(one => one.pathMm.length > 1).sort((a, b) => footOf(a) - footOf(b))[0]
  if (!leg) return null
  const [at] = placesAlong(leg.pathMm, [leg.lengthMm / 2])
  return { x: at!.x, y: -at!.y }
}
const footOf = (leg: PlannedRow['legs'][number]) =>
  leg.pathMm.reduce((sum, { y }) => sum + y, 0) / leg.pathMm.length
/** The right needle of a twin runs its gap farther on. */
const arcOf = (row: AreaRows['rows'][number], byMm: number) => {
  const y = PAD_MM + row.atMm + byMm
  if (row.radiusMm === null) return `M${PAD_MM} ${y}H${PAD_MM + alongMm}`
  return `M${PAD_MM} ${y}A${row.radiusMm + byMm} ${row.radiusMm + byMm} 0 0 0 ${PAD_MM + alongMm} ${y}`
}
</script>

<template>
  <PlanDrawing
    v-slot="{ mmPerPx }"
    :wide-mm="wideMm"
    :tall-mm="tallMm"
    :label="label"
  >
    <template v-if="area">
      <rect
        :x="PAD_MM"
        :y="PAD_MM"
        :width="alongMm"
        :height="acrossMm"
        :fill="clothHex"
        stroke="var(--ink)"
        :stroke-width="mmPerPx"
      />
      <path
        v-for="{ row, needle } in areaLines"
        :key="`${row.atMm}-${needle}`"
        :d="arcOf(row, needle * gapMm)"
        fill="none"
        :stroke="threadHexes[needle]"
        :stroke-width="Math.max(threadMm, mmPerPx)"
        :stroke-dasharray="`${wantedMm * 0.86} ${wantedMm * 0.14}`"
      />
    </template>
    <g
      v-else
      :transform="shift"
    >
      <rect
        v-if="isStrip"
        :x="bounds.left"
        :y="-STRIP_MM"
        :width="bounds.wideMm"
        :height="STRIP_MM"
        :fill="clothHex"
      />
      <path
        :d="edgePath(outline)"
        :fill="isStrip ? 'none' : clothHex"
        stroke="var(--ink)"
        :stroke-width="1.6 * mmPerPx"
      />
      <ThreadPath
        v-for="{ needle, index, stitches, hex } in drawn"
        :key="`${index}-${needle}`"
        :d="stitches"
        :hex="hex"
        :around="contrast(hex)"
        :mm="threadMm"
      />
      <g
        v-for="{ leg, x, y } in legWords"
        :key="leg"
        :transform="`translate(${x} ${y})`"
      >
        <NumberBadge
          :words="String(leg)"
          :mm-per-px="mmPerPx"
        />
      </g>
      <template
        v-for="(row, i) in rows"
        :key="`grip-${i}`"
      >
        <g
          v-if="handleAt(row)"
          data-drag
          :transform="`translate(${handleAt(row)!.x + FINGER_PX * (i + 0.8) * mmPerPx} ${handleAt(row)!.y})`"
          class="grip"
          role="slider"
          tabindex="0"
          :aria-label="`Row ${i + 1} from the edge`"
          aria-orientation="vertical"
          :aria-valuenow="row.atMm"
          :aria-valuetext="length(row.atMm)"
          @pointerdown="take(i, $event, mmPerPx)"
          @keydown="press(i, $event)"
        >
          <circle
            :r="(FINGER_PX / 2) * mmPerPx"
            fill="transparent"
          />
          <circle
            :r="9 * mmPerPx"
            fill="var(--mulberry)"
            stroke="var(--white)"
            :stroke-width="2 * mmPerPx"
          />
        </g>
      </template>
    </g>
  </PlanDrawing>
</template>

<style scoped>
.grip {
  cursor: ns-resize;
}
.grip:focus-visible {
  outline: calc(3px * var(--px)) solid var(--mulberry);
}
</style>
