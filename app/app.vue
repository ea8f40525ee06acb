<script setup lang="ts">
const book = useBookStore()
const {
  public: { demo },
} = useRuntimeConfig()

/** Notices are not part of the first view: their code comes once it stands. */
const NOTICES_MS = 1200
const notices = ref(false)
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
    <LazyUToaster
      v-if="notices"
      :progress="false"
      position="bottom-center"
    />
    <LazyUpkeepNotices v-if="notices" />
    <LazyDropAnywhere v-if="notices" />
  </div>
</template>
