<script setup lang="ts">
import { READINGS } from '#core/trial'

useHead({ title: 'Practice · Lacy Spool' })
const A_LOT = 1_000_000
const fresh = () => Math.floor(Math.random() * A_LOT)
const seed = ref(fresh())
const readSeed = fresh()
/** The strip sends for the reading its goal is about. */
const { reading } = useRoute().query
const wanted = READINGS.find(name => name === reading) ?? null
</script>

<template>
  <div>
    <StationHead />
    <div class="station">
      <div class="find">
        <FindTension :seed="seed" />
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
      </div>
      <ReadSwatches
        :seed="readSeed"
        :wanted="wanted"
      />
    </div>
    <p class="hint simulated">
      <UIcon name="i-lucide-info" /> Simulated: a made-up machine with this piece’s colours and stitch.
      Nothing enters the swatch book.
    </p>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 16px;
  align-items: start;
}
.find {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.find > section {
  width: 100%;
}
.simulated {
  margin-top: 10px;
}
@media (max-width: 1000px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  /* How a person reads is what the strip sends for. */
  .find {
    order: 1;
  }
}
</style>
