<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import type { CompareRow } from '../compareRows'
import { VERDICT_LOOKS } from '~/utils/verdict'

const { rows, caption, first, currentId } = defineProps<{
  rows: readonly CompareRow[]
  caption: string
  first: string
  currentId: string | null
}>()
const NUMBER = { class: { th: 'text-right', td: 'text-right whitespace-nowrap' } }
const COLUMNS = computed((): TableColumn<CompareRow>[] => [
  { id: 'name', header: first },
  { id: 'safe', header: 'Safe width', meta: NUMBER },
  // On a phone the verdict needs the room more.
  { id: 'rows', header: 'Rows', meta: { class: { th: 'max-sm:hidden', td: 'max-sm:hidden' } } },
  { id: 'now', header: 'As set now' },
])
const emit = defineEmits<{ choose: [id: string] }>()
function safeWidth({ safeWidthMm }: CompareRow): string {
  if (safeWidthMm === null) return 'none'
  return safeWidthMm === 0 ? 'straight' : limitMm(safeWidthMm)
}
function columns(row: CompareRow): string {
  if (row.overlapAtSafeMm === null) return '–'
  if (row.overlapAtSafeMm < 0) return `${bareMm(-row.overlapAtSafeMm)} space`
  const share = row.interlacedAtSafe === null ? '' : `, ${Math.round(100 * row.interlacedAtSafe)} %`
  return `${bareMm(row.overlapAtSafeMm)} overlap${share}`
}
</script>

<template>
  <UTable
    :data="[...rows]"
    :columns="COLUMNS"
    :get-row-id="row => row.id"
    :meta="{ class: { tr: row => (row.original.id === currentId ? 'chosen-row' : '') } }"
    :ui="{ caption: 'not-sr-only serif text-left text-lg' }"
  >
    <template #caption>{{ caption }}</template>
    <template #name-cell="{ row: { original } }">
      <UButton
        variant="link"
        color="neutral"
        class="px-0 text-start"
        :aria-label="`Use ${original.name}, ${original.hint}`"
        :aria-current="original.id === currentId"
        @click="emit('choose', original.id)"
      >
        {{ original.name }} <span class="hint">{{ original.hint }}</span>
      </UButton>
    </template>
    <template #safe-cell="{ row: { original } }">
      <b>{{ safeWidth(original) }}</b>{{ ' ' }}<span class="hint by">{{ original.binding }}</span>
    </template>
    <template #rows-cell="{ row: { original } }">{{ columns(original) }}</template>
    <template #now-cell="{ row: { original } }">
      <span :style="{ color: VERDICT_LOOKS[original.verdict].ink }">
        <UIcon
          :name="VERDICT_LOOKS[original.verdict].icon"
          class="sign"
        />
        {{ VERDICT_LOOKS[original.verdict].word }}</span
      >
    </template>
  </UTable>
</template>

<style scoped>
.by {
  display: inline-block;
  width: 4.2em;
  text-align: left;
}
.sign {
  vertical-align: -2px;
}
</style>
