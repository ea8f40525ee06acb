<script setup lang="ts">
import type { Shared } from './useShare'

/** Opens the link and the file of a record. */
const { shared, name } = defineProps<{
  shared: Shared
  /** What it is called. */
  name: string
}>()
</script>

<template>
  <UPopover>
    <UButton
      variant="ghost"
      icon="i-lucide-share-2"
      label="Share"
      :aria-label="`Share ${name}`"
    />
    <template #content>
      <SharePanel
        :shared="shared"
        :name="name"
      />
    </template>
  </UPopover>
</template>
