<script setup lang="ts">
import { pieceCardSheets } from '#core/card'
import { tiledSheets } from '#core/paper'
import {
  markedTucks,
  outlineFit,
  pintuckDrawing,
  planPintucks,
  pintuckStrip,
  sewingOrder,
} from '#core/pintucks'
import { UNCHOSEN_HEX } from '#core/seam'
import { drawnDiameter } from '#core/thread'
import { formatShort } from '#core/units'
import { piecePrecision, pintuckInputOf, tuckRuns, tuckWork } from '#shared/inputs'
import type { PintuckPiece } from '#shared/records'
import { useAnswer, usePiece } from '~/planner/usePiece'
import type { Print } from '~/paper/print'
import { download } from '~/utils/download'

useHead({ title: 'Pintucks · Lacy Spool' })
const FRESH: PintuckPiece = {
  kind: 'pintucks',
  wanted: { by: 'count', count: 12 },
  spacingMm: 6,
  group: null,
  pieceMm: null,
  edgeMm: null,
  tallMm: 400,
  reserveMm: 20,
  takeUp: null,
  cordMm: null,
  toleranceMm: 2,
  freeLeftMm: 0,
  freeRightMm: 0,
  widths: [],
  second: null,
  runs: [],
}
const book = useBookStore()
const bench = useBenchStore()
const settings = useSettingsStore()
const { length, bare } = useLength()
const { draft, kept, isChanged, issues, differences, keep, startOver, putOnBench, takeFromBench } = usePiece(
  'pintucks',
  'pintucks',
  FRESH,
)
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const answer = useAnswer(() => {
  const input = pintuckInputOf(draft.plan, draft.setup, book.shelf)
  if (!input) return null
  const made = planPintucks(input, settings.unit)
  const fit =
    draft.plan.widths.length > 0 ? outlineFit(draft.plan.widths, made.pieceMm, made.finishedMm) : null
  return {
    made,
    fit,
    gapMm: input.needle.gapMm,
    runs: tuckRuns(draft.plan, made.count),
    order: sewingOrder(made.count),
    marked: markedTucks(made.count, draft.plan.group?.of ?? null, usedGroove(made.groove)),
    work: tuckWork(draft.plan, made, draft.setup.stitch.lengthMm, draft.copies),
    swatchTucks: piecePrecision(draft.plan, made.count),
  }
})
/** A groove leads a tuck only where it makes the spacing that is planned. */
const SAME_SPACING_MM = 0.05
function usedGroove<T extends { offMm: number }>(groove: T | null): T | null {
  return groove && Math.abs(groove.offMm) <= SAME_SPACING_MM ? groove : null
}
const good = computed(() => answer.value.value)
const hasTwin = computed(() => {
  const needle = book.shelf.needles.get(draft.setup.needleId ?? '')
  return needle !== undefined && needle.construction !== 'single'
})
const isDiagram = computed(() => settings.record.threadColours === 'diagram')
const thread = computed(() => book.shelf.threads.get(draft.setup.threadIds.left ?? '') ?? null)
const clothHex = computed(() =>
  isDiagram.value
    ? UNCHOSEN_HEX.cloth
    : (book.shelf.cloths.get(draft.setup.clothId ?? '')?.hex ?? UNCHOSEN_HEX.cloth),
)
const threadHex = computed(() =>
  isDiagram.value ? UNCHOSEN_HEX.left : (thread.value?.colours[0]?.hex ?? UNCHOSEN_HEX.left),
)
/** Without machine or needle nothing can be planned: both are offered here. */
const isMissing = computed(() => !bench.parts.machine || !bench.parts.needle)
const title = computed(() => draft.name || 'Pintucks')
const fileName = computed(() => title.value.toLowerCase().replace(/[^\w-]+/g, '-'))
const sheet = computed(() => {
  const made = good.value?.made
  if (!made?.flatMm || made.blankMm === null) return null
  return {
    title: title.value,
    blankMm: made.blankMm,
    tallMm: draft.plan.tallMm,
    flatMm: made.flatMm,
    marked: good.value!.marked,
    runsMm: good.value!.runs,
    length,
  }
})
const groupWords = computed(() => {
  const { group } = draft.plan
  return group ? `, in groups of ${group.of}, ${length(group.gapMm)} between` : ''
})
const cardLines = computed(() => {
  if (!good.value) return []
  const { made, order, marked } = good.value
  const cut =
    made.blankMm === null
      ? `Cut ${bare(made.blankLeastMm)} to ${length(made.blankMostMm)}: not measured.`
      : `Cut ${length(made.blankMm)}, finished ${length(made.pieceMm)}.`
  return [
    cut,
    `${made.count} tucks, ${length(draft.plan.spacingMm)} apart${groupWords.value}.`,
    marked.length === made.count
      ? 'Mark every line.'
      : `Mark the first of each group; the rest ride in groove ${made.groove!.k}.`,
    `From the middle: ${order
      .slice(0, 8)
      .map(tuck => tuck + 1)
      .join(', ')}${order.length > 8 ? ' …' : ''}; all the same way, slowly.`,
    `Copies: ${draft.copies}.`,
  ]
})
const prints = computed((): Print[] => {
  const marks = sheet.value
  return [
    {
      label: 'Marking sheet, true size',
      name: `${fileName.value}-marks`,
      as: 'pdf',
      disabled: !marks,
      sheets: paper => tiledSheets(pintuckDrawing(marks!), paper),
    },
    {
      label: 'Marking strip',
      name: `${fileName.value}-strip`,
      as: 'pdf',
      disabled: !marks,
      sheets: paper => tiledSheets(pintuckStrip(marks!), paper),
    },
    {
      label: 'Marking sheet as SVG',
      name: fileName.value,
      as: 'svg',
      disabled: !marks,
      sheets: () => {
        const drawing = pintuckDrawing(marks!)
        return [{ wideMm: drawing.wideMm, tallMm: drawing.tallMm, marks: drawing.marks }]
      },
    },
    {
      label: 'Bench card',
      name: `${fileName.value}-card`,
      as: 'pdf',
      disabled: !good.value,
      sheets: paper =>
        pieceCardSheets(
          {
            title: title.value,
            dials: [
              { label: 'Length', value: bare(draft.setup.stitch.lengthMm) },
              {
                label: 'Tension',
                value: draft.setup.tension === null ? '–' : formatShort(draft.setup.tension),
              },
              { label: 'Tucks', value: String(good.value!.made.count) },
            ],
            lines: cardLines.value,
            caution: 'The machine’s own manual first; turn the handwheel by hand once before you sew.',
          },
          paper,
        ),
    },
  ]
})
function saveCsv(): void {
  const made = good.value?.made
  if (!made) return
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const lines = made.finishedMm.map((x, i) =>
    [i + 1, tidy(x), made.flatMm ? tidy(made.flatMm[i]!) : ''].join(','),
  )
  download(`${fileName.value}.csv`, 'text/csv', `${['n,finished_mm,flat_mm', ...lines].join('\r\n')}\r\n`)
}
</script>

<template>
  <div>
    <StationHead>
      <UButton
        variant="outline"
        icon="i-lucide-table"
        label="CSV"
        aria-label="Save the marks as CSV"
        :disabled="!good"
        @click="saveCsv"
      />
      <PrintPanel
        label="Print"
        heading="Print at true size"
        align="end"
        :prints="prints"
      />
    </StationHead>
    <div class="planner">
      <div class="wants">
        <TuckFields
          v-model="plan"
          :groove="good?.made.groove ?? null"
        />
        <TakeUpCard
          v-if="good"
          v-model="plan"
          :setup="draft.setup"
          :count="good.made.count"
          :swatch-tucks="good.swatchTucks"
          :each-mm="good.made.takeUp.eachMm"
        />
        <TuckGarment
          v-if="good"
          v-model="plan"
          :made="good.made"
        />
      </div>
      <div class="looks">
        <MissingCard
          v-if="isMissing"
          why="Its widest stitch and its dials decide what can be sewn."
          needle
        />
        <UAlert
          v-else-if="!hasTwin"
          color="warning"
          variant="outline"
          icon="i-lucide-info"
          title="A tuck rises between two needles"
          description="Choose a twin needle under “Sewn with”: everything else stays as it is."
        />
        <UAlert
          v-if="answer.problem"
          color="error"
          variant="outline"
          icon="i-lucide-triangle-alert"
          role="alert"
          title="This cannot be planned yet"
          :description="`${answer.problem} What is drawn is what could be planned last.`"
        />
        <UCard
          v-if="good"
          as="section"
          aria-label="Front"
        >
          <TuckDrawing
            :made="good.made"
            :plan="plan"
            :runs="good.runs"
            :order="good.order"
            :fit="good.fit"
            :cloth-hex="clothHex"
            :thread-hex="threadHex"
            :thread-mm="drawnDiameter(thread).mm"
            :stitch-mm="draft.setup.stitch.lengthMm"
            :gap-mm="good.gapMm"
            @edge="
              mm => {
                plan.edgeMm = mm
              }
            "
            @spacing="
              mm => {
                plan.spacingMm = mm
              }
            "
          />
        </UCard>
      </div>
      <div class="does">
        <TuckAnswer
          v-if="good"
          :made="good.made"
          :plan="plan"
          :marked="good.marked"
          :order="good.order"
          :fit="good.fit"
        />
        <PieceNeeds
          v-if="good"
          :work="good.work"
          :setup="draft.setup"
        />
        <PieceSetup
          v-model="draft.setup"
          wants-twin
          @from-bench="takeFromBench"
        />
      </div>
      <div class="keeps">
        <PieceHead
          v-model:name="draft.name"
          v-model:copies="draft.copies"
          v-model:note="draft.note"
          :is-kept="kept !== null"
          :is-changed="isChanged"
          :issues="issues"
          :differences="differences"
          @keep="keep"
          @start-over="startOver"
          @put-on-bench="putOnBench"
        />
      </div>
    </div>
  </div>
</template>
