<script setup lang="ts">
const book = useBookStore()
const {
  public: { demo },
} = useRuntimeConfig()

/** Notices are not part of the first view: their code comes once it stands. */
const NOTICES_MS = 1200
const notices = ref(false)
onMounted(async () => {
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
      <NuxtPage v-if="book.ready" />
    </NuxtLayout>
    <LazyUToaster
      v-if="notices"
      position="bottom-center"
    />
    <LazyUpkeepNotices v-if="notices" />
  </div>
</template>
