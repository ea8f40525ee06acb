<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import type { TrialRowRecord } from '#shared/records'
import { formatShort } from '#core/units'
import { READING_NAMES, readingWord, signed } from '~/utils/readingWords'

type Row = TrialRowRecord
/** The rows sewn, in order; what no longer counts is struck through with its reason. */
const trial = useTrialStore()
const inHand = useInHandStore()
const book = useBookStore()
const clothHex = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? '')?.hex ?? null)
const rows = computed(() => trial.strip?.rows ?? [])
const odd = computed(() => {
  const pair = trial.advice?.disagree
  return new Set(pair ? pair.map(i => trial.counted[i]?.number) : [])
})
const COLUMNS: TableColumn<Row>[] = [
  { id: 'row', header: 'Row' },
  { id: 'at', header: 'At' },
  { id: 'show', header: READING_NAMES.show },
  { id: 'ridge', header: READING_NAMES.ridge },
  { id: 'out', header: '' },
]
function look(index: number): string {
  if (!rows.value[index]?.comparable) return 'old'
  return odd.value.has(index + 1) ? 'odd' : ''
}
/** Each row's photos stand below it. */
const expanded = computed(() => Object.fromEntries(rows.value.map((_, i) => [i, true])))
</script>

<template>
  <UTable
    v-if="rows.length > 0"
    :data="[...rows]"
    :columns="COLUMNS"
    :expanded="expanded"
    :meta="{ class: { tr: ({ index }) => look(index) } }"
    caption="Rows sewn"
  >
    <template #row-cell="{ row: { index } }">
      {{ index + 1
      }}<UIcon
        v-if="odd.has(index + 1)"
        name="i-lucide-triangle-alert"
        class="close-ink"
      />
    </template>
    <template #at-cell="{ row: { original } }">
      <b>{{ formatShort(original.dial) }}</b><span
        v-if="original.changed"
        class="hint"
        >{{ original.changed }}</span
      >
    </template>
    <template #show-cell="{ row: { original } }">
      {{ original.show === null ? '–' : signed(original.show) }}
      <span class="hint">{{ original.show === null ? '' : readingWord('show', original.show) }}</span>
    </template>
    <template #ridge-cell="{ row: { original } }">
      {{ original.ridge === null ? '–' : signed(original.ridge) }}
      <span class="hint">{{ original.ridge === null ? '' : readingWord('ridge', original.ridge) }}</span>
    </template>
    <template #out-header><span class="sr-only">Take out</span></template>
    <template #out-cell="{ row: { index } }">
      <UButton
        variant="ghost"
        color="neutral"
        icon="i-lucide-x"
        :aria-label="`Take row ${index + 1} out`"
        @click="trial.forget(index + 1)"
      />
    </template>
    <template #expanded="{ row: { original, index } }">
      <PhotoPair
        :photos="original.photos"
        :of="`row ${index + 1}`"
        :cloth-hex="clothHex"
        @change="(side, id) => trial.setPhoto(index + 1, side, id)"
      />
    </template>
  </UTable>
  <p
    v-else
    class="hint"
  >
    No row sewn yet.
  </p>
  <p
    v-if="rows.some(row => !row.comparable)"
    class="hint"
  >
    Rows struck through were sewn with something else on the machine: they do not count.
  </p>
</template>

<style scoped>
:deep(td .hint) {
  display: block;
}
:deep(.old td) {
  text-decoration: line-through;
  color: var(--mute);
}
</style>
