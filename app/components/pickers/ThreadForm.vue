<script setup lang="ts">
import { THREAD_KINDS, threadDiameterMm, type ThreadKind } from '#core/thread'
import { LIMITS } from '#shared/fields'
import type { Thread } from '#shared/records'
import { UNKNOWN_THREAD } from '#shared/defaults'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Thread | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { length } = useLength()
const PLAIN_RUN_MM = 1000
const FIRST_VARIEGATED_RUN_MM = 40
const { draft, issues, save } = useRecordForm('threads', record ?? {
  id: newId('thread'), name: '', ...UNKNOWN_THREAD, colours: [{ hex: '#77294f', runMm: PLAIN_RUN_MM }],
}, id => emit('done', id))
const kinds = (Object.keys(THREAD_KINDS) as ThreadKind[]).map(value => ({ value, label: THREAD_KINDS[value].name }))
const computedDiameter = computed(() => {
  const [min, max] = LIMITS.tex
  return draft.tex !== null && draft.tex >= min && draft.tex <= max ? threadDiameterMm(draft.tex, draft.kind) : null
})
function addColour(): void {
  if (draft.colours.length === 1) draft.colours[0]!.runMm = FIRST_VARIEGATED_RUN_MM
  draft.colours.push({ hex: '#b57e12', runMm: FIRST_VARIEGATED_RUN_MM })
}
</script>

<template>
  <RecordForm :issues="issues" @save="save" @cancel="emit('done', null)">
    <TextField v-model="draft.name" label="Name" placeholder="colour and weight" />
    <div class="grid grid-cols-2 gap-2">
      <SelectField v-model="draft.kind" label="Kind" :items="kinds" />
      <NumberField v-model="draft.tex" label="Tex" unit="g per km" />
    </div>
    <LengthField
      v-model="draft.diameterMm"
      label="Thickness"
      limit="diameterMm"
      optional
      :hint="computedDiameter === null ? 'Wind it round a pencil: width of ten turns divided by ten.' : `${length(computedDiameter)} computed from tex; a measured value beats it.`"
    />
    <fieldset>
      <legend class="field-label">{{ draft.colours.length > 1 ? 'Colours and how far each runs along the thread, mm' : 'Colour' }}</legend>
      <div v-for="(colour, index) in draft.colours" :key="index" class="flex gap-2 items-center mb-2">
        <ColourField v-model="colour.hex" :label="`Colour ${index + 1}`" bare />
        <NumberField
          v-if="draft.colours.length > 1"
          v-model="colour.runMm"
          :label="`Run of colour ${index + 1} in millimetres`"
          placeholder=""
          bare
        />
        <UButton
          v-if="draft.colours.length > 1"
          icon="i-lucide-x"
          variant="ghost"
          color="neutral"
          :aria-label="`Take out colour ${index + 1}`"
          @click="() => { draft.colours.splice(index, 1) }"
        />
      </div>
      <UButton
        variant="outline"
        size="sm"
        icon="i-lucide-plus"
        :label="draft.colours.length > 1 ? 'Another colour' : 'It is variegated'"
        @click="addColour"
      />
    </fieldset>
  </RecordForm>
</template>
