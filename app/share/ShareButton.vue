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
  <PopPanel label="Share">
    <template #default="{ toggle, opened }">
      <UButton
        variant="ghost"
        icon="i-lucide-share-2"
        label="Share"
        :aria-label="`Share ${name}`"
        v-bind="opened"
        @click="toggle"
      />
    </template>
    <template #content>
      <SharePanel
        :shared="shared"
        :name="name"
      />
    </template>
  </PopPanel>
</template>
