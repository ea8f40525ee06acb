<script setup lang="ts">
import { useLate } from '~/asking/useLate'

const book = useBookStore()
const late = useLate()
async function loadDemo(): Promise<void> {
  await late('The demo', () => book.loadDemo(), loadDemo)
}
</script>

<template>
  <UCard
    as="section"
    class="welcome"
    aria-label="Begin"
  >
    <h2>Begin with your machine</h2>
    <MachineHere />
    <p class="hint">
      It stands in the manual, or on the width dial. Then type the label of your needle below.
    </p>
    <UButton
      v-if="book.isEmpty"
      class="justify-self-start"
      variant="ghost"
      label="Or look round with the demo"
      @click="loadDemo"
    />
  </UCard>
</template>

<style scoped>
.welcome {
  display: grid;
  gap: 6px;
  max-width: 720px;
  margin-bottom: 12px;
}
</style>
