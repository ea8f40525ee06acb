<script setup lang="ts">
import { MOST_VANES } from '#core/lines'
import type { LinesPiece } from '#shared/records'

/** Where the lines come from, and how they are sewn. */
const plan = defineModel<LinesPiece>({ required: true })
/** The stitch length one would have, of the piece’s setup. */
const wantedMm = defineModel<number>('wantedMm', { required: true })
const { canUndo } = defineProps<{ canUndo: boolean }>()
const emit = defineEmits<{ newLine: []; undo: [] }>()
type By = LinesPiece['drawing']['by']
const KINDS: readonly { value: By; label: string }[] = [
  { value: 'plume', label: 'A plume: stem and fronds' },
  { value: 'drawn', label: 'Drawn point by point' },
  { value: 'path', label: 'From an SVG' },
]
const sharp = (x: number, y: number) => ({ x, y, curved: false })
const FIRST: Readonly<Record<By, LinesPiece['drawing']>> = {
  plume: {
    by: 'plume',
    stemMm: 120,
    stemBowMm: 8,
    vanes: [24, 28, 32, 32, 28, 24].map(lengthMm => ({ lengthMm, bowMm: 3 })),
    leanDeg: 45,
    sides: 'turns',
  },
  drawn: {
    by: 'drawn',
    ways: [
      [sharp(0, 0), { x: 4, y: 40, curved: true }, sharp(0, 80)],
      [sharp(0, 80), sharp(-25, 105)],
      [sharp(0, 80), sharp(25, 105)],
    ],
  },
  path: { by: 'path', path: 'M0 80L0 0M0 40L30 20M0 50L-30 30', mmPerUnit: 1 },
}
const by = computed({
  get: () => plan.value.drawing.by,
  set: next => {
    plan.value.drawing = structuredClone(FIRST[next])
  },
})
const SIDES = [
  { value: 'turns', label: 'By turns' },
  { value: 'pairs', label: 'In pairs' },
] as const
const WAYS = [
  { value: 'twice', label: 'One start' },
  { value: 'once', label: 'No line twice' },
] as const
const way = computed({
  get: () => (plan.value.twice ? 'twice' : 'once'),
  set: next => {
    plan.value.twice = next === 'twice'
  },
})
function addVane(): void {
  const { drawing } = plan.value
  if (drawing.by === 'plume') drawing.vanes.push({ ...(drawing.vanes.at(-1) ?? { lengthMm: 25, bowMm: 3 }) })
}
function removeVane(i: number): void {
  if (plan.value.drawing.by === 'plume') plan.value.drawing.vanes.splice(i, 1)
}
const path = computed({
  get: () => (plan.value.drawing.by === 'path' ? plan.value.drawing : { path: '', mmPerUnit: 1 }),
  set: ({ path: data, mmPerUnit }) => {
    plan.value.drawing = { by: 'path', path: data, mmPerUnit }
  },
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Lines"
    class="grid gap-2"
  >
    <h2>Lines</h2>
    <SelectField
      v-model="by"
      label="The drawing"
      :items="KINDS"
    />
    <template v-if="plan.drawing.by === 'plume'">
      <div class="pair">
        <LengthField
          v-model="plan.drawing.stemMm"
          label="Stem"
          limit="stemMm"
        />
        <LengthField
          v-model="plan.drawing.stemBowMm"
          label="Bows right by"
          limit="bowMm"
        />
        <NumberField
          v-model="plan.drawing.leanDeg"
          label="Fronds lean, °"
          limit="leanDeg"
        />
      </div>
      <SegmentBar
        v-model="plan.drawing.sides"
        label="Fronds left and right"
        :items="SIDES"
      />
      <div
        v-for="(vane, i) in plan.drawing.vanes"
        :key="i"
        class="line"
      >
        <LengthField
          v-model="vane.lengthMm"
          :label="`Frond ${i + 1}`"
          limit="vaneMm"
        />
        <LengthField
          v-model="vane.bowMm"
          label="Bow"
          limit="bowMm"
        />
        <IconButton
          icon="i-lucide-x"
          tip="Take out"
          :label="`Take frond ${i + 1} out`"
          :disabled="plan.drawing.vanes.length === 1"
          @click="removeVane(i)"
        />
      </div>
      <UButton
        size="sm"
        variant="outline"
        icon="i-lucide-plus"
        label="Add a frond"
        class="justify-self-start"
        :disabled="plan.drawing.vanes.length >= MOST_VANES"
        @click="addVane"
      />
    </template>
    <template v-else-if="plan.drawing.by === 'drawn'">
      <p class="hint">
        Press on the drawing to continue the last line. Points nearby snap together, and lines meet there.
        Drag points, or use Tab and the arrow keys. Enter makes a point round or sharp. Insert adds a point,
        Delete takes it out.
      </p>
      <div class="flex flex-wrap gap-2">
        <UButton
          size="sm"
          variant="outline"
          icon="i-lucide-plus"
          label="Begin a new line"
          @click="emit('newLine')"
        />
        <UButton
          size="sm"
          variant="outline"
          icon="i-lucide-undo-2"
          label="Undo the last point"
          :disabled="!canUndo"
          @click="emit('undo')"
        />
      </div>
    </template>
    <PathFields
      v-else
      v-model="path"
      about="The lines from an SVG"
    />
    <p class="field-label">How it is sewn</p>
    <SegmentBar
      v-model="way"
      label="How it is sewn"
      :items="WAYS"
    />
    <div class="pair">
      <LengthField
        v-model="wantedMm"
        label="Stitch length"
        limit="dialLengthMm"
      />
      <LengthField
        v-model="plan.mostMissMm"
        label="Tolerance"
        limit="missMm"
      />
    </div>
  </UCard>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}
</style>
