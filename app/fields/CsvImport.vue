<script setup lang="ts">
import { MOST_SWATCH_CSV, readSwatchCsv, type SwatchCsvPreview } from '~/stations/swatches/swatchCsv'
import { type CsvPreview, MOST_CSV, readTableCsv } from '~/stations/workbox/workboxCsv'
import { newId } from '~/utils/id'
import { type Owned, WORKBOX, type WorkboxTableName } from '~/stations/workbox/workboxTables'

/**
 * A table's CSV, looked through before anything is written: each refused row is named with what would mend
 * it.
 */
const open = defineModel<boolean>('open', { required: true })
const { table } = defineProps<{ table: WorkboxTableName | 'swatches' }>()
const title = computed(() => (table === 'swatches' ? 'Swatches' : WORKBOX[table].title))
const most = computed(() => (table === 'swatches' ? MOST_SWATCH_CSV : MOST_CSV))
const readerOf = (text: string) =>
  table === 'swatches'
    ? readSwatchCsv(text, book.shelf, () => newId('swatch'), new Date().toISOString())
    : readTableCsv(
        table,
        text,
        book.shelf[table] as ReadonlyMap<string, Owned>,
        new Set(book.shelf.threads.keys()),
        () => newId(WORKBOX[table].one),
      )
const book = useBookStore()
const toast = useToast()
const preview = shallowRef<CsvPreview | SwatchCsvPreview | null>(null)
const fileName = ref('')
const problem = ref('')
const MOST_SHOWN = 100

async function read(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fileName.value = file.name
  preview.value = null
  problem.value = file.size > most.value ? `The file is larger than ${most.value / 1e6} MB: split it.` : ''
  if (problem.value) return
  const reading = readerOf(await file.text())
  if (reading.ok) preview.value = reading.preview
  else problem.value = reading.message
}
const entries = computed(() => (preview.value ? [...preview.value.added, ...preview.value.changed] : []))
function takeIn(): void {
  book.commit(
    `Import ${fileName.value}`,
    entries.value.map(record => ({ table, id: record.id, record })),
  )
  toast.add({ title: `${entries.value.length} rows imported`, icon: 'i-lucide-check' })
  open.value = false
}
const ABOUT =
  'The first row names the columns; save a CSV here to see them. ' + 'Nothing is written before you say so.'
</script>

<template>
  <UModal
    v-model:open="open"
    :title="`${title} from a CSV`"
    :description="ABOUT"
  >
    <template #body>
      <label
        class="field-label"
        for="csv-file"
        >CSV file</label
      >
      <input
        id="csv-file"
        type="file"
        accept=".csv,text/csv"
        class="file"
        @change="read"
      />
      <p
        v-if="problem"
        role="alert"
        class="strikes-ink"
      >
        {{ fileName }}: {{ problem }} Nothing was changed.
      </p>
      <div
        v-if="preview"
        role="status"
        aria-label="What the import would do"
        class="preview"
      >
        <p>
          <b>{{ preview.added.length }}</b> new, <b>{{ preview.changed.length }}</b> changed,
          <b>{{ preview.same }}</b> the same, <b>{{ preview.refused.length }}</b> refused.
        </p>
        <ul
          v-if="preview.refused.length > 0"
          class="refused"
        >
          <li
            v-for="{ row, name, message } in preview.refused.slice(0, MOST_SHOWN)"
            :key="row"
          >
            <b>Row {{ row }} {{ name }}</b
            >: {{ message }}
          </li>
          <li
            v-if="preview.refused.length > MOST_SHOWN"
            class="hint"
          >
            and {{ preview.refused.length - MOST_SHOWN }} more
          </li>
        </ul>
        <UButton
          :label="entries.length === 0 ? 'Nothing to import' : `Import ${entries.length} rows`"
          icon="i-lucide-check"
          :disabled="entries.length === 0"
          @click="takeIn"
        />
        <p class="hint">All of them or none; undo takes it back.</p>
      </div>
    </template>
  </UModal>
</template>

<style scoped>
.file {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 8px;
  border: 1.5px dashed var(--line-strong);
  border-radius: 10px;
}
.preview {
  display: grid;
  gap: 8px;
  margin-top: 10px;
  justify-items: start;
}
.refused {
  font-size: 14.5px;
  overflow-wrap: anywhere;
  max-height: 240px;
  overflow-y: auto;
}
</style>
