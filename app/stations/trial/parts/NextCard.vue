<script setup lang="ts">
import { formatNumber } from '#core/units'
import { GOAL_FACTS, surenessOf } from '#core/trial'
import { LEAST_ANSWERS, readerWords } from '#core/reader'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'
import { dayOf } from '~/utils/dates'
import { nextView } from '../nextView'
import { useSuspects } from '../useSuspects'

/** The next number, large, and why; or that it is found, or cannot be. */
const trial = useTrialStore()
const inHand = useInHandStore()
const advice = computed(() => trial.advice)
const EVIDENCE_WORDS = {
  sewn: 'a row there read the goal',
  between: 'between two rows, not sewn',
  none: 'best guess, not sewn yet',
} as const
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
/** The doctor’s first suspect for what the last row showed. */
const { suspects } = useSuspects(() => view.value?.fault?.signs ?? [])
const inHundred = (chance: number) => Math.round(100 * chance)
/** How sure the number shown is; null: none is shown, or it is out of reach. */
const sureness = computed(() => {
  const now = advice.value
  if (!now || now.best === null || now.outOfReach || view.value?.number == null) return null
  return surenessOf(now)
})
const readers = useReaderStore()
const leads = computed(() => GOAL_FACTS[trial.goal].leads)
const rowsThere = computed(() => trial.counted.filter(({ dial }) => dial === advice.value?.best).length)
/** What would make one surer; empty: nothing needs to. */
const raises = computed(() => {
  if (sureness.value === null || sureness.value === 'sure') return []
  return [
    ...(trial.reader ? [] : ['practise']),
    ...(advice.value?.next === null && rowsThere.value < 2 ? ['row'] : []),
  ]
})
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
        {{ view.word }}<template v-if="sureness && advice.next === null">: {{ sureness }}</template>
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
          >Find the cause</NuxtLink
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
        <template v-if="suspects[0]">First suspect: {{ suspects[0].cause }}.</template>
        {{ ' ' }}
        <NuxtLink
          :to="`/signs?${view.fault.signs.map(id => `sign=${id}`).join('&')}`"
          class="link"
          >Find the cause</NuxtLink
        >
      </p>
      <p
        v-if="advice.next === null && raises.includes('practise')"
        class="hint"
      >
        <NuxtLink
          :to="`/practice?reading=${leads}`"
          class="link"
          >{{ LEAST_ANSWERS }} practice readings</NuxtLink
        >
        tell how sure it is.
      </p>
      <p
        v-if="raises.includes('row')"
        class="hint"
      >
        One more row at {{ mark(advice.best!) }} makes it surer.
      </p>
      <FoldAway
        v-if="advice.best !== null && advice.offReadings !== null"
        title="Why, and how sure"
      >
        <p class="hint">
          Best so far {{ mark(advice.best) }}, {{ EVIDENCE_WORDS[advice.evidence]
          }}<template v-if="advice.bracket"
            >. The goal lies between {{ mark(advice.bracket.low) }} and
            {{ mark(advice.bracket.high) }}</template
          >.
        </p>
        <p class="hint">
          {{ mark(advice.best) }} reads within half a step: {{ inHundred(advice.chance) }} in 100. The range
          is {{ inHundred(advice.chanceRange.low) }} to {{ inHundred(advice.chanceRange.high) }}. About
          {{ formatNumber(advice.offReadings, 1) }} of a step off.
        </p>
        <p
          v-if="trial.reader"
          class="hint"
        >
          You read {{ readerWords(trial.reader) }} ({{ trial.reader.answers }} readings{{
            readers.practisedAt(leads) ? `, ${dayOf(readers.practisedAt(leads)!)}` : ''
          }}). The range is for a reader a quarter less steady, and a fifth steadier.
        </p>
        <p
          v-else
          class="hint"
        >
          How you read is not measured. The range covers an unsteady eye and a very steady eye.
          <NuxtLink
            :to="`/practice?reading=${leads}`"
            class="link"
            >Measure it with {{ LEAST_ANSWERS }} practice readings</NuxtLink
          >.
        </p>
      </FoldAway>
    </div>
  </div>
  <MissingCard
    v-else-if="!inHand.parts.machine"
    why="A tension belongs to its machine."
  />
  <template v-else>
    <p role="status">
      <b>The tension dial of {{ inHand.parts.machine.name }}?</b> A number means nothing without it.
    </p>
    <DialHere
      :key="inHand.parts.machine.id"
      :machine="inHand.parts.machine"
    />
  </template>
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
@media (max-width: 640px), (max-height: 500px) {
  .next {
    gap: 12px;
    padding: 2px 10px;
  }
  .next > b {
    min-width: 60px;
    font-size: 42px;
  }
}
</style>
