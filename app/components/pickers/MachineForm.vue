<script setup lang="ts">
import { UNKNOWN_MACHINE } from '#shared/defaults'
import type { Machine } from '#shared/records'
import { newId } from '~/utils/id'

const { record } = defineProps<{ record: Machine | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const bench = useBenchStore()
const { bare } = useLength()
const { draft, issues, submit } = useRecordForm('machines', record ?? { id: newId('machine'), name: '', ...UNKNOWN_MACHINE })

const PRESETS_MM = [5, 6, 7, 9]
const FIRST_GUESS_GAP_MM = 2
const ANSWERS = [{ value: 'unknown', label: 'Not known' }, { value: 'yes', label: 'Yes' }, { value: 'no', label: 'No' }] as const
const modes = [
  { value: 'none', label: 'None: I limit the width by hand' },
  { value: 'on-off', label: 'On or off, for one assumed gap' },
  { value: 'by-gap', label: 'By gap: it asks which' },
] as const
const mode = computed({
  get: () => draft.twinMode.kind,
  set: (kind) => {
    draft.twinMode = kind === 'on-off' ? { kind, assumedGapMm: FIRST_GUESS_GAP_MM } : { kind }
  },
})
const forgets = computed({
  get: () => (draft.forgetsTwinMode === null ? 'unknown' : draft.forgetsTwinMode ? 'yes' : 'no'),
  set: (answer) => {
    draft.forgetsTwinMode = answer === 'unknown' ? null : answer === 'yes'
  },
})
const assumedGap = computed({
  get: () => (draft.twinMode.kind === 'on-off' ? draft.twinMode.assumedGapMm : null),
  set: (mm) => {
    draft.twinMode = { kind: 'on-off', assumedGapMm: mm ?? Number.NaN }
  },
})
const number = (text: string | number) => (text === '' ? null : Number(text))
const asText = (value: number | undefined) => (value === undefined ? '' : String(value))
const dial = reactive({ min: asText(draft.tensionDial?.min), home: asText(draft.tensionDial?.home), max: asText(draft.tensionDial?.max) })
watch(dial, ({ min, home, max }) => {
  const [a, b, c] = [min, home, max].map(number)
  draft.tensionDial = a === null && b === null && c === null ? null : { min: a ?? Number.NaN, home: b ?? Number.NaN, max: c ?? Number.NaN }
})

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
        for="machine-name"
      >Name</label>
      <UInput
        id="machine-name"
        v-model="draft.name"
        autocomplete="off"
        placeholder="as you call it"
      />
    </div>
    <div>
      <LengthField
        v-model="draft.maxWidthMm"
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
          :label="bare(mm)"
          :variant="draft.maxWidthMm === mm ? 'solid' : 'outline'"
          size="sm"
          class="flex-1 justify-center"
          @click="() => { draft.maxWidthMm = mm }"
        />
      </div>
    </div>
    <div>
      <SelectField
        v-model="mode"
        label="Its own twin mode"
        :items="modes"
      />
    </div>
    <LengthField
      v-if="draft.twinMode.kind === 'on-off'"
      v-model="assumedGap"
      label="Gap it assumes"
      limit="gapMm"
      hint="Often 2.0: see the machine’s manual."
    />
    <div v-if="draft.twinMode.kind !== 'none'">
      <SelectField
        v-model="forgets"
        label="Forgets the mode when switched off"
        :items="ANSWERS"
      />
    </div>
    <LengthField
      v-model="draft.plateSlotMm"
      label="Plate opening, side to side"
      limit="openingMm"
      optional
      hint="Measure the zigzag plate’s slot with a ruler or calliper."
    />
    <div>
      <label
        class="field-label"
        for="positions"
      >Needle positions, how many</label>
      <UInput
        id="positions"
        type="number"
        min="1"
        max="99"
        :model-value="String(draft.needlePositions ?? '')"
        placeholder="not known"
        @update:model-value="draft.needlePositions = number($event as string | number)"
      />
    </div>
    <fieldset>
      <legend class="field-label">
        Tension dial: lowest, home, highest
      </legend>
      <div class="flex gap-2">
        <UInput
          v-model="dial.min"
          type="number"
          step="any"
          aria-label="Lowest tension"
        />
        <UInput
          v-model="dial.home"
          type="number"
          step="any"
          aria-label="Home tension"
        />
        <UInput
          v-model="dial.max"
          type="number"
          step="any"
          aria-label="Highest tension"
        />
      </div>
    </fieldset>
    <p class="hint">
      Lengths are in {{ bench.unit === 'mm' ? 'millimetres' : 'inches' }}. Leave empty what you have not measured.
    </p>
    <FormFoot
      :issues="issues"
      @cancel="emit('done', null)"
    />
  </form>
</template>
