<script setup lang="ts" generic="T extends { id: string }">
import type { TableColumn } from '@nuxt/ui'
import type { Column, Shown } from '../workboxTables'

/** A long table of what one owns: only the rows in view exist. */
const { rows, columns, show, caption, nameOf } = defineProps<{
  rows: readonly T[]
  columns: readonly Column<T>[]
  show: Shown
  caption: string
  nameOf: (record: T) => string
}>()
const selected = defineModel<ReadonlySet<string>>('selected', { required: true })
const sortBy = defineModel<number>('sortBy', { required: true })
const down = defineModel<boolean>('down', { required: true })
const emit = defineEmits<{ edit: [record: T] }>()

const ROW_PX = 53
/** Utilities: the kit’s table takes no scoped style. Its height keeps rows out of view from being made. */
const SCROLLER = [
  'scroller h-[calc(100dvh-216px)] min-h-[260px] rounded-xl',
  'border-[1.5px] border-(--line) bg-(--white)',
].join(' ')
const VIRTUAL = { estimateSize: ROW_PX, overscan: 4 }
const tableColumns = computed((): TableColumn<T>[] => [
  { id: 'select', header: '', size: 44 },
  ...columns.map(({ label }, i) => ({ id: String(i), header: label })),
])
/** The rows come sorted, numbers as numbers; the table only says by what. */
const sortedAs = (column: number) => {
  if (sortBy.value !== column) return false
  return down.value ? 'desc' : 'asc'
}
function sort(index: number): void {
  down.value = sortBy.value === index && !down.value
  sortBy.value = index
}
const allIn = computed(() => rows.length > 0 && rows.every(({ id }) => selected.value.has(id)))
function toggleAll(): void {
  selected.value = allIn.value ? new Set() : new Set(rows.map(({ id }) => id))
}
const selection = computed({
  get: () => Object.fromEntries([...selected.value].map(id => [id, true])),
  set: now => {
    selected.value = new Set(Object.keys(now))
  },
})
</script>

<template>
  <UTable
    v-model:row-selection="selection"
    :data="[...rows]"
    :columns="tableColumns"
    :get-row-id="record => record.id"
    :virtualize="VIRTUAL"
    :caption="`${caption}, ${rows.length}`"
    sticky
    tabindex="0"
    :class="SCROLLER"
    :ui="{ tr: 'data-[selected=true]:bg-primary/10', th: 'whitespace-nowrap' }"
  >
    <template #select-header
      ><UCheckbox
        :model-value="allIn"
        aria-label="Select all shown"
        @update:model-value="toggleAll"
    /></template>
    <template #select-cell="{ row }">
      <InTurn>
        <UCheckbox
          :model-value="row.getIsSelected()"
          :aria-label="`Select ${nameOf(row.original)}`"
          @update:model-value="row.toggleSelected()"
        />
      </InTurn>
    </template>
    <template
      v-for="(column, i) in columns"
      :key="column.label"
      #[`${i}-header`]
    >
      <SortHead
        :label="column.label"
        :sorted="sortedAs(i)"
        @sort="sort(i)"
      />
    </template>
    <template
      v-for="(column, i) in columns"
      :key="column.label"
      #[`${i}-cell`]="{ row: { original } }"
    >
      <UButton
        v-if="i === 0"
        variant="link"
        color="neutral"
        class="px-0 text-start"
        :ui="{ label: 'whitespace-normal' }"
        :label="column.text(original, show)"
        :aria-label="`${column.text(original, show)}: change ${nameOf(original)}`"
        @click="emit('edit', original)"
      />
      <template v-else>{{ column.text(original, show) }}</template>
    </template>
  </UTable>
</template>
