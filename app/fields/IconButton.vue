<script setup lang="ts">
import { TooltipProvider } from 'reka-ui'

/** A button that is only a sign: pointed at or focused, it says what it does. */
defineOptions({ inheritAttrs: false })
const { icon, tip, label } = defineProps<{
  icon: string
  /** What it does, in a word or three. */
  tip: string
  /** The same with what it is done to, for screen readers. */
  label: string
}>()
</script>

<template>
  <TooltipProvider>
    <UTooltip :text="tip">
      <UButton
        variant="ghost"
        color="neutral"
        :icon="icon"
        :aria-label="label"
        v-bind="$attrs"
      />
    </UTooltip>
  </TooltipProvider>
</template>
