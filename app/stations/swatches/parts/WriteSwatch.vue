<script setup lang="ts">
import { FARTHEST_MARK } from '#core/dial'
import { GOAL_FACTS, type Reading, READINGS_SAID, type ReadingName } from '#core/trial'
import { frozenOf } from '#shared/inputs'
import { SWATCH_VERDICTS, type Swatch, swatchSchema } from '#shared/records'
import { tensionFromOf } from '#shared/setup'
import { useFieldProblems } from '~/fields/fieldProblems'
import { newId } from '~/utils/id'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'

/** A swatch without a strip: a number one knows already, with all that is set for the piece in hand. */
const emit = defineEmits<{ done: [] }>()
const inHand = useInHandStore()
const start = useStartStore()
const book = useBookStore()
const { sayStored } = useStoredWords()
const { undoOf } = useUndo()
const draft = reactive({
  name: '',
  tension: inHand.setup.tension,
  source: 'own' as 'own' | 'rule' | 'guess',
  show: '',
  ridge: '',
  verdict: 'good' as Swatch['verdict'],
  note: '',
})
const { drop, startOver } = useDraft('write-swatch', draft)
const SOURCES = [
  { value: 'own', label: 'I sewed it' },
  { value: 'rule', label: 'a rule I was told' },
  { value: 'guess', label: 'a guess' },
] as const
const verdicts = SWATCH_VERDICTS.map(value => ({ value, label: value }))
const readingsOf = (name: ReadingName) => [
  { value: '', label: 'not read' },
  ...READINGS_SAID.map(value => ({
    value: String(value),
    label: `${signed(value)}, ${readingWord(name, value)}`,
  })),
]
const limit = computed((): readonly [number, number] => {
  const dial = inHand.parts.machine?.tensionDial
  return dial ? [dial.min, dial.max] : [-FARTHEST_MARK, FARTHEST_MARK]
})
const readAs = (text: string): Reading | null => (text === '' ? null : (Number(text) as Reading))
function swatchAt(now: Date): Swatch {
  const set = { ...inHand.setup, tension: draft.tension }
  const setup = { ...set, tensionFrom: tensionFromOf(set, draft.source === 'own' ? 'sewn' : 'start') }
  const isSewn = draft.source === 'own'
  return {
    id: newId('swatch'),
    name: draft.name.trim(),
    goal: start.goal,
    setup,
    frozen: frozenOf(setup, book.shelf),
    readings: {
      show: isSewn ? readAs(draft.show) : null,
      ridge: isSewn ? readAs(draft.ridge) : null,
      skips: false,
      breaks: false,
      holes: false,
      sound: null,
    },
    rowsSewn: null,
    verdict: draft.verdict,
    note: draft.note.trim(),
    keptAt: now.toISOString(),
    source: draft.source,
    photos: { front: null, back: null },
    takeUp: null,
  }
}
const FIELDS = { name: 'Name', note: 'Note', setup: 'Tension' } as const
const problem = computed(() => {
  if (draft.tension === null) return 'Tension: type the number on the dial.'
  const parsed = swatchSchema.safeParse(swatchAt(new Date(0)))
  if (parsed.success) return ''
  const [issue] = parsed.error.issues
  const field = FIELDS[issue!.path[0] as keyof typeof FIELDS] ?? String(issue!.path[0])
  return `${field}: ${issue!.message}.`
})
const { refuses } = useFieldProblems()
function keep(): void {
  if (refuses() || problem.value) return
  const record = swatchAt(new Date())
  const kept = book.commit(`Write “${record.name}”`, [{ table: 'swatches', id: record.id, record }])
  drop()
  emit('done')
  void sayStored('Written into the swatch book', {
    kept,
    actions: [{ label: 'Undo', color: 'primary', variant: 'outline', onClick: undoOf() }],
  })
}
function cancel(): void {
  startOver()
  emit('done')
}
const facts = computed(() => GOAL_FACTS[start.goal])
</script>

<template>
  <form
    novalidate
    class="write"
    aria-label="Write a swatch"
    @submit.prevent="keep"
  >
    <p class="hint across">
      For {{ facts.name.toLowerCase() }}, with all that is set in the line-up: machine, needle, threads and
      cloth.
    </p>
    <TextField
      v-model="draft.name"
      class="across"
      label="Name"
    />
    <NumberField
      v-model="draft.tension"
      label="Tension"
      :limit="limit"
      optional
    />
    <SelectField
      v-model="draft.verdict"
      label="Verdict"
      :items="verdicts"
    />
    <SelectField
      v-model="draft.source"
      class="across"
      label="Where it comes from"
      :items="SOURCES"
    />
    <template v-if="draft.source === 'own'">
      <SelectField
        v-for="name in ['show', 'ridge'] as const"
        :key="name"
        v-model="draft[name]"
        :label="READING_NAMES[name]"
        :items="readingsOf(name)"
      />
    </template>
    <TextField
      v-model="draft.note"
      class="across"
      label="Note"
      placeholder="what you want to remember"
    />
    <p
      v-if="problem && draft.name"
      role="alert"
      class="hint across strikes-ink"
    >
      {{ problem }}
    </p>
    <div class="across flex gap-2">
      <UButton
        type="submit"
        label="Write it into the book"
        icon="i-lucide-check"
        :disabled="problem !== ''"
      /><UButton
        variant="ghost"
        label="Cancel"
        @click="cancel"
      />
    </div>
  </form>
</template>

<style scoped>
.write {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  align-items: end;
  gap: 12px;
}
.across {
  grid-column: 1 / -1;
}
</style>
