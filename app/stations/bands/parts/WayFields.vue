<script setup lang="ts">
import { giveOrTake } from '#core/measured'
import { newestFirst } from '#shared/fields'
import type { BandPiece } from '#shared/records'

/** Where a band runs, and what it is sewn over. */
const plan = defineModel<BandPiece>({ required: true })
const MOST_LEGS = 20
const CORNERS = [
  { value: 'mirror', label: 'Mirrored at the corner' },
  { value: 'stop', label: 'Stops on a whole pattern' },
  { value: 'open', label: 'Corner left open' },
] as const
const KINDS = [
  { value: 'none', label: 'The cloth itself' },
  { value: 'ribbon', label: 'Ribbon' },
  { value: 'bias', label: 'Bias strip' },
  { value: 'braid', label: 'Braid' },
  { value: 'cord', label: 'Cord' },
] as const
const FIRST_WIDE_MM = 12
const over = computed({
  get: () => plan.value.ribbon?.kind ?? 'none',
  set: kind => {
    const wideMm = plan.value.ribbon?.wideMm ?? FIRST_WIDE_MM
    plan.value.ribbon = kind === 'none' ? null : { kind, wideMm, sheer: plan.value.ribbon?.sheer ?? false }
  },
})
const book = useBookStore()
const { length, bare, usual } = useLength()
const MOST_MEASURED = 3
/** Ribbons and strips that were measured, the newest first. */
const measured = computed(() =>
  newestFirst(book.shelf.measures.values(), ({ at }) => at)
    .filter(({ quantity }) => quantity === 'ribbon')
    .slice(0, MOST_MEASURED),
)
function use(wideMm: number): void {
  if (plan.value.ribbon) plan.value.ribbon.wideMm = wideMm
}
const isRing = computed({
  get: () => plan.value.ring,
  set: ring => {
    // Round a ring there are no corners: one length.
    const all = plan.value.legsMm.reduce((sum, mm) => sum + mm, 0)
    plan.value = { ...plan.value, ring, legsMm: ring ? [all] : plan.value.legsMm }
  },
})
</script>

<template>
  <div class="grid gap-2">
    <UCheckbox
      v-model="isRing"
      label="Round: the end meets the beginning"
    />
    <div
      v-for="(_, i) in plan.legsMm"
      :key="i"
      class="line"
    >
      <LengthField
        v-model="plan.legsMm[i]!"
        :label="plan.legsMm.length > 1 ? `Side ${i + 1}, along the outer edge` : 'How long'"
        limit="sideMm"
      />
      <IconButton
        v-if="plan.legsMm.length > 1"
        icon="i-lucide-x"
        tip="Take out"
        :label="`Take side ${i + 1} out`"
        @click="
          () => {
            plan.legsMm.splice(i, 1)
          }
        "
      />
    </div>
    <UButton
      v-if="!plan.ring"
      size="sm"
      variant="outline"
      icon="i-lucide-corner-down-right"
      label="Add a corner"
      class="justify-self-start"
      :disabled="plan.legsMm.length >= MOST_LEGS"
      @click="
        () => {
          plan.legsMm.push(usual(100, 4))
        }
      "
    />
    <SelectField
      v-if="plan.legsMm.length > 1"
      v-model="plan.corner"
      label="At corners of 90°"
      :items="CORNERS"
    />
    <SelectField
      v-model="over"
      label="Sewn over"
      :items="KINDS"
    />
    <template v-if="plan.ribbon">
      <LengthField
        v-model="plan.ribbon.wideMm"
        :label="plan.ribbon.kind === 'cord' ? 'How thick' : 'How wide'"
        limit="ribbonMm"
      />
      <UButton
        v-for="one in measured"
        :key="one.id"
        size="sm"
        variant="outline"
        icon="i-lucide-ruler"
        class="justify-self-start"
        :label="`${one.name}: ${length(one.value)} ± ${bare(giveOrTake(one))}`"
        @click="use(one.value)"
      />
      <UCheckbox
        v-if="plan.ribbon.kind !== 'cord'"
        v-model="plan.ribbon.sheer"
        label="Sheer"
      />
    </template>
    <UCheckbox
      v-model="plan.under"
      label="Sewn wrong side up: the wrong side is seen"
    />
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}
</style>
