<script setup lang="ts">
import type { Groove } from '#core/pintucks'
import type { PintuckPiece } from '#shared/records'

/** Where the tucks are wanted on the finished piece. */
const plan = defineModel<PintuckPiece>({ required: true })
const { groove } = defineProps<{ groove: Groove | null }>()
const { length, bare, usual } = useLength()
const BY = [
  { value: 'count', label: 'By number' },
  { value: 'fill', label: 'To fit a width' },
] as const
const FIRST_COUNT = 12
const FIRST_FILL_MM = 100
const by = computed({
  get: () => plan.value.wanted.by,
  set: next => {
    plan.value.wanted =
      next === 'count' ? { by: 'count', count: FIRST_COUNT } : { by: 'fill', fillMm: FIRST_FILL_MM }
  },
})
const firstGroup = () => ({ of: 3, gapMm: usual(14, 1 / 2) })
const inGroups = computed({
  get: () => plan.value.group !== null,
  set: wanted => {
    plan.value.group = wanted ? firstGroup() : null
  },
})
const more = ref(plan.value.freeLeftMm > 0 || plan.value.freeRightMm > 0 || plan.value.cordMm !== null)
const grooveWords = computed(() => {
  if (!groove) return ''
  const off =
    groove.offMm === 0
      ? 'just as wanted'
      : `${length(Math.abs(groove.offMm))} ${groove.offMm < 0 ? 'closer' : 'wider'}`
  return `Groove ${groove.k} of the foot makes ${length(groove.spacingMm)}, ${off}.`
})
</script>

<template>
  <UCard
    as="section"
    aria-label="Tucks"
    class="grid gap-3"
  >
    <header><h2>Tucks</h2></header>
    <SegmentBar
      v-model="by"
      label="How many"
      :items="BY"
    />
    <div class="pair">
      <NumberField
        v-if="plan.wanted.by === 'count'"
        v-model="plan.wanted.count"
        label="Tucks"
        limit="tucks"
        whole
      />
      <LengthField
        v-else
        v-model="plan.wanted.fillMm"
        label="Width to fill"
        limit="edgeMm"
      />
      <LengthField
        v-model="plan.spacingMm"
        label="Tuck to tuck"
        limit="spacingMm"
      />
    </div>
    <p
      v-if="groove"
      class="hint"
    >
      {{ grooveWords }}
      <UButton
        v-if="groove.offMm !== 0"
        variant="link"
        size="sm"
        :label="`Take ${bare(groove.spacingMm)}`"
        @click="
          () => {
            plan.spacingMm = groove!.spacingMm
          }
        "
      />
    </p>
    <UCheckbox
      v-model="inGroups"
      label="In groups"
    />
    <div
      v-if="plan.group"
      class="pair"
    >
      <NumberField
        v-model="plan.group.of"
        label="Tucks each"
        limit="tucks"
        whole
      />
      <LengthField
        v-model="plan.group.gapMm"
        label="Between groups"
        limit="spacingMm"
      />
    </div>
    <div class="pair">
      <LengthField
        v-model="plan.pieceMm"
        label="Finished"
        limit="pieceMm"
        optional
        empty="as the tucks"
      />
      <LengthField
        v-model="plan.tallMm"
        label="Length"
        limit="pieceMm"
      />
      <LengthField
        v-model="plan.edgeMm"
        label="To first tuck"
        limit="edgeMm"
        optional
        empty="centred"
      />
      <LengthField
        v-model="plan.reserveMm"
        label="Allowance"
        limit="reserveMm"
        hint="Half at each side."
      />
    </div>
    <FoldAway
      v-model:open="more"
      title="Fold, fasteners, cord"
    >
      <div class="pair">
        <LengthField
          v-model="plan.freeLeftMm"
          label="Kept free left"
          limit="edgeMm"
        />
        <LengthField
          v-model="plan.freeRightMm"
          label="Kept free right"
          limit="edgeMm"
        />
        <LengthField
          v-model="plan.cordMm"
          label="Cord under the cloth"
          limit="cordMm"
          optional
          empty="none"
        />
      </div>
    </FoldAway>
  </UCard>
</template>
