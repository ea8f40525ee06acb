<script setup lang="ts">
const book = useBookStore()
const { public: { demo } } = useRuntimeConfig()
onMounted(() => book.open({ demoIfEmpty: demo }))
</script>

<template>
  <UApp :toaster="{ position: 'bottom-center' }">
    <NuxtRouteAnnouncer />
    <NuxtLayout>
      <NuxtPage v-if="book.ready" />
    </NuxtLayout>
  </UApp>
</template>
