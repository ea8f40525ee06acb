<script setup lang="ts">
import {
  BACKUP_VERSION,
  type ImportPreview,
  MOST_BACKUP_BYTES,
  readBackup,
  writeBackup,
} from '#shared/backup'
import { demoRemoval, hasDemo, photoIdsOf, TABLE_NAMES, TABLES } from '#shared/records'
import { putPhoto } from '#db/photos'
import { readBookZip, writeBookZip } from './bookZip'
import { isTrouble, STORAGE_WORDS } from '~/stores/book/storage'
import { STORAGE_NOTICES } from '~/stores/book/storageNotices'
import { download, downloadBlob } from '~/utils/download'

useHead({ title: 'Files · Lacy Spool' })
const book = useBookStore()
const { offerUndo, count } = useShelf()
const toast = useToast()
const { sayStored } = useStoredWords()
const records = computed(() => count())

const preview = shallowRef<ImportPreview | null>(null)
const fileName = ref('')
const problem = ref('')
const asking = ref(false)

const { said: backupSaid, overdue, note } = useBackupAge()
/** Whether the browser may clear the data when space is short; null: not known. */
const keeps = ref<boolean | null>(null)
onMounted(async () => {
  keeps.value = (await navigator.storage?.persisted?.()) ?? null
})
async function askToKeep(): Promise<void> {
  keeps.value = await navigator.storage.persist()
  if (!keeps.value)
    toast.add({
      title: 'The browser does not promise it',
      description: 'Install the app or export now and then.',
      color: 'warning',
    })
}

const counts = computed(() =>
  TABLE_NAMES.flatMap(table => {
    const { words } = TABLES[table]
    return words ? [{ word: words.many, n: book.shelf[table].size }] : []
  }),
)

function exportAll(): void {
  const moment = new Date()
  const now = moment.toISOString()
  download(
    `lacy-spool-${now.slice(0, 10)}.json`,
    'application/json',
    JSON.stringify(writeBackup(book.tables, now), null, 2),
  )
  note(moment)
}
/** The same with every photo beside it, in one zip. */
async function exportWithPhotos(): Promise<void> {
  const moment = new Date()
  const now = moment.toISOString()
  downloadBlob(`lacy-spool-${now.slice(0, 10)}.zip`, await writeBookZip(writeBackup(book.tables, now)))
  note(moment)
}
const photoIds = () =>
  photoIdsOf({ swatches: book.shelf.swatches.values(), trials: book.shelf.trials.values() })
const photos = computed(() => photoIds().size)
function exportDamaged(): void {
  download('lacy-spool-damaged.json', 'application/json', JSON.stringify(book.unreadable, null, 2))
}

async function read(file: File): Promise<void> {
  fileName.value = file.name
  preview.value = null
  problem.value = ''
  beside.value = []
  if (file.name.toLowerCase().endsWith('.zip')) {
    const zip = await readBookZip(file)
    if (!zip.ok) {
      problem.value = zip.message
      return
    }
    beside.value = zip.photos
    return show(zip.json)
  }
  if (file.size > MOST_BACKUP_BYTES) {
    problem.value = `It is larger than ${MOST_BACKUP_BYTES / 1e6} MB: it is not a Lacy Spool backup.`
    return
  }
  show(await file.text())
}
/** Photos that came in a zip, kept once the import is pressed. */
const beside = shallowRef<readonly { readonly id: string; readonly blob: Blob }[]>([])
function show(text: string): void {
  const reading = readBackup(text, book.tables)
  if (reading.ok) preview.value = reading.preview
  else problem.value = reading.message
}
const nothingToDo = computed(
  () =>
    preview.value !== null
    && preview.value.added.length + preview.value.changed.length === 0
    && beside.value.length === 0,
)
async function takeIn(): Promise<void> {
  if (!preview.value) return
  const entries = [...preview.value.added, ...preview.value.changed]
  const stored = book.commit(
    `Import ${fileName.value}`,
    entries.map(({ table, record }) => ({ table, id: record.id, record })),
  )
  const wanted = photoIds()
  try {
    for (const photo of beside.value) if (wanted.has(photo.id)) await putPhoto(photo)
  } catch {
    toast.add({
      title: 'Not every photo found room',
      description: 'The records are in. Make room in the browser and import the zip again.',
      color: 'error',
    })
  }
  void sayStored(stored, `${entries.length} records imported`)
  preview.value = null
  beside.value = []
}
const nameOf = (record: { id: string }) =>
  'name' in record && typeof record.name === 'string' ? record.name : record.id

const WIPE_WARNING =
  'Everything in this browser goes. Export first if you want to keep it; '
  + 'undo works until you close this tab.'
const demoIsIn = computed(() => hasDemo(book.tables))
function removeDemo(): void {
  void book.commit('Remove the demo', demoRemoval(book.tables))
  offerUndo('The demo is out')
}
function wipe(): void {
  asking.value = false
  book.wipe()
  offerUndo('The book is empty')
}
const saved = computed(
  () => STORAGE_NOTICES[book.storage]?.said ?? `${STORAGE_WORDS[book.storage]}, in this browser.`,
)
const inTables = (list: ImportPreview['added']) =>
  TABLE_NAMES.map(table => ({
    table,
    names: list.filter(entry => entry.table === table).map(({ record }) => nameOf(record)),
  })).filter(({ names }) => names.length > 0)
</script>

<template>
  <div class="files">
    <h1>Files</h1>
    <p class="hint lead">
      Your data stays in this browser and in the files you export. Nothing is sent anywhere.
    </p>
    <div class="cols">
      <section
        class="card"
        aria-labelledby="book-head"
      >
        <h2 id="book-head">The book</h2>
        <ul class="counts">
          <li
            v-for="{ word, n } in counts"
            :key="word"
          >
            <b>{{ n }}</b> {{ word }}
          </li>
        </ul>
        <p :class="isTrouble(book.storage) ? 'strikes-ink' : 'hint'">
          {{ saved }}
        </p>
        <p :class="overdue ? 'close-ink' : 'hint'">{{ backupSaid }}.</p>
        <p
          v-if="keeps !== null"
          class="hint"
        >
          {{
            keeps
              ? 'The browser keeps it until you clear it.'
              : 'The browser may clear it when space is short.'
          }}
          <button
            v-if="!keeps"
            type="button"
            class="link"
            @click="askToKeep"
          >
            Ask it to keep it
          </button>
        </p>
        <div class="buttons">
          <UButton
            icon="i-lucide-download"
            label="Export everything"
            :disabled="records === 0"
            @click="exportAll"
          />
          <UButton
            v-if="photos > 0"
            variant="outline"
            icon="i-lucide-images"
            :label="`With ${photos} ${photos === 1 ? 'photo' : 'photos'} (zip)`"
            @click="exportWithPhotos"
          />
          <UButton
            v-if="book.unreadable.length > 0"
            variant="outline"
            icon="i-lucide-file-warning"
            :label="`Download ${book.unreadable.length} damaged`"
            @click="exportDamaged"
          />
        </div>
        <p class="hint">
          One JSON file, UTF-8, version {{ BACKUP_VERSION }}; its
          <a
            :href="`/schema/lacy-spool-backup-${BACKUP_VERSION}.json`"
            target="_blank"
            >JSON Schema</a
          >
          is published with the app.
        </p>
      </section>

      <section
        class="card"
        aria-labelledby="import-head"
      >
        <h2 id="import-head">Import</h2>
        <FileField
          label="A file exported by Lacy Spool"
          accept=".json,.zip,application/json,application/zip"
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
          class="preview"
          aria-label="What the import would do"
        >
          <p>
            <b>{{ fileName }}</b> — nothing is written yet.
          </p>
          <p>
            <b>{{ preview.added.length }}</b> new, <b>{{ preview.changed.length }}</b> changed,
            <b>{{ preview.same }}</b> the same, <b>{{ preview.refused.length }}</b> refused.<template
              v-if="beside.length > 0"
            >
              {{ beside.length }} {{ beside.length === 1 ? 'photo' : 'photos' }} beside them.</template
            >
          </p>
          <details v-if="preview.added.length > 0">
            <summary>New</summary>
            <p
              v-for="{ table, names } in inTables(preview.added)"
              :key="table"
              class="hint"
            >
              {{ table }}: {{ names.slice(0, 12).join(', ')
              }}{{ names.length > 12 ? ` and ${names.length - 12} more` : '' }}
            </p>
          </details>
          <details
            v-if="preview.changed.length > 0"
            open
          >
            <summary>Changed: what is here is replaced</summary>
            <p
              v-for="{ table, names } in inTables(preview.changed)"
              :key="table"
              class="hint"
            >
              {{ table }}: {{ names.slice(0, 12).join(', ')
              }}{{ names.length > 12 ? ` and ${names.length - 12} more` : '' }}
            </p>
          </details>
          <details
            v-if="preview.refused.length > 0"
            open
          >
            <summary>Refused and left out</summary>
            <ul class="refused">
              <li
                v-for="(refusal, i) in preview.refused.slice(0, 50)"
                :key="i"
              >
                <b>{{ refusal.table }} {{ refusal.name }}</b
                >: {{ refusal.message }}
              </li>
            </ul>
          </details>
          <div class="buttons">
            <UButton
              :label="
                nothingToDo
                  ? 'Nothing to import'
                  : `Import ${preview.added.length + preview.changed.length} records`
              "
              icon="i-lucide-check"
              :disabled="nothingToDo"
              @click="takeIn"
            />
            <UButton
              variant="outline"
              label="Cancel"
              @click="
                () => {
                  preview = null
                }
              "
            />
          </div>
          <p class="hint">All of them or none; undo takes it back.</p>
        </div>
      </section>

      <section
        class="card"
        aria-labelledby="demo-head"
      >
        <h2 id="demo-head">Demo and clean slate</h2>
        <p>
          The demo is the costume room of an invented operetta company: four machines, fifteen needles, its
          plans and swatches of one season. Nothing in it was sewn.
        </p>
        <div class="buttons">
          <UButton
            v-if="!demoIsIn"
            variant="outline"
            icon="i-lucide-drama"
            label="Load the demo"
            @click="book.loadDemo()"
          />
          <UButton
            v-else
            variant="outline"
            icon="i-lucide-eraser"
            label="Remove the demo"
            @click="removeDemo"
          />
          <UButton
            variant="outline"
            color="error"
            icon="i-lucide-trash-2"
            label="Empty the book"
            :disabled="records === 0"
            @click="
              () => {
                asking = true
              }
            "
          />
        </div>
        <p class="hint">What your own plans still use stays when the demo goes.</p>
      </section>
    </div>
    <UModal
      v-model:open="asking"
      title="Empty the book?"
      :description="WIPE_WARNING"
    >
      <template #footer>
        <UButton
          color="error"
          label="Empty it"
          @click="wipe"
        />
        <UButton
          variant="outline"
          label="Keep it"
          @click="
            () => {
              asking = false
            }
          "
        />
      </template>
    </UModal>
  </div>
</template>

<style scoped>
h1 {
  font-size: 27px;
}
.lead {
  margin-bottom: 12px;
  font-size: 15px;
}
.cols {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 16px;
  align-items: start;
}
.card {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}
.counts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 14px;
}
.counts b {
  display: inline-block;
  min-width: 2.2em;
  text-align: right;
  margin-right: 4px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.preview {
  display: grid;
  gap: 8px;
}
summary {
  cursor: pointer;
  font-weight: 650;
  min-height: 30px;
}
.refused {
  font-size: 14.5px;
  overflow-wrap: anywhere;
}
a,
.link {
  text-decoration: underline;
  cursor: pointer;
}
.link {
  min-height: 30px;
}
</style>
