<script setup lang="ts">
import { pieceCardSheets } from '#core/card'
import { colourDifference, type ColourLook, colourLook } from '#core/colour'
import { planWords } from '#core/fit'
import { tiledSheets } from '#core/paper'
import { UNCHOSEN_HEX } from '#core/seam'
import { drawnDiameter } from '#core/thread'
import { areaRows, areaTemplate, legStrip, topstitchDrawing } from '#core/topstitch'
import { formatShort } from '#core/units'
import {
  guidesOf,
  lengthDialOf,
  rowsInputOf,
  topstitchRows,
  topstitchWork,
  underFootMm,
} from '#shared/inputs'
import type { TopstitchPiece } from '#shared/records'
import type { Print } from '~/paper/print'
import { useAnswer, usePiece } from '~/planner/usePiece'
import { download } from '~/utils/download'

useHead({ title: 'Topstitching · Lacy Spool' })
const FRESH: TopstitchPiece = {
  kind: 'topstitching',
  shape: { kind: 'pocket', wideMm: 120, tallMm: 140, corners: 'square', cornerMm: 20 },
  rowsMm: [6],
  wantedMm: 3,
  mostMissMm: 0.25,
  alike: false,
  leastMm: 1.5,
  corner: 'steps',
  feed: null,
  humps: [],
  area: null,
}
const book = useBookStore()
const bench = useBenchStore()
const settings = useSettingsStore()
const { length, bare } = useLength()
const { draft, kept, isChanged, issues, differences, keep, startOver, putOnBench, takeFromBench } = usePiece(
  'topstitching',
  'topstitching',
  FRESH,
)
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const needle = computed(() => book.shelf.needles.get(draft.setup.needleId ?? '') ?? null)
const machine = computed(() => book.shelf.machines.get(draft.setup.machineId ?? '') ?? null)
const isTwin = computed(() => needle.value !== null && needle.value.construction !== 'single')
const answer = useAnswer(() => {
  const input = rowsInputOf(draft.plan, draft.setup, book.shelf)
  if (!input) return null
  const rows = topstitchRows(draft.plan, input)
  return {
    outline: input.outline,
    rows,
    area: draft.plan.area ? areaRows(draft.plan.area) : null,
    work: topstitchWork(draft.plan, rows, isTwin.value, draft.copies),
  }
})
const good = computed(() => answer.value.value)
const guides = computed(() => (needle.value ? guidesOf(book.shelf.feet.values(), needle.value) : []))
const isDiagram = computed(() => settings.record.threadColours === 'diagram')
const cloth = computed(() => book.shelf.cloths.get(draft.setup.clothId ?? '') ?? null)
const clothHex = computed(() =>
  isDiagram.value ? UNCHOSEN_HEX.cloth : (cloth.value?.hex ?? UNCHOSEN_HEX.cloth),
)
const threadOf = (side: 'left' | 'right') => book.shelf.threads.get(draft.setup.threadIds[side] ?? '') ?? null
const hexOf = (side: 'left' | 'right') =>
  isDiagram.value ? UNCHOSEN_HEX[side] : (threadOf(side)?.colours[0]?.hex ?? UNCHOSEN_HEX[side])
const threadHexes = computed(() => [hexOf('left'), hexOf('right')])
const thickness = computed(() => drawnDiameter(threadOf('left')))
const CONTRAST_WORDS = {
  matches: 'in the cloth’s own colour: it hardly shows',
  near: 'near the cloth’s colour: it shows a little',
  shows: 'well apart from the cloth’s colour',
} as const satisfies Record<ColourLook, string>
const contrastWords = computed(() => {
  const apart = colourDifference(hexOf('left'), clothHex.value)
  return CONTRAST_WORDS[colourLook(apart)]
})
/** Without machine or needle nothing can be planned: both are offered here. */
const isMissing = computed(() => !bench.parts.machine || !bench.parts.needle)
const title = computed(() => draft.name || 'Topstitching')
const fileName = computed(() => title.value.toLowerCase().replace(/[^\w-]+/g, '-'))
const legLines = computed(() =>
  (good.value?.rows ?? []).flatMap((row, r) =>
    row.legs.map((leg, i) => {
      const own = row.plans[i]?.[0]
      const at = good.value!.rows.length > 1 ? `row ${r + 1}, ` : ''
      const turn = i < row.legs.length - 1 ? ', then turn' : ', end'
      const words = own ? planWords(own, bare) : 'nothing lands: stop at the mark'
      return leg.lengthMm > 0 ? `${at}leg ${i + 1}: ${words}${turn}` : `${at}leg ${i + 1}: passed by`
    }),
  ),
)
const prints = computed((): Print[] => {
  const made = good.value
  const sheet = () =>
    topstitchDrawing({
      title: title.value,
      outline: made!.outline,
      rows: made!.rows.filter(({ vanished }) => !vanished),
      wantedMm: draft.plan.wantedMm,
      length: bare,
    })
  const { area } = draft.plan
  if (area)
    return [
      {
        label: 'Template of the first row',
        name: `${fileName.value}-template`,
        as: 'pdf',
        disabled: !made,
        sheets: paper => tiledSheets(areaTemplate(title.value, area), paper),
      },
    ]
  return [
    {
      label: 'Edge and rows, true size',
      name: `${fileName.value}-marks`,
      as: 'pdf',
      disabled: !made,
      sheets: paper => tiledSheets(sheet(), paper),
    },
    {
      label: 'Strips to lay along each leg',
      name: `${fileName.value}-strips`,
      as: 'pdf',
      disabled: !made,
      sheets: paper =>
        made!.rows.flatMap((row, r) =>
          row.legs.flatMap((leg, i) =>
            leg.lengthMm > 1
              ? tiledSheets(
                  legStrip(`${title.value}, row ${r + 1}, leg ${i + 1}`, row, i, draft.plan.wantedMm),
                  paper,
                )
              : [],
          ),
        ),
    },
    {
      label: 'Edge and rows as SVG',
      name: fileName.value,
      as: 'svg',
      disabled: !made,
      sheets: () => [sheet()],
    },
    {
      label: 'Bench card',
      name: `${fileName.value}-card`,
      as: 'pdf',
      disabled: !made,
      sheets: paper =>
        pieceCardSheets(
          {
            title: title.value,
            dials: [
              { label: 'Length', value: bare(draft.plan.wantedMm) },
              {
                label: 'Tension',
                value: draft.setup.tension === null ? '–' : formatShort(draft.setup.tension),
              },
              { label: 'Copies', value: String(draft.copies) },
            ],
            lines: legLines.value,
            caution: 'The machine’s own manual first. Never turn with both needles of a twin down.',
          },
          paper,
        ),
    },
  ]
})
function saveCsv(): void {
  if (!good.value) return
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const lines = good.value.rows.flatMap(row => {
    let fromMm = 0
    return row.legs.map((leg, i) => {
      const own = row.plans[i]?.[0]
      const from = fromMm
      fromMm += leg.lengthMm
      const stitchMm = own && own.stitches > 0 ? leg.lengthMm / own.stitches : draft.plan.wantedMm
      return [i + 1, tidy(from), tidy(fromMm), own?.stitches ?? '', tidy(stitchMm)].join(',')
    })
  })
  download(
    `${fileName.value}.csv`,
    'text/csv',
    `${['leg,from_mm,to_mm,stitches,length_mm', ...lines].join('\r\n')}\r\n`,
  )
}
</script>

<template>
  <div>
    <StationHead>
      <UButton
        variant="outline"
        icon="i-lucide-table"
        label="CSV"
        aria-label="Save the legs as CSV"
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
        <EdgeFields v-model="plan" />
      </div>
      <div class="looks">
        <MissingCard
          v-if="isMissing"
          why="How far its needle moves decides which foot guides a row."
          needle
        />
        <UAlert
          v-else-if="!machine || !needle"
          color="warning"
          variant="outline"
          icon="i-lucide-info"
          title="Which machine and needle?"
          description="Choose them under “Sewn with”: everything else stays as it is."
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
          aria-label="Edge as sewn"
        >
          <EdgeDrawing
            :outline="good.outline"
            :rows="good.rows"
            :area="good.area"
            :across-mm="plan.area?.acrossMm ?? 0"
            :along-mm="plan.area?.alongMm ?? 0"
            :gap-mm="isTwin ? needle!.gapMm : 0"
            :wanted-mm="plan.wantedMm"
            :cloth-hex="clothHex"
            :thread-hexes="threadHexes"
            :thread-mm="thickness.mm"
            @row="
              (index, mm) => {
                plan.rowsMm[index] = mm
              }
            "
          />
        </UCard>
      </div>
      <div class="does">
        <EdgeAnswer
          v-if="good && !plan.area"
          :rows="good.rows"
          :guides="guides"
          :is-dial-known="lengthDialOf(machine).isKnown"
        />
        <UCard
          v-if="good?.area"
          as="section"
          aria-label="Rows over the area"
        >
          <p>
            <b>{{ good.area.rows.length }} rows</b>, {{ length(plan.area!.distanceMm) }} apart; the first is
            {{ length(good.area.rows[0]?.lengthMm ?? 0) }} long.
          </p>
        </UCard>
        <EdgeMore
          v-if="good"
          v-model="plan"
          :rows="good.rows"
          :gap-mm="isTwin ? needle!.gapMm : null"
          :thread-mm="thickness.mm"
          :thread-source="thickness.source"
          :cloth-mm="underFootMm(draft.setup, book.shelf.cloths)"
          :contrast-words="contrastWords"
          :is-knit-hem="isTwin && cloth?.structure === 'knit'"
        />
        <PieceNeeds
          v-if="good"
          :work="good.work"
          :setup="draft.setup"
        />
        <PieceSetup
          v-model="draft.setup"
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
