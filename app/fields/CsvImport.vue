<script setup lang="ts" generic="T extends TableName">
import type { CsvReading, CsvPreview } from '~/utils/csv'
import type { RecordChange, RecordOf, TableName } from '#shared/records'

/**
 * A table's CSV, looked through before anything is written: each refused row is named with what would mend
 * it.
 */
const open = defineModel<boolean>('open', { required: true })
const {
  table,
  title,
  most,
  reader,
  file = null,
} = defineProps<{
  table: T
  title: string
  /** The largest file, in bytes. */
  most: number
  reader: (text: string) => CsvReading<RecordOf<T>>
  /** One that was dropped already. @defaultValue null */
  file?: File | null
}>()
const book = useBookStore()
const { sayStored } = useStoredWords()
const preview = shallowRef<CsvPreview<RecordOf<T>> | null>(null)
const fileName = ref('')
const problem = ref('')
const MOST_SHOWN = 100

async function read(file: File): Promise<void> {
  fileName.value = file.name
  preview.value = null
  problem.value = file.size > most ? `The file is larger than ${most / 1e6} MB: split it.` : ''
  if (problem.value) return
  const reading = reader(await file.text())
  if (reading.ok) preview.value = reading.preview
  else problem.value = reading.message
}
if (file) void read(file)
const entries = computed(() => (preview.value ? [...preview.value.added, ...preview.value.changed] : []))
function takeIn(): void {
  const stored = book.commit(
    `Import ${fileName.value}`,
    entries.value.map(record => ({ table, id: record.id, record }) as RecordChange),
  )
  void sayStored(`${entries.value.length} rows imported`, { kept: stored })
  open.value = false
}
const ABOUT =
  'The first row names the columns; save a CSV here to see them. Nothing is written before you say so.'
</script>

<template>
  <UModal
    v-model:open="open"
    :title="`${title} from a CSV`"
    :description="ABOUT"
  >
    <template #body>
      <FileField
        label="CSV file"
        accept=".csv,text/csv"
        @file="read"
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
          {{ fileName }}: <b>{{ preview.added.length }}</b> new, <b>{{ preview.changed.length }}</b> changed,
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
