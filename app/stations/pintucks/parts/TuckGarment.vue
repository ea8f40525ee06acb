<script setup lang="ts">
import { CoreError } from '#core/errors'
import { lattice, type PintuckPlan } from '#core/pintucks'
import type { PintuckPiece } from '#shared/records'
import { readSvgOutline } from '~/planner/svgOutline'
import { widthsOfOutline } from '../widthsOfOutline'

/** The pattern piece over it, tucks that end within it, and a second direction. */
const plan = defineModel<PintuckPiece>({ required: true })
const { made } = defineProps<{ made: PintuckPlan }>()
const { length, usual } = useLength()
const MOST_HEIGHTS = 12
const open = ref(plan.value.widths.length > 0 || plan.value.second !== null || plan.value.runs.length > 0)
function addHeight(): void {
  const last = plan.value.widths.at(-1)
  plan.value.widths.push({ atMm: last ? last.atMm + 100 : 0, widthMm: last?.widthMm ?? made.pieceMm })
}
function addRun(): void {
  plan.value.runs.push({ tuck: 1, fromMm: 0, toMm: Math.round(plan.value.tallMm / 2) })
}
const firstSecond = () => ({ angleDeg: 90, spacingMm: usual(20, 3 / 4) })
const isLattice = computed({
  get: () => plan.value.second !== null,
  set: wanted => {
    plan.value.second = wanted ? firstSecond() : null
  },
})
const second = computed(() => {
  if (!plan.value.second) return null
  try {
    const takeUpMm = made.takeUp.eachMm ?? made.takeUp.mostMm
    return lattice({ ...plan.value.second, takeUpMm, pieceMm: made.pieceMm, tallMm: plan.value.tallMm })
  } catch (error) {
    if (error instanceof CoreError) return null
    throw error
  }
})
const svgProblem = ref('')
async function takeSvg(file: File): Promise<void> {
  const reading = await readSvgOutline(file)
  svgProblem.value = reading.ok ? '' : reading.message
  if (reading.ok) plan.value.widths = widthsOfOutline(reading.pointsMm, MOST_HEIGHTS)
}
</script>

<template>
  <UCard
    as="section"
    aria-label="Pattern piece"
  >
    <FoldAway
      v-model:open="open"
      title="Pattern piece, released tucks, lattice"
    >
      <div class="grid gap-3">
        <div>
          <p class="field-label">Width of the pattern piece, by height from its lower edge</p>
          <div
            v-for="(one, i) in plan.widths"
            :key="i"
            class="line"
          >
            <LengthField
              v-model="one.atMm"
              label="At height"
              limit="edgeMm"
            />
            <LengthField
              v-model="one.widthMm"
              label="It is wide"
              limit="pieceMm"
            />
            <IconButton
              icon="i-lucide-x"
              tip="Take out"
              :label="`Take height ${i + 1} out`"
              @click="
                () => {
                  plan.widths.splice(i, 1)
                }
              "
            />
          </div>
          <div class="flex flex-wrap gap-2 mt-2">
            <UButton
              size="sm"
              variant="outline"
              icon="i-lucide-plus"
              label="Add a height"
              :disabled="plan.widths.length >= MOST_HEIGHTS"
              @click="addHeight"
            />
            <FileButton
              label="From an SVG"
              about="Outline of the pattern piece from an SVG"
              accept=".svg,image/svg+xml"
              icon="i-lucide-file-up"
              @file="takeSvg"
            />
          </div>
          <p
            v-if="svgProblem"
            role="alert"
            class="strikes-ink"
          >
            {{ svgProblem }}
          </p>
        </div>
        <div>
          <p class="field-label">Tucks that end within the piece (ends pulled through and tied)</p>
          <div
            v-for="(run, i) in plan.runs"
            :key="i"
            class="line three"
          >
            <NumberField
              v-model="run.tuck"
              label="Tuck"
              limit="tucks"
              whole
            />
            <LengthField
              v-model="run.fromMm"
              label="From"
              limit="edgeMm"
            />
            <LengthField
              v-model="run.toMm"
              label="To"
              limit="edgeMm"
            />
            <IconButton
              icon="i-lucide-x"
              tip="Take out"
              :label="`Take run ${i + 1} out`"
              @click="
                () => {
                  plan.runs.splice(i, 1)
                }
              "
            />
          </div>
          <UButton
            size="sm"
            variant="outline"
            icon="i-lucide-plus"
            label="Add a tuck"
            @click="addRun"
          />
        </div>
        <div>
          <UCheckbox
            v-model="isLattice"
            label="A second direction across them"
          />
          <div
            v-if="plan.second"
            class="line"
          >
            <NumberField
              v-model="plan.second.angleDeg"
              label="Angle to the first"
              limit="latticeDeg"
              unit="degrees"
            />
            <LengthField
              v-model="plan.second.spacingMm"
              label="From tuck to tuck"
              limit="spacingMm"
            />
          </div>
          <p
            v-if="second"
            class="hint"
          >
            Marks along the side every {{ length(second.alongSideMm)
            }}{{
              second.alongBottomMm === null ? '' : `, along the bottom every ${length(second.alongBottomMm)}`
            }}. Cut {{ length(second.widthTakeUpMm) }} wider and {{ length(second.heightTakeUpMm) }} longer
            for it.
          </p>
        </div>
      </div>
    </FoldAway>
  </UCard>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}
.line.three {
  grid-template-columns: 70px 1fr 1fr auto;
}
</style>
