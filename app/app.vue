<script setup lang="ts">
const book = useBookStore()
const { public: { demo } } = useRuntimeConfig()
onMounted(() => book.open({ demoIfEmpty: demo }))
</script>

<template>
  <div>
    <NuxtRouteAnnouncer />
    <NuxtLayout>
      <NuxtPage v-if="book.ready" />
    </NuxtLayout>
    <!-- Notices are not part of the first screen: their code comes after it. -->
    <LazyUToaster
      v-if="book.ready"
      position="bottom-center"
    />
  </div>
</template>
