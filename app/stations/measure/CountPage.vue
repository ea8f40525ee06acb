<script setup lang="ts">
import { CoreError } from '#core/errors'
import { changeMinutesKnown } from './changeMinutesKnown'
import { COUNTS } from './counts'
import { useTarget } from './useTarget'

useHead({ title: 'Counting · Lacy Spool' })
const book = useBookStore()
const { quantity, quantities, things, ofId, added } = useTarget('counting')
const count = computed(() => COUNTS.find(one => one.quantity === quantity.value) ?? null)
const numbers = reactive<Record<string, number | null>>({})
watch(
  count,
  now => {
    for (const { id, usual } of now?.fields ?? []) numbers[id] = usual
  },
  { immediate: true },
)
/** What is typed, where all of it is there. */
const whole = computed(() => {
  const entries = (count.value?.fields ?? []).map(({ id }) => [id, numbers[id] ?? null] as const)
  return entries.some(([, value]) => value === null)
    ? null
    : (Object.fromEntries(entries) as Record<string, number>)
})
const result = computed(() => {
  if (!count.value || !whole.value) return { measured: null, problem: '' }
  try {
    return { measured: count.value.of(whole.value), problem: '' }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    const { field: asked, min, max } = error.details
    // A length that is read with a ruler is asked for first.
    const field = count.value.fields.find(({ id }) => id === asked) ?? count.value.fields[0]
    const range = min === undefined ? 'must be a number' : `goes from ${min} to ${max}`
    return { measured: null, problem: `${field?.label ?? 'A number'} ${range}.` }
  }
})
const dialledMm = computed(() => (count.value?.dial ? (whole.value?.[count.value.dial] ?? null) : null))
const clock = ref<number | null>(null)
/** A clock beside the machine: started and stopped by the same press. */
function time(): void {
  if (clock.value === null) {
    clock.value = Date.now()
    return
  }
  numbers.seconds = Math.round((Date.now() - clock.value) / 100) / 10
  clock.value = null
}
const changes = computed(() => changeMinutesKnown(book.shelf.changeTimes.values()))
</script>

<template>
  <WayFrame>
    <UCard
      as="section"
      aria-label="How"
      class="grid gap-3"
    >
      <TargetFields
        v-model:quantity="quantity"
        v-model:of="ofId"
        :quantities="quantities"
        :things="things"
        @added="added"
      />
      <TakeUpCount
        v-if="quantity === 'take-up'"
        :swatch-id="ofId"
      />
      <template v-else-if="count">
        <p>{{ count.how }}</p>
        <div class="grid grid-cols-2 items-start gap-2">
          <template
            v-for="field in count.fields"
            :key="field.id"
          >
            <LengthField
              v-if="'lengthLimit' in field"
              v-model="numbers[field.id]!"
              :label="field.label"
              :limit="field.lengthLimit"
            />
            <NumberField
              v-else
              v-model="numbers[field.id]!"
              :label="field.label"
              :unit="field.unit ?? ''"
              :limit="field.limit"
              :whole="field.whole ?? false"
            />
          </template>
        </div>
        <UButton
          v-if="quantity === 'speed'"
          variant="outline"
          icon="i-lucide-timer"
          class="justify-self-start"
          :label="clock === null ? 'Start the clock' : 'Stop'"
          @click="time"
        />
        <p
          v-if="result.problem"
          role="alert"
          class="strikes-ink"
        >
          {{ result.problem }}
        </p>
      </template>
    </UCard>
    <template #result>
      <KeepMeasure
        v-if="quantity !== 'take-up'"
        :quantity="quantity"
        :of-id="ofId"
        :things="things"
        :measured="result.measured"
        way="counting"
        :dialled-mm="dialledMm"
      >
        <h2>No result yet</h2>
        <p class="hint">Type what you counted. The result and its ± appear at once.</p>
      </KeepMeasure>
      <UCard
        as="section"
        aria-label="Minutes per change"
        class="grid gap-2"
      >
        <h2>Minutes per change</h2>
        <p>{{ changes }}</p>
        <UButton
          variant="outline"
          size="sm"
          class="justify-self-start"
          label="Time them while sewing a project"
          to="/project-sew"
        />
      </UCard>
    </template>
  </WayFrame>
</template>
