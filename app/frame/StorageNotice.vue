<script setup lang="ts">
const book = useBookStore()
const damaged = computed(() => {
  const count = book.unreadable.length
  return `${count} stored ${count === 1 ? 'record is' : 'records are'} damaged and left aside`
})
</script>

<template>
  <LazyUAlert
    v-if="book.storage === 'failing'"
    role="alert"
    color="warning"
    variant="subtle"
    icon="i-lucide-hard-drive"
    class="mb-3"
    title="Not saved"
    :description="book.storageMessage"
    :actions="[
      { label: 'Go to Files to export', to: '/files', color: 'primary' },
      {
        label: 'Try again',
        variant: 'outline',
        color: 'primary',
        onClick: () => {
          book.flush()
        },
      },
    ]"
  />
  <LazyUAlert
    v-else-if="book.unreadable.length > 0"
    color="warning"
    variant="subtle"
    icon="i-lucide-file-warning"
    class="mb-3"
    :title="damaged"
    description="Nothing was thrown away: download them as they are from Files."
    :actions="[{ label: 'Go to Files', to: '/files', color: 'primary', variant: 'outline' }]"
  />
</template>
