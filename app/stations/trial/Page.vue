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
const stitchChanged = computed(() => trial.changes.some(({ stitch }) => stitch))
</script>

<template>
  <div>
    <StationHead />
    <section
      v-if="trial.changes.length > 0"
      class="changed"
      aria-label="Changed since the rows were sewn"
    >
      <p>
        <b>Changed since:</b> {{ trial.changes.map(({ what }) => what).join('; ') }}.<template
          v-if="stitchChanged"
        >
          Many machines reset the tension when the stitch changes: check the dial.</template
        >
        One thing at a time: the rows so far do not compare with what comes.
      </p>
      <div class="buttons">
        <UButton
          label="New strip"
          icon="i-lucide-scissors"
          @click="trial.begin(new Date())"
        />
        <UButton
          variant="outline"
          label="Go on, earlier rows do not count"
          @click="trial.goOn()"
        />
      </div>
    </section>
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
          <NextCard />
        </div>
        <RowForm
          v-if="trial.dial"
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
        <div class="mt-3"><KeepSwatch /></div>
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
.changed {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  margin-bottom: 12px;
  padding: 9px 14px;
  background: var(--close-bg);
  border: 1.5px solid var(--weld);
  border-radius: 12px;
  color: var(--ink);
}
.changed p {
  flex: 1 1 420px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
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
