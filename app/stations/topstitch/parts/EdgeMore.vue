<script setup lang="ts">
import {
  cornerWays,
  humpSteps,
  leastRadiusMm,
  type PlannedRow,
  showing,
  SOLE_MM,
  twinOnCurve,
} from '#core/topstitch'
import { formatNumber } from '#core/units'
import type { TopstitchPiece } from '#shared/records'
import { orNull } from '~/planner/orNull'

/** Curves, corners, humps, feed, what will be seen, and rows over an area. */
const plan = defineModel<TopstitchPiece>({ required: true })
const { wantedMm, rows, gapMm, threadMm, threadSource, clothMm, contrastWords, isClear, isKnitHem, clothId } =
  defineProps<{
    /** The stitch length one would have. */
    wantedMm: number
    rows: readonly PlannedRow[]
    /** Of a twin; null: a single needle. */
    gapMm: number | null
    threadMm: number
    threadSource: string
    clothMm: number | null
    /** How the thread stands out from the cloth; null: thread or cloth is not chosen. */
    contrastWords: string | null
    /** Monofilament. */
    isClear: boolean
    isKnitHem: boolean
    clothId: string | null
  }>()
const { length, usual } = useLength()
const CORNERS = [
  { value: 'steps', label: 'Steps' },
  { value: 'crossed', label: 'Cross' },
  { value: 'passes', label: 'Passes' },
] as const
const turns = computed(() => (gapMm === null ? null : orNull(() => cornerWays(gapMm, 90, wantedMm))))
const leastRadius = computed(() =>
  gapMm === null ? null : orNull(() => leastRadiusMm(wantedMm, gapMm, plan.value.leastMm)),
)
const tightest = computed(() => {
  const radii = rows.flatMap(({ legs }) => legs.flatMap(({ leastRadiusMm }) => leastRadiusMm ?? []))
  return radii.length > 0 ? Math.min(...radii) : null
})
const onCurve = computed(() => {
  const [gap, radius] = [gapMm, tightest.value]
  return gap === null || radius === null ? null : orNull(() => twinOnCurve(wantedMm, gap, radius))
})
const steps = computed(() => orNull(() => humpSteps(plan.value.humps)) ?? [])
const STEP_WORDS = {
  'slow': 'slower from here',
  'shim-behind': 'shim behind the toes: the foot climbs',
  'shim-before': 'shim under the toes: it comes down',
  'shim-off': 'shim off',
} as const
const longest = computed(() =>
  Math.max(0, ...rows.flatMap(({ legs }) => legs.map(({ lengthMm }) => lengthMm))),
)
const seen = computed(() => orNull(() => showing(wantedMm, threadMm, clothMm, isClear)))
const isArea = computed({
  get: () => plan.value.area !== null,
  set: wanted => {
    plan.value.area = wanted ? { acrossMm: 300, alongMm: 400, distanceMm: 25, marginMm: 0, sagMm: 0 } : null
  },
})
const AREA = [
  ['acrossMm', 'Over a width of', 'pieceMm'],
  ['alongMm', 'Rows as long as', 'pieceMm'],
  ['distanceMm', 'From row to row', 'rowMm'],
  ['marginMm', 'Free before the first', 'edgeMm'],
  ['sagMm', 'Bow of the first row', 'edgeMm'],
] as const
const open = ref({ twin: gapMm !== null, humps: plan.value.humps.length > 0, area: plan.value.area !== null })
</script>

<template>
  <UCard
    as="section"
    aria-label="Corners, feed and more"
    class="grid gap-2"
  >
    <FoldAway
      v-if="gapMm !== null"
      v-model:open="open.twin"
      title="A twin round corners and curves"
    >
      <div class="grid gap-2">
        <SegmentBar
          v-model="plan.corner"
          label="Round a corner"
          :items="CORNERS"
        />
        <CornerPicture
          v-if="turns"
          :way="plan.corner"
          :ways="turns"
          :gap-mm="gapMm"
          :stitch-mm="wantedMm"
        />
        <p v-if="turns && plan.corner === 'steps'">
          Turn in {{ turns.steps.stitches }} short {{ turns.steps.stitches === 1 ? 'stitch' : 'stitches' }} of
          {{ formatNumber(turns.steps.turnDeg, 0) }}°. The outer needle walks
          {{ length(turns.steps.walkMm) }} round the inner needle. Raise the needles before each turn.
        </p>
        <p v-else-if="turns && plan.corner === 'crossed'">
          Sew past the corner and start the next side afresh. The rows cross in a square of
          {{ length(turns.crossed.sideMm) }}.
        </p>
        <p v-else>Two passes with one needle: every row by itself, turned with the needle down.</p>
        <p class="close-ink">
          <UIcon name="i-lucide-triangle-alert" /> Never turn the cloth with both needles down: they bend and
          break.
        </p>
        <LengthField
          v-model="plan.leastMm"
          label="Least stitch on a curve"
          limit="dialLengthMm"
        />
        <p v-if="leastRadius !== null">
          So curves from a radius of <b>{{ length(leastRadius) }}</b> on.
          <template v-if="tightest !== null && onCurve">
            The tightest here has {{ length(tightest) }}: stitches of {{ bareMm(onCurve.innerMm) }} inside,
            {{ inMm(onCurve.outerMm) }} outside{{
              tightest < leastRadius ? '; tighter than that: two passes.' : '.'
            }}
          </template>
        </p>
        <p
          v-if="isKnitHem"
          class="hint"
        >
          On a knit the bobbin’s zigzag gives with the cloth. A gap of {{ bareMm(4) }} to {{ inMm(6) }},
          longer stitches and a loose bobbin give more.
        </p>
      </div>
    </FoldAway>
    <FeedFold
      v-model="plan.feed"
      :dialled-mm="wantedMm"
      :longest-mm="longest"
      :cloth-id="clothId"
    />
    <p v-if="seen && contrastWords">
      <b>{{
        seen.verdict === 'shows'
          ? 'It shows'
          : seen.verdict === 'stands out'
            ? 'It stands out'
            : 'Lost in the cloth'
      }}</b>: {{ inMm(seen.seenMm) }} of each stitch lies on top; {{ contrastWords }}.
      <SourceChip
        of="guess"
        about="how much of the thread shows"
        >The thread counts as {{ inMm(threadMm) }} thick ({{ threadSource }}).</SourceChip
      >
    </p>
    <FoldAway
      v-model:open="open.humps"
      title="Seams it crosses"
    >
      <div class="grid gap-2">
        <div
          v-for="(hump, i) in plan.humps"
          :key="i"
          class="line"
        >
          <LengthField
            v-model="hump.atMm"
            label="At"
            limit="edgeMm"
          />
          <LengthField
            v-model="hump.wideMm"
            label="Wide"
            limit="edgeMm"
          />
          <LengthField
            v-model="hump.stepMm"
            label="Higher by"
            limit="humpMm"
          />
          <IconButton
            icon="i-lucide-x"
            tip="Take out"
            :label="`Take seam ${i + 1} out`"
            @click="
              () => {
                plan.humps.splice(i, 1)
              }
            "
          />
        </div>
        <UButton
          size="sm"
          variant="outline"
          icon="i-lucide-plus"
          label="Add a seam"
          @click="
            () => {
              plan.humps.push({ atMm: usual(60, 2.5), wideMm: usual(20, 3 / 4), stepMm: 2 })
            }
          "
        />
        <ol v-if="steps.length > 0">
          <li
            v-for="(step, i) in steps"
            :key="i"
          >
            <b>{{ length(step.atMm) }}</b>: {{ STEP_WORDS[step.code]
            }}{{ step.shimMm === null ? '' : `, ${inMm(step.shimMm)} thick` }}
          </li>
        </ol>
        <p
          v-if="steps.length > 0"
          class="hint"
        >
          Along the row, for a sole of {{ length(SOLE_MM) }} before and behind the needle.
        </p>
      </div>
    </FoldAway>
    <FoldAway
      v-model:open="open.area"
      title="Rows over an area instead"
    >
      <div class="grid gap-2">
        <UCheckbox
          v-model="isArea"
          label="Rows over an area"
        />
        <div
          v-if="plan.area"
          class="pair"
        >
          <LengthField
            v-for="[field, label, limit] in AREA"
            :key="field"
            v-model="plan.area[field]"
            :label="label"
            :limit="limit"
          />
        </div>
        <p class="hint">Cut a template with the first row’s curve. Each row is guided by the row before.</p>
      </div>
    </FoldAway>
  </UCard>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 6px;
  align-items: end;
}
</style>
