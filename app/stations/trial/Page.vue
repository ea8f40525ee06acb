<script setup lang="ts">
import { GOAL_FACTS } from '#core/trial'

useHead({ title: 'Trial strip · Lacy Spool' })
const trial = useTrialStore()
const facts = computed(() => GOAL_FACTS[trial.goal])
const chartRows = computed(() =>
  trial.counted.flatMap(row =>
    row[facts.value.leads] === null
      ? []
      : [{ number: row.number, dial: row.dial, reading: row[facts.value.leads]! }],
  ),
)
/** What the sign doctor asks to be tried, until a row is sewn. */
const { at } = useRoute().query
const next = useTemplateRef<HTMLElement>('next')
const tried = ref(typeof at === 'string' && Number.isFinite(Number(at)) ? Number(at) : null)
watch(
  () => trial.strip?.rows.length,
  async (rows, before) => {
    tried.value = null
    if ((rows ?? 0) <= (before ?? 0)) return
    // What was pressed to note a row is gone with its form: the next one is read here.
    await nextTick()
    next.value?.focus({ preventScroll: true })
  },
)
</script>

<template>
  <div>
    <StationHead />
    <div class="station">
      <GoalCard />
      <UCard
        as="section"
        class="read"
        aria-label="Next row"
      >
        <div
          ref="next"
          tabindex="-1"
          class="next"
        >
          <OtherSetup v-if="trial.isOther" />
          <NextCard v-else />
        </div>
        <RowForm
          v-if="trial.dial && !trial.isOther"
          :key="trial.strip?.rows.length ?? 0"
          :tried="tried"
        />
      </UCard>
      <UCard
        as="section"
        aria-label="Rows"
      >
        <TrialChart
          v-if="trial.dial && trial.advice"
          :rows="chartRows"
          :dial="trial.dial"
          :advice="trial.advice"
          :aim="facts"
        />
        <RowList />
        <div
          v-if="!trial.isOther"
          class="mt-3"
        >
          <KeepSwatch />
        </div>
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.next {
  outline: none;
}
.station {
  display: grid;
  grid-template: auto 1fr / minmax(0, 1fr) 300px;
  gap: 14px;
  align-items: start;
}
/* Drawings large enough to read a row by: goal and rows stand beside them. */
.station > .read {
  grid-row: 1 / 3;
  grid-column: 1;
}
.read {
  display: grid;
  gap: 10px;
}
@media (max-width: 800px) {
  .station {
    display: flex;
    flex-direction: column;
    align-items: stretch;
  }
  .station > .read {
    order: -1;
  }
}
</style>
