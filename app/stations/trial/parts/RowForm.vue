<script setup lang="ts">
import { unrefElement } from '@vueuse/core'
import type { ComponentPublicInstance } from 'vue'
import { MOST_ROWS, type Reading, type ReadingName } from '#core/trial'
import type { TrialRowRecord } from '#shared/records'
import { useFieldProblems } from '~/fields/fieldProblems'

/**
 * Reads one row: two readings, the number it was sewn at, and what happened while sewing. Each row gets a
 * fresh form, by its key.
 */
const trial = useTrialStore()
const inHand = useInHandStore()
const book = useBookStore()
const clothHex = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? '')?.hex ?? null)
const at = ref<number | null>(null)
const seen = reactive({
  readings: { ridge: null, show: null } as Record<ReadingName, Reading | null>,
  photo: null as string | null,
  skips: false,
  breaks: false,
  holes: false,
  odd: false,
})
/** A row that is half read is still there after a look at another page. */
const { drop } = useDraft(`row-${trial.strip?.id ?? 'first'}-${trial.strip?.rows.length ?? 0}`, seen)
const SIGNS = [
  ['skips', 'Stitches skipped'],
  ['breaks', 'Thread broke'],
  ['holes', 'Holes'],
  ['odd', 'Odd sound'],
] as const
const { tried = null } = defineProps<{
  /** A number to try before what the search says; null: none. */
  tried?: number | null
}>()
/** Whatever an address asks to be tried, only a mark of this dial can be. */
const isOnDial = (mark: number) => trial.dial !== null && mark >= trial.dial.min && mark <= trial.dial.max
watch(
  () =>
    (tried !== null && isOnDial(tried) ? tried : null) ?? trial.advice?.next ?? trial.advice?.best ?? null,
  next => {
    at.value = next
  },
  { immediate: true },
)
const problem = computed(() => {
  const { dial } = trial
  if (!dial) return ''
  if ((trial.strip?.rows.length ?? 0) >= MOST_ROWS)
    return `This strip has ${MOST_ROWS} rows, which is the most. Keep your number, or start a new strip.`
  if (at.value === null) return 'Type the number it was sewn at.'
  const { ridge, show } = seen.readings
  return ridge === null && show === null && !seen.skips && !seen.breaks
    ? 'Choose a drawing, or say what happened.'
    : ''
})
const { refuses } = useFieldProblems()
const noteButton = useTemplateRef<HTMLElement | ComponentPublicInstance>('noteButton')
const toNote = () => unrefElement(noteButton)?.focus({ preventScroll: true })
const reading = useTemplateRef<{ focus: () => void }>('reading')
defineExpose({ focus: () => reading.value?.focus() })
function note(): void {
  if (refuses() || problem.value || at.value === null) return
  const sound: TrialRowRecord['sound'] = seen.odd ? 'odd' : 'usual'
  drop()
  trial.note(
    at.value,
    {
      ...seen.readings,
      skips: seen.skips,
      breaks: seen.breaks,
      holes: seen.holes,
      sound,
      photos: { front: seen.photo, back: null },
    },
    new Date(),
  )
}
</script>

<template>
  <form
    class="row"
    novalidate
    @submit.prevent="note"
  >
    <ContrastBobbin :is-first="(trial.strip?.rows.length ?? 0) === 0" />
    <div :class="['beside', { photo: seen.photo }]">
      <RowReading
        ref="reading"
        v-model="seen.readings"
        @read="toNote"
      />
      <PhotoBeside
        v-model="seen.photo"
        :cloth-hex="clothHex"
      />
    </div>
    <div class="end">
      <div class="at">
        <NumberField
          v-model="at"
          label="Sewn at"
          :limit="[trial.dial?.min ?? 0, trial.dial?.max ?? 9]"
        />
      </div>
      <fieldset class="signs">
        <legend class="sr-only">While sewing</legend>
        <UCheckbox
          v-for="[id, label] in SIGNS"
          :key="id"
          v-model="seen[id]"
          :label="label"
        />
      </fieldset>
      <UButton
        ref="noteButton"
        type="submit"
        icon="i-lucide-check"
        label="Note the row"
        :disabled="problem !== ''"
      />
    </div>
    <p
      v-if="problem"
      class="hint"
      role="status"
    >
      {{ problem }}
    </p>
  </form>
</template>

<style scoped>
.row {
  display: grid;
  gap: 8px;
}
.beside {
  display: grid;
  gap: 8px;
}
@media (min-width: 801px) {
  .beside.photo {
    grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  }
}
/* On a phone the photo stands above the drawings: both are in view. */
@media (max-width: 800px) {
  .beside.photo :deep(.photo) {
    order: -1;
  }
}
.end {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
.at {
  width: 100px;
}
.signs {
  display: grid;
  grid-template-columns: auto auto;
  justify-content: start;
  gap: 0 16px;
  flex: 1;
}
</style>
