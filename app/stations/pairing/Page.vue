<script setup lang="ts">
import { type Construction, CONSTRUCTIONS } from '#core/needle'

useHead({ title: 'Thread and needle · Lacy Spool' })
const inHand = useInHandStore()
const construction = useUrlState<Construction>('needle', {
  usual: inHand.parts.needle?.construction ?? 'single',
  choices: CONSTRUCTIONS,
  isStep: true,
})
const gap = useUrlState<string>('gap', { usual: 'any' })
watch(construction, () => {
  gap.value = 'any'
})
const gapMm = computed(() =>
  gap.value === 'any' || construction.value === 'single' ? null : Number(gap.value),
)
const { threads, ranked, buy, start, bobbin, bobbins } = usePairing(construction, gapMm)
const book = useBookStore()
/** The needle that is in where it is of the kind asked for, else the best of that kind. */
const lookedAt = computed(() => {
  const fitted = inHand.parts.needle
  if (fitted?.construction === construction.value) return fitted
  return book.shelf.needles.get(ranked.value[0]?.needle.id ?? '') ?? null
})
</script>

<template>
  <div>
    <StationHead />
    <div class="station">
      <PairingControls
        v-model:construction="construction"
        v-model:gap="gap"
      />
      <div class="middle">
        <NeedleRanking
          :ranked="ranked"
          :threads="threads"
          :buy="buy"
        />
        <UsageCard :needle="lookedAt" />
      </div>
      <div class="side">
        <section
          v-if="inHand.verdict.verdict !== 'clear'"
          aria-label="What stops this setup"
        >
          <ConflictList />
        </section>
        <BobbinCard
          v-if="bobbin"
          :advice="bobbin"
          :ranked="bobbins"
        />
        <StartCard
          v-if="start"
          :start="start"
          :construction="construction"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 262px minmax(0, 1fr) 284px;
  gap: 14px;
  align-items: start;
}
.middle,
.side {
  display: grid;
  gap: 12px;
  min-width: 0;
}
@media (max-width: 1150px) {
  .station {
    grid-template-columns: 280px minmax(0, 1fr);
  }
  .side {
    grid-column: 2;
  }
}
@media (max-width: 800px) {
  .station {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    grid-column: 1;
  }
}
</style>
