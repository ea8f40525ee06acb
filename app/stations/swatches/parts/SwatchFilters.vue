<script setup lang="ts">
import { SWATCH_FILTERS, type SwatchFilter } from '../swatchFilters'
import { SWATCH_ORDERS } from '../swatchOrder'
import type { SwatchSearch } from '../useSwatchSearch'

/** What the book is searched and narrowed by, its order and its groups. */
const { of, isPainted } = defineProps<{
  of: SwatchSearch
  /** What the filters can be set to is worked out once the swatches stand. */
  isPainted: boolean
}>()
const { search, chosen, order, groupBy } = of
const GROUPINGS: readonly { readonly value: SwatchFilter | ''; readonly label: string }[] = [
  { value: '', label: 'not grouped' },
  ...SWATCH_FILTERS.map(([value, label]) => ({ value, label: `by ${label.toLowerCase()}` })),
]
const NOTHING_YET = SWATCH_FILTERS.map(([id, label]) => ({ id, label, values: [] }))
const choices = computed(() =>
  (isPainted ? of.choices() : NOTHING_YET).map(({ id, label, values }) => ({
    id,
    label,
    items: [{ value: '', label: 'all' }, ...values.map(value => ({ value, label: value }))],
  })),
)
/** On a phone the filters fold away. */
const isUnfolded = ref(false)
function fold(): void {
  isUnfolded.value = !isUnfolded.value
}
const set = computed(() => Object.values(chosen.value).filter(value => value !== '').length)
</script>

<template>
  <div class="filters">
    <div class="search">
      <UFormField label="Search">
        <UInput
          id="swatch-search"
          v-model="search"
          type="search"
          placeholder="name, thread, note …"
        />
      </UFormField>
    </div>
    <UButton
      class="fold"
      variant="outline"
      icon="i-lucide-list-filter"
      :label="set > 0 ? `Filters, ${set} set` : 'Filters'"
      :aria-expanded="isUnfolded"
      @click="fold"
    />
    <SelectField
      v-for="{ id, label, items } in choices"
      :key="id"
      :class="{ shut: !isUnfolded }"
      :label="label"
      :model-value="chosen[id]"
      :items="items"
      @update:model-value="of.narrow(id, $event)"
    />
    <SelectField
      v-model="order"
      label="Order"
      :class="{ shut: !isUnfolded }"
      :items="SWATCH_ORDERS"
    />
    <SelectField
      v-model="groupBy"
      label="Group"
      :class="{ shut: !isUnfolded }"
      :items="GROUPINGS"
    />
  </div>
</template>

<style scoped>
.filters {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 10px;
}
.fold {
  display: none;
}
@media (max-width: 640px) {
  .filters {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    align-items: end;
  }
  .fold {
    display: inline-flex;
  }
  .shut {
    display: none;
  }
}
</style>
