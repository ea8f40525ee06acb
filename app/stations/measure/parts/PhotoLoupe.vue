<script setup lang="ts">
import type { Point } from '#core/plane'

/** What lies round a place of a photo, four times as large, in the corner farthest from it. */
const { picture, place } = defineProps<{ picture: ImageBitmap; place: Point }>()
const loupe = useTemplateRef<HTMLCanvasElement>('loupe')
const LOUPE_PX = 132
const SHOWS_PX = 33
watchEffect(
  () => {
    const context = loupe.value?.getContext('2d')
    if (!context) return
    const [left, top] = [place.x - SHOWS_PX / 2, place.y - SHOWS_PX / 2]
    context.imageSmoothingEnabled = false
    context.fillStyle = '#808080'
    context.fillRect(0, 0, LOUPE_PX, LOUPE_PX)
    context.drawImage(picture, left, top, SHOWS_PX, SHOWS_PX, 0, 0, LOUPE_PX, LOUPE_PX)
    context.strokeStyle = '#a8382b'
    context.lineWidth = 1.5
    context.beginPath()
    context.moveTo(LOUPE_PX / 2, 0)
    context.lineTo(LOUPE_PX / 2, LOUPE_PX)
    context.moveTo(0, LOUPE_PX / 2)
    context.lineTo(LOUPE_PX, LOUPE_PX / 2)
    context.stroke()
  },
  { flush: 'post' },
)
const side = computed(() => [
  place.x > picture.width / 2 ? 'left' : 'right',
  place.y > picture.height / 2 ? 'top' : 'bottom',
])
</script>

<template>
  <canvas
    ref="loupe"
    class="loupe"
    :class="side"
    :width="LOUPE_PX"
    :height="LOUPE_PX"
    aria-hidden="true"
  />
</template>

<style scoped>
.loupe {
  position: absolute;
  width: min(132px, 28%);
  border: 2px solid var(--mulberry);
  border-radius: 50%;
  background: var(--white);
}
.left {
  left: 8px;
}
.right {
  right: 8px;
}
.top {
  top: 8px;
}
.bottom {
  bottom: 8px;
}
</style>
