<script setup lang="ts">
import type { Press } from '~/composables/useSetupReasons'

/** One press that takes a reason away; else a link to what would have to be bought. */
const { press } = defineProps<{ press: Press }>()
</script>

<template>
  <UButton
    v-if="'do' in press"
    size="sm"
    variant="outline"
    icon="i-lucide-wrench"
    :label="press.label"
    @click="press.do()"
  />
  <UButton
    v-else
    size="sm"
    variant="ghost"
    icon="i-lucide-shopping-basket"
    :label="press.label"
    :to="press.to"
  />
</template>
