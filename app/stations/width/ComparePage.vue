<script setup lang="ts">
import { needleTag } from '#core/needle'
import Papa from 'papaparse'
import { gapCurve } from '#core/swing'
import { compareCsvRows, compareRow, COMPARE_CSV_HEADER } from './compareRows'
import { download } from '~/utils/download'
import { byConstructionAndGap, inTheCase } from '~/utils/needles'
import { LateGapChart } from '~/asking/lateStationParts'

useHead({ title: 'Compare · Lacy Spool' })
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()

const needles = computed(() =>
  [...book.shelf.needles.values()]
    .sort(byConstructionAndGap)
    .filter(n => n.construction !== 'single' && inTheCase(n, inHand.setup.needleId)),
)
const needleRows = computed(() =>
  needles.value.flatMap(needle => {
    const row = compareRow(
      inHand.setup,
      { ...inHand.parts, needle },
      settings.record,
      needleTag(needle),
      needle.type,
      needle.id,
    )
    return row ? [row] : []
  }),
)
const machineRows = computed(() =>
  [...book.shelf.machines.values()]
    .sort((a, b) => a.maxWidthMm - b.maxWidthMm)
    .flatMap(machine => {
      const row = compareRow(
        inHand.setup,
        { ...inHand.parts, machine },
        settings.record,
        machine.name,
        `widest ${inMm(machine.maxWidthMm)}`,
        machine.id,
      )
      return row ? [row] : []
    }),
)

const STEP_MM = 0.1
const FIRST_GAP_MM = 1
const curve = computed(() => {
  if (!inHand.swingInput) return []
  const steps = Math.round((inHand.swingInput.machine.maxWidthMm - FIRST_GAP_MM) / STEP_MM)
  const gaps = Array.from({ length: steps + 1 }, (_, i) => Math.round((FIRST_GAP_MM + i * STEP_MM) * 10) / 10)
  return gapCurve(inHand.swingInput, inHand.swingInput.needle, gaps)
})
const twinIds = computed(
  () => new Set(needles.value.filter(n => n.construction === 'twin').map(({ id }) => id)),
)
const owned = computed(() =>
  needleRows.value
    .filter(({ id }) => twinIds.value.has(id))
    .map(row => ({ gapMm: row.gapMm, label: row.name, safeWidthMm: row.safeWidthMm })),
)
const title = computed(() =>
  inHand.parts.stitch ? `${inHand.parts.stitch.name}, width ${inMm(inHand.setup.stitch.widthMm)}` : '',
)

function saveCsv(): void {
  const rows = [
    COMPARE_CSV_HEADER,
    ...compareCsvRows('needle', needleRows.value),
    ...compareCsvRows('machine', machineRows.value),
  ]
  download('compare.csv', 'text/csv', Papa.unparse(rows))
}
</script>

<template>
  <div>
    <StationHead>
      <UButton
        v-if="inHand.result"
        icon="i-lucide-download"
        variant="outline"
        label="Table as CSV"
        @click="saveCsv"
      />
    </StationHead>
    <MissingCard
      v-if="!inHand.result"
      needle
      why="Then every needle and machine you own stand here side by side."
    />
    <div
      v-else
      class="compare"
    >
      <UCard
        as="section"
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="Needles compared"
      >
        <CompareTable
          :rows="needleRows"
          :caption="`${title}, on ${inHand.parts.machine?.name}`"
          first="Needle"
          :current-id="inHand.setup.needleId"
          @choose="inHand.update('Choose the needle', { needleId: $event })"
        />
      </UCard>
      <div class="right">
        <UCard as="section">
          <h2>Safe width against gap</h2>
          <LateGapChart
            :curve="curve"
            :owned="owned"
          />
          <p class="hint">Rule: widest stitch less gap and margin; measured openings where there are any.</p>
        </UCard>
        <UCard
          as="section"
          class="scroll"
          tabindex="0"
          role="region"
          aria-label="Machines compared"
        >
          <CompareTable
            :rows="machineRows"
            :caption="`${title}, with ${inHand.parts.needle ? needleTag(inHand.parts.needle) : ''}`"
            first="Machine"
            :current-id="inHand.setup.machineId"
            @choose="inHand.update('Choose the machine', { machineId: $event })"
          />
        </UCard>
      </div>
    </div>
  </div>
</template>

<style scoped>
.compare {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 16px;
  align-items: start;
}
.right {
  display: grid;
  gap: 12px;
  min-width: 0;
}
.scroll {
  overflow-x: auto;
}
@media (max-width: 1150px) {
  .compare {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
