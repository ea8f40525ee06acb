<script setup lang="ts">
import { formatShort } from '#core/units'
import { MOST_NAME, MOST_NOTE } from '#shared/fields'
import { GOAL_FACTS } from '#core/trial'
import { SWATCH_VERDICTS, type Swatch } from '#shared/records'
import { readingWord } from '~/utils/readingWords'

/** Keeps what was found, with all that is on the machine. */
const trial = useTrialStore()
const inHand = useInHandStore()
const book = useBookStore()
const { sayStored } = useStoredWords()
const { undoOf } = useUndo()
const COMPUTED = 'computed'
/** Half filled, it is still open after a look at another page. */
const draft = reactive({
  open: false,
  name: '',
  verdict: 'good' as Swatch['verdict'],
  note: '',
  /**
   * A row that was sewn, by its number; what was only worked out has no readings, and nothing is learned from
   * it.
   */
  which: COMPUTED as string,
})
const { startOver } = useDraft(`keep-swatch-${trial.strip?.id ?? ''}`, draft)
/** The proposed row first, then all others that count, in the order they were sewn. */
const numbers = computed(() => {
  const { best, computedBest, counted, goal } = trial
  const { leads } = GOAL_FACTS[goal]
  const rows = best ? [best, ...counted.filter(({ number }) => number !== best.number)] : counted
  return [
    ...rows.map(row => ({
      value: String(row.number),
      label: `${formatShort(row.dial)}, row ${row.number}: ${readingWord(leads, row[leads])}`,
    })),
    ...(computedBest === null
      ? []
      : [{ value: COMPUTED, label: `${formatShort(computedBest)}, worked out, not sewn` }]),
  ]
})
const verdicts = SWATCH_VERDICTS.map(value => ({ value, label: value }))
/** A name no other swatch has: the second of a kind is its number 2. */
function ownName(wish: string): string {
  const taken = new Set([...book.shelf.swatches.values()].map(swatch => swatch.name))
  const names = Array.from({ length: taken.size + 1 }, (_, i) => (i === 0 ? wish : `${wish}, ${i + 1}`))
  return names.find(one => !taken.has(one))!.slice(0, MOST_NAME)
}
function begin(): void {
  draft.name = ownName(`${GOAL_FACTS[trial.goal].name}, ${inHand.parts.stitch?.name ?? 'no stitch'}`)
  draft.verdict = trial.advice?.settled ? 'good' : 'usable'
  draft.which = numbers.value[0]?.value ?? COMPUTED
  draft.open = true
}
const problem = computed(() => {
  if (draft.name.trim() === '') return 'Name: needs a name.'
  if (draft.name.length > MOST_NAME) return `Name: at most ${MOST_NAME} characters.`
  return draft.note.length > MOST_NOTE ? `Note: at most ${MOST_NOTE} characters.` : ''
})
function keep(): void {
  if (problem.value) return
  const which = draft.which === COMPUTED ? COMPUTED : Number(draft.which)
  const kept = trial.keep(draft.name.trim(), draft.verdict, draft.note.trim(), new Date(), which)
  if (kept === null) return
  startOver()
  void sayStored('Kept in the swatch book', {
    actions: [
      {
        label: 'Open it',
        color: 'primary',
        variant: 'outline',
        onClick: () => void navigateTo({ path: '/swatches', query: { swatch: kept } }),
      },
      { label: 'Undo', color: 'primary', variant: 'outline', onClick: undoOf() },
    ],
  })
}
</script>

<template>
  <UButton
    v-if="!draft.open"
    icon="i-lucide-bookmark"
    label="Keep as a swatch"
    :variant="trial.advice?.settled ? 'solid' : 'outline'"
    :disabled="(trial.strip?.rows.length ?? 0) === 0"
    @click="begin"
  />
  <form
    v-else
    class="keep"
    aria-label="Keep as a swatch"
    @submit.prevent="keep"
  >
    <TextField
      v-model="draft.name"
      label="Name"
    />
    <SelectField
      v-if="numbers.length > 0"
      v-model="draft.which"
      label="Number"
      :items="numbers"
    />
    <SelectField
      v-model="draft.verdict"
      label="Verdict"
      :items="verdicts"
    />
    <TextField
      v-model="draft.note"
      label="Note"
      placeholder="what you want to remember"
    />
    <p
      v-if="problem"
      role="alert"
      class="hint strikes-ink"
    >
      {{ problem }}
    </p>
    <div class="flex gap-2">
      <UButton
        type="submit"
        label="Keep"
        icon="i-lucide-check"
        :disabled="problem !== ''"
      /><UButton
        variant="ghost"
        label="Cancel"
        @click="startOver"
      />
    </div>
  </form>
</template>

<style scoped>
.keep {
  display: grid;
  gap: 8px;
  padding-top: 8px;
  border-top: 1px solid var(--line);
}
</style>
