<script setup lang="ts">
import Papa from 'papaparse'
import type { AnyRecord } from '#shared/records'
import { download } from '~/utils/download'
import { shoppingList, shoppingRows, shoppingText } from './shoppingList'
import { newId } from '~/utils/id'
import { MOST_CSV, readTableCsv, writeTableCsv } from './workboxCsv'
import { BULK_EDITS } from './bulkEdits'
import {
  type Owned,
  pickRecords,
  WORKBOX,
  WORKBOX_TABLES,
  type WorkboxTable,
  type WorkboxTableName,
} from './workboxTables'
import { LateCsvImport } from '~/asking/lateStationParts'

useHead({ title: 'Workbox · Lacy Spool' })
const book = useBookStore()
const { length } = useLength()
const { removeMany } = useShelf()
const { sayStored } = useStoredWords()

const table = useUrlState<WorkboxTableName>('table', {
  usual: 'needles',
  choices: WORKBOX_TABLES,
  isStep: true,
})
const search = useUrlState<string>('search', { usual: '' })
const filter = useUrlState<string>('filter', { usual: '' })
/** The column it is sorted by, and which way: `2`, or `2-down`. */
const sort = useUrlState<string>('sort', { usual: '0' })
const sortBy = computed({
  get: () => Number.parseInt(sort.value, 10) || 0,
  set: column => {
    sort.value = String(column)
  },
})
const down = computed({
  get: () => sort.value.endsWith('-down'),
  set: isDown => {
    sort.value = isDown ? `${sortBy.value}-down` : String(sortBy.value)
  },
})
const selected = shallowRef<ReadonlySet<string>>(new Set())
/** Another table begins unsearched, in its own order. */
function turnTo(other: WorkboxTableName): void {
  ;[search.value, filter.value, sort.value, selected.value] = ['', '', '0', new Set()]
  table.value = other
}
const tabs = computed(() =>
  WORKBOX_TABLES.map(value => ({
    value,
    label: WORKBOX[value].title,
    hint: String(book.shelf[value].size),
  })),
)
const config = computed(() => WORKBOX[table.value] as unknown as WorkboxTable<Owned>)
const filters = computed(() => [
  { value: '', label: 'all' },
  ...config.value.filters.map(({ name }) => ({ value: name, label: name })),
])
const show = computed(() => ({
  length,
  threadName: (id: string | null) => book.shelf.threads.get(id ?? '')?.name ?? 'thread gone',
}))
const all = computed(() => book.shelf[table.value] as ReadonlyMap<string, Owned>)
const rows = computed(() =>
  pickRecords(config.value, all.value.values(), show.value, {
    search: search.value,
    filter: filter.value,
    sortBy: sortBy.value,
    down: down.value,
  }),
)
const chosen = computed(() => [...selected.value].flatMap(id => all.value.get(id) ?? []))
const bulk = computed(() => BULK_EDITS[table.value] ?? [])

const editing = shallowRef<Owned | 'new' | null>(null)
const importing = ref(false)
const dropped = shallowRef<File | null>(null)
useIncoming(WORKBOX_TABLES, (file, to) => {
  turnTo(to)
  dropped.value = file
  importing.value = true
})
watch(importing, now => {
  if (!now) dropped.value = null
})
const formTitle = computed(() => {
  if (editing.value === null) return ''
  return editing.value === 'new' ? `Add a ${config.value.one}` : `Change ${config.value.name(editing.value)}`
})

function change(name: string, edit: (record: Owned) => Owned): void {
  book.commit(
    `${name}: ${chosen.value.length} ${config.value.title.toLowerCase()}`,
    chosen.value.map(record => ({ table: table.value, id: record.id, record: edit(record) as AnyRecord })),
  )
  void sayStored(`${name}: ${chosen.value.length}`)
  selected.value = new Set()
}
function removeChosen(): void {
  removeMany(
    table.value,
    chosen.value.map(({ id }) => id),
    config.value.title.toLowerCase(),
  )
  selected.value = new Set()
}
const csvOut = () => download(`${table.value}.csv`, 'text/csv', writeTableCsv(table.value, rows.value))
const wanted = computed(() => shoppingList(book.shelf.needles.values(), book.shelf.threads.values()))
function readCsvFile(text: string) {
  const existing = book.shelf[table.value] as ReadonlyMap<string, Owned>
  const threadIds = new Set(book.shelf.threads.keys())
  return readTableCsv(table.value, text, existing, threadIds, () => newId(WORKBOX[table.value].one))
}
</script>

<template>
  <div>
    <div class="head">
      <h1>Workbox</h1>
      <SegmentBar
        label="What to show"
        :model-value="table"
        :items="tabs"
        @update:model-value="turnTo"
      />
    </div>
    <div class="bar">
      <UInput
        v-model="search"
        icon="i-lucide-search"
        :aria-label="`Search ${config.title.toLowerCase()}`"
        placeholder="search"
        class="search"
      />
      <SelectField
        v-if="config.filters.length > 0"
        v-model="filter"
        bare
        label="Show only"
        class="filter"
        :items="filters"
      />
      <p
        class="hint"
        role="status"
      >
        {{ rows.length }} of {{ all.size }}
      </p>
      <UButton
        icon="i-lucide-plus"
        :label="`Add a ${config.one}`"
        class="ml-auto"
        @click="
          () => {
            editing = 'new'
          }
        "
      />
      <UButton
        icon="i-lucide-download"
        variant="outline"
        label="CSV"
        aria-label="Save what is shown as CSV"
        :disabled="rows.length === 0"
        @click="csvOut"
      />
      <UButton
        icon="i-lucide-upload"
        variant="outline"
        label="From CSV"
        @click="
          () => {
            importing = true
          }
        "
      />
      <PopPanel
        label="Shopping list"
        align="end"
      >
        <template #default="{ toggle, opened }">
          <UButton
            icon="i-lucide-shopping-bag"
            variant="outline"
            :label="`To buy ${wanted.length}`"
            v-bind="opened"
            @click="toggle"
          />
        </template>
        <template #content>
          <h2 class="serif text-xl mb-2">To buy</h2>
          <p
            v-if="wanted.length === 0"
            class="hint"
          >
            Nothing is used up, low or worn out.
          </p>
          <ul class="wanted">
            <li
              v-for="item in wanted"
              :key="item.what + item.name"
            >
              <b>{{ item.name }}</b> <span class="hint">{{ item.why }}</span>
            </li>
          </ul>
          <div
            v-if="wanted.length > 0"
            class="flex gap-2 mt-3"
          >
            <UButton
              size="sm"
              variant="outline"
              label="As text"
              @click="() => download('to-buy.txt', 'text/plain', shoppingText(wanted))"
            />
            <UButton
              size="sm"
              variant="outline"
              label="As CSV"
              @click="() => download('to-buy.csv', 'text/csv', Papa.unparse(shoppingRows(wanted)))"
            />
          </div>
        </template>
      </PopPanel>
    </div>
    <div
      v-if="chosen.length > 0"
      class="bulk"
      role="group"
      aria-label="Change all selected"
    >
      <b>{{ chosen.length }} selected</b>
      <UButton
        v-for="one in bulk"
        :key="one.name"
        size="sm"
        variant="outline"
        :label="one.name"
        @click="change(one.name, one.edit)"
      />
      <UButton
        size="sm"
        variant="outline"
        color="error"
        icon="i-lucide-trash-2"
        label="Delete"
        @click="removeChosen"
      />
    </div>
    <UEmpty
      v-if="all.size === 0"
      icon="i-lucide-package-open"
      :title="`No ${config.one} yet`"
      :description="`Add a ${config.one}, or read a CSV.`"
    />
    <InTurn v-else>
      <WorkboxTable
        :key="table"
        v-model:selected="selected"
        v-model:sort-by="sortBy"
        v-model:down="down"
        :rows="rows"
        :columns="config.columns"
        :show="show"
        :caption="config.title"
        :name-of="config.name"
        @edit="editing = $event"
      />
    </InTurn>
    <RecordModal
      :table="table"
      :title="formTitle"
      :record="editing"
      @done="editing = null"
    />
    <LateCsvImport
      v-if="importing"
      v-model:open="importing"
      :table="table"
      :title="WORKBOX[table].title"
      :most="MOST_CSV"
      :reader="readCsvFile"
      :file="dropped"
    />
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
  margin-bottom: 8px;
}
h1 {
  font-size: 27px;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 8px;
}
.search {
  width: 190px;
}
.bulk {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin-bottom: 8px;
  padding: 6px 10px;
  border: 1.5px solid var(--mulberry);
  border-radius: 10px;
  background: var(--white);
}
.wanted {
  display: grid;
  gap: 4px;
}
.filter {
  width: 190px;
}
</style>
