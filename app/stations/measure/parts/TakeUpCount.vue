<script setup lang="ts">
import { fromRuler } from '#core/measure'
import { giveOrTake, type Measurement } from '#core/measured'
import { DEFAULT_READ_MM, takeUpOf } from '#core/pintucks'
import { gapOf, keptMeasure, keptTakeUp, refusedChange } from '#shared/inputs'
import type { Measure } from '#shared/records'
import { useFieldProblems } from '~/fields/fieldProblems'
import { newId } from '~/utils/id'
import { orNull } from '~/planner/orNull'

/** What tucks take from a swatch’s width, measured across before and after: kept with the swatch. */
const { swatchId, after = null } = defineProps<{
  swatchId: string
  /** Measured elsewhere; null: typed here. @defaultValue null */
  after?: Measurement | null
}>()
const book = useBookStore()
const { length } = useLength()
const { refuses } = useFieldProblems()
const { sayStored } = useStoredWords()
const beforeMm = ref(120)
const afterMm = ref<number | null>(null)
const tucks = ref(10)
const readMm = ref(DEFAULT_READ_MM)
watchEffect(() => {
  if (!after) return
  afterMm.value = Math.round(100 * after.value) / 100
  readMm.value = Math.round(100 * giveOrTake(after)) / 100
})
const swatch = computed(() => book.shelf.swatches.get(swatchId) ?? null)
const gapMm = computed(() => swatch.value?.frozen.needle?.gapMm ?? 0)
const measured = computed(() => {
  const behindMm = afterMm.value
  if (behindMm === null) return null
  return orNull(() =>
    takeUpOf(
      { beforeMm: beforeMm.value, afterMm: behindMm, tucks: tucks.value, readMm: readMm.value },
      gapOf({ gapMm: gapMm.value }),
      0,
    ),
  )
})
const problem = computed(() => {
  if (refused.value !== null) return `A number of it ${refused.value}.`
  return afterMm.value !== null && measured.value === null
    ? 'After its tucks the swatch must be narrower than before, with at least one tuck.'
    : ''
})
const changes = computed(() => {
  const takeUp = measured.value
  if (!takeUp || takeUp.eachMm === null || !swatch.value) return null
  const before = fromRuler(beforeMm.value, readMm.value)
  const behind = after ?? fromRuler(afterMm.value!, readMm.value)
  const log: Measure = {
    id: newId('measure'),
    quantity: 'take-up',
    ofId: swatchId,
    name: swatch.value.name,
    value: takeUp.eachMm,
    spread: Math.hypot(before.spread, behind.spread) / tucks.value,
    way: after ? 'photo' : 'counting',
    dialledMm: null,
    at: new Date().toISOString(),
    photoId: null,
    note: '',
  }
  return [...keptMeasure(log, book.tables), keptTakeUp(swatch.value, before, behind, tucks.value)]
})
/** In bounds of what a swatch may say. */
const refused = computed(() => (changes.value ? refusedChange(changes.value) : null))
async function keep(): Promise<void> {
  if (refuses() || !changes.value || refused.value !== null) return
  const each = length(measured.value!.eachMm)
  await sayStored(`Take-up of “${swatch.value!.name}”: ${each} a tuck`, {
    kept: book.commit('Measure take-up', changes.value),
  })
}
</script>

<template>
  <p>Mark the cloth across and measure. Sew the tucks, then measure between the same marks again.</p>
  <div class="grid grid-cols-2 items-start gap-2">
    <LengthField
      v-model="beforeMm"
      label="Wide before"
      limit="pieceMm"
    />
    <LengthField
      v-model="afterMm"
      label="Wide after"
      limit="pieceMm"
    />
    <NumberField
      v-model="tucks"
      label="Tucks on it"
      limit="tucks"
      whole
    />
    <LengthField
      v-model="readMm"
      label="Ruler read to"
      limit="readMm"
    />
  </div>
  <p
    v-if="problem"
    role="alert"
    class="strikes-ink"
  >
    {{ problem }}
  </p>
  <p
    v-if="measured && measured.eachMm !== null"
    role="status"
  >
    One tuck takes <b>{{ length(measured.eachMm) }}</b>, between {{ length(measured.leastMm) }} and
    {{ length(measured.mostMm) }}.
  </p>
  <UButton
    data-save
    icon="i-lucide-check"
    label="Keep it with the swatch"
    class="justify-self-start"
    :disabled="!changes || refused !== null"
    @click="keep"
  />
</template>
