<script setup lang="ts">
import { type ImportPreview, MOST_BACKUP_BYTES, readBackup } from '#shared/backup'
import { photoIdsIn } from '#shared/records'
import { putPhotos } from '#db/photos'
import type { PackedPhoto } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useZip } from '../useZip'

/** Reads a backup, says what taking it in would do, and does it when asked to. */
const book = useBookStore()
const toast = useToast()
const { sayStored } = useStoredWords()
const { progress, stop, unpack } = useZip()

const preview = shallowRef<ImportPreview | null>(null)
/** Photos that came in a zip, kept once the import is pressed. */
const beside = shallowRef<readonly PackedPhoto[]>([])
const damaged = ref(0)
const fileName = ref('')
const problem = ref('')
/** A zip that could not be unpacked: it is still there to try again. */
const failed = shallowRef<{ readonly file: File; readonly fault: Fault } | null>(null)

async function read(file: File): Promise<void> {
  // The one before, should it still be unpacking, would answer late.
  stop()
  fileName.value = file.name
  clear()
  if (file.name.toLowerCase().endsWith('.zip')) return readZip(file)
  if (file.size > MOST_BACKUP_BYTES) {
    problem.value = `It is larger than ${MOST_BACKUP_BYTES / 1e6} MB: it is not a Lacy Spool backup.`
    return
  }
  show(await file.text())
}
async function readZip(file: File): Promise<void> {
  failed.value = null
  const unpacked = await unpack(file)
  if (unpacked.kind === 'stopped') return
  if (unpacked.kind === 'failed') failed.value = { file, fault: unpacked.fault }
  else if (!unpacked.value.ok) problem.value = unpacked.value.message
  else {
    beside.value = unpacked.value.photos
    damaged.value = unpacked.value.damaged
    show(unpacked.value.json)
  }
}
useIncoming(['backup'], read)
function show(text: string): void {
  const reading = readBackup(text, book.tables)
  if (reading.ok) preview.value = reading.preview
  else problem.value = reading.message
}
function clear(): void {
  preview.value = null
  beside.value = []
  damaged.value = 0
  problem.value = ''
  failed.value = null
}

const toTakeIn = computed(() => {
  const { added, changed } = preview.value ?? { added: [], changed: [] }
  return [...added, ...changed]
})
const nothingToDo = computed(() => toTakeIn.value.length === 0 && beside.value.length === 0)

async function takeIn(): Promise<void> {
  const [entries, photos] = [toTakeIn.value, beside.value]
  const stored = book.commit(
    `Import ${fileName.value}`,
    entries.map(({ table, record }) => ({ table, id: record.id, record })),
  )
  // Another file may be chosen while this one is stored.
  clear()
  const photosKept = await keepPhotos(photos)
  await sayStored(`${entries.length} records imported`, { kept: stored })
  if (!photosKept)
    toast.add({
      title: 'The photos found no room',
      description: 'The records are in. Make room in the browser and import the zip again.',
      color: 'error',
    })
}
async function keepPhotos(photos: readonly PackedPhoto[]): Promise<boolean> {
  const wanted = photoIdsIn(book.shelf)
  try {
    await putPhotos(photos.filter(({ id }) => wanted.has(id)))
    return true
  } catch {
    return false
  }
}

const photoWords = computed(() => {
  const count = beside.value.length
  const words = [
    count > 0 && `${count} ${count === 1 ? 'photo' : 'photos'} beside them.`,
    damaged.value > 0 && `${damaged.value} damaged ${damaged.value === 1 ? 'photo' : 'photos'} left out.`,
  ]
  return words.filter(Boolean).join(' ')
})
</script>

<template>
  <UCard
    as="section"
    aria-labelledby="import-head"
  >
    <h2 id="import-head">Import</h2>
    <FileField
      label="A file exported by Lacy Spool"
      accept=".json,.zip,application/json,application/zip"
      @file="read"
    />
    <ZipProgress
      v-if="progress"
      doing="Unpacking"
      :progress="progress"
      @stop="stop"
    />
    <AskFault
      v-if="failed"
      :what="failed.file.name"
      :fault="failed.fault"
      @again="readZip(failed.file)"
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
        <b>{{ preview.same }}</b> the same, <b>{{ preview.refused.length }}</b> refused. {{ photoWords }}
      </p>
      <ImportLists
        :preview="preview"
        changed-title="Changed: what is here is replaced"
      />
      <div class="buttons">
        <UButton
          :label="nothingToDo ? 'Nothing to import' : `Import ${toTakeIn.length} records`"
          icon="i-lucide-check"
          :disabled="nothingToDo"
          @click="takeIn"
        />
        <UButton
          variant="outline"
          label="Cancel"
          @click="clear"
        />
      </div>
      <p class="hint">All of them or none; undo takes it back.</p>
    </div>
  </UCard>
</template>

<style scoped>
.preview {
  display: grid;
  gap: 8px;
}
summary {
  cursor: pointer;
  font-weight: 650;
  min-height: 30px;
}
</style>
