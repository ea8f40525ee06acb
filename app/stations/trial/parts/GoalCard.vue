<script setup lang="ts">
import { formatNumber, formatShort } from '#core/units'
import { JOBS } from '#core/job'
import { GOALS, type Goal } from '#core/terms'
import { GOAL_FACTS, type TrialCare } from '#core/trial'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'
import { LatePrintStrip } from '~/asking/lateStationParts'

/** What the strip is to find, and where it is expected before anything was sewn. */
const trial = useTrialStore()
const book = useBookStore()
const facts = computed(() => GOAL_FACTS[trial.goal])
const inHand = useInHandStore()
const start = useStartStore()
/** Rows that were begun for something else are read for this now. */
const begunFor = computed(() => {
  const { strip } = trial
  return strip && strip.rows.length > 0 && strip.goal !== trial.goal ? GOAL_FACTS[strip.goal].name : null
})
const cares = [
  { value: 'careful', label: 'Careful' },
  { value: 'quick', label: 'Quick' },
] as const
const mark = (value: number) => formatNumber(value, 1)
const names = computed(
  () =>
    trial.expected?.leansOn.slice(0, 4).flatMap(({ id }) => book.shelf.swatches.get(id)?.name ?? []) ?? [],
)
</script>

<template>
  <UCard
    as="section"
    aria-label="Goal"
  >
    <p>
      Job: <b>{{ JOBS[inHand.setup.job].name }}</b> <span class="hint">change it in the line-up</span>
    </p>
    <SelectField
      label="Goal"
      :model-value="inHand.setup.goal"
      :items="GOALS.map(value => ({ value, label: value }))"
      @update:model-value="inHand.update('Choose the goal', { goal: $event as Goal })"
    />
    <p
      v-if="begunFor"
      class="hint"
    >
      The rows were sewn for “{{ begunFor }}”; they are read for this goal now.
    </p>
    <p>
      Look for: <b>{{ facts.look }}</b>.
      <span class="hint"
        >{{ READING_NAMES[facts.leads] }} {{ signed(facts.target) }}{{ facts.atLeast ? ' or more' : '' }},
        {{ readingWord(facts.leads, facts.target) }}.</span
      >
    </p>
    <SelectField
      label="How sure"
      :model-value="trial.care"
      :items="cares"
      @update:model-value="trial.beAs($event as TrialCare, new Date())"
    />
    <p class="hint">
      {{
        trial.care === 'careful'
          ? 'Sure enough for a garment: about 3 rows.'
          : 'About 2 rows, wrong more often.'
      }}
    </p>
    <FoldAway
      v-if="trial.expected"
      title="Why start there"
    >
      <p>
        Expected at <b>{{ mark(trial.expected.prior.tension) }}</b> ± {{ mark(trial.expected.prior.spread) }}
        <span class="hint">({{ trial.expected.source }})</span>
      </p>
      <p class="hint">
        {{ trial.expected.why
        }}<template v-if="names.length > 0"
          >: {{ names.join(', ') }}{{ trial.expected.of > names.length ? ' …' : '' }}</template
        >.
      </p>
      <p
        v-for="other in trial.expected.others"
        :key="other.source"
        class="hint"
      >
        {{ other.source }} would say {{ other.text }}: {{ other.why }}.
      </p>
      <p
        v-if="trial.expected.error"
        class="hint"
      >
        Checked on {{ trial.expected.error.of }} swatches: the book was off by
        {{ mark(trial.expected.error.book) }}, the rule by {{ mark(trial.expected.error.rule) }}.
      </p>
      <p class="hint">
        The other reading may lie from {{ signed(facts.other[0]) }} to {{ signed(facts.other[1]) }}.
      </p>
    </FoldAway>
    <AskFault
      v-if="start.fault"
      what="What your own swatches say"
      :fault="start.fault"
      @again="start.again"
    />
    <p
      v-if="trial.dial?.isGuess"
      class="hint"
    >
      The step of this dial is not known: {{ formatShort(trial.dial.step) }} is a guess. Add it under Machine.
    </p>
    <div
      v-if="trial.dial"
      class="buttons"
    >
      <UButton
        variant="outline"
        icon="i-lucide-scissors"
        label="New strip"
        :disabled="!trial.strip || trial.strip.rows.length === 0"
        @click="trial.begin(new Date())"
      />
      <LatePrintStrip />
    </div>
  </UCard>
</template>

<style scoped>
.card {
  display: grid;
  gap: 10px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
