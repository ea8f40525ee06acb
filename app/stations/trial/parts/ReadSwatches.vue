<script setup lang="ts">
import { seeded } from '#core/simulated'
import { type Reading, READING_STEPS, type ReadingName } from '#core/trial'
import { readingWord, signed } from '~/utils/readingWords'

/** Twenty simulated swatches to read: what do you see, and what was it? */
const { seed } = defineProps<{ seed: number }>()
const seam = useSeamPoints()
const HOW_MANY = 20
const questions = computed(() => {
  const random = seeded(seed)
  return Array.from({ length: HOW_MANY }, (): { name: ReadingName; truth: Reading } => ({
    name: random() < 0.6 ? 'show' : 'ridge',
    truth: READING_STEPS[Math.floor(random() * READING_STEPS.length)]!,
  }))
})
const answers = ref<Reading[]>([])
watch(
  () => seed,
  () => {
    answers.value = []
  },
)
const place = computed(() => Math.min(answers.value.length, HOW_MANY - 1))
const now = computed(() => questions.value[place.value]!)
const over = computed(() => answers.value.length === HOW_MANY)
const last = computed(() =>
  answers.value.length === 0
    ? null
    : { said: answers.value.at(-1)!, ...questions.value[answers.value.length - 1]! },
)
const right = computed(() => answers.value.filter((answer, i) => answer === questions.value[i]!.truth).length)
const near = computed(
  () => answers.value.filter((answer, i) => Math.abs(answer - questions.value[i]!.truth) <= 1).length,
)
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
            ? `${right} of ${HOW_MANY} right, ${near} within one step`
            : `${answers.length + 1} of ${HOW_MANY}; ${right} right`
        }}</span
      >
    </header>
    <div
      v-if="!over"
      class="body"
    >
      <div
        class="picture"
        role="img"
        :aria-label="
          now.name === 'show'
            ? 'A simulated swatch, right side above, under side below'
            : 'A simulated swatch, cut across'
        "
      >
        <ShowPicture
          v-if="now.name === 'show'"
          :seam="seam"
          :reading="now.truth"
        />
        <RidgePicture
          v-else
          :seam="seam"
          :reading="now.truth"
        />
      </div>
      <div
        class="steps"
        role="group"
        :aria-label="now.name === 'show' ? 'Which thread shows where?' : 'How does the cloth lie?'"
      >
        <p>
          <b>{{ now.name === 'show' ? 'Which thread shows where?' : 'How does the cloth lie?' }}</b>
        </p>
        <UButton
          v-for="step in READING_STEPS"
          :key="step"
          variant="ghost"
          color="neutral"
          @click="
            () => {
              answers.push(step)
            }
          "
        >
          <b>{{ signed(step) }}</b> {{ readingWord(now.name, step) }}
        </UButton>
      </div>
    </div>
    <p
      v-if="last"
      :class="last.said === last.truth ? 'clear-ink' : 'close-ink'"
      role="status"
    >
      <UIcon :name="last.said === last.truth ? 'i-lucide-check' : 'i-lucide-triangle-alert'" />
      {{ last.said === last.truth ? 'Right' : 'Not quite' }}: it was {{ signed(last.truth) }},
      {{ readingWord(last.name, last.truth)
      }}<template v-if="last.said !== last.truth"
        >; you said {{ signed(last.said) }}, {{ readingWord(last.name, last.said) }}</template
      >.
    </p>
    <p
      v-if="over"
      class="hint"
    >
      Within one step is what the search counts on: it allows for a reading that is off by a third of a step,
      and for a slip in fifty.
    </p>
  </UCard>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 16px;
  align-items: center;
  margin: 6px 0;
}
.picture :deep(svg) {
  width: 100%;
  max-height: 330px;
}
.steps {
  display: grid;
  gap: 5px;
}
.steps button {
  min-height: 44px;
  padding: 0 12px;
  text-align: left;
  border: 1.5px solid var(--line-strong);
  border-radius: 9px;
  background: var(--white);
  cursor: pointer;
}
.steps button:hover {
  border-color: var(--mulberry);
}
@media (max-width: 640px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
