<script setup lang="ts">
import { downTheMiddleMm } from '#core/band'
import { stitchOf } from '#core/stitch'
import { judgeJob, verdictWords } from '#core/verdict'
import { answerForBand, bandRuns, jobInputOf } from '#shared/inputs'
import type { BandPiece, BandPieceRow } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { useAnswer } from '~/planner/useAnswer'
import { usePiece } from '~/planner/usePiece'
import { usePieceLooks } from '~/planner/usePieceLooks'
import { usePlanned } from '~/planner/usePlanned'
import { plainOf } from '~/utils/plain'
import { bandCsv, bandPrints } from './bandPrints'
import { rowWord } from './bandWords'

useHead({ title: 'Bands and ribbon · Lacy Spool' })
const OWN = { mirror: false, needleId: null, leftId: null, rightId: null }
const { bare, length, usual } = useLength()
const fresh = (): BandPiece => ({
  kind: 'band',
  rows: [
    { ...OWN, stitchId: 'zigzag', widthMm: 3, lengthMm: 2 },
    { ...OWN, stitchId: 'honeycomb', widthMm: 4, lengthMm: 2.5 },
    { ...OWN, stitchId: 'zigzag', widthMm: 3, lengthMm: 2 },
  ],
  overlapsMm: [0, 0],
  legsMm: [usual(300, 12)],
  ring: false,
  corner: 'mirror',
  ribbon: null,
  under: false,
})
/** The row that is set up comes first: the line-up shows the very numbers. */
function begunWith({ stitch }: SetupContent): BandPiece {
  const { stitchId, widthMm, lengthMm, mirror } = stitch
  const plan = fresh()
  const [first, ...others] = plan.rows
  return stitchId === 'straight'
    ? plan
    : { ...plan, rows: [{ ...first!, stitchId, widthMm, lengthMm, mirror }, ...others] }
}
const book = useBookStore()
const settings = useSettingsStore()
const piece = usePiece('band', { job: 'decorative-row', plan: begunWith })
const { draft, title, fileName } = piece
const inHand = useInHandStore()
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
/** The row the line-up shows. Another piece may have fewer. */
const at = computed({
  get: () => Math.min(inHand.row, plan.value.rows.length - 1),
  set: next => {
    inHand.row = next
  },
})
const row = computed({
  get: () => plan.value.rows[at.value]!,
  set: next => {
    plan.value.rows[at.value] = next
  },
})
const names = computed(() =>
  plan.value.rows.map(({ stitchId }) => stitchOf(stitchId, book.shelf.stitches)?.name ?? 'Stitch gone'),
)
const answer = useAnswer(
  () => answerForBand(plan.value, inHand.piece.setup, book.shelf, settings.record),
  () => piece.opened.value,
)
const good = computed(() => answer.value.value)
const { clothHex } = usePieceLooks(() => inHand.setup)
const layers = usePlanned(
  () => good.value && { rows: plainOf([...good.value.pictured]), under: plan.value.under },
  (api, now) => api.buildUp(now),
  () => piece.opened.value,
)
const runs = computed(() => good.value && bandRuns(plan.value, good.value, draft.copies))

const isRowTwin = (i: number) => (good.value?.rows[i]?.gapMm ?? 0) > 0

/** Rows whose own setup hits or is refused: the frame judges the chosen one only. */
const badRows = computed(() =>
  (good.value?.rows ?? []).flatMap(({ setup }, i) => {
    const verdict = judgeJob(jobInputOf(setup, book.shelf, settings.record))
    return verdict.verdict === 'stop' ? [{ i, words: verdictWords(verdict) }] : []
  }),
)
function mirror(rows: readonly number[]): void {
  plan.value.rows = plan.value.rows.map((one, i) =>
    rows.includes(i) ? { ...one, mirror: !one.mirror } : one,
  )
}
function inStep(a: number, aMm: number, bMm: number): void {
  plan.value.rows[a]!.lengthMm = aMm
  plan.value.rows[a + 1]!.lengthMm = bMm
}
function overlap(i: number, mm: number): void {
  plan.value.overlapsMm[i] = Math.max(-LARGEST_GAP_MM, Math.min(middleMm(i), mm))
}
/** Farther than down the middle of its neighbour no row is pulled: then the neighbour would lie within it. */
function middleMm(i: number): number {
  const [one, other] = [good.value?.band.rows[i], good.value?.band.rows[i + 1]]
  return one && other ? downTheMiddleMm(one, other) : 0
}
const STRAIGHT_MM = 2.5
const LARGEST_GAP_MM = 100
/** A stack found for a width: its rows as they were liked, mirrored about the middle. */
function takeStack(stack: readonly { stitchId: string; widthMm: number }[], overlapMm: number): void {
  plan.value.rows = stack.map(({ stitchId, widthMm }, i): BandPieceRow => {
    const usual = stitchOf(stitchId, book.shelf.stitches)
    const isRight = i > stack.length - 1 - i
    return { ...OWN, stitchId, widthMm, lengthMm: usual?.defaultLengthMm ?? 2.5, mirror: isRight }
  })
  plan.value.overlapsMm = stack.slice(1).map(() => overlapMm)
  at.value = 0
}
const prints = computed(() =>
  bandPrints({
    title: title.value,
    fileName: fileName.value,
    answer: good.value,
    plan: plan.value,
    names: names.value,
    tension: inHand.setup.tension,
    length,
    bare,
  }),
)
const csv = computed(() => good.value && (() => bandCsv(good.value!, names.value)))
const missing = computed(() => {
  const { machineId, needleId } = inHand.setup
  if (machineId && needleId) return null
  return { title: 'Which machine and needle?', mend: 'Choose them in the line-up.' }
})
</script>

<template>
  <PlannerFrame
    :piece="piece"
    :runs="runs"
    :problem="answer.problem"
    :missing="missing"
    why="The dial decides where patterns end whole. The needle decides how wide a row is."
    :csv="csv"
    :prints="prints"
    example="decorative-row"
  >
    <template #wants>
      <UCard
        as="section"
        aria-label="Rows"
        class="grid gap-3"
      >
        <h2>Rows</h2>
        <BandRows
          v-model="plan"
          v-model:chosen="at"
          :answer="good"
          :names="names"
        />
        <RowFields
          v-model="row"
          :number="at + 1"
          :is-twin="isRowTwin(at)"
        />
        <UButton
          v-if="at > 0 && good"
          size="sm"
          variant="outline"
          icon="i-lucide-align-center-vertical"
          class="justify-self-start"
          :label="`Down the middle of row ${at}`"
          :disabled="plan.overlapsMm[at - 1] === middleMm(at - 1)"
          @click="overlap(at - 1, middleMm(at - 1))"
        />
        <FoldAway title="Stitches to fit a width">
          <FillCard
            :start="plan.rows.map(({ stitchId, widthMm }) => ({ id: stitchId, widthMm }))"
            @take="takeStack"
          />
        </FoldAway>
      </UCard>
      <UCard
        as="section"
        aria-label="Where it runs"
        class="grid gap-2"
      >
        <h2>Where it runs</h2>
        <WayFields v-model="plan" />
      </UCard>
    </template>
    <template #looks>
      <UAlert
        v-for="{ i, words } in badRows"
        :key="i"
        color="error"
        variant="outline"
        icon="i-lucide-octagon-x"
        :title="`Stop: ${rowWord(i)}`"
        :description="words"
      />
      <UCard
        v-if="good"
        as="section"
        aria-label="Band as sewn"
      >
        <BandView
          v-model:chosen="at"
          :answer="good"
          :names="names"
          :overlaps-mm="plan.overlapsMm"
          :cloth-hex="clothHex"
          :ribbon-mm="plan.ribbon?.wideMm ?? null"
          :under="plan.under"
          @overlap="overlap"
        />
      </UCard>
    </template>
    <template #does>
      <BandAnswerCard
        v-if="good"
        :answer="good"
        :names="names"
        :build-up="layers.answer.value"
        :fault="layers.fault.value"
        @again="layers.again"
        @mirror="mirror"
        @lengths="inStep"
      />
      <RibbonCard
        v-if="good?.ribbon && plan.ribbon"
        :ribbon="plan.ribbon"
        :answer="good"
        @twin="
          id => {
            row = { ...row, needleId: id, stitchId: 'straight', widthMm: 0, lengthMm: STRAIGHT_MM }
          }
        "
      />
      <UnderCard
        v-if="plan.under"
        :setup="inHand.setup"
        :is-twin="isRowTwin(at)"
      />
    </template>
  </PlannerFrame>
</template>
