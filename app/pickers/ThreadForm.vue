<script setup lang="ts">
import { CoreError } from '#core/errors'
import { DRAW_WORDS, DRAWS } from '#core/terms'
import {
  parseThreadLabel,
  THREAD_KINDS,
  texByWeighing,
  type ThreadCount,
  threadDiameterMm,
  type ThreadKind,
} from '#core/thread'
import { LIMITS } from '#shared/fields'
import { type Thread, THREAD_FORMS, UNKNOWN_THREAD } from '#shared/records'
import { openChoices, orUnknown } from '~/utils/orUnknown'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Thread | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
/** What one may weigh: grams and metres. */
const WEIGHED = [0.001, 1_000_000] as const
const PLAIN_RUN_MM = 1000
const FIRST_VARIEGATED_RUN_MM = 40
const { draft, check, save } = useRecordForm(
  'threads',
  record ?? {
    id: newId('thread'),
    name: '',
    ...UNKNOWN_THREAD,
    colours: [{ hex: '#77294f', runMm: PLAIN_RUN_MM }],
  },
  id => emit('done', id),
)
const kinds = (Object.keys(THREAD_KINDS) as ThreadKind[]).map(value => ({
  value,
  label: THREAD_KINDS[value].name,
}))
const computedDiameter = computed(() => {
  const [min, max] = LIMITS.tex
  return draft.tex !== null && draft.tex >= min && draft.tex <= max
    ? threadDiameterMm(draft.tex, draft.kind)
    : null
})
/** The label's count goes into tex as it is understood; what is typed over it by hand has no basis. */
const reading = computed(() => (draft.label.trim() === '' ? null : parseThreadLabel(draft.label)))
function take({ tex, basis, kind }: ThreadCount): void {
  ;[draft.tex, draft.texBasis] = [tex, basis]
  if (kind) draft.kind = kind
}
watch(reading, now => {
  if (now?.ok) take(now.count)
})
function typeTex(tex: number | null): void {
  ;[draft.tex, draft.texBasis] = [tex, null]
}
const weighing = reactive({ grams: null as number | null, metres: null as number | null })
const weighedProblem = ref('')
/** What was weighed is part of what is saved. */
const checkAll = () => [
  ...(weighedProblem.value ? [{ path: 'tex', message: weighedProblem.value }] : []),
  ...check(),
]
watch(weighing, ({ grams, metres }) => {
  weighedProblem.value = ''
  if (grams === null || metres === null) return
  try {
    ;[draft.tex, draft.texBasis] = [texByWeighing(grams, metres), 'weighed']
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    weighedProblem.value = 'No thread is that heavy or that light: check both numbers.'
  }
})
const BASIS_WORDS = {
  weighed: 'measured by weighing',
  label: 'from the label',
  nominal: 'nominal: makers differ',
} as const
const basisWords = computed(() => {
  if (draft.tex === null) return ''
  return draft.texBasis === null ? 'typed' : BASIS_WORDS[draft.texBasis]
})
const form = orUnknown(
  () => draft.form,
  value => {
    draft.form = value
  },
)
const unwinds = orUnknown(
  () => draft.unwinds,
  value => {
    draft.unwinds = value
  },
)
function addColour(): void {
  if (draft.colours.length === 1) draft.colours[0]!.runMm = FIRST_VARIEGATED_RUN_MM
  draft.colours.push({ hex: '#b57e12', runMm: FIRST_VARIEGATED_RUN_MM })
}
const readingWords = computed(() => {
  if (!reading.value) return ''
  if (reading.value.ok) return `${reading.value.count.said}.`
  return reading.value.code === 'ambiguous'
    ? 'Which is it? The likely one stands first.'
    : reading.value.message
})
</script>

<template>
  <RecordForm
    :draft="draft"
    :check="checkAll"
    @save="save"
    @cancel="emit('done', null)"
  >
    <TextField
      v-model="draft.name"
      name="name"
      label="Name"
      placeholder="colour and weight"
    />
    <TextField
      v-model="draft.label"
      name="label"
      label="Label as printed"
      placeholder="40 wt, 50/2 Ne, pearl No. 12, Tex 27"
    />
    <p
      v-if="reading"
      role="status"
      class="hint"
      :class="{ 'strikes-ink': !reading.ok && reading.code !== 'ambiguous' }"
    >
      {{ readingWords }}
    </p>
    <div
      v-if="reading && !reading.ok && reading.code === 'ambiguous'"
      class="flex flex-wrap gap-2"
    >
      <UButton
        v-for="count in reading.readings"
        :key="count.said"
        size="sm"
        variant="outline"
        :label="count.said"
        @click="take(count)"
      />
    </div>
    <div class="grid grid-cols-2 gap-2">
      <SelectField
        v-model="draft.kind"
        name="kind"
        label="Kind"
        :items="kinds"
      />
      <NumberField
        :model-value="draft.tex"
        name="tex"
        label="Tex"
        :unit="basisWords || 'g per km'"
        limit="tex"
        optional
        @update:model-value="typeTex"
      />
    </div>
    <fieldset>
      <legend class="field-label">Or weigh a length</legend>
      <div class="grid grid-cols-2 gap-2">
        <NumberField
          v-model="weighing.grams"
          label="Grams"
          :limit="WEIGHED"
          optional
          placeholder="g"
          bare
        />
        <NumberField
          v-model="weighing.metres"
          label="Metres weighed"
          :limit="WEIGHED"
          optional
          placeholder="m"
          bare
        />
      </div>
      <p
        v-if="weighedProblem"
        role="alert"
        class="hint strikes-ink"
      >
        {{ weighedProblem }}
      </p>
    </fieldset>
    <LengthField
      v-model="draft.diameterMm"
      name="diameterMm"
      label="Thickness"
      limit="diameterMm"
      optional
      :hint="
        computedDiameter === null
          ? 'Wind it round a pencil: width of ten turns divided by ten.'
          : `${inMm(computedDiameter)} computed from tex; a measured value beats it.`
      "
    />
    <div class="grid grid-cols-3 gap-2">
      <NumberField
        v-model="draft.metresLeft"
        name="metresLeft"
        label="Left"
        unit="m"
        limit="metres"
        optional
      />
      <SelectField
        v-model="form"
        name="form"
        label="Wound as"
        :items="openChoices(THREAD_FORMS)"
      />
      <SelectField
        v-model="unwinds"
        name="unwinds"
        label="Unwinds"
        :items="openChoices(DRAWS, 'not known', value => DRAW_WORDS[value])"
      />
    </div>
    <fieldset>
      <legend class="field-label">
        {{ draft.colours.length > 1 ? 'Colours and how far each runs along the thread, mm' : 'Colour' }}
      </legend>
      <div
        v-for="(colour, index) in draft.colours"
        :key="index"
        class="flex gap-2 items-center mb-2"
      >
        <ColourField
          v-model="colour.hex"
          :name="`colours.${index}.hex`"
          :label="`Colour ${index + 1}`"
          bare
        />
        <NumberField
          v-if="draft.colours.length > 1"
          v-model="colour.runMm"
          :name="`colours.${index}.runMm`"
          :label="`Run of colour ${index + 1} in millimetres`"
          limit="runMm"
          bare
        />
        <UButton
          v-if="draft.colours.length > 1"
          icon="i-lucide-x"
          variant="ghost"
          color="neutral"
          :aria-label="`Take out colour ${index + 1}`"
          @click="
            () => {
              draft.colours.splice(index, 1)
            }
          "
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
