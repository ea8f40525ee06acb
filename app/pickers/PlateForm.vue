<script setup lang="ts">
import { type Plate, UNKNOWN_PLATE } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Plate | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'plates',
  record ?? { id: newId('plate'), name: '', ...UNKNOWN_PLATE },
  id => emit('done', id),
)
</script>

<template>
  <RecordForm
    :draft="draft"
    :check="check"
    @save="save"
    @cancel="emit('done', null)"
  >
    <TextField
      v-model="draft.name"
      name="name"
      label="Name"
      placeholder="whose plate, which opening"
    />
    <USwitch
      v-model="draft.singleHole"
      label="Single hole"
      description="A twin hits this plate."
    />
    <LengthField
      v-if="!draft.singleHole"
      v-model="draft.slotMm"
      name="slotMm"
      label="Opening, side to side"
      limit="openingMm"
      optional
      hint="Measure the slot with a ruler or calliper."
    />
  </RecordForm>
</template>
