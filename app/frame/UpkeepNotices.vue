<script setup lang="ts">
import { registerSW } from 'virtual:pwa-register'
import { tidyPhotos } from '#db/photos'
import { photoIdsIn } from '#shared/records'
import { photosInHistory } from '~/stores/book/history'
import { announceTab, isOnlyTab } from '~/utils/tabs'

/**
 * Nothing to see: works without the server, offers updates, asks the browser to keep the data, reminds of a
 * backup.
 */
const book = useBookStore()
const toast = useToast()
const route = useRoute()
const { overdue, said: backupWords } = useBackupAge()

/** An update waits while someone threads: the page would be gone under their hands. */
const waiting = ref<'offered' | 'taken over' | null>(null)
const threading = computed(() => route.path === '/walk' || route.path === '/card')
let askedHere = false
const update = registerSW({
  onNeedRefresh: () => {
    waiting.value = 'offered'
  },
  // Every open tab hears of it: only the one that asked reloads by itself.
  onNeedReload: () => {
    if (askedHere) window.location.reload()
    else waiting.value = 'taken over'
  },
})
watch([waiting, threading], () => {
  if (!waiting.value || threading.value) return
  const isTakenOver = waiting.value === 'taken over'
  waiting.value = null
  toast.add({
    title: isTakenOver ? 'A newer Lacy Spool has taken over' : 'A newer Lacy Spool is ready',
    description: isTakenOver
      ? 'Another tab asked for it. This one goes on as it is until you reload it.'
      : 'It takes over when you say so, or when every tab is closed.',
    icon: 'i-lucide-refresh-cw',
    duration: 0,
    actions: [
      {
        label: isTakenOver ? 'Reload now' : 'Update now',
        color: 'primary',
        onClick: () => void renew(isTakenOver),
      },
    ],
  })
})

/** What is typed into a form comes back by itself; what waits in memory would not. */
async function renew(isTakenOver: boolean): Promise<void> {
  if (!(await book.flush())) {
    toast.add({
      title: 'Not now: something is not stored yet',
      description: 'It would be gone with the page. Export it on Files, or wait until it is saved.',
      icon: 'i-lucide-hard-drive',
      color: 'warning',
    })
    return
  }
  askedHere = true
  if (isTakenOver) window.location.reload()
  else await update(true)
}

/** Asked once there is something of one's own to lose. */
watch(
  () => book.canUndo,
  async changed => {
    if (changed && !(await navigator.storage?.persisted?.())) await navigator.storage?.persist?.()
  },
  { immediate: true },
)

const backups = useFolderBackupStore()
watch(
  () => backups.state,
  state => {
    if (state !== 'failed') return
    toast.add({
      title: `No backup could be written into “${backups.name}”`,
      description: 'Is the folder still there, and is there room? Files says more.',
      icon: 'i-lucide-hard-drive',
      color: 'warning',
    })
  },
)
/** After each start the browser wants to be asked anew: a press here is asked for once. */
async function wakeBackups(): Promise<void> {
  await backups.wake()
  if (backups.state !== 'asleep') return
  toast.add({
    title: `Backups into “${backups.name}” wait for your word`,
    icon: 'i-lucide-hard-drive-download',
    actions: [
      { label: 'Allow it again', color: 'primary', variant: 'outline', onClick: () => void backups.allow() },
    ],
  })
}

/** Photos nothing points at any more go after a day, when no undo in any tab can bring their record back. */
async function tidy(): Promise<void> {
  if (book.storage !== 'saved' || book.unreadable.length > 0) return
  const pointedAt = photoIdsIn(book.shelf)
  const wanted = new Set([...pointedAt, ...photosInHistory(book.history)])
  await tidyPhotos(wanted, Date.now(), await isOnlyTab())
}
onMounted(() => {
  announceTab()
  void wakeBackups()
  // What cannot be tidied now is tidied another time.
  tidy().catch(() => {})
  if (overdue.value)
    toast.add({
      title: backupWords.value,
      description: 'Your data is in this browser alone.',
      icon: 'i-lucide-hard-drive-download',
      actions: [
        {
          label: 'Go to Files',
          color: 'primary',
          variant: 'outline',
          onClick: () => void navigateTo('/files'),
        },
      ],
    })
})
</script>

<template>
  <span hidden />
</template>
