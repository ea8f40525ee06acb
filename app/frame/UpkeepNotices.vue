<script setup lang="ts">
import { registerSW } from 'virtual:pwa-register'
import { dropPhotosExcept } from '#db/photos'
import { photoIdsOf } from '#shared/records'

/**
 * Nothing to see: works without the server, offers updates, asks the browser to keep the data, reminds of a
 * backup.
 */
const book = useBookStore()
const toast = useToast()
const route = useRoute()
const { overdue, said: backupWords } = useBackupAge()

/** An update waits while someone threads: the page would be gone under their hands. */
const waiting = ref(false)
const threading = computed(() => route.path === '/walk' || route.path === '/card')
const update = registerSW({
  onNeedRefresh: () => {
    waiting.value = true
  },
})
watch([waiting, threading], () => {
  if (!waiting.value || threading.value) return
  waiting.value = false
  toast.add({
    title: 'A newer Lacy Spool is ready',
    description: 'It takes over when you say so, or when every tab is closed.',
    icon: 'i-lucide-refresh-cw',
    duration: 0,
    actions: [{ label: 'Update now', color: 'primary', onClick: () => void update(true) }],
  })
})

/** Asked once there is something of one's own to lose. */
watch(
  () => book.canUndo,
  async changed => {
    if (changed && !(await navigator.storage?.persisted?.())) await navigator.storage?.persist?.()
  },
  { immediate: true },
)

/**
 * Photos nothing points at any more go at the next start, when no undo can bring back what they belong to.
 */
function tidyPhotos(): void {
  if (book.storage !== 'saved' || book.unreadable.length > 0) return
  const wanted = photoIdsOf({ swatches: book.shelf.swatches.values(), trials: book.shelf.trials.values() })
  // What cannot be tidied now is tidied another time.
  dropPhotosExcept(wanted).catch(() => {})
}
onMounted(() => {
  tidyPhotos()
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
