<script setup lang="ts">
import type { JobId } from '#core/job'
import { STITCHES } from '#core/stitch'
import { EDGE_KINDS, type EdgeKind, edgeKindOf } from '#shared/inputs'
import type { EdgePiece } from '#shared/records'
import type { SetupContent } from '#shared/setup'

/** The stitch that runs along the edge, and what it must keep. */
const plan = defineModel<EdgePiece>({ required: true })
const emit = defineEmits<{ job: [job: JobId, stitch: Partial<SetupContent['stitch']>] }>()
const book = useBookStore()
const inHand = useInHandStore()
const KINDS: readonly { value: EdgeKind; label: string }[] = [
  { value: 'blanket', label: 'Blanket: bites that show' },
  { value: 'hidden', label: 'Hidden: a narrow zigzag' },
  { value: 'satin', label: 'Satin: a closed zigzag' },
  { value: 'straight', label: 'Straight, raw edge' },
  { value: 'library', label: 'Another stitch' },
]
/** Where each begins, beside what its job sets. Common practice. */
const FIRST: Readonly<Record<EdgeKind, Partial<SetupContent['stitch']>>> = {
  blanket: {},
  hidden: {},
  satin: { widthMm: 3 },
  straight: { widthMm: 0 },
  library: { widthMm: 5, lengthMm: 1.5 },
}
const kind = computed({
  get: () => edgeKindOf(inHand.setup, book.shelf.stitches),
  set: next => {
    const { job, stitchId } = EDGE_KINDS[next]
    plan.value.settled = []
    emit('job', job, { stitchId, ...FIRST[next] })
  },
})
const stitches = computed(() =>
  [...STITCHES, ...book.shelf.stitches.values()].map(({ id, name }) => ({ value: id, label: name })),
)
const stitchId = computed({
  get: () => inHand.setup.stitch.stitchId,
  set: id => {
    const stitch = inHand.allStitches.find(one => one.id === id)
    if (!stitch) return
    plan.value.settled = []
    inHand.chooseStitch(stitch)
  },
})
/** Its numbers are the setup’s own: changed here they change in the line-up. */
const numberOf = (field: 'widthMm' | 'lengthMm') =>
  computed({
    get: () => inHand.setup.stitch[field],
    set: mm => inHand.setStitch({ [field]: mm }, `stitch ${field}`),
  })
const widthMm = numberOf('widthMm')
const lengthMm = numberOf('lengthMm')
/** Where bites fall: it decides which of them come near each other round a point. */
const BITES = [
  { value: '', label: 'As the stitch does' },
  { value: 'at', label: 'At each stitch point, as blanket stitch' },
  { value: 'between', label: 'Between two, as zigzag' },
] as const
const bites = computed({
  get: () => plan.value.bites ?? '',
  set: (how: '' | 'at' | 'between') => {
    plan.value.bites = how === '' ? null : how
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
        v-model="widthMm"
        :label="kind === 'blanket' ? 'Bite' : 'Width'"
        limit="biteMm"
      />
      <LengthField
        v-else
        v-model="plan.insetMm"
        label="Inside the edge"
        limit="insetMm"
      />
      <LengthField
        v-model="lengthMm"
        label="Stitch length"
        limit="dialLengthMm"
      />
    </div>
    <FoldAway title="More settings">
      <SelectField
        v-if="hasBite && kind !== 'satin'"
        v-model="bites"
        label="Bites fall"
        :items="BITES"
        class="mb-2"
      />
      <div class="pair">
        <LengthField
          v-if="kind !== 'blanket' && kind !== 'straight'"
          v-model="plan.outsideMm"
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
          label="Tolerance"
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
