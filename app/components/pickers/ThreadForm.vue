<script setup lang="ts">
import { THREAD_KINDS, threadDiameterMm, type ThreadKind } from '#core/thread'
import { LIMITS } from '#shared/fields'
import type { Thread } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Thread | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { length } = useLength()
const PLAIN_RUN_MM = 1000
const FIRST_VARIEGATED_RUN_MM = 40
const { draft, issues, submit } = useRecordForm('threads', record ?? {
  id: newId('thread'), name: '', kind: 'polyester', tex: null, diameterMm: null, colours: [{ hex: '#77294f', runMm: PLAIN_RUN_MM }],
})
const kinds = (Object.keys(THREAD_KINDS) as ThreadKind[]).map(value => ({ value, label: THREAD_KINDS[value].name }))
const number = (text: string | number) => (text === '' ? null : Number(text))
const computedDiameter = computed(() => {
  const [min, max] = LIMITS.tex
  return draft.tex !== null && draft.tex >= min && draft.tex <= max ? threadDiameterMm(draft.tex, draft.kind) : null
})
function addColour(): void {
  if (draft.colours.length === 1) draft.colours[0]!.runMm = FIRST_VARIEGATED_RUN_MM
  draft.colours.push({ hex: '#b57e12', runMm: FIRST_VARIEGATED_RUN_MM })
}
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
        for="thread-name"
      >Name</label>
      <UInput
        id="thread-name"
        v-model="draft.name"
        autocomplete="off"
        placeholder="colour and weight"
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
        <label
          class="field-label"
          for="thread-tex"
        >Tex <span class="hint">g per km</span></label>
        <UInput
          id="thread-tex"
          type="number"
          step="any"
          :model-value="String(draft.tex ?? '')"
          placeholder="not known"
          @update:model-value="draft.tex = number($event as string | number)"
        />
      </div>
    </div>
    <LengthField
      v-model="draft.diameterMm"
      label="Thickness"
      limit="diameterMm"
      optional
      :hint="computedDiameter === null ? 'Wind it round a pencil: width of ten turns divided by ten.' : `${length(computedDiameter)} computed from tex; a measured value beats it.`"
    />
    <fieldset>
      <legend class="field-label">
        {{ draft.colours.length > 1 ? 'Colours and how far each runs along the thread, mm' : 'Colour' }}
      </legend>
      <div
        v-for="(colour, index) in draft.colours"
        :key="index"
        class="flex gap-2 items-center mb-2"
      >
        <input
          v-model="colour.hex"
          type="color"
          class="colour"
          :aria-label="`Colour ${index + 1}`"
        >
        <UInput
          v-if="draft.colours.length > 1"
          v-model.number="colour.runMm"
          type="number"
          step="any"
          :aria-label="`Run of colour ${index + 1} in millimetres`"
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
    <FormFoot
      :issues="issues"
      @cancel="emit('done', null)"
    />
  </form>
</template>

<style scoped>
.colour { width: 52px; height: 44px; border: 1.5px solid var(--line-strong); border-radius: 8px; background: var(--white); padding: 3px; cursor: pointer; }
</style>
