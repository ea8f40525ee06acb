<script setup lang="ts">
import { CLOTH_STRUCTURES, CLOTH_WEIGHTS } from '#core/terms'
import type { Cloth } from '#shared/records'
import { UNKNOWN_CLOTH } from '#shared/records'
import { openChoices, orUnknown } from '~/utils/orUnknown'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Cloth | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'cloths',
  record ?? { id: newId('cloth'), name: '', ...UNKNOWN_CLOTH, hex: '#eadfcb' },
  id => emit('done', id),
)
const structure = orUnknown(
  () => draft.structure,
  value => {
    draft.structure = value
  },
)
const weight = orUnknown(
  () => draft.weight,
  value => {
    draft.weight = value
  },
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
    />
    <div class="grid grid-cols-2 gap-2">
      <SelectField
        v-model="structure"
        name="structure"
        label="Structure"
        :items="openChoices(CLOTH_STRUCTURES)"
      />
      <SelectField
        v-model="weight"
        name="weight"
        label="Weight"
        :items="openChoices(CLOTH_WEIGHTS)"
      />
    </div>
    <LengthField
      v-model="draft.thicknessMm"
      name="thicknessMm"
      label="Thickness of one layer"
      limit="thicknessMm"
      optional
      hint="Measure ten layers pressed flat and divide by ten."
    />
    <ColourField
      v-model="draft.hex"
      name="hex"
      label="Colour"
    />
  </RecordForm>
</template>
