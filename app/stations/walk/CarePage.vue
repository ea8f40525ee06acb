<script setup lang="ts">
useHead({ title: 'Care · Lacy Spool' })
const inHand = useInHandStore()
</script>

<template>
  <div>
    <StationHead />
    <MissingCard
      v-if="!inHand.parts.machine"
      class="mb-3"
      why="What was sewn, and what to clean, is counted for each."
    />
    <div class="station">
      <NeedleCare />
      <div class="side">
        <UCard
          as="section"
          aria-label="Sewing now"
        >
          <header><h2>Sewing now</h2></header>
          <SessionTimer />
        </UCard>
        <SeamTime />
        <ReminderCard />
      </div>
      <div class="side">
        <CleaningCard />
      </div>
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px 272px;
  gap: 14px;
  align-items: start;
}
.side {
  display: grid;
  gap: 14px;
}
@media (max-width: 1150px) {
  .station {
    grid-template-columns: minmax(0, 1fr) 300px;
  }
  .side:nth-child(2) {
    grid-row: 1 / 3;
  }
  .station {
    grid-template-rows: auto 1fr;
  }
}
@media (max-width: 800px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  .side:nth-child(2) {
    grid-row: auto;
  }
}
</style>
