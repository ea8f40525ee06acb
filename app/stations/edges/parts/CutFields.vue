<script setup lang="ts">
import { redrawn } from '#core/edge'
import type { Point } from '#core/plane'
import { FORM_IDS, formRegion, FORMS } from '#core/shape'
import type { EdgePart } from '#shared/records'
import { UNCHOSEN_PART_HEX } from '../partLooks'

/** What a cloth is cut to: from the library, letters, drawn, from a file, or measured with a string. */
const part = defineModel<EdgePart>({ required: true })
const { isOne, pointDeg } = defineProps<{
  /** The only one: where it lies does not matter. */
  isOne: boolean
  pointDeg: number
}>()
const emit = defineEmits<{ changed: [] }>()
type Kind = EdgePart['cut']['kind']
const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'form', label: 'From the library' },
  { value: 'letters', label: 'Letters' },
  { value: 'drawn', label: 'Drawn point by point' },
  { value: 'path', label: 'From an SVG' },
  { value: 'string', label: 'Measured with a string' },
]
const corner = (x: number, y: number) => ({ x, y, curved: false })
const { usual } = useLength()
const first = (): Readonly<Record<Kind, EdgePart['cut']>> => ({
  form: { kind: 'form', form: 'leaf', wideMm: usual(40, 1.5), tallMm: usual(80, 3), count: 5 },
  letters: {
    kind: 'letters',
    text: 'Ahoi',
    font: 'plain',
    tallMm: usual(60, 2.5),
    spacingMm: usual(4, 1 / 8),
  },
  drawn: {
    kind: 'drawn',
    points: [corner(-30, -25), corner(30, -25), { x: 25, y: 15, curved: true }, corner(0, 35)],
  },
  path: { kind: 'path', path: 'M0 30Q30 -10 60 30Q30 50 0 30Z', mmPerUnit: 1 },
  string: { kind: 'string', sidesMm: [usual(86, 3.5), usual(86, 3.5)], closed: true },
})
function replace(cut: EdgePart['cut']): void {
  part.value.cut = cut
  emit('changed')
}
const kind = computed({
  get: () => part.value.cut.kind,
  set: next => replace(first()[next]),
})
const forms = FORM_IDS.map(id => ({ value: id, label: FORMS[id].name }))
const FONTS = [
  { value: 'plain', label: 'Plain, heavy' },
  { value: 'serif', label: 'With serifs' },
] as const
const clothId = computed({
  get: () => part.value.clothId,
  set: id => {
    part.value.clothId = id
    // A cloth has its own colour.
    part.value.hex = id ? null : UNCHOSEN_PART_HEX
  },
})
const colour = computed({
  get: () => part.value.hex ?? UNCHOSEN_PART_HEX,
  set: hex => {
    part.value.hex = hex
  },
})
const drawing = computed({
  get: () => (part.value.cut.kind === 'path' ? part.value.cut : { path: '', mmPerUnit: 1 }),
  set: ({ path, mmPerUnit }) => replace({ kind: 'path', path, mmPerUnit }),
})
/** A form's edge as points one can move. */
function toPoints(): void {
  const { cut } = part.value
  if (cut.kind !== 'form') return
  const points = redrawn(formRegion(cut)[0]!, pointDeg).map(tenths)
  replace({ kind: 'drawn', points })
}
const tenths = <T extends Point>(point: T): T => ({
  ...point,
  x: Math.round(10 * point.x) / 10,
  y: Math.round(10 * point.y) / 10,
})
</script>

<template>
  <div class="grid gap-2">
    <SelectField
      v-model="kind"
      label="Shape"
      :items="KINDS"
    />
    <template v-if="part.cut.kind === 'form'">
      <SelectField
        v-model="part.cut.form"
        label="Form"
        :items="forms"
        @update:model-value="emit('changed')"
      />
      <div class="pair">
        <LengthField
          v-model="part.cut.wideMm"
          label="Wide"
          limit="formMm"
        />
        <LengthField
          v-if="part.cut.form !== 'circle'"
          v-model="part.cut.tallMm"
          label="Height"
          limit="formMm"
        />
        <NumberField
          v-if="FORMS[part.cut.form].counts"
          v-model="part.cut.count"
          :label="FORMS[part.cut.form].counts!"
          limit="formCount"
          whole
        />
      </div>
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-spline"
        label="Move its points"
        class="justify-self-start"
        @click="toPoints"
      />
    </template>
    <template v-else-if="part.cut.kind === 'letters'">
      <TextField
        v-model="part.cut.text"
        label="Letters"
        :most="40"
      />
      <SegmentBar
        v-model="part.cut.font"
        label="Letters look"
        :items="FONTS"
      />
      <div class="pair">
        <LengthField
          v-model="part.cut.tallMm"
          label="Capital height"
          limit="letterMm"
        />
        <LengthField
          v-model="part.cut.spacingMm"
          label="Put between"
          limit="letterGapMm"
        />
      </div>
    </template>
    <p
      v-else-if="part.cut.kind === 'drawn'"
      class="hint"
    >
      Drag the points. The plus adds a point, the cross takes the chosen point out. A double press makes a
      point round or sharp. By keys: Tab and arrows, Enter, Insert, Delete. They catch on a grid of 1 mm.
    </p>
    <PathFields
      v-else-if="part.cut.kind === 'path'"
      v-model="drawing"
      about="The outlines from an SVG, holes and all"
    />
    <template v-else>
      <div
        v-for="(_, i) in part.cut.sidesMm"
        :key="i"
        class="line"
      >
        <LengthField
          v-model="part.cut.sidesMm[i]!"
          :label="`Side ${i + 1}, point to point`"
          limit="sideMm"
        />
        <IconButton
          icon="i-lucide-x"
          tip="Take out"
          :label="`Take side ${i + 1} out`"
          :disabled="part.cut.sidesMm.length === 1"
          @click="
            () => {
              if (part.cut.kind === 'string') part.cut.sidesMm.splice(i, 1)
            }
          "
        />
      </div>
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-plus"
        label="Add a side"
        class="justify-self-start"
        @click="
          () => {
            if (part.cut.kind === 'string') part.cut.sidesMm.push(50)
          }
        "
      />
      <p class="hint">
        Lay a string along each side from point to point, and measure it. Nothing is drawn: what touches, and
        how wide a bite may be, cannot be told.
      </p>
    </template>
    <div class="cloth">
      <OwnedSelect
        v-model="clothId"
        table="cloths"
        label="Its cloth"
      />
      <ColourField
        v-if="!part.clothId"
        v-model="colour"
        label="Colour"
      />
    </div>
    <FoldAway
      v-if="!isOne && part.cut.kind !== 'string'"
      title="Where it lies"
      open
    >
      <div class="pair">
        <LengthField
          v-model="part.x"
          label="Right by"
          limit="outlineMm"
        />
        <LengthField
          v-model="part.y"
          label="Up by"
          limit="outlineMm"
        />
        <NumberField
          v-model="part.turnDeg"
          label="Turned by, °"
          limit="turnDeg"
        />
        <UCheckbox
          v-model="part.flipped"
          label="Flipped"
        />
      </div>
    </FoldAway>
  </div>
</template>

<style scoped>
.cloth {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
}
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}
</style>
