<script setup lang="ts" generic="T extends { id: string }">
import { useVirtualizer } from '@tanstack/vue-virtual'
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

const ROW_PX = 48
const scroller = useTemplateRef<HTMLElement>('scroller')
const virtual = useVirtualizer(
  computed(() => ({
    count: rows.length,
    getScrollElement: () => scroller.value,
    estimateSize: () => ROW_PX,
    overscan: 8,
    initialRect: { width: 900, height: 600 },
  })),
)
const shown = computed(() =>
  virtual.value.getVirtualItems().flatMap(item => {
    const record = rows[item.index]
    return record ? [{ record, top: item.start, index: item.index }] : []
  }),
)
const grid = computed(() => ({
  gridTemplateColumns: `44px ${columns.map(({ wide }) => `minmax(0, ${wide}fr)`).join(' ')}`,
}))
const allIn = computed(() => rows.length > 0 && rows.every(({ id }) => selected.value.has(id)))
function toggle(id: string): void {
  const next = new Set(selected.value)
  if (!next.delete(id)) next.add(id)
  selected.value = next
}
function toggleAll(): void {
  selected.value = allIn.value ? new Set() : new Set(rows.map(({ id }) => id))
}
function sort(index: number): void {
  down.value = sortBy.value === index && !down.value
  sortBy.value = index
}
function sortOf(column: number): 'ascending' | 'descending' | 'none' {
  if (sortBy.value !== column) return 'none'
  return down.value ? 'descending' : 'ascending'
}
</script>

<template>
  <div
    ref="scroller"
    class="scroller"
    role="table"
    :aria-label="caption"
    :aria-rowcount="rows.length + 1"
    tabindex="0"
  >
    <div
      role="row"
      class="line head"
      :style="grid"
      aria-rowindex="1"
    >
      <span role="columnheader"
        ><input
          type="checkbox"
          aria-label="Select all shown"
          :checked="allIn"
          @change="toggleAll"
      /></span>
      <span
        v-for="(column, i) in columns"
        :key="column.label"
        role="columnheader"
        :aria-sort="sortOf(i)"
      >
        <button
          type="button"
          @click="sort(i)"
        >
          {{ column.label }}
          <UIcon
            v-if="sortBy === i"
            :name="down ? 'i-lucide-arrow-down' : 'i-lucide-arrow-up'"
          />
        </button>
      </span>
    </div>
    <div
      class="body"
      role="rowgroup"
      :style="{ height: `${virtual.getTotalSize()}px` }"
    >
      <div
        v-for="{ record, top, index } in shown"
        :key="record.id"
        role="row"
        class="line"
        :class="{ on: selected.has(record.id) }"
        :aria-rowindex="index + 2"
        :style="{ ...grid, transform: `translateY(${top}px)`, height: `${ROW_PX}px` }"
      >
        <span role="cell"
          ><input
            type="checkbox"
            :aria-label="`Select ${nameOf(record)}`"
            :checked="selected.has(record.id)"
            @change="toggle(record.id)"
        /></span>
        <span
          v-for="(column, i) in columns"
          :key="column.label"
          role="cell"
          class="cell"
        >
          <button
            v-if="i === 0"
            type="button"
            class="edit"
            @click="emit('edit', record)"
          >
            {{ column.text(record, show) }}<span class="sr-only">: change {{ nameOf(record) }}</span>
          </button>
          <template v-else>{{ column.text(record, show) }}</template>
        </span>
      </div>
    </div>
  </div>
</template>

<style scoped>
.scroller {
  height: calc(100dvh - 216px);
  min-height: 260px;
  overflow: auto;
  border: 1.5px solid var(--line);
  border-radius: 12px;
  background: var(--white);
}
.line {
  display: grid;
  align-items: center;
  gap: 10px;
  padding-right: 12px;
  min-width: 720px;
}
.head {
  position: sticky;
  top: 0;
  z-index: 1;
  min-height: 46px;
  background: var(--cloth);
  border-bottom: 1.5px solid var(--line-strong);
}
.head button {
  display: flex;
  align-items: center;
  gap: 4px;
  min-height: 44px;
  font-weight: 650;
  font-size: 14px;
  cursor: pointer;
}
.body {
  position: relative;
  min-width: 720px;
}
.body .line {
  position: absolute;
  left: 0;
  right: 0;
  top: 0;
  border-bottom: 1px solid var(--line);
}
.body .line.on {
  background: color-mix(in srgb, var(--mulberry) 9%, transparent);
}
.line > span:first-child {
  display: grid;
  place-items: center;
  min-height: 44px;
}
input {
  width: 20px;
  height: 20px;
  accent-color: var(--mulberry);
}
.cell {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 15px;
}
.edit {
  min-height: 44px;
  width: 100%;
  text-align: left;
  font-weight: 650;
  cursor: pointer;
  overflow: hidden;
  text-overflow: ellipsis;
}
.edit:hover {
  text-decoration: underline;
}
</style>
