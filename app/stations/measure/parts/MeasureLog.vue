<script setup lang="ts">
import { quantityFact, WAY_WORDS } from '#core/measure'
import { readPhoto } from '#db/photos'
import { newestFirst } from '#shared/fields'
import { appliedMeasure, measuredField, measuredTable } from '#shared/inputs'
import type { Measure } from '#shared/records'
import { dayOf } from '~/utils/dates'
import { measuredWords } from '../measuredWords'

/** All that was measured, the newest first: older ones stay, and can be taken again. */
const book = useBookStore()
const { sayStored } = useStoredWords()
const toast = useToast()
const FIRST = 8
const all = ref(false)
const log = computed(() => newestFirst(book.shelf.measures.values(), ({ at }) => at))
const shown = computed(() => (all.value ? log.value : log.value.slice(0, FIRST)))

/** Whether its value is what its thing goes by now. */
function isInUse({ quantity, ofId, value }: Measure): boolean {
  const [table, field] = [measuredTable(quantity), measuredField(quantity)]
  const record = table && ofId !== null ? book.tables[table].get(ofId) : undefined
  return (
    field !== null && record !== undefined && (record as unknown as Record<string, unknown>)[field] === value
  )
}
const canUse = (measure: Measure) => !isInUse(measure) && appliedMeasure(measure, book.tables).length > 0
const nameOf = ({ quantity, name }: Measure) => `${quantityFact(quantity).words}, ${name}`
function use(measure: Measure): void {
  void sayStored(`${nameOf(measure)}: ${measuredWords(measure.quantity, measure)}`, {
    kept: book.commit(`Use ${nameOf(measure)}`, appliedMeasure(measure, book.tables)),
  })
}
function remove(measure: Measure): void {
  void sayStored(`Took out: ${nameOf(measure)}`, {
    kept: book.commit(`Take a measuring out`, [{ table: 'measures', id: measure.id, record: null }]),
  })
}
const picture = ref('')
const pictured = shallowRef<Measure | null>(null)
function forget(): void {
  if (picture.value) URL.revokeObjectURL(picture.value)
  picture.value = ''
  pictured.value = null
}
onScopeDispose(forget)
async function show(measure: Measure): Promise<void> {
  const isShown = pictured.value?.id === measure.id
  forget()
  if (isShown || measure.photoId === null) return
  const blob = await readPhoto(measure.photoId).catch(() => null)
  if (!blob) {
    toast.add({
      title: 'The photo is not in this browser',
      description: 'The measuring is. Import the zip that has the photo.',
      color: 'warning',
    })
    return
  }
  picture.value = URL.createObjectURL(blob)
  pictured.value = measure
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Measured"
    class="grid gap-2"
  >
    <header>
      <h2>Measured</h2>
      <span class="hint">{{ log.length }}</span>
    </header>
    <p
      v-if="log.length === 0"
      class="hint"
    >
      Nothing yet. Each result appears here with its ±, its method and its day.
    </p>
    <ul class="list">
      <li
        v-for="measure in shown"
        :key="measure.id"
      >
        <div class="says">
          <p>{{ nameOf(measure) }}</p>
          <p>
            <b>{{ measuredWords(measure.quantity, measure) }}</b>
          </p>
          <p class="hint">
            {{ WAY_WORDS[measure.way] }}, {{ dayOf(measure.at)
            }}<template v-if="isInUse(measure)">; in use</template
            ><template v-if="measure.note">; {{ measure.note }}</template>
          </p>
        </div>
        <div class="does">
          <UButton
            v-if="measure.photoId !== null"
            size="sm"
            variant="ghost"
            icon="i-lucide-image"
            :aria-label="`Photo of ${nameOf(measure)}`"
            :aria-pressed="pictured?.id === measure.id"
            @click="show(measure)"
          />
          <UButton
            v-if="canUse(measure)"
            size="sm"
            variant="outline"
            label="Use it"
            :aria-label="`Use it: ${nameOf(measure)} of ${dayOf(measure.at)}`"
            @click="use(measure)"
          />
          <UButton
            size="sm"
            variant="ghost"
            color="neutral"
            icon="i-lucide-trash-2"
            :aria-label="`Take out ${nameOf(measure)} of ${dayOf(measure.at)}`"
            @click="remove(measure)"
          />
        </div>
        <img
          v-if="pictured?.id === measure.id"
          :src="picture"
          :alt="`Photo: ${nameOf(measure)}`"
        />
      </li>
    </ul>
    <UButton
      v-if="log.length > FIRST"
      variant="ghost"
      size="sm"
      class="justify-self-start"
      :label="all ? 'Only the newest' : `All ${log.length}`"
      @click="
        () => {
          all = !all
        }
      "
    />
  </UCard>
</template>

<style scoped>
.list li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.list li:first-child {
  border-top: 0;
}
.says {
  flex: 1;
  min-width: 160px;
}
.does {
  display: flex;
  align-items: center;
}
img {
  width: 100%;
  border-radius: 8px;
}
</style>
