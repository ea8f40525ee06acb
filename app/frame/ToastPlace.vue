<script setup lang="ts">
import { useRafFn, useWindowSize } from '@vueuse/core'
import { type Box, clearPlace, type Place } from './clearPlace'

/** Notes, where they lie over nothing a person is about to press. */
const { toasts } = useToast()
const { width, height } = useWindowSize()
const PHONE_PX = 640
const MOST = 3
const LOOKS_A_SECOND = 10
/** Never covered: what saves, what a dialog asks, a phone's menu. */
const KEPT = [
  '[type="submit"]',
  '[data-save]',
  '[role="dialog"] :is(button, a, input, select, textarea)',
  '[role="alertdialog"] :is(button, a)',
  '[data-menu] button',
].join()
const PRESSED = ':is(main, header, nav) :is(button, a, input, [role="combobox"])'
const place = ref<Place>('bottom-center')
const footPx = ref(0)

function boxesOf(css: string): Box[] {
  return [...document.querySelectorAll<HTMLElement>(css)]
    .filter(one => one.checkVisibility() && !one.closest('[data-slot="viewport"]'))
    .map(one => one.getBoundingClientRect())
    .filter(({ bottom, top }) => bottom > 0 && top < height.value)
}
/** As large as the notes are now; before they are drawn, as large as one of them. */
function sizeOfNotes(): { width: number; height: number } {
  const notes = [...document.querySelectorAll('li[data-slot="base"], [data-slot="base"][data-front]')]
  const tall = notes.reduce((sum, note) => sum + note.getBoundingClientRect().height + 16, 0)
  return { width: Math.min(384, width.value - 32), height: Math.max(90, tall) }
}
function look(): void {
  const menu = document.querySelector('[data-menu]')
  footPx.value = width.value <= PHONE_PX && menu ? menu.getBoundingClientRect().height : 0
  const screen = { width: width.value, height: height.value }
  place.value = clearPlace(screen, sizeOfNotes(), footPx.value, boxesOf(KEPT), boxesOf(PRESSED))
}
const { pause, resume } = useRafFn(look, { fpsLimit: LOOKS_A_SECOND, immediate: false })
watch(
  () => toasts.value.length > 0,
  isThere => {
    if (!isThere) return pause()
    look()
    resume()
  },
  { immediate: true },
)
</script>

<template>
  <UToaster
    :progress="false"
    :position="place"
    :max="MOST"
    :style="{ '--foot': `${footPx}px` }"
    :ui="{ viewport: place.startsWith('bottom') ? 'mb-(--foot)' : '' }"
  />
</template>
