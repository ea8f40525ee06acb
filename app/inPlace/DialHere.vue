<script setup lang="ts">
import { FARTHEST_MARK } from '#core/dial'
import type { Machine } from '#shared/records'
import { unfinished } from '~/utils/unfinished'

/** A machine’s tension dial where it is missing: its three numbers, as they stand on the machine. */
const { machine } = defineProps<{ machine: Machine }>()
/** Its normal mark is asked for. */
const FIRST = unfinished<NonNullable<Machine['tensionDial']>>({ min: 0, home: null, max: 9 })
const { draft, check, save } = useRecordForm('machines', { ...machine, tensionDial: FIRST }, () => {})
const dial = reactive<{ -readonly [Mark in keyof typeof FIRST]: number | null }>({ ...draft.tensionDial! })
watch(dial, typed => {
  draft.tensionDial = unfinished({ ...typed })
})
const FIELDS = [
  ['min', 'Lowest'],
  ['home', 'Normal tension'],
  ['max', 'Highest'],
] as const
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
        v-model="dial[field]"
        :name="`tensionDial.${field}`"
        :label="label"
        placeholder=""
        :limit="[-FARTHEST_MARK, FARTHEST_MARK]"
        optional
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
