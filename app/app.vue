<script setup lang="ts">
import { useBackgroundPart } from '~/asking/backgroundPart'
import PlainNotes from '~/frame/PlainNotes.vue'

const book = useBookStore()
useLinkedPiece()
const {
  public: { demo },
} = useRuntimeConfig()

/** Notices are not part of the first view: their code comes once it stands. */
const NOTICES_MS = 1200
const notices = ref(false)
const Notes = defineAsyncComponent({
  loader: () => import('~/frame/ToastPlace.vue'),
  errorComponent: PlainNotes,
})
const UpkeepNotices = useBackgroundPart(
  'What reminds of updates and backups',
  () => import('~/frame/UpkeepNotices.vue'),
)
const DropAnywhere = useBackgroundPart('Dropping a file', () => import('~/frame/DropAnywhere.vue'))
/** What is not stored yet would be gone with the page: the browser asks first. */
function askToStay(event: BeforeUnloadEvent): void {
  if (book.hasUnsaved()) event.preventDefault()
}
onMounted(async () => {
  window.addEventListener('beforeunload', askToStay)
  await book.open({ demoIfEmpty: demo })
  setTimeout(() => {
    notices.value = true
  }, NOTICES_MS)
})
</script>

<template>
  <div>
    <NuxtRouteAnnouncer />
    <NuxtLayout>
      <StationBoundary>
        <NuxtPage v-if="book.ready" />
      </StationBoundary>
    </NuxtLayout>
    <template v-if="notices">
      <Notes />
      <UpkeepNotices />
      <DropAnywhere />
    </template>
  </div>
</template>
