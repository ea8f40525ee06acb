<script setup lang="ts">
import { DEFAULT_READ_MM, swatchToCutMm, type TakeUp } from '#core/pintucks'
import { takeUpSwatches } from '#shared/inputs'
import { dequal } from 'dequal/lite'
import type { PintuckPiece, Swatch } from '#shared/records'
import type { SetupContent } from '#shared/setup'

/** What one tuck takes from the width: from a swatch one sews and measures, or one in the swatch book. */
const plan = defineModel<PintuckPiece>({ required: true })
const { setup, count, swatchTucks, takeUp } = defineProps<{
  setup: SetupContent
  count: number
  /** How many tucks the swatch needs for the tolerance. */
  swatchTucks: number
  /** What one tuck takes. */
  takeUp: TakeUp
}>()
const book = useBookStore()
const { length } = useLength()
const { sayStored } = useStoredWords()
/** Fewer tucks than this are not worth cutting a swatch for. A guess. */
const LEAST_TUCKS = 10
type Typed = { [field in keyof MeasuredTakeUp]: MeasuredTakeUp[field] | null }
type MeasuredTakeUp = NonNullable<PintuckPiece['takeUp']>
const UNTYPED: Typed = { beforeMm: null, afterMm: null, tucks: null, readMm: DEFAULT_READ_MM }
/** What is typed: it is a measurement once all of it stands there, and not before. */
const typed = ref<Typed>({ ...(plan.value.takeUp ?? UNTYPED) })
const isMeasuring = ref(plan.value.takeUp !== null)
watch(
  () => plan.value.takeUp,
  now => {
    if (now) isMeasuring.value = true
    // Taken back by undo, not by a field that is being typed.
    if (now || whole.value) typed.value = { ...(now ?? UNTYPED) }
  },
)
/** null: something of it is not typed. */
const whole = computed((): MeasuredTakeUp | null => {
  const { beforeMm, afterMm, tucks, readMm } = typed.value
  const isWhole = beforeMm !== null && afterMm !== null && tucks !== null && readMm !== null
  return isWhole ? { beforeMm, afterMm, tucks, readMm } : null
})
function type(field: keyof Typed, value: number | null): void {
  typed.value = { ...typed.value, [field]: value }
  plan.value.takeUp = whole.value
}
const measured = computed({
  get: () => isMeasuring.value,
  set: now => {
    isMeasuring.value = now
    if (now) return
    typed.value = { ...UNTYPED }
    plan.value.takeUp = null
  },
})
const cutTucks = computed(() => Math.max(swatchTucks, LEAST_TUCKS))
const cutMm = computed(() =>
  swatchToCutMm(cutTucks.value, plan.value.spacingMm, takeUp.eachMm ?? takeUp.mostMm),
)
const needle = computed(() => book.shelf.needles.get(setup.needleId ?? ''))
const found = computed(() =>
  needle.value ? takeUpSwatches(setup, needle.value, book.shelf.swatches.values()) : [],
)
/** The swatch this take-up was measured on. */
const isOf = ({ takeUp }: Swatch) => dequal(takeUp, toRaw(plan.value.takeUp))
const wholeMm = computed(() => {
  const swatch = plan.value.takeUp
  return swatch ? (2 * swatch.readMm * count) / swatch.tucks : null
})
/** Swatches of pintucks, to keep the take-up with. */
const swatches = computed(() =>
  [...book.shelf.swatches.values()].filter(({ setup: sewn }) => sewn.job === 'pintucks'),
)
const keptWith = ref('')
function keepWith(): void {
  const swatch = book.shelf.swatches.get(keptWith.value)
  if (!swatch || !plan.value.takeUp) return
  const record = { ...swatch, takeUp: { ...plan.value.takeUp } }
  void sayStored(`Take-up kept with “${swatch.name}”`, {
    kept: book.commit('Keep the take-up', [{ table: 'swatches', id: swatch.id, record }]),
  })
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Take-up"
    class="grid gap-2"
  >
    <header>
      <h2>Take-up of one tuck</h2>
      <SourceChip
        :of="plan.takeUp ? 'measured' : 'not measured'"
        about="take-up"
      >
        <p v-if="plan.takeUp">From your swatch. It holds for this cloth, needle, thread and tension.</p>
        <p v-else>Without a swatch there is a range: from nothing to where a tuck’s sides touch.</p>
      </SourceChip>
    </header>
    <UCheckbox
      v-model="measured"
      label="I measured a swatch"
    />
    <p class="hint">
      Cut {{ length(cutMm) }} of this cloth and sew {{ cutTucks }} tucks as planned. Measure across before and
      after.
    </p>
    <template v-if="measured">
      <div class="pair">
        <LengthField
          :model-value="typed.beforeMm"
          label="Wide before"
          limit="pieceMm"
          optional
          @update:model-value="type('beforeMm', $event)"
        />
        <LengthField
          :model-value="typed.afterMm"
          label="Wide after"
          limit="pieceMm"
          optional
          @update:model-value="type('afterMm', $event)"
        />
        <NumberField
          :model-value="typed.tucks"
          label="Tucks on it"
          limit="tucks"
          whole
          optional
          @update:model-value="type('tucks', $event)"
        />
        <LengthField
          :model-value="typed.readMm"
          label="Ruler read to ±"
          limit="readMm"
          optional
          @update:model-value="type('readMm', $event)"
        />
      </div>
      <p
        v-if="!plan.takeUp"
        class="hint"
      >
        All of it, and it counts as measured.
      </p>
      <p v-if="wholeMm !== null">
        So all {{ count }} tucks are known to <b>± {{ length(wholeMm) }}</b
        >.
      </p>
    </template>
    <div class="pair">
      <LengthField
        v-model="plan.toleranceMm"
        label="Wanted to within ±"
        limit="toleranceMm"
      />
      <p class="hint self-end">asks for {{ swatchTucks }} tucks or more</p>
    </div>
    <TuckRidge
      v-if="needle && takeUp.eachMm !== null"
      :gap-mm="needle.gapMm"
      :take-up-mm="takeUp.eachMm"
      :reading="found.find(({ swatch }) => isOf(swatch))?.swatch.readings.ridge ?? null"
    />
    <ul
      v-if="found.length > 0"
      class="found"
      aria-label="Measured before"
    >
      <li
        v-for="{ swatch, isSame } in found.slice(0, 3)"
        :key="swatch.id"
      >
        <span
          ><b>{{ swatch.name }}</b>
          <span class="hint">
            {{ isSame ? 'same cloth, thread and tension' : 'same gap, other cloth, thread or tension' }}</span
          ></span
        >
        <UButton
          size="sm"
          variant="outline"
          label="Use it"
          :aria-label="`Use the take-up of ${swatch.name}`"
          @click="
            () => {
              plan.takeUp = { ...swatch.takeUp! }
            }
          "
        />
      </li>
    </ul>
    <div
      v-if="plan.takeUp && swatches.length > 0"
      class="keep"
    >
      <SelectField
        v-model="keptWith"
        label="Keep it with a swatch"
        :items="[
          { value: '', label: 'choose one' },
          ...swatches.map(({ id, name }) => ({ value: id, label: name })),
        ]"
      />
      <UButton
        size="sm"
        variant="outline"
        label="Keep"
        :disabled="keptWith === ''"
        @click="keepWith"
      />
    </div>
  </UCard>
</template>

<style scoped>
.found li,
.keep {
  display: flex;
  align-items: end;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
}
.keep > :first-child {
  flex: 1;
}
</style>
