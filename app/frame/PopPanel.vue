<script setup lang="ts">
import { useResizeObserver } from '@vueuse/core'

/**
 * A panel that opens under its button: the browser's own popover, which closes on Escape and on a press
 * outside. Its content exists only while it is open.
 */
const open = defineModel<boolean>('open', { default: false })
const { label, align = 'start' } = defineProps<{
  label: string
  /** Which edge it shares with its button. @defaultValue 'start' */
  align?: 'start' | 'end'
}>()
const button = useTemplateRef('button')
const panel = useTemplateRef('panel')
const id = useId()
const EDGE_PX = 10
const GAP_PX = 6

watch(open, async now => {
  await nextTick()
  if (now && !panel.value?.matches(':popover-open')) panel.value?.showPopover()
  else if (!now && panel.value?.matches(':popover-open')) panel.value.hidePopover()
})
function toggled(event: Event): void {
  const now = (event as ToggleEvent).newState === 'open'
  open.value = now
  if (now) void nextTick(place)
}
/** Content that comes later may be larger: it is placed again. */
useResizeObserver(panel, place)
/** Under the button, or over it where there is more room; never off the screen. */
function place(): void {
  if (!button.value || !panel.value?.matches(':popover-open')) return
  const opener = button.value.getBoundingClientRect()
  const { offsetWidth: width, scrollHeight: tall } = panel.value
  const left = align === 'start' ? opener.left : opener.right - width
  panel.value.style.left = `${Math.max(EDGE_PX, Math.min(left, window.innerWidth - width - EDGE_PX))}px`
  const [above, below] = [
    opener.top - GAP_PX - EDGE_PX,
    window.innerHeight - opener.bottom - GAP_PX - EDGE_PX,
  ]
  const over = tall > below && above > below
  panel.value.style.top = over ? 'auto' : `${opener.bottom + GAP_PX}px`
  panel.value.style.bottom = over ? `${window.innerHeight - opener.top + GAP_PX}px` : 'auto'
  panel.value.style.maxHeight = `${over ? above : below}px`
}
</script>

<template>
  <span
    ref="button"
    class="anchor"
  >
    <slot :target="id" />
    <section
      :id="id"
      ref="panel"
      popover
      class="panel"
      :aria-label="label"
      @toggle="toggled"
    >
      <slot
        v-if="open"
        name="content"
      />
    </section>
  </span>
</template>

<style scoped>
.anchor {
  display: flex;
  min-width: 0;
}
.panel {
  position: fixed;
  inset: auto;
  margin: 0;
  width: min(380px, 94vw);
  overflow-y: auto;
  padding: 14px;
  color: var(--ink);
  background: var(--cloth);
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  box-shadow: 0 8px 28px #0003;
}
</style>
