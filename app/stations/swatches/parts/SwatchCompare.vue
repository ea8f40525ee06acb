<script setup lang="ts">
import type { TableColumn } from '@nuxt/ui'
import type { Swatch } from '#shared/records'
import { swatchFields } from '#shared/inputs'

/** Two to four swatches side by side; what differs is marked. */
const { swatches } = defineProps<{ swatches: readonly Swatch[] }>()
const emit = defineEmits<{ drop: [id: string] }>()
const onlyDifferent = ref(false)
const rows = computed(() => {
  const all = swatches.map(swatchFields)
  return all[0]!
    .map(({ id, label }, i) => ({
      id,
      label,
      values: all.map(fields => fields[i]!.value),
      differs: new Set(all.map(fields => fields[i]!.value)).size > 1,
    }))
    .filter(({ differs }) => differs || !onlyDifferent.value)
})
/** One line of the comparison; the picture's has no values. */
interface Line {
  readonly id: string
  readonly label: string
  readonly values: readonly string[] | null
  readonly differs: boolean
}
const PICTURE: Line = { id: 'picture', label: 'As read', values: null, differs: false }
const lines = computed((): Line[] => [PICTURE, ...rows.value])
const COLUMNS = computed((): TableColumn<Line>[] => [
  { id: 'label', header: '', meta: { class: { td: 'font-semibold text-muted' } } },
  ...swatches.map(({ id }) => ({ id, header: '' })),
])
</script>

<template>
  <UCard
    as="section"
    aria-label="Side by side"
  >
    <header>
      <h2>Side by side</h2>
      <UCheckbox
        v-model="onlyDifferent"
        label="Only what differs"
      />
    </header>
    <UTable
      :data="lines"
      :columns="COLUMNS"
      :get-row-id="line => line.id"
      :meta="{ class: { tr: row => (row.original.differs ? 'differs' : '') } }"
      caption="Side by side"
    >
      <template
        v-for="swatch in swatches"
        :key="swatch.id"
        #[`${swatch.id}-header`]
      >
        {{ swatch.name }}
        <UButton
          variant="ghost"
          color="neutral"
          icon="i-lucide-x"
          :aria-label="`Take ${swatch.name} out of the comparison`"
          @click="emit('drop', swatch.id)"
        />
      </template>
      <template
        v-for="(swatch, i) in swatches"
        :key="swatch.id"
        #[`${swatch.id}-cell`]="{ row: { original } }"
      >
        <SwatchPicture
          v-if="original.values === null"
          :swatch="swatch"
          class="picture"
        />
        <template v-else>{{ original.values[i] }}</template>
      </template>
      <template #label-cell="{ row: { original } }">
        <template v-if="original.differs">≠ </template>{{ original.label
        }}<span
          v-if="original.differs"
          class="sr-only"
        >
          (differs)</span
        >
      </template>
    </UTable>
  </UCard>
</template>

<style scoped>
:deep(td) {
  vertical-align: top;
}
:deep(.differs td) {
  background: var(--close-bg);
  font-weight: 650;
}
.picture {
  width: 150px;
}
@media (max-width: 640px) {
  .picture {
    width: 104px;
  }
}
</style>
