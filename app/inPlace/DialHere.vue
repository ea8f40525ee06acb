<script setup lang="ts">
import type { Machine } from '#shared/records'

/** A machine’s tension dial where it is missing: its three numbers, as they stand on the machine. */
const { machine } = defineProps<{ machine: Machine }>()
const { draft, check, save } = useRecordForm(
  'machines',
  { ...machine, tensionDial: machine.tensionDial ?? { min: 0, home: Number.NaN, max: 9 } },
  () => {},
)
const FIELDS = [
  ['min', 'Lowest'],
  ['home', 'Home, its normal mark'],
  ['max', 'Highest'],
] as const
const numberAt = (field: 'min' | 'home' | 'max') => {
  const value = draft.tensionDial![field]
  return Number.isNaN(value) ? null : value
}
</script>

<template>
  <RecordForm
    :draft="draft"
    :check="check"
    without-cancel
    @save="save"
  >
    <div class="dial">
      <NumberField
        v-for="[field, label] in FIELDS"
        :key="field"
        :model-value="numberAt(field)"
        :name="`tensionDial.${field}`"
        :label="label"
        placeholder=""
        @update:model-value="draft.tensionDial![field] = $event ?? Number.NaN"
      />
    </div>
  </RecordForm>
</template>

<style scoped>
.dial {
  display: grid;
  grid-template-columns: 1fr 1.6fr 1fr;
  gap: 8px;
  align-items: end;
}
</style>
