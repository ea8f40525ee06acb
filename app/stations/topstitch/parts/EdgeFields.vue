<script setup lang="ts">
import type { OutlineKind } from '#core/topstitch'
import type { TopstitchPiece } from '#shared/records'
import { readSvgOutline } from '~/planner/svgOutline'

/** The finished edge, and the rows along it. */
const plan = defineModel<TopstitchPiece>({ required: true })
/** The stitch length one would have, of the piece’s setup. */
const wantedMm = defineModel<number>('wantedMm', { required: true })
const KINDS: readonly { value: OutlineKind; label: string }[] = [
  { value: 'rectangle', label: 'Rectangle' },
  { value: 'pocket', label: 'Pocket, open at the top' },
  { value: 'collar', label: 'Collar' },
  { value: 'strip', label: 'Straight edge' },
  { value: 'circle', label: 'Circle' },
  { value: 'typed', label: 'Sides typed as measured' },
  { value: 'drawn', label: 'From an SVG' },
]
const FIRST: Readonly<Record<OutlineKind, TopstitchPiece['shape']>> = {
  rectangle: { kind: 'rectangle', wideMm: 120, tallMm: 140 },
  pocket: { kind: 'pocket', wideMm: 120, tallMm: 140, corners: 'square', cornerMm: 20 },
  collar: { kind: 'collar', wideMm: 420, tallMm: 75, spreadMm: 20 },
  strip: { kind: 'strip', lengthMm: 300 },
  circle: { kind: 'circle', diameterMm: 150 },
  typed: {
    kind: 'typed',
    closed: true,
    sides: [120, 140, 120, 140].map(lengthMm => ({ lengthMm, turnDeg: 90 })),
  },
  drawn: {
    kind: 'drawn',
    closed: true,
    pointsMm: [
      { x: 0, y: 0 },
      { x: 120, y: 0 },
      { x: 60, y: 100 },
    ],
  },
}
const kind = computed({
  get: () => plan.value.shape.kind,
  set: next => {
    plan.value.shape = structuredClone(FIRST[next])
  },
})
const CORNERS = [
  { value: 'square', label: 'Square' },
  { value: 'cut', label: 'Cut' },
  { value: 'round', label: 'Round' },
] as const
/** The lengths of a shape, by the fields it has. */
const LENGTHS: Readonly<Partial<Record<OutlineKind, readonly (readonly [string, string])[]>>> = {
  rectangle: [
    ['wideMm', 'Wide'],
    ['tallMm', 'Length'],
  ],
  pocket: [
    ['wideMm', 'Wide'],
    ['tallMm', 'Length'],
  ],
  collar: [
    ['wideMm', 'Long edge'],
    ['tallMm', 'Length'],
  ],
  strip: [['lengthMm', 'Long']],
  circle: [['diameterMm', 'Across']],
}
const shape = computed(() => plan.value.shape as unknown as Record<string, number>)
function setLength(field: string, mm: number): void {
  shape.value[field] = mm
}
const svgProblem = ref('')
async function takeSvg(file: File): Promise<void> {
  const reading = await readSvgOutline(file)
  svgProblem.value = reading.ok ? '' : reading.message
  if (reading.ok)
    plan.value.shape = { kind: 'drawn', closed: reading.closed, pointsMm: [...reading.pointsMm] }
}
const { usual } = useLength()
function addRow(): void {
  plan.value.rowsMm.push((plan.value.rowsMm.at(-1) ?? 0) + usual(6, 1 / 4))
}
function addSide(): void {
  if (plan.value.shape.kind === 'typed') plan.value.shape.sides.push({ lengthMm: usual(100, 4), turnDeg: 90 })
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Edge and rows"
    class="grid gap-3"
  >
    <header><h2>Edge and rows</h2></header>
    <SelectField
      v-model="kind"
      label="Finished edge"
      :items="KINDS"
    />
    <div class="pair">
      <LengthField
        v-for="[field, label] in LENGTHS[kind] ?? []"
        :key="field"
        :model-value="shape[field]!"
        :label="label"
        limit="shapeMm"
        @update:model-value="setLength(field, $event)"
      />
      <LengthField
        v-if="plan.shape.kind === 'collar'"
        :model-value="plan.shape.spreadMm"
        label="Points stand out"
        limit="guideMm"
        hint="At each end."
        @update:model-value="setLength('spreadMm', $event)"
      />
    </div>
    <template v-if="plan.shape.kind === 'pocket'">
      <SegmentBar
        v-model="plan.shape.corners"
        label="Corners"
        :items="CORNERS"
      />
      <LengthField
        v-if="plan.shape.corners !== 'square'"
        :model-value="plan.shape.cornerMm"
        label="Corner"
        limit="shapeMm"
        @update:model-value="setLength('cornerMm', $event)"
      />
    </template>
    <template v-if="plan.shape.kind === 'typed'">
      <div
        v-for="(side, i) in plan.shape.sides"
        :key="i"
        class="line"
      >
        <LengthField
          v-model="side.lengthMm"
          :label="`Side ${i + 1}`"
          limit="sideMm"
        />
        <NumberField
          v-model="side.turnDeg"
          label="then turn"
          limit="angleDeg"
          unit="°"
        />
        <IconButton
          icon="i-lucide-x"
          tip="Take out"
          :label="`Take side ${i + 1} out`"
          @click="
            () => {
              if (plan.shape.kind === 'typed') plan.shape.sides.splice(i, 1)
            }
          "
        />
      </div>
      <div class="flex flex-wrap items-center gap-3">
        <UButton
          size="sm"
          variant="outline"
          icon="i-lucide-plus"
          label="Add a side"
          @click="addSide"
        />
        <UCheckbox
          v-model="plan.shape.closed"
          label="All round"
        />
      </div>
    </template>
    <FileButton
      v-if="plan.shape.kind === 'drawn'"
      label="Choose an SVG"
      about="The finished edge from an SVG"
      accept=".svg,image/svg+xml"
      icon="i-lucide-file-up"
      @file="takeSvg"
    />
    <p
      v-if="svgProblem"
      role="alert"
      class="strikes-ink"
    >
      {{ svgProblem }}
    </p>
    <p class="field-label">Rows, from the edge inwards</p>
    <div
      v-for="(_, i) in plan.rowsMm"
      :key="i"
      class="line two"
    >
      <LengthField
        v-model="plan.rowsMm[i]!"
        :label="`Row ${i + 1}`"
        limit="rowMm"
      />
      <IconButton
        icon="i-lucide-x"
        tip="Take out"
        :label="`Take row ${i + 1} out`"
        :disabled="plan.rowsMm.length === 1"
        @click="
          () => {
            plan.rowsMm.splice(i, 1)
          }
        "
      />
    </div>
    <UButton
      size="sm"
      variant="outline"
      icon="i-lucide-plus"
      label="Add a row"
      :disabled="plan.rowsMm.length >= 12"
      @click="addRow"
    />
    <div class="pair">
      <LengthField
        v-model="wantedMm"
        label="Stitch length"
        limit="dialLengthMm"
        hint="3.0 to 3.5 for show."
      />
      <LengthField
        v-model="plan.mostMissMm"
        label="Tolerance"
        limit="missMm"
      />
    </div>
    <UCheckbox
      v-if="plan.rowsMm.length > 1"
      v-model="plan.alike"
      label="As many stitches in every row"
    />
  </UCard>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 84px auto;
  gap: 8px;
  align-items: end;
}
.line.two {
  grid-template-columns: 1fr auto;
}
</style>
