<script setup lang="ts">
import { useFieldProblems } from '~/fields/fieldProblems'

/** One way of measuring: what one does at the left, what follows from it at the right. */
useFieldProblems()
</script>

<template>
  <div>
    <StationHead><slot name="head" /></StationHead>
    <slot name="above" />
    <div class="ways">
      <div class="grid gap-3"><slot /></div>
      <div class="grid gap-3"><slot name="result" /></div>
    </div>
  </div>
</template>

<style scoped>
.ways {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
@media (max-width: 900px) {
  .ways {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
