<script setup lang="ts">
import { useTurnRank } from './turnRank'
import { useTurn } from './turns'

/** What is in it is filled in its turn while the view around it opens. */
const isFilled = useTurn(useTurnRank())
</script>

<template>
  <slot v-if="isFilled" />
</template>
