<script setup lang="ts">
import { type Foot, FOOT_KINDS, SOLES } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Foot | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, issues, submit } = useRecordForm('feet', record ?? { id: newId('foot'), name: '', kind: 'zigzag', slotMm: null, sole: 'flat', singleHole: false })

const kinds = FOOT_KINDS.map(value => ({ value, label: value }))
const soles = SOLES.map(value => ({ value, label: value }))

function save(): void {
  if (submit()) emit('done', draft.id)
}
</script>

<template>
  <form
    novalidate
    class="grid gap-3"
    @submit.prevent="save"
  >
    <div>
      <label
        class="field-label"
        for="foot-name"
      >Name</label>
      <UInput
        id="foot-name"
        v-model="draft.name"
        autocomplete="off"
      />
    </div>
    <div class="flex gap-2">
      <div class="flex-1">
        <SelectField
          v-model="draft.kind"
          label="Kind"
          :items="kinds"
        />
      </div>
      <div class="flex-1">
        <SelectField
          v-model="draft.sole"
          label="Sole"
          :items="soles"
        />
      </div>
    </div>
    <USwitch
      v-model="draft.singleHole"
      label="One round hole instead of a slot"
      description="Any twin strikes it."
    />
    <LengthField
      v-if="!draft.singleHole"
      v-model="draft.slotMm"
      label="Opening, side to side"
      limit="openingMm"
      optional
      hint="A “9 mm foot” is a name: measure its slot."
    />
    <FormFoot
      :issues="issues"
      @cancel="emit('done', null)"
    />
  </form>
</template>
