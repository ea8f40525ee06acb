<script setup lang="ts">
import type { Drop } from '#core/stitch'

/**
 * A millimetre grid: click drops in sewing order, in half-millimetre steps. Arrow keys and Enter do the same.
 */
const drops = defineModel<Drop[]>({ required: true })

const HALF_WIDTH_MM = 5
const TALL_MM = 12
const STEP_MM = 0.5
const cursor = reactive({ x: 0, y: 0 })
const svg = useTemplateRef('svg')
const lines = Array.from({ length: TALL_MM + 1 }, (_, i) => i)
const columns = Array.from({ length: 2 * HALF_WIDTH_MM + 1 }, (_, i) => i - HALF_WIDTH_MM)
const path = computed(() => drops.value.map(({ xMm, yMm }) => `${xMm},${yMm}`).join(' '))
const snap = (value: number, low: number, high: number) =>
  Math.min(high, Math.max(low, Math.round(value / STEP_MM) * STEP_MM))

function add(xMm: number, yMm: number): void {
  drops.value = [...drops.value, { xMm, yMm }]
}
function click(event: MouseEvent): void {
  const matrix = svg.value?.getScreenCTM()
  if (!matrix) return
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  cursor.x = snap(point.x, -HALF_WIDTH_MM, HALF_WIDTH_MM)
  cursor.y = snap(point.y, 0, TALL_MM)
  add(cursor.x, cursor.y)
}
function key(event: KeyboardEvent): void {
  const moves: Record<string, () => void> = {
    ArrowLeft: () => {
      cursor.x = snap(cursor.x - STEP_MM, -HALF_WIDTH_MM, HALF_WIDTH_MM)
    },
    ArrowRight: () => {
      cursor.x = snap(cursor.x + STEP_MM, -HALF_WIDTH_MM, HALF_WIDTH_MM)
    },
    ArrowUp: () => {
      cursor.y = snap(cursor.y - STEP_MM, 0, TALL_MM)
    },
    ArrowDown: () => {
      cursor.y = snap(cursor.y + STEP_MM, 0, TALL_MM)
    },
    Enter: () => add(cursor.x, cursor.y),
    Backspace: () => {
      drops.value = drops.value.slice(0, -1)
    },
  }
  const move = moves[event.key]
  if (!move) return
  event.preventDefault()
  move()
}
const label = computed(
  () =>
    `Millimetre grid, ${drops.value.length} needle positions. Arrow keys move by half a millimetre. `
    + `Enter sets a needle position at ${cursor.x} across, ${cursor.y} along, Backspace takes `
    + 'the last out.',
)
</script>

<template>
  <div>
    <svg
      ref="svg"
      class="grid"
      :viewBox="`-5.6 -0.6 11.2 13.2`"
      tabindex="0"
      role="application"
      :aria-label="label"
      @click="click"
      @keydown="key"
    >
      <path
        v-for="y in lines"
        :key="`r${y}`"
        :d="`M-5 ${y}H5`"
        class="line"
      />
      <path
        v-for="x in columns"
        :key="`c${x}`"
        :d="`M${x} 0V12`"
        class="line"
        :class="{ middle: x === 0 }"
      />
      <polyline
        :points="path"
        class="thread"
      />
      <circle
        v-for="(drop, i) in drops"
        :key="i"
        :cx="drop.xMm"
        :cy="drop.yMm"
        r="0.2"
        class="drop"
      />
      <circle
        :cx="cursor.x"
        :cy="cursor.y"
        r="0.32"
        class="cursor"
      />
    </svg>
    <div class="flex gap-2 mt-2">
      <UButton
        variant="outline"
        size="sm"
        icon="i-lucide-undo-2"
        label="Last drop out"
        :disabled="drops.length === 0"
        @click="
          () => {
            drops = drops.slice(0, -1)
          }
        "
      />
      <UButton
        variant="outline"
        size="sm"
        label="Clear grid"
        :disabled="drops.length === 0"
        @click="
          () => {
            drops = []
          }
        "
      />
    </div>
  </div>
</template>

<style scoped>
.grid {
  width: 100%;
  max-width: 290px;
  background: var(--white);
  border: 1.5px solid var(--line-strong);
  border-radius: 10px;
  cursor: crosshair;
  touch-action: manipulation;
}
.line {
  stroke: var(--line);
  stroke-width: 0.04;
  fill: none;
}
.line.middle {
  stroke: var(--line-strong);
  stroke-width: 0.08;
}
.thread {
  fill: none;
  stroke: var(--woad);
  stroke-width: 0.2;
  stroke-linejoin: round;
}
.drop {
  fill: var(--ink);
}
.cursor {
  fill: none;
  stroke: var(--mulberry);
  stroke-width: 0.09;
}
</style>
