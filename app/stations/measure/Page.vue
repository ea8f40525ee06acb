<script setup lang="ts">
import { unmeasuredOf } from '#shared/inputs'

useHead({ title: 'Measure · Lacy Spool' })
const book = useBookStore()
const settings = useSettingsStore()
const inHand = useInHandStore()
/** Without a machine and a needle there is nothing to work with yet. */
const hasBegun = computed(() => book.shelf.machines.size > 0 && book.shelf.needles.size > 0)
const missing = computed(() => unmeasuredOf(book.shelf, inHand.piece, settings.record))
</script>

<template>
  <div>
    <StationHead />
    <div class="sides">
      <MissingMeasures
        :missing="missing"
        :has-begun="hasBegun"
      />
      <MeasureLog />
    </div>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 14px;
  align-items: start;
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
