<script setup lang="ts">
import { FOOT_KINDS, SOLES } from '#core/terms'
import type { Foot } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Foot | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'feet',
  record ?? { id: newId('foot'), name: '', kind: 'zigzag', slotMm: null, sole: 'flat', singleHole: false },
  id => emit('done', id),
)

const kinds = FOOT_KINDS.map(value => ({ value, label: value }))
const soles = SOLES.map(value => ({ value, label: value }))
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
        v-model="draft.kind"
        name="kind"
        label="Kind"
        :items="kinds"
      />
      <SelectField
        v-model="draft.sole"
        name="sole"
        label="Sole"
        :items="soles"
      />
    </div>
    <USwitch
      v-model="draft.singleHole"
      label="One round hole instead of a slot"
      description="Any twin strikes it."
    />
    <LengthField
      v-if="!draft.singleHole"
      v-model="draft.slotMm"
      name="slotMm"
      label="Opening, side to side"
      limit="openingMm"
      optional
      hint="A “9 mm foot” is a name: measure its slot."
    />
  </RecordForm>
</template>
