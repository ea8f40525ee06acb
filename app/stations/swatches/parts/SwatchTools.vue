<script setup lang="ts">
import { writeBackup } from '#shared/backup'
import { emptyTables, type Swatch } from '#shared/records'
import { download } from '~/utils/download'
import { writeSwatchCsv } from '../swatchCsv'
import { SWATCH_VIEWS, type SwatchView } from '../swatchViews'

/** What can be done with the book: written into, taken out of, looked at in another way. */
const view = defineModel<SwatchView>('view', { required: true })
const { hasAny, found, chosen, isBusy } = defineProps<{
  /** Nothing to find, to print or to show otherwise before there is one. */
  hasAny: boolean
  found: readonly Swatch[]
  /** How many are chosen to stand side by side: labels are for them. */
  chosen: number
  /** Whether labels are being made. */
  isBusy: boolean
}>()
const emit = defineEmits<{ labels: []; import: [] }>()
const writing = ref(false)
const asCsv = () => download('swatches.csv', 'text/csv', writeSwatchCsv(found))
/** The swatches found as a file that Files takes in like any other. */
function asJson(): void {
  const nothing = emptyTables()
  download(
    'swatches.json',
    'application/json',
    JSON.stringify(
      writeBackup(
        { ...nothing, swatches: new Map(found.map(swatch => [swatch.id, swatch])) },
        new Date().toISOString(),
      ),
      null,
      2,
    ),
  )
}
</script>

<template>
  <div class="tools">
    <UModal
      v-model:open="writing"
      title="Write a swatch"
    >
      <UButton
        size="sm"
        icon="i-lucide-pen-line"
        label="Write a swatch"
      />
      <template #body>
        <WriteSwatch @done="writing = false" />
      </template>
    </UModal>
    <UButton
      v-if="hasAny"
      variant="outline"
      size="sm"
      icon="i-lucide-tags"
      :label="chosen > 0 ? `Labels for ${chosen}` : 'Labels'"
      :disabled="found.length === 0 || isBusy"
      @click="emit('labels')"
    />
    <UButton
      v-if="hasAny"
      variant="outline"
      size="sm"
      icon="i-lucide-file-down"
      label="CSV"
      :disabled="found.length === 0"
      @click="asCsv"
    />
    <UButton
      v-if="hasAny"
      variant="outline"
      size="sm"
      icon="i-lucide-file-json"
      label="JSON"
      :disabled="found.length === 0"
      @click="asJson"
    />
    <UButton
      variant="outline"
      size="sm"
      icon="i-lucide-file-up"
      label="From a CSV"
      @click="emit('import')"
    />
    <SegmentBar
      v-if="hasAny"
      v-model="view"
      label="How to show it"
      :items="SWATCH_VIEWS"
    />
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
