<script setup lang="ts">
import { yesNoText, yesNoValue } from '~/utils/yesNo'
import { FARTHEST_MARK } from '#core/dial'
import { HOOKS } from '#core/terms'
import { UNKNOWN_MACHINE } from '#shared/records'
import type { Machine } from '#shared/records'
import { newId } from '~/utils/id'
import { openChoices, orUnknown } from '~/utils/orUnknown'
import { unfinished } from '~/utils/unfinished'

const { record } = defineProps<{ record: Machine | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const { draft, check, save } = useRecordForm(
  'machines',
  record ?? { id: newId('machine'), name: 'My machine', ...UNKNOWN_MACHINE },
  id => emit('done', id),
)

/** What is known is shown; of a new machine the width is enough to begin with. */
const more = ref(record !== null)

const MARKS = [-FARTHEST_MARK, FARTHEST_MARK] as const
const PRESETS_MM = [5, 6, 7, 9]
const FIRST_GUESS_GAP_MM = 2
const modes = [
  { value: 'none', label: 'None: I limit the width by hand' },
  { value: 'on-off', label: 'On or off, for one assumed gap' },
  { value: 'by-gap', label: 'By gap: it asks which' },
] as const
const mode = computed({
  get: () => draft.twinMode.kind,
  set: kind => {
    draft.twinMode = kind === 'on-off' ? { kind, assumedGapMm: FIRST_GUESS_GAP_MM } : { kind }
  },
})
const ANSWERS = openChoices(['yes', 'no'])
/** What it has: each yes, no or not known. */
const TRAITS = [
  ['divider', 'Tension divider'],
  ['lock', 'Can be locked'],
  ['threader', 'Needle threader'],
  ['cutter', 'Thread cutter'],
  ['stand', 'Thread stand beside it'],
  ['cup', 'Cup for balls'],
  ['sealed', 'Never oiled by you'],
] as const
type YesNoField = (typeof TRAITS)[number][0] | 'forgetsTwinMode'
const answerOf = (field: YesNoField) => yesNoText(draft[field])
function answer(field: YesNoField, chosen: string): void {
  draft[field] = yesNoValue(chosen)
}
const numberOf = (value: number | null) => (value === null ? '' : String(value))
const HOOK_WORDS = { up: 'up: bobbin drops in', front: 'toward you', left: 'to the left' } as const
const hookChoices = [
  { value: '', label: 'not known' },
  ...HOOKS.map(value => ({ value, label: HOOK_WORDS[value] })),
]
const hook = orUnknown(
  () => draft.hook,
  value => {
    draft.hook = value
  },
)
const dial = reactive({
  min: draft.tensionDial?.min ?? null,
  home: draft.tensionDial?.home ?? null,
  max: draft.tensionDial?.max ?? null,
})
const lengths = reactive({
  min: draft.lengthDial?.minMm ?? null,
  max: draft.lengthDial?.maxMm ?? null,
  step: draft.lengthDial?.stepMm ?? null,
})
watch(lengths, ({ min, max, step }) => {
  const untouched = min === null && max === null && step === null
  draft.lengthDial = untouched ? null : unfinished({ minMm: min, maxMm: max, stepMm: step })
})
watch(dial, ({ min, home, max }) => {
  const untouched = min === null && home === null && max === null
  draft.tensionDial = untouched ? null : unfinished({ min, home, max })
})
</script>

<template>
  <RecordForm
    :draft="draft"
    :check="check"
    @save="save"
    @cancel="emit('done', null)"
  >
    <div>
      <LengthField
        v-model="draft.maxWidthMm"
        name="maxWidthMm"
        label="Widest stitch"
        limit="maxWidthMm"
      />
      <div
        class="flex gap-2 mt-2"
        role="group"
        aria-label="Usual widest stitches"
      >
        <UButton
          v-for="mm in PRESETS_MM"
          :key="mm"
          :label="bareMm(mm)"
          :variant="draft.maxWidthMm === mm ? 'solid' : 'outline'"
          size="sm"
          class="flex-1 justify-center"
          @click="
            () => {
              draft.maxWidthMm = mm
            }
          "
        />
      </div>
    </div>
    <TextField
      v-model="draft.name"
      name="name"
      label="Name"
      placeholder="as you call it"
    />
    <FoldAway
      v-model:open="more"
      title="More about it"
    >
      <div class="grid gap-3">
        <SelectField
          v-model="mode"
          label="Its own twin mode"
          :items="modes"
        />
        <LengthField
          v-if="draft.twinMode.kind === 'on-off'"
          v-model="draft.twinMode.assumedGapMm"
          name="twinMode.assumedGapMm"
          label="Gap it assumes"
          limit="gapMm"
          hint="Often 2.0: see the machine’s manual."
        />
        <SelectField
          v-if="draft.twinMode.kind !== 'none'"
          :model-value="answerOf('forgetsTwinMode')"
          label="Forgets the mode when switched off"
          :items="ANSWERS"
          @update:model-value="answer('forgetsTwinMode', $event)"
        />
        <LengthField
          v-model="draft.plateSlotMm"
          name="plateSlotMm"
          label="Plate opening, side to side"
          limit="openingMm"
          optional
          hint="Measure the zigzag plate’s slot with a ruler or calliper."
        />
        <NumberField
          v-model="draft.needlePositions"
          name="needlePositions"
          label="Needle positions, how many"
          limit="needlePositions"
          whole
          optional
        />
        <fieldset>
          <legend class="field-label">Tension dial</legend>
          <div class="grid grid-cols-3 gap-2">
            <NumberField
              v-model="dial.min"
              name="tensionDial.min"
              label="Lowest"
              :limit="MARKS"
              optional
            />
            <NumberField
              v-model="dial.home"
              name="tensionDial.home"
              label="Normal"
              :limit="MARKS"
              optional
            />
            <NumberField
              v-model="dial.max"
              name="tensionDial.max"
              label="Highest"
              :limit="MARKS"
              optional
            />
          </div>
          <NumberField
            v-model="draft.dialStep"
            name="dialStep"
            label="Smallest step of the dial"
            :limit="MARKS"
            optional
            class="mt-2"
          />
        </fieldset>
        <fieldset>
          <legend class="field-label">Dial for stitch length, in mm</legend>
          <div class="grid grid-cols-3 gap-2">
            <NumberField
              v-model="lengths.min"
              name="lengthDial.minMm"
              label="Shortest"
              limit="dialLengthMm"
              optional
            />
            <NumberField
              v-model="lengths.max"
              name="lengthDial.maxMm"
              label="Longest"
              limit="dialLengthMm"
              optional
            />
            <NumberField
              v-model="lengths.step"
              name="lengthDial.stepMm"
              label="Step"
              limit="stepMm"
              optional
            />
          </div>
        </fieldset>
        <p class="field-label">What preparing it depends on</p>
        <div class="grid grid-cols-2 gap-2">
          <SelectField
            v-for="[field, label] in TRAITS"
            :key="field"
            :model-value="answerOf(field)"
            :label="label"
            :items="ANSWERS"
            @update:model-value="answer(field, $event)"
          />
          <SelectField
            v-model="hook"
            name="hook"
            label="Hook faces"
            :items="hookChoices"
          />
          <SelectField
            :model-value="numberOf(draft.needleGuides)"
            label="Guides above the needle"
            :items="openChoices(['0', '1', '2'])"
            @update:model-value="draft.needleGuides = $event === '' ? null : (Number($event) as 0 | 1 | 2)"
          />
          <SelectField
            :model-value="numberOf(draft.spoolPins)"
            label="Spool pins"
            :items="openChoices(['1', '2', '3'])"
            @update:model-value="draft.spoolPins = $event === '' ? null : (Number($event) as 1 | 2 | 3)"
          />
        </div>
      </div>
    </FoldAway>
    <p class="hint">Lengths are in millimetres, as on the machine. Leave empty what you have not measured.</p>
  </RecordForm>
</template>
