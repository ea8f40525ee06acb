<script setup lang="ts">
import { formatNumber } from '#core/units'
import { seamHours, SPEED_STITCHES } from '#core/care'
import { seamUsage } from '#core/seam'
import { rangeProblem } from '#shared/fields'

/** Time from metres, stitch and speed, where nobody held a watch. */
const care = useCareStore()
const bench = useBenchStore()
const { sayStored } = useStoredWords()
const { farOf, farSign, metresOf } = useLength()
const far = ref<number | null>(Math.round(100 * farOf(bench.setup.seamM)) / 100)
const metres = computed(() => (far.value === null ? null : metresOf(far.value)))
const speed = ref<number | null>(SPEED_STITCHES[bench.setup.speed ?? 'medium'])
const typed = ref(false)
const problem = computed(
  () =>
    rangeProblem('Sewn', 'seamM', metres.value ?? Number.NaN, 'm')
    ?? rangeProblem('Speed', 'stitchesPerMinute', speed.value ?? Number.NaN, 'stitches a minute'),
)
const found = computed(() => {
  if (!bench.seam || problem.value) return null
  const { stitches } = seamUsage(bench.seam, metres.value!, 0)
  return { stitches, minutes: 60 * seamHours(stitches, speed.value!) }
})
function add(): void {
  if (!found.value) return
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
        :unit="farSign()"
      />
      <NumberField
        v-model="speed"
        label="Stitches a minute"
        @update:model-value="typed = true"
      />
    </div>
    <p
      v-if="problem"
      role="alert"
      class="hint strikes-ink"
    >
      {{ problem }}
    </p>
    <p
      v-else-if="found"
      role="status"
    >
      {{ formatNumber(found.stitches, 0) }} stitches:
      <b>{{ found.minutes < 1 ? 'under a minute' : `${Math.round(found.minutes)} minutes` }}</b>{{ ' ' }}
      <span class="hint">rule; speed {{ typed ? 'typed' : 'a guess' }}, pauses not counted</span>
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
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
</style>
