<script setup lang="ts">
import { useTip } from './useTip'

/** A button that is only a sign: pointed at or focused, it says what it does. */
defineOptions({ inheritAttrs: false })
const { icon, tip, label } = defineProps<{
  icon: string
  /** What it does, in a word or three. */
  tip: string
  /** The same with what it is done to, for screen readers. */
  label: string
}>()
const { of, isNear, isOpen, near, content } = useTip()
</script>

<template>
  <UButton
    variant="ghost"
    color="neutral"
    :icon="icon"
    :aria-label="label"
    v-bind="{ ...$attrs, ...near }"
  />
  <LateTip
    v-if="isNear"
    v-model:open="isOpen"
    :of="of"
    :tip="tip"
    :content="content"
  />
</template>
