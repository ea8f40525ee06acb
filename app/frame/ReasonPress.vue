<script setup lang="ts">
import type { JobReason } from '#core/verdict'
import { useReasonPress } from '~/composables/useReasonPress'

/** One press that takes a reason away; else a link to what would have to be bought. */
const { reason } = defineProps<{ reason: JobReason }>()
const press = useReasonPress(() => reason)
</script>

<template>
  <UButton
    v-if="press && 'do' in press"
    size="sm"
    variant="outline"
    icon="i-lucide-wrench"
    :label="press.label"
    @click="press.do()"
  />
  <UButton
    v-else-if="press"
    size="sm"
    variant="ghost"
    icon="i-lucide-shopping-basket"
    :label="press.label"
    :to="press.to"
  />
</template>
