<script setup lang="ts">
import KitCard from '@nuxt/ui/components/Card.vue'
import { useTurn } from './turns'
import { useTurnRank } from './turnRank'

/** The kit's card, filled in its turn while the view around it opens. */
const isFilled = useTurn(useTurnRank())
</script>

<template>
  <KitCard :aria-busy="isFilled ? undefined : true">
    <slot v-if="isFilled" />
  </KitCard>
</template>
