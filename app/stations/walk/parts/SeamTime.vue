<script setup lang="ts">
import { formatNumber } from '#core/units'
import { seamHours } from '#core/care'
import { seamUsage } from '#core/seam'
import { LIMITS } from '#shared/fields'
import { perMinuteOf } from '#shared/inputs'
import { useFieldProblems } from '~/fields/fieldProblems'

/** Time from metres, stitch and speed, where nobody held a watch. */
const care = useCareStore()
const inHand = useInHandStore()
const { sayStored } = useStoredWords()
const { farOf, farSign, metresOf } = useLength()
const far = ref(Math.round(100 * farOf(inHand.setup.seamM)) / 100)
const metres = computed(() => metresOf(far.value))
const farLimit = computed(() => LIMITS.seamM.map(farOf) as [number, number])
const book = useBookStore()
const speed = ref(perMinuteOf(inHand.setup, book.shelf.machines))
const isTimed = computed(() => inHand.parts.machine?.perMinute != null)
const typed = ref(false)
const speedSource = computed(() => {
  if (typed.value) return 'as you typed it'
  return isTimed.value ? 'as timed on this machine' : 'a guess'
})
const { refuses } = useFieldProblems()
const found = computed(() => {
  if (!inHand.seam) return null
  const { stitches } = seamUsage(inHand.seam, metres.value, 0)
  return { stitches, minutes: 60 * seamHours(stitches, speed.value) }
})
function add(): void {
  if (refuses() || !found.value) return
  care.addTime(found.value.minutes / 60, 0, 'metres', new Date())
  void sayStored(`${formatNumber(found.value.minutes, 0)} minutes added to the needle`)
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Time from the length sewn"
  >
    <header><h2>From the length sewn</h2></header>
    <div class="fields">
      <NumberField
        v-model="far"
        label="Sewn"
        :limit="farLimit"
        :unit="farSign()"
      />
      <NumberField
        v-model="speed"
        label="Stitches a minute"
        limit="stitchesPerMinute"
        @update:model-value="typed = true"
      />
    </div>
    <p
      v-if="found"
      role="status"
      class="found"
    >
      {{ formatNumber(found.stitches, 0) }} stitches:
      <b>{{ found.minutes < 1 ? 'under a minute' : `${Math.round(found.minutes)} minutes` }}</b>{{ ' ' }}
      <SourceChip
        of="rule"
        about="time from the length sewn"
      >
        <p>Stitches divided by the speed, {{ speedSource }}. Pauses are not counted.</p>
      </SourceChip>
    </p>
    <p
      v-else
      class="hint"
    >
      Choose machine, needle and stitch first.
    </p>
    <UButton
      variant="outline"
      icon="i-lucide-plus"
      label="Add to the needle"
      :disabled="!found"
      @click="add"
    />
  </UCard>
</template>

<style scoped>
.card {
  display: grid;
  gap: 8px;
}
/* Room for a finger round the chip. */
.found {
  padding-block: 5px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
