<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import { formatShort } from '#core/units'
import type { Swatch } from '#shared/records'
import { dayOf } from '~/utils/dates'
import { SWATCH_FILTERS } from '../swatchFilters'
import { SWATCH_LOOKS } from '../swatchLooks'

/** Swatches a line each, sorted by the column whose head is pressed. */
const { swatches, chosen } = defineProps<{ swatches: readonly Swatch[]; chosen: readonly string[] }>()
const emit = defineEmits<{ choose: [id: string]; use: [swatch: Swatch]; open: [id: string] }>()
/** In this order; needle and verdict have columns of their own. */
const SHOWN = ['goal', 'machine', 'thread', 'stitch', 'cloth'] as const
const filterOf = (wanted: string) => SWATCH_FILTERS.find(([id]) => id === wanted)!
const COLUMNS: TableColumn<Swatch>[] = [
  { id: 'compare', header: '' },
  { id: 'name', header: 'Name', accessorFn: ({ name }) => name },
  // Those without a number stand last.
  { id: 'tension', header: 'Tension', accessorFn: ({ setup }) => setup.tension ?? Infinity },
  ...SHOWN.map((id): TableColumn<Swatch> => {
    const [, header, valueOf] = filterOf(id)
    return { id, header, accessorFn: valueOf }
  }),
  { id: 'verdict', header: 'Verdict', accessorFn: ({ verdict }) => verdict },
  { id: 'kept', header: 'Kept', accessorFn: ({ keptAt }) => keptAt },
  { id: 'use', header: '' },
]
const SORTED = COLUMNS.flatMap(({ id, header }) => (header ? [{ id: id!, header: String(header) }] : []))
/** The column it is sorted by, and which way: `name`, or `name-down`; as the book is ordered when empty. */
const sort = useUrlState<string>('sort', { usual: '' })
const sorting = computed({
  get: () =>
    sort.value ? [{ id: sort.value.replace(/-down$/, ''), desc: sort.value.endsWith('-down') }] : [],
  set: ([first]) => {
    sort.value = first ? first.id + (first.desc ? '-down' : '') : ''
  },
})
/** From so many on, only the rows in view exist. */
const MANY = 60
const ROW_PX = 66
const virtual = computed(() => (swatches.length > MANY ? { estimateSize: ROW_PX } : false))
</script>

<template>
  <UTable
    v-model:sorting="sorting"
    :data="[...swatches]"
    :columns="COLUMNS"
    :get-row-id="swatch => swatch.id"
    :virtualize="virtual"
    caption="Swatches"
    class="card"
    :class="{ 'max-h-[70dvh]': virtual }"
  >
    <template
      v-for="{ id, header } in SORTED"
      :key="id"
      #[`${id}-header`]="{ column }"
    >
      <SortHead
        :label="header"
        :sorted="column.getIsSorted()"
        @sort="column.toggleSorting()"
      />
    </template>
    <template #compare-header><span class="sr-only">Compare</span></template>
    <template #compare-cell="{ row: { original } }">
      <UCheckbox
        :model-value="chosen.includes(original.id)"
        :aria-label="`Compare ${original.name}`"
        @update:model-value="emit('choose', original.id)"
      />
    </template>
    <template #name-cell="{ row: { original } }">
      <UButton
        variant="link"
        color="neutral"
        class="px-0 text-start"
        :label="original.name"
        :aria-label="`Open ${original.name} large`"
        :ui="{ label: 'whitespace-normal' }"
        @click="emit('open', original.id)"
      />
    </template>
    <template #tension-cell="{ row: { original } }">
      <b>{{ original.setup.tension === null ? '–' : formatShort(original.setup.tension) }}</b>
    </template>
    <template #verdict-cell="{ row: { original } }">
      <span
        class="whole"
        :style="{ color: SWATCH_LOOKS[original.verdict].ink }"
        ><UIcon :name="SWATCH_LOOKS[original.verdict].icon" /> {{ SWATCH_LOOKS[original.verdict].word }}</span
      >
    </template>
    <template #kept-cell="{ row: { original } }"
      ><span class="whole">{{ dayOf(original.keptAt) }}</span></template
    >
    <template #use-header><span class="sr-only">Use</span></template>
    <template #use-cell="{ row: { original } }">
      <UButton
        variant="link"
        label="Use"
        :aria-label="`Use the settings of ${original.name}`"
        @click="emit('use', original)"
      />
    </template>
  </UTable>
</template>

<style scoped>
.whole {
  white-space: nowrap;
}
</style>
