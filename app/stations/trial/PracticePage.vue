<script setup lang="ts">
import { READINGS } from '#core/trial'

useHead({ title: 'Practice · Lacy Spool' })
const A_LOT = 1_000_000
const fresh = () => Math.floor(Math.random() * A_LOT)
const seed = ref(fresh())
/** The strip sends for the reading its goal is about. */
const { reading } = useRoute().query
const wanted = READINGS.find(name => name === reading) ?? null
</script>

<template>
  <div>
    <StationHead>
      <UButton
        variant="outline"
        icon="i-lucide-refresh-cw"
        label="Another machine"
        @click="
          () => {
            seed = fresh()
          }
        "
      />
    </StationHead>
    <p class="hint simulated">
      <UIcon name="i-lucide-info" /> Simulated: a made-up machine in the colours and stitch of the piece in
      hand. Nothing here goes into the swatch book.
    </p>
    <div class="station">
      <FindTension :seed="seed" />
      <ReadSwatches
        :seed="seed"
        :wanted="wanted"
      />
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 16px;
  align-items: start;
}
.simulated {
  margin-bottom: 10px;
}
@media (max-width: 1000px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
