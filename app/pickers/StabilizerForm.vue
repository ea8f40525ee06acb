<script setup lang="ts">
import { STABILIZER_KINDS } from '#core/terms'
import type { Stabilizer } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Stabilizer | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'stabilizers',
  record ?? { id: newId('stabilizer'), name: '', kind: 'tear-away' },
  id => emit('done', id),
)
const kinds = STABILIZER_KINDS.map(value => ({ value, label: value }))
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
    <SelectField
      v-model="draft.kind"
      name="kind"
      label="Kind"
      :items="kinds"
    />
  </RecordForm>
</template>
