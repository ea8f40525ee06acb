<script setup lang="ts">
import type { DrawnPoint } from '#core/shape'
import { arrowStep, snapTo } from './grid'
import { mmOf } from './mmOf'

/**
 * A new closed shape, clicked point after point on empty cloth; by keys a cross is walked and lays them. It
 * stands in a drawing, y down.
 */
const points = defineModel<DrawnPoint[]>({ required: true })
const { box, mmPerPx, gridMm, least } = defineProps<{
  /** Where points may be laid, y up. */
  box: { readonly left: number; readonly right: number; readonly foot: number; readonly top: number }
  mmPerPx: number
  gridMm: number
  /** Fewer points are no shape. */
  least: number
}>()
const emit = defineEmits<{ closed: [] }>()
const { length } = useLength()
const CATCH_PX = 14
/** Beside the cloth one may click, too. */
const AROUND_MM = 500
const group = useTemplateRef<SVGGElement>('group')
const cross = useTemplateRef<SVGGElement>('cross')
onMounted(() => cross.value?.focus({ preventScroll: true }))

const at = ref({ x: snapTo((box.left + box.right) / 2, gridMm), y: snapTo((box.foot + box.top) / 2, gridMm) })
const isWhole = computed(() => points.value.length >= least)
const way = computed(() => points.value.map(({ x, y }) => `${x} ${-y}`).join('L'))
const first = computed(() => points.value[0] ?? null)
const isAtFirst = computed(() => isFirst(at.value))
const name = computed(() => {
  const place = `${length(at.value.x)} right, ${length(at.value.y)} up`
  const enter = isWhole.value && isAtFirst.value ? 'Enter closes the shape' : 'Enter lays a point'
  const laid = `Cross at ${place}, ${points.value.length} points laid.`
  return `${laid} Arrows move it, ${enter}, Backspace takes one back.`
})

function isFirst({ x, y }: { readonly x: number; readonly y: number }): boolean {
  return first.value !== null && Math.hypot(first.value.x - x, first.value.y - y) < CATCH_PX * mmPerPx
}
/** The first point again closes the shape; the last again is the second half of a double click. */
function layAt(place: { readonly x: number; readonly y: number }): void {
  if (isFirst(place)) {
    if (isWhole.value) emit('closed')
    return
  }
  const point = { x: snapTo(place.x, gridMm), y: snapTo(place.y, gridMm), curved: false }
  const last = points.value.at(-1)
  if (last?.x === point.x && last.y === point.y) return
  at.value = { x: point.x, y: point.y }
  points.value = [...points.value, point]
}
function click(event: MouseEvent): void {
  const place = mmOf(event, group.value)
  if (place) layAt({ x: place.x, y: -place.y })
}
function press(event: KeyboardEvent): void {
  if (!act(event.key)) return
  event.preventDefault()
  event.stopPropagation()
}
function act(key: string): boolean {
  const step = arrowStep(key)
  if (step) at.value = walked(step)
  else if (key === 'Enter' || key === ' ') layAt(at.value)
  else if (key === 'Backspace' || key === 'Delete') points.value = points.value.slice(0, -1)
  else return false
  return true
}
function walked([x, y]: readonly [number, number]) {
  const { left, right, foot, top } = box
  return {
    x: Math.min(right, Math.max(left, at.value.x + x * gridMm)),
    y: Math.min(top, Math.max(foot, at.value.y + y * gridMm)),
  }
}
</script>

<template>
  <g
    ref="group"
    class="lay"
    @click="click"
  >
    <rect
      :x="box.left - AROUND_MM"
      :y="-box.top - AROUND_MM"
      :width="box.right - box.left + 2 * AROUND_MM"
      :height="box.top - box.foot + 2 * AROUND_MM"
      fill="transparent"
    />
    <rect
      :x="box.left"
      :y="-box.top"
      :width="box.right - box.left"
      :height="box.top - box.foot"
      fill="var(--white)"
      fill-opacity="0.35"
    />
    <path
      v-if="points.length > 0"
      :d="`M${way}`"
      fill="var(--mulberry)"
      fill-opacity="0.12"
      stroke="var(--mulberry)"
      :stroke-width="2.5 * mmPerPx"
      stroke-linejoin="round"
    />
    <rect
      v-for="({ x, y }, i) in points"
      :key="i"
      :x="x - 6 * mmPerPx"
      :y="-y - 6 * mmPerPx"
      :width="12 * mmPerPx"
      :height="12 * mmPerPx"
      fill="var(--mulberry)"
      stroke="var(--white)"
      :stroke-width="2 * mmPerPx"
    />
    <circle
      v-if="first && isWhole"
      :cx="first.x"
      :cy="-first.y"
      :r="CATCH_PX * mmPerPx"
      fill="transparent"
      stroke="var(--mulberry)"
      :stroke-width="2 * mmPerPx"
      :stroke-dasharray="`${4 * mmPerPx} ${3 * mmPerPx}`"
    />
    <g
      ref="cross"
      role="button"
      tabindex="0"
      class="cross"
      :aria-label="name"
      :transform="`translate(${at.x} ${-at.y}) scale(${mmPerPx})`"
      @keydown="press"
    >
      <circle
        r="13"
        fill="transparent"
      />
      <path
        d="M-13 0H-4M4 0H13M0 -13V-4M0 4V13"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </g>
  </g>
</template>

<style scoped>
.lay {
  cursor: crosshair;
}
.cross:focus-visible {
  outline: calc(2px * var(--px)) solid var(--mulberry);
}
</style>
