<script setup lang="ts">
import { pieceCardSheets } from '#core/card'
import { type ColourLook, lookOnCloth } from '#core/colour'
import { planWords } from '#core/fit'
import { tiledSheets } from '#core/paper'
import { areaRows, areaTemplate, legStrip, topstitchDrawing } from '#core/topstitch'
import { formatShort } from '#core/units'
import {
  dialScaleOf,
  guidesOf,
  lengthDialOf,
  rowsInputOf,
  topstitchRows,
  topstitchWork,
  underFootMm,
  USUAL_ROW_MM,
} from '#shared/inputs'
import type { TopstitchPiece } from '#shared/records'
import type { Print } from '~/paper/print'
import { dialledWords } from '~/planner/dialledWords'
import { useAnswer } from '~/planner/useAnswer'
import { usePiece } from '~/planner/usePiece'
import { usePieceLooks } from '~/planner/usePieceLooks'

useHead({ title: 'Topstitching · Lacy Spool' })
const { bare, length, usual } = useLength()
const fresh = (): TopstitchPiece => ({
  kind: 'topstitching',
  shape: {
    kind: 'pocket',
    wideMm: usual(120, 5),
    tallMm: usual(140, 5.5),
    corners: 'square',
    cornerMm: usual(20, 3 / 4),
  },
  rowsMm: [usual(USUAL_ROW_MM, 1 / 4)],
  mostMissMm: 0.25,
  alike: false,
  leastMm: 1.5,
  corner: 'steps',
  feed: null,
  humps: [],
  area: null,
})
const book = useBookStore()
const piece = usePiece('topstitching', { job: 'topstitching', plan: fresh })
const { draft, title, fileName } = piece
const inHand = useInHandStore()
/** The stitch length is the setup’s own: changed here it changes in the line-up. */
const wantedMm = computed({
  get: () => inHand.setup.stitch.lengthMm,
  set: lengthMm => inHand.setStitch({ lengthMm }, 'stitch length'),
})
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const needle = computed(() => book.shelf.needles.get(inHand.setup.needleId ?? '') ?? null)
const machine = computed(() => book.shelf.machines.get(inHand.setup.machineId ?? '') ?? null)
const isTwin = computed(() => needle.value !== null && needle.value.construction !== 'single')
const answer = useAnswer(
  () => {
    const input = rowsInputOf(draft.plan, inHand.setup, book.shelf)
    if (!input) return null
    const rows = topstitchRows(draft.plan, input)
    const scale = dialScaleOf(draft.plan.feed, inHand.setup, book.shelf)
    return {
      outline: input.outline,
      rows,
      area: draft.plan.area ? areaRows(draft.plan.area) : null,
      scale,
      work: topstitchWork(draft.plan, wantedMm.value, rows, scale, isTwin.value, draft.copies),
    }
  },
  () => piece.opened.value,
)
const good = computed(() => answer.value.value)
const guides = computed(() => (needle.value ? guidesOf(book.shelf.feet.values(), needle.value) : []))
const cloth = computed(() => book.shelf.cloths.get(inHand.setup.clothId ?? '') ?? null)
const { clothHex, threadHexes, thickness } = usePieceLooks(() => inHand.setup)
const CONTRAST_WORDS = {
  matches: 'in the cloth’s own colour: it hardly shows',
  near: 'near the cloth’s colour: it shows a little',
  shows: 'well apart from the cloth’s colour',
} as const satisfies Record<ColourLook, string>
const thread = computed(() => book.shelf.threads.get(inHand.setup.threadIds.left ?? '') ?? null)
/** null: no thread, or no cloth. */
const contrastWords = computed(() => {
  const look = lookOnCloth(thread.value, book.shelf.cloths.get(inHand.setup.clothId ?? '')?.hex ?? null)
  return look && CONTRAST_WORDS[look]
})
const legLines = computed(() =>
  (good.value?.rows ?? []).flatMap((row, r) =>
    row.legs.map((leg, i) => {
      const own = row.plans[i]?.[0]
      const at = good.value!.rows.length > 1 ? `row ${r + 1}, ` : ''
      const turn = i < row.legs.length - 1 ? ', then turn' : ', end'
      const words = own ? planWords(own, bare, good.value!.scale) : 'nothing lands: stop at the mark'
      return leg.lengthMm > 0 ? `${at}side ${i + 1}: ${words}${turn}` : `${at}side ${i + 1}: passed by`
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
      wantedMm: wantedMm.value,
      scale: made!.scale,
      length: bareMm,
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
      label: 'Strips to lay along each side',
      name: `${fileName.value}-strips`,
      as: 'pdf',
      disabled: !made,
      sheets: paper =>
        made!.rows.flatMap((row, r) =>
          row.legs.flatMap((leg, i) =>
            leg.lengthMm > 1
              ? tiledSheets(
                  legStrip(`${title.value}, row ${r + 1}, side ${i + 1}`, row, i, wantedMm.value),
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
              { label: 'Length', value: dialledWords(made!.work, wantedMm.value, bare) },
              {
                label: 'Tension',
                value: inHand.setup.tension === null ? '–' : formatShort(inHand.setup.tension),
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
const csv = computed(() => {
  if (!good.value) return null
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const lines = good.value.rows.flatMap(row => {
    let fromMm = 0
    return row.legs.map((leg, i) => {
      const own = row.plans[i]?.[0]
      const from = fromMm
      fromMm += leg.lengthMm
      const stitchMm = own && own.stitches > 0 ? leg.lengthMm / own.stitches : wantedMm.value
      return [i + 1, tidy(from), tidy(fromMm), own?.stitches ?? '', tidy(stitchMm)].join(',')
    })
  })
  return () => `${['leg,from_mm,to_mm,stitches,length_mm', ...lines].join('\r\n')}\r\n`
})
const missing = computed(() =>
  machine.value && needle.value
    ? null
    : { title: 'Which machine and needle?', mend: 'Choose them in the line-up.' },
)
</script>

<template>
  <PlannerFrame
    :piece="piece"
    :work="good?.work ?? null"
    :problem="answer.problem"
    :missing="missing"
    why="How far its needle moves decides which foot guides a row."
    :csv="csv"
    :prints="prints"
    example="topstitching"
  >
    <template #wants>
      <EdgeFields
        v-model="plan"
        v-model:wanted-mm="wantedMm"
      />
    </template>
    <template #looks>
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
          :wanted-mm="wantedMm"
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
    </template>
    <template #does>
      <EdgeAnswer
        v-if="good && !plan.area"
        :rows="good.rows"
        :guides="guides"
        :scale="good.scale"
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
        :wanted-mm="wantedMm"
        :rows="good.rows"
        :gap-mm="isTwin ? needle!.gapMm : null"
        :thread-mm="thickness.mm"
        :thread-source="thickness.source"
        :cloth-mm="underFootMm(inHand.setup, book.shelf.cloths)"
        :contrast-words="contrastWords"
        :is-clear="thread?.kind === 'monofilament'"
        :cloth-id="inHand.setup.clothId"
        :is-knit-hem="isTwin && cloth?.structure === 'knit'"
      />
    </template>
  </PlannerFrame>
</template>
