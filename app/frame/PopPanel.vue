<script setup lang="ts">
import { LatePopover } from '~/asking/lateParts'

/**
 * A panel that opens under its button. Until it is first opened there is only the button: the kit's popover
 * is no part of the first view.
 */
const open = defineModel<boolean>('open', { default: false })
const { label, align = 'start' } = defineProps<{
  label: string
  /** Which edge it shares with its button. @defaultValue 'start' */
  align?: 'start' | 'end'
}>()
const anchor = useTemplateRef('anchor')
const wasOpened = ref(open.value)
watch(open, now => {
  wasOpened.value ||= now
})
/** The kit hands on what its own types leave out: the name of the panel. */
const content = computed(() => ({
  'align': align,
  'sideOffset': 6,
  'aria-label': label,
  'onPointerDownOutside': leave,
  'onFocusOutside': leave,
  'onCloseAutoFocus': giveBack,
}))
const button = () => anchor.value?.querySelector<HTMLElement>('button') ?? undefined
/** Whether the press that closes it from outside is on its own button, which closes it by itself. */
function leave(event: Event): void {
  if (anchor.value?.contains(event.target as Node)) event.preventDefault()
}
function toggle(): void {
  open.value = !open.value
}
/** Back to where it was opened from, unless what was done in it led elsewhere. */
function giveBack(event: Event): void {
  event.preventDefault()
  const at = document.activeElement
  if (!at || at === document.body || at.closest('[role="dialog"]')) button()?.focus({ preventScroll: true })
}
</script>

<template>
  <span
    ref="anchor"
    class="anchor"
  >
    <slot
      :toggle="toggle"
      :opened="{ 'aria-haspopup': 'dialog', 'aria-expanded': open }"
    />
    <LatePopover
      v-if="wasOpened"
      v-model:open="open"
      :reference="anchor!"
      :content="content"
    >
      <template #content>
        <slot name="content" />
      </template>
    </LatePopover>
  </span>
</template>

<style scoped>
.anchor {
  display: flex;
  min-width: 0;
}
</style>
