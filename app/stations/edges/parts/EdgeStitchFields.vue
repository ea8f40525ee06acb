<script setup lang="ts">
import { STITCHES } from '#core/stitch'
import type { EdgePiece } from '#shared/records'

/** The stitch that runs along the edge, and what it must keep. */
const plan = defineModel<EdgePiece>({ required: true })
const emit = defineEmits<{ kind: [] }>()
const book = useBookStore()
type Kind = EdgePiece['stitch']['kind']
const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'blanket', label: 'Blanket: bites that show' },
  { value: 'hidden', label: 'Hidden: a narrow zigzag' },
  { value: 'satin', label: 'Satin: a closed zigzag' },
  { value: 'straight', label: 'Straight, raw edge' },
  { value: 'library', label: 'Another stitch' },
]
/** Where each begins. Common practice; the lengths of a zigzag are as its dial has them. */
const FIRST: Readonly<Record<Kind, Partial<EdgePiece['stitch']>>> = {
  blanket: { stitchId: null, widthMm: 4, lengthMm: 3 },
  hidden: { stitchId: null, widthMm: 1.5, lengthMm: 1.5, outsideMm: 0.3 },
  satin: { stitchId: null, widthMm: 3, lengthMm: 0.4, outsideMm: 0.3 },
  straight: { stitchId: null, widthMm: 0, lengthMm: 3, insetMm: 3 },
  library: { stitchId: 'feather', widthMm: 5, lengthMm: 1.5, outsideMm: 0 },
}
const kind = computed({
  get: () => plan.value.stitch.kind,
  set: next => {
    Object.assign(plan.value.stitch, { kind: next }, FIRST[next])
    plan.value.settled = []
    emit('kind')
  },
})
const stitches = computed(() =>
  [...STITCHES, ...book.shelf.stitches.values()].map(({ id, name }) => ({ value: id, label: name })),
)
const stitchId = computed({
  get: () => plan.value.stitch.stitchId ?? '',
  set: id => {
    plan.value.stitch.stitchId = id || null
    plan.value.settled = []
    emit('kind')
  },
})
const hasBite = computed(() => kind.value !== 'straight')
</script>

<template>
  <UCard
    as="section"
    aria-label="Stitch along the edge"
    class="grid gap-2"
  >
    <h2>Stitch</h2>
    <SelectField
      v-model="kind"
      label="Along the edge"
      :items="KINDS"
    />
    <SelectField
      v-if="kind === 'library'"
      v-model="stitchId"
      label="Which stitch"
      :items="stitches"
    />
    <div class="pair">
      <LengthField
        v-if="hasBite"
        v-model="plan.stitch.widthMm"
        :label="kind === 'blanket' ? 'Bite' : 'Width'"
        limit="biteMm"
      />
      <LengthField
        v-else
        v-model="plan.stitch.insetMm"
        label="Inside the edge"
        limit="insetMm"
      />
      <LengthField
        v-model="plan.stitch.lengthMm"
        label="Stitch length"
        limit="dialLengthMm"
      />
    </div>
    <FoldAway title="Finer">
      <div class="pair">
        <LengthField
          v-if="kind !== 'blanket' && kind !== 'straight'"
          v-model="plan.stitch.outsideMm"
          label="Falls outside by"
          limit="outsideMm"
        />
        <LengthField
          v-if="hasBite"
          v-model="plan.clearanceMm"
          label="Free between bites"
          limit="clearanceMm"
        />
        <LengthField
          v-model="plan.mostMissMm"
          label="May miss by"
          limit="missMm"
        />
        <NumberField
          v-model="plan.pointDeg"
          label="A point turns, ° and more"
          limit="pointDeg"
        />
        <NumberField
          v-model="plan.overlap"
          label="Sewn over at the end"
          limit="overlap"
          whole
        />
        <LengthField
          v-model="plan.allowanceMm"
          label="Turned under by"
          limit="allowanceMm"
        />
        <LengthField
          v-model="plan.underMm"
          label="Under a neighbour by"
          limit="allowanceMm"
        />
      </div>
    </FoldAway>
  </UCard>
</template>
