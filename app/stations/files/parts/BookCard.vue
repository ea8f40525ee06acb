<script setup lang="ts">
import WorkProgress from '~/asking/WorkProgress.vue'
import { BACKUP_VERSION, writeBackup } from '#shared/backup'
import { missingPhotos } from '#db/photos'
import { rawRows } from '#db/rawRows'
import { photoIdsIn, TABLE_NAMES, TABLES } from '#shared/records'
import { isTrouble, STORAGE_WORDS } from '~/stores/book/storage'
import { STORAGE_NOTICES } from '~/stores/book/storageNotices'
import { download, downloadBlob } from '~/utils/download'
import type { Fault } from '~/asking/asker'
import { useZip } from '../useZip'

/** What is in the book, how safe it is, and the ways out. */
const book = useBookStore()
const { count } = useShelf()
const toast = useToast()
const records = computed(() => count())
const { said: backupSaid, overdue, note } = useBackupAge()

/** Whether the browser may clear the data when space is short; null: not known. */
const keeps = ref<boolean | null>(null)
onMounted(async () => {
  keeps.value = (await navigator.storage?.persisted?.().catch(() => null)) ?? null
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
    return words
      ? [{ word: book.shelf[table].size === 1 ? words.one : words.many, n: book.shelf[table].size }]
      : []
  }),
)
const saved = computed(
  () => STORAGE_NOTICES[book.storage]?.said ?? `${STORAGE_WORDS[book.storage]}, in this browser.`,
)

const fileName = (moment: Date, ending: string) => `lacy-spool-${moment.toISOString().slice(0, 10)}.${ending}`
const backupAt = (moment: Date) => writeBackup(book.tables, moment.toISOString())
function exportAll(): void {
  const moment = new Date()
  download(fileName(moment, 'json'), 'application/json', JSON.stringify(backupAt(moment), null, 2))
  note(moment)
}

const { progress, stop, pack } = useZip()
const zipFault = ref<Fault | null>(null)
const photoIds = computed(() => [...photoIdsIn(book.shelf)])
const photos = computed(() => photoIds.value.length)
/** Photos that records point at, and that are not in this browser. */
const missing = ref(0)
watch(
  () => [photoIds.value, book.storage] as const,
  async ([ids]) => {
    missing.value = ids.length === 0 ? 0 : await missingPhotos(ids).catch(() => 0)
  },
  { immediate: true },
)
const missingWords = computed(
  () =>
    `${missing.value === 1 ? 'One photo is' : `${missing.value} photos are`} missing in this browser: `
    + 'their records are here, the pictures are not. Import the zip that has them.',
)
/** The same with every photo beside it, in one zip. */
async function exportWithPhotos(): Promise<void> {
  zipFault.value = null
  const moment = new Date()
  const packed = await pack(backupAt(moment))
  if (packed.kind === 'answered') {
    downloadBlob(fileName(moment, 'zip'), packed.value)
    // A zip that lacks photos is worth having, and no backup.
    if (missing.value === 0) note(moment)
    else toast.add({ title: 'Exported, and not counted as a backup', description: missingWords.value })
  }
  zipFault.value = packed.kind === 'failed' ? packed.fault : null
}

function exportDamaged(): void {
  download('lacy-spool-damaged.json', 'application/json', JSON.stringify(book.unreadable, null, 2))
}
/** Where the book cannot be read, or is a newer app's: what lies there, as it is. */
const hasRaw = computed(() => book.storage === 'refused' || book.storage === 'newer')
async function exportRaw(): Promise<void> {
  try {
    download('lacy-spool-as-stored.json', 'application/json', JSON.stringify(await rawRows(), null, 2))
  } catch {
    toast.add({
      title: 'Nothing could be read',
      description: 'The browser opens no stored data at all. Close its other tabs, or restart it.',
      color: 'error',
    })
  }
}
</script>

<template>
  <UCard
    as="section"
    aria-labelledby="book-head"
  >
    <h2 id="book-head">The book</h2>
    <ul class="counts">
      <li
        v-for="{ word, n } in counts"
        :key="word"
      >
        <b>{{ n }}</b> <span>{{ word }}</span>
      </li>
    </ul>
    <p :class="isTrouble(book.storage) ? 'strikes-ink' : 'hint'">{{ saved }}</p>
    <p :class="overdue ? 'close-ink' : 'hint'">{{ backupSaid }}.</p>
    <p
      v-if="missing > 0"
      role="status"
      class="strikes-ink"
    >
      {{ missingWords }}
    </p>
    <p
      v-if="keeps !== null"
      class="hint"
    >
      {{
        keeps
          ? 'The browser keeps your data until you clear it.'
          : 'The browser may clear your data when space is short.'
      }}
      <UButton
        v-if="!keeps"
        variant="link"
        class="px-0 underline"
        @click="askToKeep"
      >
        Ask the browser to keep my data
      </UButton>
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
        :disabled="progress !== null"
        @click="exportWithPhotos"
      />
      <UButton
        v-if="book.unreadable.length > 0"
        variant="outline"
        icon="i-lucide-file-warning"
        :label="`Download ${book.unreadable.length} damaged`"
        @click="exportDamaged"
      />
      <UButton
        v-if="hasRaw"
        variant="outline"
        icon="i-lucide-file-warning"
        label="Download what is stored, as it is"
        @click="exportRaw"
      />
    </div>
    <WorkProgress
      v-if="progress"
      doing="Packing"
      one="photo"
      :progress="progress"
      @stop="stop"
    />
    <AskFault
      v-if="zipFault"
      what="The zip with photos"
      :fault="zipFault"
      @again="exportWithPhotos"
    />
    <p class="hint">
      One JSON file, UTF-8, version {{ BACKUP_VERSION }}; its
      <a
        :href="`/schema/lacy-spool-backup-${BACKUP_VERSION}.json`"
        target="_blank"
        >JSON Schema</a
      >
      is published with the app.
    </p>
  </UCard>
</template>

<style scoped>
.counts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 14px;
}
.counts li {
  display: flex;
  gap: 8px;
}
.counts b {
  flex: none;
  min-width: 2.2em;
  text-align: right;
}
</style>
