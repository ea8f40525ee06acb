<script setup lang="ts">
import { pieceCardSheets } from '#core/card'
import { tiledSheets } from '#core/paper'
import {
  outlineFit,
  pintuckDrawing,
  type PintuckInput,
  type PintuckPlan,
  planPintucks,
  pintuckStrip,
  ridesToMm,
  tuckOrder,
} from '#core/pintucks'
import { formatShort } from '#core/units'
import { dialScaleOf, piecePrecision, pintuckInputOf, tuckRuns, tuckWork } from '#shared/inputs'
import type { PintuckPiece } from '#shared/records'
import { useAnswer } from '~/planner/useAnswer'
import { usePiece } from '~/planner/usePiece'
import { usePieceLooks } from '~/planner/usePieceLooks'
import { tuckNumbers } from './tuckNumbers'
import type { Print } from '~/paper/print'

useHead({ title: 'Pintucks · Lacy Spool' })
const { bare, length, pencilled, usual } = useLength()
const fresh = (): PintuckPiece => ({
  kind: 'pintucks',
  wanted: { by: 'count', count: 12 },
  spacingMm: usual(6, 1 / 4),
  group: null,
  pieceMm: null,
  edgeMm: null,
  tallMm: usual(400, 16),
  reserveMm: usual(20, 3 / 4),
  takeUp: null,
  cordMm: null,
  toleranceMm: 2,
  freeLeftMm: 0,
  freeRightMm: 0,
  widths: [],
  second: null,
  runs: [],
})
const book = useBookStore()
const settings = useSettingsStore()
const piece = usePiece('pintucks', { job: 'pintucks', plan: fresh })
const { draft, title, fileName } = piece
const inHand = useInHandStore()
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const answer = useAnswer(
  () => {
    const input = pintuckInputOf(draft.plan, inHand.setup, book.shelf)
    if (!input) return null
    const made = planPintucks(input, settings.unit)
    const fit =
      draft.plan.widths.length > 0 ? outlineFit(draft.plan.widths, made.pieceMm, made.finishedMm) : null
    const order = tuckOrder(made.count, draft.plan.group?.of ?? null, usedGroove(made.groove))
    return {
      made,
      fit,
      gapMm: input.needle.gapMm,
      runs: tuckRuns(draft.plan, made.count),
      order: order.sewn,
      ridesToMm: ridesOf(input, made, order.rides),
      marked: order.marked,
      work: tuckWork(draft.plan, made, inHand.setup.stitch.lengthMm, draft.copies),
      swatchTucks: piecePrecision(draft.plan, made.count),
    }
  },
  () => piece.opened.value,
)
/** How far the outermost tuck of a group may lie off, by how well the foot’s pitch is known. */
function ridesOf({ foot }: PintuckInput, { groove }: PintuckPlan, rides: number): number | null {
  const used = usedGroove(groove)
  return foot && used ? ridesToMm(foot, used.k, rides) : null
}
/** A groove leads a tuck only where it makes the spacing that is planned. */
const SAME_SPACING_MM = 0.05
function usedGroove<T extends { offMm: number }>(groove: T | null): T | null {
  return groove && Math.abs(groove.offMm) <= SAME_SPACING_MM ? groove : null
}
const good = computed(() => answer.value.value)
const hasTwin = computed(() => {
  const needle = book.shelf.needles.get(inHand.setup.needleId ?? '')
  return needle !== undefined && needle.construction !== 'single'
})
const { clothHex, threadHexes, thickness } = usePieceLooks(() => inHand.setup)
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
    length: pencilled,
  }
})
const groupWords = computed(() => {
  const { group } = draft.plan
  return group ? `, in groups of ${group.of}, ${length(group.gapMm)} between` : ''
})
/** What is dialled, and what this cloth makes of it. */
const lengthWords = computed(() => {
  const { setup } = inHand
  const { feedFactor } = dialScaleOf(null, setup, book.shelf)
  const dialled = bareMm(setup.stitch.lengthMm)
  return feedFactor === 1
    ? dialled
    : `${dialled} (sews ${bareMm(Math.round(100 * setup.stitch.lengthMm * feedFactor) / 100)})`
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
      : `Mark ${tuckNumbers(marked)}, sewn first; the rest ride in groove ${made.groove!.k}.`,
    `From the middle: ${tuckNumbers(order)}; all the same way, slowly.`,
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
              { label: 'Length', value: lengthWords.value },
              {
                label: 'Tension',
                value: inHand.setup.tension === null ? '–' : formatShort(inHand.setup.tension),
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
const csv = computed(() => {
  const made = good.value?.made
  if (!made) return null
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  const lines = made.finishedMm.map((x, i) =>
    [i + 1, tidy(x), made.flatMm ? tidy(made.flatMm[i]!) : ''].join(','),
  )
  return () => `${['n,finished_mm,flat_mm', ...lines].join('\r\n')}\r\n`
})
/** A tuck needs two needles. */
const missing = computed(() =>
  hasTwin.value
    ? null
    : {
        title: 'A tuck rises between two needles',
        mend: 'Choose a twin needle in the line-up.',
      },
)
</script>

<template>
  <PlannerFrame
    :piece="piece"
    :work="good?.work ?? null"
    :problem="answer.problem"
    :missing="missing"
    why="Its widest stitch and its dials decide what can be sewn."
    :csv="csv"
    :prints="prints"
    example="pintucks"
  >
    <template #wants>
      <TuckFields
        v-model="plan"
        :groove="good?.made.groove ?? null"
      />
      <TakeUpCard
        v-if="good"
        v-model="plan"
        :setup="inHand.setup"
        :count="good.made.count"
        :swatch-tucks="good.swatchTucks"
        :take-up="good.made.takeUp"
      />
      <TuckGarment
        v-if="good"
        v-model="plan"
        :made="good.made"
      />
    </template>
    <template #looks>
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
          :thread-hex="threadHexes[0]"
          :thread-mm="thickness.mm"
          :stitch-mm="inHand.setup.stitch.lengthMm"
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
    </template>
    <template #does>
      <TuckAnswer
        v-if="good"
        :made="good.made"
        :plan="plan"
        :marked="good.marked"
        :rides-to-mm="good.ridesToMm"
        :order="good.order"
        :fit="good.fit"
      />
    </template>
  </PlannerFrame>
</template>
