<script setup lang="ts">
import type { Cloth } from '#shared/records'
import { UNKNOWN_CLOTH } from '#shared/defaults'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Cloth | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, issues, save } = useRecordForm('cloths', record ?? { id: newId('cloth'), name: '', ...UNKNOWN_CLOTH, hex: '#eadfcb' }, id => emit('done', id))
</script>

<template>
  <RecordForm :issues="issues" @save="save" @cancel="emit('done', null)">
    <TextField v-model="draft.name" label="Name" />
    <LengthField
      v-model="draft.thicknessMm"
      label="Thickness of one layer"
      limit="thicknessMm"
      optional
      hint="Measure ten layers pressed flat and divide by ten."
    />
    <ColourField v-model="draft.hex" label="Colour" />
  </RecordForm>
</template>
