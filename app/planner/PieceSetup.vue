<script setup lang="ts">
import { needleNameAndType } from '#core/needle'
import { judgeJob, verdictWords } from '#core/verdict'
import { jobInputOf } from '#shared/inputs'
import type { SetupContent } from '#shared/setup'
import { JOB_LOOKS } from '~/utils/verdict'

/** What a piece is sewn with, and the one verdict of it. */
const setup = defineModel<SetupContent>({ required: true })
const { wants = 'any' } = defineProps<{
  /** Only needles that make tucks, or only those that turn. @defaultValue 'any' */
  wants?: 'twin' | 'single' | 'any'
}>()
const emit = defineEmits<{ fromBench: [] }>()
const book = useBookStore()
const settings = useSettingsStore()
type Choice = { readonly value: string; readonly label: string }
const listed = <T extends { id: string }>(records: Iterable<T>, name: (record: T) => string): Choice[] => [
  { value: '', label: 'not chosen' },
  ...[...records].map(record => ({ value: record.id, label: name(record) })),
]
const needles = computed(() =>
  listed(
    [...book.shelf.needles.values()].filter(
      ({ construction }) => wants === 'any' || (construction === 'single') === (wants === 'single'),
    ),
    needleNameAndType,
  ),
)
const threads = computed(() => listed(book.shelf.threads.values(), ({ name }) => name))
const FIELDS = computed(() => [
  { field: 'machineId' as const, label: 'Machine', items: listed(book.shelf.machines.values(), m => m.name) },
  { field: 'needleId' as const, label: 'Needle', items: needles.value },
  { field: 'footId' as const, label: 'Foot', items: listed(book.shelf.feet.values(), f => f.name) },
  { field: 'clothId' as const, label: 'Cloth', items: listed(book.shelf.cloths.values(), c => c.name) },
  { field: 'bobbinId' as const, label: 'Bobbin', items: threads.value },
])
/** A needle that is owned and not for this is named; anything else is gone. */
function outside(id: string): string {
  const other = book.shelf.needles.get(id)
  return other ? `${needleNameAndType(other)}: not for this` : 'gone from the book'
}
function choose(change: Partial<SetupContent>): void {
  setup.value = { ...setup.value, ...change }
}
const needle = computed(() => book.shelf.needles.get(setup.value.needleId ?? ''))
const spools = computed(() =>
  needle.value && needle.value.construction !== 'single'
    ? ([
        ['left', 'Left thread'],
        ['right', 'Right thread'],
      ] as const)
    : ([['left', 'Thread']] as const),
)
const verdict = computed(() => judgeJob(jobInputOf(setup.value, book.shelf, settings.record, settings.unit)))
const look = computed(() => (verdict.value.swing ? JOB_LOOKS[verdict.value.verdict] : null))
</script>

<template>
  <UCard
    as="section"
    aria-label="Sewn with"
    class="grid gap-2"
  >
    <header>
      <h2>Sewn with</h2>
      <span
        v-if="look"
        class="word"
        :style="{ color: look.ink, background: look.bg, borderColor: look.edge }"
        ><UIcon :name="look.icon" /> {{ look.word }}</span
      >
    </header>
    <p class="hint">{{ verdictWords(verdict, settings.unit) }}</p>
    <div class="fields">
      <SelectField
        v-for="{ field, label, items } in FIELDS"
        :key="field"
        :model-value="setup[field] ?? ''"
        :label="label"
        :items="items"
        :outside="outside"
        @update:model-value="choose({ [field]: $event === '' ? null : $event })"
      />
      <SelectField
        v-for="[side, label] in spools"
        :key="side"
        :model-value="setup.threadIds[side] ?? ''"
        :label="label"
        :items="threads"
        @update:model-value="
          choose({ threadIds: { ...setup.threadIds, [side]: $event === '' ? null : $event } })
        "
      />
    </div>
    <UButton
      variant="outline"
      icon="i-lucide-arrow-down-to-line"
      label="Take what is on the bench"
      class="justify-center"
      @click="emit('fromBench')"
    />
  </UCard>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
}
.word {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  padding: 2px 10px;
  border: 1.5px solid var(--line);
  border-radius: 9px;
  font-weight: 650;
}
</style>
