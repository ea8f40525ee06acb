<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { mapOf, type SeenRectangle, type Span } from '#core/measure'
import type { PlaneWindow } from '#core/photo'

/** The photo as seen from straight above: whether the marks lie right shows at once. */
const { seen, span, straight } = defineProps<{
  seen: SeenRectangle
  span: Span
  straight: (seen: SeenRectangle, shown: PlaneWindow, pxPerMm: number) => Promise<ImageBitmap | null>
}>()
const BESIDE_MM = 8
const MOST_MM = 400
const WIDE_PX = 900
const open = ref(false)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const spanMm = computed(() => span.map(mapOf(seen).toMm))
const shown = computed((): PlaneWindow => {
  const xs = [0, seen.wideMm, ...spanMm.value.map(({ x }) => x)].map(x =>
    Math.max(-MOST_MM, Math.min(MOST_MM, x)),
  )
  const ys = [0, seen.tallMm, ...spanMm.value.map(({ y }) => y)].map(y =>
    Math.max(-MOST_MM, Math.min(MOST_MM, y)),
  )
  const [x, y] = [Math.min(...xs) - BESIDE_MM, Math.min(...ys) - BESIDE_MM]
  return { x, y, wideMm: Math.max(...xs) + BESIDE_MM - x, tallMm: Math.max(...ys) + BESIDE_MM - y }
})
watchDebounced(
  [open, () => seen, () => span],
  async () => {
    if (!open.value) return
    const picture = await straight(
      toRaw(seen),
      shown.value,
      WIDE_PX / Math.max(shown.value.wideMm, shown.value.tallMm),
    )
    const at = canvas.value
    if (!picture || !at) return
    at.width = picture.width
    at.height = picture.height
    const context = at.getContext('2d')!
    context.drawImage(picture, 0, 0)
    picture.close()
  },
  { debounce: 150 },
)
</script>

<template>
  <UCard
    as="section"
    aria-label="From straight above"
  >
    <FoldAway
      v-model:open="open"
      title="From straight above"
    >
      <p class="hint">The card must look like a card, its corners square: then the marks lie right.</p>
      <div class="flat">
        <canvas
          ref="canvas"
          role="img"
          aria-label="The photo, straightened"
        />
        <svg
          aria-hidden="true"
          :viewBox="`${shown.x} ${shown.y} ${shown.wideMm} ${shown.tallMm}`"
        >
          <rect
            x="0"
            y="0"
            :width="seen.wideMm"
            :height="seen.tallMm"
            fill="none"
            stroke="var(--woad)"
            stroke-width="0.6"
          />
          <line
            :x1="spanMm[0]!.x"
            :y1="spanMm[0]!.y"
            :x2="spanMm[1]!.x"
            :y2="spanMm[1]!.y"
            stroke="var(--mulberry)"
            stroke-width="0.8"
          />
        </svg>
      </div>
    </FoldAway>
  </UCard>
</template>

<style scoped>
.flat {
  position: relative;
}
canvas {
  display: block;
  width: 100%;
  border-radius: 8px;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
</style>
