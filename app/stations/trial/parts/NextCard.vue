<script setup lang="ts">
import { formatNumber, formatShort } from '#core/units'
import { sureWords } from '#core/trial'
import { readingWord, signed } from '~/utils/readingWords'
import { nextView } from '../nextView'

/** The next number, large, and why; or that it is found, or cannot be. */
const trial = useTrialStore()
const inHand = useInHandStore()
const advice = computed(() => trial.advice)
const EVIDENCE_WORDS = {
  sewn: 'a row there read the goal',
  between: 'between two rows, not sewn',
  none: 'not sewn there',
} as const
const READING_NAMES = { ridge: 'Ridge', show: 'Show' } as const
const mark = (value: number) => String(Math.round(value * 100) / 100)
const view = computed(() => {
  const row = trial.strip?.rows.at(-1)
  return advice.value && nextView(advice.value, trial.counted.length, row?.comparable ? row : null)
})
const ICON = {
  'stop': 'i-lucide-octagon-x',
  'clear': 'i-lucide-check',
  'close': 'i-lucide-triangle-alert',
  '': 'i-lucide-arrow-right',
} as const
const inHundred = (chance: number) => Math.round(100 * chance)
</script>

<template>
  <div
    v-if="advice && view"
    :class="['next', view.kind]"
    role="status"
    aria-label="Next number"
  >
    <b class="serif">{{ view.number === null ? '–' : mark(view.number) }}</b>
    <div>
      <p class="word">
        <UIcon :name="ICON[view.kind]" />
        {{ view.word }}
      </p>
      <p>{{ advice.reason.message }}</p>
      <p
        v-if="advice.beside"
        class="beside"
      >
        <UIcon
          name="i-lucide-triangle-alert"
          class="close-ink"
        />
        {{ READING_NAMES[advice.beside.name] }} there is {{ signed(advice.beside.reading) }},
        {{ readingWord(advice.beside.name, advice.beside.reading) }}; this goal wants
        {{ signed(advice.beside.allowed[0]) }} to {{ signed(advice.beside.allowed[1]) }}. Tension moves both:
        {{ advice.beside.mend }}, then sew a new strip.
        <NuxtLink
          :to="`/signs?sign=${view.besideSign}`"
          class="link"
          >Ask the sign doctor</NuxtLink
        >
      </p>
      <p
        v-if="view.fault"
        class="beside"
      >
        <UIcon
          name="i-lucide-triangle-alert"
          class="close-ink"
        />
        The last row had {{ view.fault.words }}.
        {{
          view.fault.stopsWork
            ? 'Stop and look before you sew on, your machine’s own manual first.'
            : 'More than the number may be wrong.'
        }}
        <NuxtLink
          :to="`/signs?sign=${view.fault.sign}`"
          class="link"
          >Ask the sign doctor</NuxtLink
        >
      </p>
      <p class="hint">
        <template v-if="advice.best !== null"
          >Best so far {{ mark(advice.best) }}: {{ sureWords(advice.chance) }},
          {{ EVIDENCE_WORDS[advice.evidence] }}.
        </template>
        <template v-if="advice.bracket"
          >Between {{ mark(advice.bracket.low) }} and {{ mark(advice.bracket.high) }}.</template
        >
        <template v-else-if="trial.dial"
          >Dial {{ formatShort(trial.dial.min) }} to {{ formatShort(trial.dial.max) }}, home
          {{ formatShort(trial.dial.home) }}.</template
        >
      </p>
      <FoldAway
        v-if="advice.best !== null && advice.offReadings !== null"
        title="How sure, in numbers"
      >
        <p class="hint">
          {{ inHundred(advice.chance) }} in 100 that {{ mark(advice.best) }} truly reads within half a step;
          about {{ formatNumber(advice.offReadings, 1) }} of a step off. Reckoned from your rows and how they
          scatter.
        </p>
        <p class="hint">
          How steadily you read was not measured: {{ inHundred(advice.chanceRange.high) }} in 100 for a very
          steady eye, {{ inHundred(advice.chanceRange.low) }} where readings are a step off now and then.
        </p>
      </FoldAway>
    </div>
  </div>
  <UCard
    v-else
    as="section"
    aria-label="Missing"
  >
    <template v-if="inHand.parts.machine">
      <p role="status">
        <b>The tension dial of {{ inHand.parts.machine.name }}?</b> A number means nothing without it.
      </p>
      <DialHere
        :key="inHand.parts.machine.id"
        :machine="inHand.parts.machine"
      />
    </template>
    <MissingCard
      v-else
      why="A tension belongs to its machine."
    />
  </UCard>
</template>

<style scoped>
.next {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 8px 16px;
  border: 1.5px solid var(--line-strong);
  border-radius: 12px;
  background: var(--white);
}
.next > b {
  font-size: 60px;
  line-height: 1;
  font-weight: 400;
  font-variant-numeric: lining-nums;
  min-width: 92px;
  text-align: center;
}
.word {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 18px;
  font-weight: 700;
}
.beside {
  font-size: 15px;
}
.link {
  text-decoration: underline;
  color: var(--mulberry);
}
.clear {
  background: var(--clear-bg);
  border-color: var(--lichen);
}
.close {
  background: var(--close-bg);
  border-color: var(--weld);
}
.stop {
  background: var(--strikes-bg);
  border-color: var(--madder);
}
summary {
  display: list-item;
  align-content: center;
  min-height: 28px;
  cursor: pointer;
}
</style>
