<script setup lang="ts">
import { TooltipProvider } from 'reka-ui'

/** The words of a sign: mounted once someone is near it. */
const open = defineModel<boolean>('open', { required: true })
const { of, tip, content } = defineProps<{
  of: HTMLElement | null
  tip: string
  /** What the tip's own box listens to. */
  content: Record<string, unknown>
}>()
</script>

<template>
  <TooltipProvider>
    <UTooltip
      v-model:open="open"
      :text="tip"
      :reference="of ?? undefined"
      :content="content"
    />
  </TooltipProvider>
</template>
