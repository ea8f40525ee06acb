<script setup lang="ts">
import { TABLES } from '#shared/records'
import type { StorageState } from '~/stores/book/storage'
import { STORAGE_NOTICES } from '~/stores/book/storageNotices'

const book = useBookStore()
const again = { label: 'Try again', onClick: () => void book.flush() }
const reload = { label: 'Reload', onClick: () => window.location.reload() }
/** What may be done about each state that is said to the person. */
const WAYS_ON: Readonly<Partial<Record<StorageState, { label: string; onClick: () => void }>>> = {
  waiting: reload,
  refused: again,
  full: again,
  newer: reload,
  cleared: { label: 'Store it all again', onClick: () => void book.storeAllAgain() },
}
const lost = computed(() => {
  const [first, ...more] = book.lost
  if (!first) return ''
  const one = TABLES[first.table].words?.one ?? 'record'
  const others = more.length > 0 ? ` and ${more.length} more` : ''
  switch (first.outcome) {
    case 'gone':
      return `The ${one} you changed${others} was taken away meanwhile, and is not brought back.`
    case 'needed':
      return `The ${one} you took away${others} is needed by what another tab has kept: it stays.`
    case 'unfit':
      return (
        `The ${one} you changed${others} was changed in another tab too. The two changes do not `
        + 'fit, so the other tab’s stands.'
      )
    default:
      return `The ${one} you kept${others} needs what another tab took away. Your change was taken back.`
  }
})
const notice = computed(() => STORAGE_NOTICES[book.storage])
const wayOn = computed(() => ({ ...WAYS_ON[book.storage]!, variant: 'outline', color: 'primary' }) as const)
const damaged = computed(() => {
  const count = book.unreadable.length
  return `${count} stored ${count === 1 ? 'record is' : 'records are'} damaged and left aside`
})
</script>

<template>
  <UAlert
    v-if="lost"
    role="alert"
    color="warning"
    variant="subtle"
    icon="i-lucide-copy-x"
    class="mb-3"
    title="Something else came first"
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
  <UAlert
    v-if="notice"
    role="alert"
    color="warning"
    variant="subtle"
    icon="i-lucide-hard-drive"
    class="mb-3"
    :title="notice.title"
    :description="notice.said"
    :actions="[{ label: 'Go to Files to export', to: '/files', color: 'primary' }, wayOn]"
  />
  <UAlert
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
