<script setup lang="ts">
import appConfig from '#build/app.config'
import { useFormField } from '@nuxt/ui/composables/useFormField'
import { listLook } from './fieldLooks'

/**
 * A list that is shut, as the kit draws it, in one element: until somebody comes to it, who then gets the
 * kit's own in its place.
 */
const { said } = defineProps<{
  /** What is chosen, in words. */
  said: string | undefined
}>()
const emit = defineEmits<{
  /** The pointer is over it; it has the focus, by a key or its label; it was pressed. */
  come: [how: 'near' | 'focused' | 'opened']
}>()
const { id, color, highlight, ariaAttrs } = useFormField({})
/** A press gives the focus first: taken away then, the button would never hear of its click. */
let isPressed = false
function press(): void {
  isPressed = true
}
/** A finger is over it only once it presses. */
function near({ pointerType }: PointerEvent): void {
  if (pointerType !== 'touch') emit('come', 'near')
}
const look = computed(() => listLook({ color: color.value, highlight: highlight.value, trailing: true }))
</script>

<template>
  <button
    :id="id"
    type="button"
    role="combobox"
    aria-expanded="false"
    aria-autocomplete="none"
    data-slot="base"
    data-state="closed"
    :class="look.base"
    v-bind="ariaAttrs"
    @pointerenter="near"
    @pointerdown="press"
    @pointercancel="isPressed = false"
    @focus="isPressed || emit('come', 'focused')"
    @click="emit('come', isPressed ? 'opened' : 'focused')"
  >
    <span
      data-slot="value"
      :class="look.value"
      >{{ said ?? '\u00a0' }}</span
    >
    <span
      data-slot="trailing"
      :class="look.trailing"
    >
      <UIcon
        :name="appConfig.ui.icons.chevronDown"
        data-slot="trailingIcon"
        :class="look.trailingIcon"
      />
    </span>
  </button>
</template>
