<script setup lang="ts">
import WorkProgress from '~/asking/WorkProgress.vue'
import { type ImportPreview, MOST_BACKUP_BYTES, readBackup } from '#shared/backup'
import { photoIdsIn, photosOf } from '#shared/records'
import { putPhotos } from '#db/photos'
import type { PackedPhoto } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useOfferedUnit } from '../useOfferedUnit'
import { useZip } from '../useZip'

/** Reads a backup, says what taking it in would do, and does it when asked to. */
const book = useBookStore()
const { sayStored } = useStoredWords()
const { progress, stop, unpack } = useZip()

const { offered, takesUnit, offer, unitChanges } = useOfferedUnit()
const preview = shallowRef<ImportPreview | null>(null)
/** Photos that came in a zip, kept once the import is pressed. */
const beside = shallowRef<readonly PackedPhoto[]>([])
const damaged = ref(0)
const fileName = ref('')
const problem = ref('')
/** The photos found no room, and so nothing was taken in yet. */
const hasNoRoom = ref(false)
const isTakingIn = ref(false)
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
  if (!reading.ok) {
    problem.value = reading.message
    return
  }
  preview.value = reading.preview
  offer(reading.unit)
}
function clear(): void {
  preview.value = null
  beside.value = []
  damaged.value = 0
  problem.value = ''
  failed.value = null
  hasNoRoom.value = false
}

const toTakeIn = computed(() => {
  const { added, changed } = preview.value ?? { added: [], changed: [] }
  return [...added, ...changed]
})
const nothingToDo = computed(() => toTakeIn.value.length === 0 && wantedPhotos.value.length === 0)

/** Photos first, and records once these are on the disk: no record is ever without its photo. */
async function takeIn({ withPhotos = true } = {}): Promise<void> {
  const [name, entries, photos] = [fileName.value, toTakeIn.value, withPhotos ? wantedPhotos.value : []]
  isTakingIn.value = true
  hasNoRoom.value = !(await book.storeBeside(() => keepPhotos(photos)))
  isTakingIn.value = false
  if (hasNoRoom.value) return
  const stored = book.commit(`Import ${name}`, [
    ...entries.map(({ table, record }) => ({ table, id: record.id, record })),
    ...unitChanges.value,
  ])
  clear()
  const taken = [counted(entries.length, 'record'), counted(photos.length, 'photo')]
  await sayStored(`${taken.filter(Boolean).join(' and ')} imported`, { kept: stored })
}
const counted = (count: number, one: string) =>
  count === 0 ? '' : `${count} ${one}${count === 1 ? '' : 's'}`
async function keepPhotos(photos: readonly PackedPhoto[]): Promise<boolean> {
  try {
    if (photos.length > 0) await putPhotos(photos)
    return true
  } catch {
    return false
  }
}
/** Those a record points at, here or in the file. */
const wantedPhotos = computed(() => {
  const coming = toTakeIn.value.map(({ table, record }) => ({ table, id: record.id, record }))
  const wanted = new Set([...photoIdsIn(book.shelf), ...photosOf(coming)])
  return beside.value.filter(({ id }) => wanted.has(id))
})
const importWords = computed(() => {
  if (toTakeIn.value.length > 0) return `Import ${counted(toTakeIn.value.length, 'record')}`
  return `Import ${counted(wantedPhotos.value.length, 'photo')}`
})

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
    <WorkProgress
      v-if="progress"
      doing="Unpacking"
      one="photo"
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
      <p v-if="nothingToDo">
        {{
          preview.same > 0
            ? 'All of it is here already: there is nothing to import.'
            : 'There is nothing in it to import.'
        }}
      </p>
      <OfferedUnit
        v-model="takesUnit"
        :unit="offered"
      />
      <UAlert
        v-if="hasNoRoom"
        role="alert"
        color="error"
        variant="subtle"
        title="Nothing was imported: the photos found no room"
        description="Make room in the browser and try again, or import the records without photos."
        :actions="[
          { label: 'Try again', color: 'primary', onClick: () => void takeIn() },
          {
            label: 'Without the photos',
            color: 'primary',
            variant: 'outline',
            onClick: () => void takeIn({ withPhotos: false }),
          },
        ]"
      />
      <div class="buttons">
        <UButton
          v-if="!nothingToDo && !hasNoRoom"
          :label="importWords"
          icon="i-lucide-check"
          :loading="isTakingIn"
          @click="takeIn()"
        />
        <UButton
          variant="outline"
          :label="nothingToDo ? 'Close' : 'Cancel'"
          :disabled="isTakingIn"
          @click="clear"
        />
      </div>
      <p
        v-if="!nothingToDo"
        class="hint"
      >
        All of it or nothing; undo takes it back.
      </p>
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
