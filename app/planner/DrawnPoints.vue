<script setup lang="ts">
import type { DrawnPoint } from '#core/shape'
import { followPointer } from './followPointer'
import { arrowStep, snapTo as onGrid } from './grid'
import { mmOf } from './mmOf'

/**
 * Points of a drawn line that are taken hold of: dragged, walked with keys, made round or sharp, put in and
 * taken out. They snap to a grid. It stands in a drawing, y down.
 */
const points = defineModel<DrawnPoint[]>({ required: true })
const {
  mmPerPx,
  gridMm,
  least,
  what,
  closed,
  snapTo = [],
} = defineProps<{
  mmPerPx: number
  gridMm: number
  /** Fewer points are no line. */
  least: number
  /** What they are points of, for screen readers. */
  what: string
  /** Whether the last point joins the first. */
  closed: boolean
  /** Places of other lines a point catches on. @defaultValue [] */
  snapTo?: readonly { readonly x: number; readonly y: number }[]
}>()
const { length } = useLength()
const group = useTemplateRef<SVGGElement>('group')
const CATCH_PX = 10
const FINGER_PX = 22
function nameOf({ x, y, curved }: DrawnPoint, i: number): string {
  const place = `${length(x)} right, ${length(y)} up`
  return `${what}, point ${i + 1} of ${points.value.length}, ${curved ? 'round' : 'sharp'}, ${place}`
}
/** On the grid, or on a place nearby. */
function snapped(x: number, y: number) {
  const near = snapTo.find(place => Math.hypot(place.x - x, place.y - y) < CATCH_PX * mmPerPx)
  return near ? { x: near.x, y: near.y } : { x: onGrid(x, gridMm), y: onGrid(y, gridMm) }
}
const put = (i: number, point: DrawnPoint) => {
  points.value = points.value.map((one, k) => (k === i ? point : one))
}

/** Half-way between two points another can be put in. */
const middles = computed(() => {
  const count = closed ? points.value.length : points.value.length - 1
  return Array.from({ length: count }, (_, i) => {
    const [a, b] = [points.value[i]!, points.value[(i + 1) % points.value.length]!]
    return { i, x: (a.x + b.x) / 2, y: -(a.y + b.y) / 2, apart: Math.hypot(a.x - b.x, a.y - b.y) }
  })
})
/** Only where there is room for a finger between two points. */
const roomy = (apart: number) => apart > 4 * FINGER_PX * mmPerPx
const at = ref(-1)
/** The point that was taken hold of last. */
const chosen = computed(() => points.value[at.value] ?? null)

function take(i: number, pressed: PointerEvent): void {
  at.value = i
  followPointer(pressed, event => {
    const place = mmOf(event, group.value)
    if (place) put(i, { ...points.value[i]!, ...snapped(place.x, -place.y) })
  })
}

function press(i: number, event: KeyboardEvent): void {
  const way = arrowStep(event.key)
  const done = way ? step(i, way) : act(i, event.key)
  if (!done) return
  event.preventDefault()
  event.stopPropagation()
}
function step(i: number, [x, y]: readonly [number, number]): boolean {
  const point = points.value[i]!
  put(i, { ...point, x: onGrid(point.x + x * gridMm, gridMm), y: onGrid(point.y + y * gridMm, gridMm) })
  return true
}
function act(i: number, key: string): boolean {
  const point = points.value[i]!
  if (key === 'Enter' || key === ' ') put(i, { ...point, curved: !point.curved })
  else if (key === 'Insert') insertAfter(i)
  else if ((key === 'Delete' || key === 'Backspace') && points.value.length > least)
    points.value = points.value.filter((_, k) => k !== i)
  else return false
  return true
}
/** Half-way to the next. */
function insertAfter(i: number): void {
  const [a, b] = [points.value[i]!, points.value[(i + 1) % points.value.length]!]
  const between = { x: onGrid((a.x + b.x) / 2, gridMm), y: onGrid((a.y + b.y) / 2, gridMm), curved: a.curved }
  points.value = points.value.toSpliced(i + 1, 0, between)
}
</script>

<template>
  <g ref="group">
    <template
      v-for="{ i, x, y, apart } in middles"
      :key="`middle-${i}`"
    >
      <g
        v-if="roomy(apart)"
        data-drag
        class="add"
        aria-hidden="true"
        :transform="`translate(${x} ${y}) scale(${mmPerPx})`"
        @pointerdown.stop
        @click.stop="insertAfter(i)"
      >
        <circle
          :r="FINGER_PX"
          fill="transparent"
        />
        <circle
          r="8"
          fill="var(--white)"
          stroke="var(--mulberry)"
          stroke-width="1.5"
        />
        <path
          d="M-4 0h8M0 -4v8"
          stroke="var(--mulberry)"
          stroke-width="2"
        />
      </g>
    </template>
    <g
      v-for="(point, i) in points"
      :key="i"
      data-drag
      class="grip"
      role="button"
      tabindex="0"
      :aria-label="nameOf(point, i)"
      :transform="`translate(${point.x} ${-point.y})`"
      @pointerdown.stop="take(i, $event)"
      @dblclick.stop="act(i, 'Enter')"
      @click.stop
      @focus="at = i"
      @keydown="press(i, $event)"
    >
      <circle
        :r="FINGER_PX * mmPerPx"
        fill="transparent"
      />
      <circle
        v-if="point.curved"
        :r="7 * mmPerPx"
        fill="var(--white)"
        stroke="var(--mulberry)"
        :stroke-width="3 * mmPerPx"
      />
      <rect
        v-else
        :x="-7 * mmPerPx"
        :y="-7 * mmPerPx"
        :width="14 * mmPerPx"
        :height="14 * mmPerPx"
        fill="var(--mulberry)"
        stroke="var(--white)"
        :stroke-width="2 * mmPerPx"
      />
    </g>
    <g
      v-if="chosen && points.length > least"
      data-drag
      class="add"
      aria-hidden="true"
      :transform="`translate(${chosen.x} ${-chosen.y}) scale(${mmPerPx}) translate(34 -34)`"
      @pointerdown.stop
      @click.stop="act(at, 'Delete')"
    >
      <circle
        :r="FINGER_PX"
        fill="transparent"
      />
      <circle
        r="11"
        fill="var(--white)"
        stroke="var(--madder)"
        stroke-width="1.5"
      />
      <path
        d="M-4 -4l8 8M-4 4l8 -8"
        stroke="var(--madder)"
        stroke-width="2"
      />
    </g>
  </g>
</template>

<style scoped>
.add {
  cursor: pointer;
}
.grip {
  cursor: move;
}
.grip:focus-visible {
  outline: calc(3px * var(--px)) solid var(--mulberry);
}
</style>
