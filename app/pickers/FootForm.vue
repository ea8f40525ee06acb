<script setup lang="ts">
import { FOOT_KINDS, SOLES } from '#core/terms'
import { type Foot, UNKNOWN_FOOT } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Foot | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'feet',
  record ?? { id: newId('foot'), name: '', ...UNKNOWN_FOOT },
  id => emit('done', id),
)

/** What planners ask of a foot: few have it at hand, so it stands folded until it is known. */
const more = ref(draft.grooves !== null || draft.flangeMm !== null || draft.toeInsideMm !== null)
const GUIDES = [
  ['flangeMm', 'Needle to flange', 'The blade that runs along a fold or a ditch.'],
  ['toeInsideMm', 'Needle to the toe’s inside', ''],
  ['toeOutsideMm', 'Needle to the toe’s outside', ''],
] as const
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
      description="Any twin hits this foot."
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
    <FoldAway
      v-model:open="more"
      title="Grooves and guides"
    >
      <div class="grid gap-3">
        <div class="grid grid-cols-2 gap-2">
          <NumberField
            v-model="draft.grooves"
            name="grooves"
            label="Grooves, how many"
            limit="grooves"
            whole
            optional
          />
          <LengthField
            v-model="draft.groovePitchMm"
            name="groovePitchMm"
            label="Groove to groove"
            limit="pitchMm"
            optional
          />
        </div>
        <LengthField
          v-for="[field, label, hint] in GUIDES"
          :key="field"
          v-model="draft[field]"
          :name="field"
          :label="label"
          limit="guideMm"
          optional
          :hint="hint"
        />
      </div>
    </FoldAway>
  </RecordForm>
</template>
