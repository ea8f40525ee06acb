<script setup lang="ts">
import { LEAST_ANSWERS, type KnownAnswer, readerFrom, readerWords } from '#core/reader'
import { rowsToRead } from '#core/simulated'
import { GOAL_FACTS, type Reading, READINGS, type ReadingName } from '#core/trial'
import { formatNumber } from '#core/units'
import { dayOf } from '~/utils/dates'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'

/** Twenty simulated swatches to read: what is said of them tells how steadily and how high one reads. */
const { seed, wanted = null } = defineProps<{
  seed: number
  /** The reading to begin with; left out: the goal’s. */
  wanted?: ReadingName | null
}>()
const readers = useReaderStore()
const trial = useTrialStore()
const { sayStored } = useStoredWords()
const { undoOf } = useUndo()
const seam = useSeamPoints()
const HOW_MANY = 20
const draft = reactive({
  seed,
  reading: (wanted ?? GOAL_FACTS[trial.goal].leads) as ReadingName,
  said: [] as Reading[],
  kept: false,
})
/** Half read, it is still there after a reload. */
const { startOver } = useDraft('read-swatches', draft)
const questions = computed(() => rowsToRead(HOW_MANY, draft.seed))
const answers = computed(() =>
  draft.said.map((said, i): KnownAnswer => ({ truth: questions.value[i]!.truth, said })),
)
function begin(reading: ReadingName): void {
  startOver()
  draft.seed = seed + draft.said.length
  draft.reading = reading
}
const over = computed(() => draft.said.length === HOW_MANY)
const now = computed(() => questions.value[Math.min(draft.said.length, HOW_MANY - 1)]!)
const last = computed(() => answers.value.at(-1) ?? null)
const lastOff = computed(() => (last.value ? last.value.said - last.value.truth : 0))
const isNear = (answer: KnownAnswer) => Math.abs(answer.said - answer.truth) <= 0.5
const near = computed(() => answers.value.filter(isNear).length)
const picker = useTemplateRef<{ focus: () => void }>('picker')
const person = ref(readers.person)
async function answer(said: Reading): Promise<void> {
  draft.said.push(said)
  await nextTick()
  if (!over.value) picker.value?.focus()
}
/** These answers alone. */
const found = computed(() => readerFrom({ known: answers.value, repeats: [] }))
function keep(): void {
  readers.keep(draft.reading, answers.value, new Date())
  draft.kept = true
  void sayStored('Kept how you read', {
    actions: [{ label: 'Undo', color: 'primary', variant: 'outline', onClick: undoOf() }],
  })
}
function again(): void {
  draft.kept = false
  draft.seed += 1
  draft.said = []
}
const QUESTIONS = {
  show: 'Which thread shows where?',
  ridge: 'How does the cloth lie between the rows?',
} as const
const PICTURES = {
  show: 'A simulated row, right side above, wrong side below',
  ridge: 'A simulated row, cut across at four places',
} as const
const estimate = computed(() => readers.estimates[draft.reading])
const readings = READINGS.map(value => ({ value, label: READING_NAMES[value] }))
</script>

<template>
  <UCard
    as="section"
    aria-label="Read swatches"
  >
    <header>
      <h2>Read twenty swatches</h2>
      <span
        class="hint"
        role="status"
        >{{
          over
            ? `${near} of ${HOW_MANY} within half a step`
            : `${draft.said.length + 1} of ${HOW_MANY}; ${near} within half a step`
        }}</span
      >
    </header>
    <FoldAway :title="`${readers.person || 'You'}: ${READING_NAMES[draft.reading].toLowerCase()}`">
      <div class="who">
        <TextField
          v-model="person"
          label="Who reads"
          placeholder="you"
          @change="readers.nameReader(person.trim().slice(0, 80))"
        />
        <SelectField
          label="Reading"
          :model-value="draft.reading"
          :items="readings"
          @update:model-value="begin($event as ReadingName)"
        />
      </div>
    </FoldAway>
    <p
      v-if="estimate"
      class="known"
    >
      <b>You read {{ readerWords(estimate) }}.</b>
      <span class="hint"
        >From {{ estimate.answers }} readings{{
          readers.practisedAt(draft.reading) ? `, ${dayOf(readers.practisedAt(draft.reading)!)}` : ''
        }}. The strip counts on it.</span
      >
      <FoldAway title="In numbers">
        <span class="hint"
          >Readings scatter by {{ formatNumber(estimate.scatter, 2) }} ±
          {{ formatNumber(estimate.scatterSpread, 2) }} of a step, and lie
          {{ formatNumber(Math.abs(estimate.bias), 2) }} ± {{ formatNumber(estimate.biasSpread, 2) }} too
          {{ estimate.bias < 0 ? 'low' : 'high' }}. Measured on drawings; rows of your own, sewn again at one
          number, count too.</span
        >
        <UButton
          size="sm"
          variant="outline"
          color="neutral"
          label="Forget the practice"
          @click="readers.forget(draft.reading)"
        />
      </FoldAway>
    </p>
    <div
      v-if="!over"
      class="body"
    >
      <div
        class="picture"
        role="img"
        :aria-label="PICTURES[draft.reading]"
      >
        <template
          v-for="(crossing, i) in now.crossings"
          :key="i"
        >
          <CrossingPicture
            v-if="draft.reading === 'show'"
            of="faces"
            :seam="seam"
            :reading="crossing"
          />
          <RidgePicture
            v-else
            :seam="seam"
            :reading="crossing"
          />
        </template>
      </div>
      <p>
        <b>{{ QUESTIONS[draft.reading] }}</b>
        {{ ' ' }}
        <span class="hint">Four crossings of one row; judge the row as a whole.</span>
      </p>
      <ReadingPicker
        :key="draft.said.length"
        ref="picker"
        :name="draft.reading"
        :legend="QUESTIONS[draft.reading]"
        :seam="seam"
        :target="null"
        :chosen="null"
        @choose="answer"
      />
    </div>
    <p
      v-if="last"
      :class="isNear(last) ? 'clear-ink' : 'close-ink'"
      role="status"
    >
      <UIcon :name="isNear(last) ? 'i-lucide-check' : 'i-lucide-triangle-alert'" />
      {{ isNear(last) ? 'Right' : 'Not quite' }}. You said {{ signed(last.said) }},
      {{ readingWord(draft.reading, last.said) }}. The row lay
      {{ isNear(last) ? 'within half a step of it' : lastOff > 0 ? 'lower' : 'higher' }}, at
      {{ formatNumber(last.truth, 1) }}.
    </p>
    <div
      v-if="draft.said.length >= LEAST_ANSWERS"
      class="end"
    >
      <p v-if="found && !draft.kept">
        <b>You read {{ readerWords(found) }}.</b>
      </p>
      <UButton
        v-if="!draft.kept"
        icon="i-lucide-check"
        :label="over ? 'Keep how I read' : `Keep these ${draft.said.length}`"
        @click="keep"
      />
      <UButton
        v-else
        variant="outline"
        icon="i-lucide-refresh-cw"
        label="Read twenty more"
        @click="again"
      />
    </div>
  </UCard>
</template>

<style scoped>
.body,
.who,
.known {
  display: grid;
  gap: 8px;
  margin: 6px 0;
}
.who {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.picture {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
}
.end {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-top: 8px;
}
</style>
