<script setup lang="ts">
import { TABLES } from '#shared/records'

const book = useBookStore()
const lost = computed(() => {
  const [first, ...more] = book.lost
  if (!first) return ''
  const one = TABLES[first.table].words?.one ?? 'record'
  const others = more.length > 0 ? ` and ${more.length} more` : ''
  return first.outcome === 'gone'
    ? `The ${one} you changed${others} was taken away in another tab, and is not brought back.`
    : `The ${one} you kept${others} needs what was taken away in another tab: it is as it was before.`
})
const damaged = computed(() => {
  const count = book.unreadable.length
  return `${count} stored ${count === 1 ? 'record is' : 'records are'} damaged and left aside`
})
</script>

<template>
  <LazyUAlert
    v-if="lost"
    role="alert"
    color="warning"
    variant="subtle"
    icon="i-lucide-copy-x"
    class="mb-3"
    title="Another tab was first"
    :description="lost"
    :actions="[
      {
        label: 'All right',
        color: 'primary',
        variant: 'outline',
        onClick: () => {
          book.lost = []
        },
      },
    ]"
  />
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
