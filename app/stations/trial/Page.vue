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
/** What Troubleshooting asks to be tried, until a row is sewn. */
const { at } = useRoute().query
const form = useTemplateRef<{ focus: () => void }>('form')
const more = ref(false)
/** Where the strip ends, what was found is kept; another row is still sewn by whoever wants one. */
const isOver = computed(() => trial.advice !== null && trial.advice.next === null)
const tried = ref(typeof at === 'string' && Number.isFinite(Number(at)) ? Number(at) : null)
watch(
  () => trial.strip?.rows.length,
  async (rows, before) => {
    tried.value = null
    more.value = false
    if ((rows ?? 0) <= (before ?? 0)) return
    // What was pressed to note a row is gone with its form: the next row is read here.
    await nextTick()
    form.value?.focus()
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
        <NextCard />
        <OtherSetup v-if="trial.other" />
        <div
          v-if="isOver"
          class="over"
        >
          <KeepSwatch />
          <UButton
            v-if="!more"
            variant="outline"
            icon="i-lucide-plus"
            label="Sew one more row"
            @click="
              () => {
                more = true
              }
            "
          />
        </div>
        <RowForm
          v-if="trial.dial && (!isOver || more || tried !== null)"
          ref="form"
          :key="trial.strip?.rows.length ?? 0"
          :tried="tried"
        />
      </UCard>
      <UCard
        v-if="trial.dial"
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
          v-if="!isOver"
          class="mt-3"
        >
          <KeepSwatch />
        </div>
      </UCard>
    </div>
  </div>
</template>

<style scoped>
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
.over {
  display: flex;
  flex-wrap: wrap;
  align-items: start;
  gap: 10px;
}
.read {
  display: grid;
  gap: 10px;
}
/* It stands in a card already. */
.read :deep(.missing) {
  border: 0;
  padding: 0;
}
@media (max-width: 800px), (max-height: 500px) {
  .station {
    display: flex;
    flex-direction: column;
    align-items: stretch;
  }
  .station > .read {
    order: -1;
  }
}
.over :deep(form) {
  flex: 1 1 100%;
}
</style>
