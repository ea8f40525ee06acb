<script setup lang="ts">
import type { Groove } from '#core/pintucks'
import type { PintuckPiece } from '#shared/records'

/** Where the tucks are wanted on the finished piece. */
const plan = defineModel<PintuckPiece>({ required: true })
const { groove } = defineProps<{ groove: Groove | null }>()
const { length, bare } = useLength()
const BY = [
  { value: 'count', label: 'So many' },
  { value: 'fill', label: 'Fill a width' },
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
const count = computed({
  get: () => (plan.value.wanted.by === 'count' ? plan.value.wanted.count : null),
  set: value => {
    plan.value.wanted = { by: 'count', count: value ?? Number.NaN }
  },
})
const fill = computed({
  get: () => (plan.value.wanted.by === 'fill' ? plan.value.wanted.fillMm : null),
  set: value => {
    plan.value.wanted = { by: 'fill', fillMm: value ?? Number.NaN }
  },
})
const FIRST_GROUP = { of: 3, gapMm: 14 }
const inGroups = computed({
  get: () => plan.value.group !== null,
  set: wanted => {
    plan.value.group = wanted ? { ...FIRST_GROUP } : null
  },
})
const groupOf = computed({
  get: () => plan.value.group?.of ?? null,
  set: value => {
    if (plan.value.group) plan.value.group.of = value ?? Number.NaN
  },
})
const groupGap = computed({
  get: () => plan.value.group?.gapMm ?? null,
  set: value => {
    if (plan.value.group) plan.value.group.gapMm = value ?? Number.NaN
  },
})
/** A length that must be there: empty is no number. */
const needed = (field: 'spacingMm' | 'tallMm' | 'reserveMm' | 'freeLeftMm' | 'freeRightMm' | 'toleranceMm') =>
  computed({
    get: () => plan.value[field] as number | null,
    set: value => {
      plan.value[field] = value ?? Number.NaN
    },
  })
const spacing = needed('spacingMm')
const tall = needed('tallMm')
const reserve = needed('reserveMm')
const freeLeft = needed('freeLeftMm')
const freeRight = needed('freeRightMm')
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
        v-if="by === 'count'"
        v-model="count"
        label="Tucks"
        placeholder="how many"
      />
      <LengthField
        v-else
        v-model="fill"
        label="Width to fill"
        limit="edgeMm"
      />
      <LengthField
        v-model="spacing"
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
      v-if="inGroups"
      class="pair"
    >
      <NumberField
        v-model="groupOf"
        label="Tucks each"
      />
      <LengthField
        v-model="groupGap"
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
        empty="the tucks’ own"
      />
      <LengthField
        v-model="tall"
        label="Tall"
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
        v-model="reserve"
        label="Reserve"
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
          v-model="freeLeft"
          label="Kept free left"
          limit="edgeMm"
        />
        <LengthField
          v-model="freeRight"
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
