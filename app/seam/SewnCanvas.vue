<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { View } from './drawSewn'

/** A canvas as sharp as the screen that redraws when its size or its picture changes. */
const { draw, spanMm, label, tallPx } = defineProps<{
  draw: (context: CanvasRenderingContext2D, view: View, width: number, height: number) => void
  /** Millimetres that must fit across. */
  spanMm: number
  /** Empty where words beside it say the same. */
  label: string
  tallPx: number
}>()
const emit = defineEmits<{ scale: [pxPerMm: number] }>()
const MOST_PX_PER_MM = 21
const BORDER_MM = 1.2

const canvas = useTemplateRef('canvas')
const { width } = useElementSize(canvas)
const pxPerMm = computed(() => Math.min(MOST_PX_PER_MM, width.value / (spanMm + 2 * BORDER_MM)))
watch(
  [width, pxPerMm, () => draw, () => tallPx],
  () => {
    const context = canvas.value?.getContext('2d')
    if (!canvas.value || !context || width.value === 0) return
    const ratio = window.devicePixelRatio || 1
    canvas.value.width = Math.round(width.value * ratio)
    canvas.value.height = Math.round(tallPx * ratio)
    context.setTransform(ratio, 0, 0, ratio, 0, 0)
    draw(context, { pxPerMm: pxPerMm.value, middlePx: width.value / 2 }, width.value, tallPx)
    emit('scale', pxPerMm.value)
  },
  { flush: 'post', immediate: true },
)
</script>

<template>
  <canvas
    ref="canvas"
    class="sewn"
    :role="label ? 'img' : undefined"
    :aria-label="label || undefined"
    :aria-hidden="label === ''"
    :style="{ height: `${tallPx}px` }"
  />
</template>

<style scoped>
.sewn {
  width: 100%;
  display: block;
  border-radius: 10px;
  border: 1px solid var(--line);
}
:global(.dark) .sewn {
  filter: brightness(0.82);
}
</style>
