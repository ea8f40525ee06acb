<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { select } from 'd3-selection'
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom'

/**
 * A drawing to scale that can be moved and looked at closely, by hand, wheel and keys. What is drawn in it is
 * in mm; `mmPerPx` keeps words and lines the same size however close one looks.
 */
const { wideMm, tallMm, label } = defineProps<{ wideMm: number; tallMm: number; label: string }>()
const MOST_TIMES = 40
const PAN_PX = 60

const svg = useTemplateRef<SVGSVGElement>('svg')
const { width, height } = useElementSize(svg)
const at = shallowRef<ZoomTransform>(zoomIdentity)
const PAD_PX = 34
/** Screen pixels a millimetre while all of it shows. */
const fitPx = computed(() => {
  if (width.value === 0 || height.value === 0) return 1
  return Math.min((width.value - 2 * PAD_PX) / wideMm, (height.value - 2 * PAD_PX) / tallMm)
})
const mmPerPx = computed(() => 1 / (Math.max(fitPx.value, 1e-6) * at.value.k))
const transform = computed(() => {
  const { x, y, k } = at.value
  const left = (width.value - wideMm * fitPx.value) / 2
  const top = (height.value - tallMm * fitPx.value) / 2
  return `translate(${x} ${y}) scale(${k}) translate(${left} ${top}) scale(${fitPx.value})`
})
let behaviour: ZoomBehavior<SVGSVGElement, unknown> | null = null
onMounted(() => {
  behaviour = zoom<SVGSVGElement, unknown>()
    .scaleExtent([1, MOST_TIMES])
    // What can be dragged by itself does not move the whole; the wheel zooms with Ctrl, so that pages scroll.
    .filter((event: Event) => {
      const isWheel = event.type === 'wheel'
      return isWheel ? (event as WheelEvent).ctrlKey : !(event.target as Element).closest('[data-drag]')
    })
    .on('zoom', ({ transform: next }: { transform: ZoomTransform }) => {
      at.value = next
    })
  select(svg.value!).call(behaviour).on('dblclick.zoom', null)
})
const move = (act: (on: ZoomBehavior<SVGSVGElement, unknown>) => void) => {
  if (behaviour) act(behaviour)
}
const closer = (by: number) => move(on => on.scaleBy(select(svg.value!), by))
const pan = (x: number, y: number) =>
  move(on => on.translateBy(select(svg.value!), x / at.value.k, y / at.value.k))
const fit = () => move(on => on.transform(select(svg.value!), zoomIdentity))
const KEYS: Readonly<Record<string, () => void>> = {
  '+': () => closer(1.4),
  '-': () => closer(1 / 1.4),
  '0': fit,
  'ArrowLeft': () => pan(PAN_PX, 0),
  'ArrowRight': () => pan(-PAN_PX, 0),
  'ArrowUp': () => pan(0, PAN_PX),
  'ArrowDown': () => pan(0, -PAN_PX),
}
function press(event: KeyboardEvent): void {
  if (event.target !== svg.value) return
  const act = KEYS[event.key]
  if (!act) return
  event.preventDefault()
  event.stopPropagation()
  act()
}
</script>

<template>
  <div class="frame">
    <svg
      ref="svg"
      role="application"
      aria-roledescription="drawing"
      tabindex="0"
      :aria-label="`${label} Arrow keys move it, plus and minus zoom, 0 shows all.`"
      @keydown="press"
    >
      <g
        :transform="transform"
        :style="{ '--px': mmPerPx }"
      >
        <slot
          v-if="width > 0"
          :mm-per-px="mmPerPx"
        />
      </g>
    </svg>
    <div class="tools">
      <IconButton
        icon="i-lucide-plus"
        tip="Closer"
        label="Look closer"
        variant="outline"
        @click="closer(1.6)"
      />
      <IconButton
        icon="i-lucide-minus"
        tip="Farther"
        label="Look from farther"
        variant="outline"
        @click="closer(1 / 1.6)"
      />
      <IconButton
        icon="i-lucide-maximize"
        tip="All of it"
        label="Show all of it"
        variant="outline"
        @click="fit"
      />
    </div>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  height: clamp(320px, calc(100dvh - 330px), 620px);
}
@media (max-width: 1150px) {
  .frame {
    height: clamp(240px, 40dvh, 460px);
  }
}
svg {
  width: 100%;
  height: 100%;
  display: block;
  touch-action: none;
  border-radius: 10px;
  background: var(--cloth);
  cursor: grab;
}
svg:focus-visible {
  outline: 3px solid var(--mulberry);
}
.tools {
  position: absolute;
  right: 8px;
  top: 8px;
  display: grid;
  gap: 6px;
}
.tools :deep(button) {
  background: var(--white);
}
</style>
