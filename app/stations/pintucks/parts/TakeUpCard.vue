<script setup lang="ts">
import { DEFAULT_READ_MM } from '#core/pintucks'
import { takeUpSwatches } from '#shared/inputs'
import { dequal } from 'dequal/lite'
import type { PintuckPiece, Swatch } from '#shared/records'
import type { SetupContent } from '#shared/setup'

/** What one tuck takes from the width: from a swatch one sews and measures, or one in the swatch book. */
const plan = defineModel<PintuckPiece>({ required: true })
const { setup, count, swatchTucks, eachMm } = defineProps<{
  setup: SetupContent
  count: number
  /** How many tucks the swatch needs for the tolerance. */
  swatchTucks: number
  /** What one tuck takes; null: not measured. */
  eachMm: number | null
}>()
const book = useBookStore()
const { length } = useLength()
const { sayStored } = useStoredWords()
const FIRST = { beforeMm: 120, afterMm: 108, tucks: 10, readMm: DEFAULT_READ_MM }
const measured = computed({
  get: () => plan.value.takeUp !== null,
  set: now => {
    plan.value.takeUp = now ? { ...FIRST } : null
  },
})
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
      <span class="hint">{{ measured ? 'measured' : 'not measured' }}</span>
    </header>
    <UCheckbox
      v-model="measured"
      label="I measured a swatch"
    />
    <template v-if="plan.takeUp">
      <p class="hint">
        Cut {{ length(plan.takeUp.beforeMm) }} wide, sew {{ plan.takeUp.tucks }} tucks as they will be sewn,
        measure across again.
      </p>
      <div class="pair">
        <LengthField
          v-model="plan.takeUp.beforeMm"
          label="Wide before"
          limit="pieceMm"
        />
        <LengthField
          v-model="plan.takeUp.afterMm"
          label="Wide after"
          limit="pieceMm"
        />
        <NumberField
          v-model="plan.takeUp.tucks"
          label="Tucks on it"
          limit="tucks"
          whole
        />
        <LengthField
          v-model="plan.takeUp.readMm"
          label="Ruler read to"
          limit="readMm"
        />
      </div>
      <p v-if="wholeMm !== null">
        So all {{ count }} tucks are known to <b>± {{ length(wholeMm) }}</b
        >.
      </p>
    </template>
    <p
      v-else
      class="hint"
    >
      Cut {{ length(FIRST.beforeMm) }} of this cloth, sew {{ Math.max(swatchTucks, FIRST.tucks) }} tucks as
      they will be sewn, measure across again, tick the box. Until then only a range is known: from nothing to
      where the two sides of a tuck touch.
    </p>
    <div class="pair">
      <LengthField
        v-model="plan.toleranceMm"
        label="Wanted to within ±"
        limit="toleranceMm"
      />
      <p class="hint self-end">asks for {{ swatchTucks }} tucks or more</p>
    </div>
    <TuckRidge
      v-if="needle && eachMm !== null"
      :gap-mm="needle.gapMm"
      :take-up-mm="eachMm"
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
      v-if="measured && swatches.length > 0"
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
