<script setup lang="ts">
import { provideTurnRank } from './turnRank'

/** Says when the parts in it take their turn while a view opens: 0 the first. */
const { rank } = defineProps<{ rank: number }>()
provideTurnRank(rank)
</script>

<template>
  <slot />
</template>
