<script setup lang="ts">
import { type MeasureWay, type Quantity, quantityFact, WAY_WORDS } from '#core/measure'
import { leastOf, type Measurement } from '#core/measured'
import { MOST_NAME, MOST_NOTE } from '#shared/fields'
import { keptMeasure, measuredField, measuredTable, refusedChange } from '#shared/inputs'
import type { Measure } from '#shared/records'
import { useFieldsAround } from '~/fields/fieldProblems'
import { newId } from '~/utils/id'
import { measuredWords, valueWords } from '../measuredWords'

/** A result with how well it is known: kept in the log, and with what it is of. */
const {
  quantity,
  ofId,
  things,
  measured,
  way,
  dialledMm = null,
  photo = null,
} = defineProps<{
  quantity: Quantity
  ofId: string
  things: readonly { readonly id: string; readonly name: string }[]
  /** null: nothing yet. */
  measured: Measurement | null
  way: MeasureWay
  /** What the dial stood at, of a stitch as sewn. @defaultValue null */
  dialledMm?: number | null
  /** Keeps the photo and says under which id; null: there is none, or it found no room. @defaultValue null */
  photo?: (() => Promise<string | null>) | null
}>()
const book = useBookStore()
const { refuses } = useFieldsAround()
const { sayStored } = useStoredWords()
const note = ref('')
const named = ref('')
const keepsPhoto = ref(true)
const thing = computed(() => things.find(({ id }) => id === ofId) ?? null)
const hasThing = computed(() => measuredTable(quantity) !== null)
const fact = computed(() => quantityFact(quantity))
const words = computed(() => measured && measuredWords(quantity, measured))
/** What stands there now. */
const before = computed(() => {
  const [table, field] = [measuredTable(quantity), measuredField(quantity)]
  if (!table || !field || !thing.value) return null
  const value = (book.tables[table].get(thing.value.id) as unknown as Record<string, unknown>)[field]
  return typeof value === 'number' ? value : null
})
const beforeWords = computed(() =>
  before.value === null ? 'not measured until now' : `until now ${valueWords(quantity, before.value)}`,
)
const isOpening = computed(() => quantity.endsWith('opening'))
const name = computed(() => thing.value?.name ?? named.value.trim())
const hasName = computed(() => (hasThing.value ? thing.value !== null : name.value !== ''))
const recordOf = (known: Measurement, photoId: string | null): Measure => ({
  id: newId('measure'),
  quantity,
  ofId: thing.value?.id ?? null,
  name: name.value.slice(0, MOST_NAME),
  value: known.value,
  spread: known.spread,
  way,
  dialledMm,
  at: new Date().toISOString(),
  photoId,
  note: note.value.trim().slice(0, MOST_NOTE),
})
/** What no foot, thread or cloth can have: a mark or a number is wrong. */
const problem = computed(() => {
  if (!measured || !hasName.value) return ''
  const refused = refusedChange(keptMeasure(recordOf(measured, null), book.tables))
  return refused === null ? '' : `${fact.value.words} ${refused}: look at marks and numbers again.`
})
/** What was kept as it stands here: it is not kept twice. */
const keptWords = ref('')
const nowWords = computed(() => [quantity, ofId, name.value, words.value, note.value].join('|'))
const isKept = computed(() => keptWords.value === nowWords.value)
const canKeep = computed(() => measured !== null && hasName.value && problem.value === '' && !isKept.value)

async function keep(): Promise<void> {
  if (refuses() || !measured || !canKeep.value) return
  const record = recordOf(measured, photo && keepsPhoto.value ? await photo() : null)
  const title = `${fact.value.words} of ${record.name}: ${words.value}`
  note.value = ''
  keptWords.value = nowWords.value
  await sayStored(title, {
    kept: book.commit(`Measure ${fact.value.words.toLowerCase()}`, keptMeasure(record, book.tables)),
  })
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Result"
    class="grid gap-3"
  >
    <template v-if="measured">
      <p
        class="value serif"
        role="status"
      >
        {{ words }}
      </p>
      <p class="hint">
        {{ fact.words }}<template v-if="thing"> of {{ thing.name }}, {{ beforeWords }}</template
        >, by {{ WAY_WORDS[way] }}. In 19 of 20 measurings the truth lies within the ±.
        <template v-if="isOpening"
          >The verdict counts its narrow end, {{ inMm(leastOf(measured)) }}.</template
        >
      </p>
      <p
        v-if="problem"
        role="alert"
        class="strikes-ink"
      >
        {{ problem }}
      </p>
      <TextField
        v-if="!hasThing"
        v-model="named"
        label="What it is"
        placeholder="velvet ribbon, collar"
      />
      <TextField
        v-model="note"
        label="Note"
      />
      <UCheckbox
        v-if="photo"
        v-model="keepsPhoto"
        label="Keep the photo with it"
      />
      <div class="flex flex-wrap items-center gap-3">
        <UButton
          data-save
          icon="i-lucide-check"
          :label="isKept ? 'Kept' : 'Keep it'"
          :disabled="!canKeep"
          @click="keep"
        />
        <UButton
          v-if="isKept"
          variant="link"
          class="px-0 underline"
          to="/measure"
        >
          What else is not measured
        </UButton>
      </div>
    </template>
    <slot v-else />
  </UCard>
</template>

<style scoped>
.value {
  font-size: 27px;
  line-height: 1.15;
}
</style>
