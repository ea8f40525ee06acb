<script setup lang="ts">
import { pieceCardSheets } from '#core/card'
import { DEFAULT_MISS_MM, planWords } from '#core/fit'
import { type JobId, JOBS } from '#core/job'
import { linesSheet } from '#core/lines'
import { tiledSheets } from '#core/paper'
import type { DrawnPoint } from '#core/shape'
import { formatShort } from '#core/units'
import { linesInputOf, linesWork } from '#shared/inputs'
import type { LinesPiece } from '#shared/records'
import type { Print } from '~/paper/print'
import { dialledWords } from '~/planner/dialledWords'
import { usePiece } from '~/planner/usePiece'
import { usePieceLooks } from '~/planner/usePieceLooks'
import { usePlanned } from '~/planner/usePlanned'
import { plainOf } from '~/utils/plain'

useHead({ title: 'Line drawings · Lacy Spool' })
/** In mm and in inches, from the foot of the stem on. */
const FRONDS = [
  [24, 1],
  [28, 1.125],
  [32, 1.25],
  [32, 1.25],
  [28, 1.125],
  [24, 1],
] as const
const { bare, usual } = useLength()
const fresh = (): LinesPiece => ({
  kind: 'lines',
  drawing: {
    by: 'plume',
    stemMm: usual(120, 5),
    stemBowMm: usual(8, 3 / 8),
    vanes: FRONDS.map(([mm, inches]) => ({ lengthMm: usual(mm, inches), bowMm: usual(3, 1 / 8) })),
    leanDeg: 45,
    sides: 'turns',
  },
  mostMissMm: DEFAULT_MISS_MM,
  twice: true,
  feed: null,
})
/** What a line drawing may be sewn as. */
const LINE_JOBS = ['metallic-line', 'pearl-line', 'topstitching'] as const satisfies readonly JobId[]
const book = useBookStore()
const piece = usePiece('lines', { job: 'metallic-line', plan: fresh, oneNeedle: true })
const { draft, title, fileName } = piece
const inHand = useInHandStore()
const sewnAs = computed({ get: () => inHand.setup.job, set: (job: JobId) => piece.setUpAnew(job) })
/** The stitch length is the setup’s own: changed here it changes in the line-up. */
const wantedMm = computed({
  get: () => inHand.setup.stitch.lengthMm,
  set: lengthMm => inHand.setStitch({ lengthMm }, 'stitch length'),
})
const jobs = LINE_JOBS.map(id => ({ value: id as JobId, label: JOBS[id].name }))
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const machine = computed(() => book.shelf.machines.get(inHand.setup.machineId ?? '') ?? null)
const { clothHex, threadHexes, thickness } = usePieceLooks(() => inHand.setup)
const asked = usePlanned(
  () => plainOf(linesInputOf(plan.value, inHand.setup, book.shelf)),
  (api, now) => api.lines(now),
  () => piece.opened.value,
)
const { answer: good, problem } = asked
const work = computed(() => good.value && linesWork(good.value, draft.copies))
const drawn = computed({
  get: () => (plan.value.drawing.by === 'drawn' ? plan.value.drawing.ways : null),
  set: (ways: DrawnPoint[][] | null) => {
    const { drawing } = plan.value
    if (!ways || drawing.by !== 'drawn') return
    past.value = [...past.value.slice(-50), plainOf(drawing.ways)]
    drawing.ways = ways
  },
})
/** How the drawn lines stood before, the last change at the end. */
const past = ref<DrawnPoint[][][]>([])
function undoPoint(): void {
  const { drawing } = plan.value
  const before = past.value.at(-1)
  if (!before || drawing.by !== 'drawn') return
  past.value = past.value.slice(0, -1)
  drawing.ways = before
}
/** A new line goes on from where the last one ended, until its end is moved or it is laid on. */
function newLine(): void {
  const last = drawn.value?.at(-1)?.at(-1)
  if (!drawn.value || !last) return
  const { x, y } = last
  const next = [
    { x, y, curved: false },
    { x: x + 20, y, curved: false },
  ]
  drawn.value = [...drawn.value, next]
}
watch([() => plan.value.drawing.by, () => inHand.piece.id], () => {
  past.value = []
})
const longest = computed(() =>
  Math.max(0, ...(good.value?.drawing.lines ?? []).map(({ lengthMm }) => lengthMm)),
)
const lines = computed(() => {
  const now = good.value
  if (!now) return []
  let number = 0
  return now.sewn.steps.flatMap((steps, run) =>
    steps.map(({ line, again, pivots }, i) => {
      number += 1
      const { plan: own, even } = now.sewn.lines[line]!
      const words = planWords(
        own ?? { parts: [{ count: even.stitches, lengthMm: even.lengthMm }] },
        bare,
        now.scale,
      )
      const start = i === 0 && now.sewn.starts > 1 ? `start ${run + 1}: ` : ''
      return `${start}${number}: ${words}${again ? ', again' : ''}${pivots ? ', turn' : ''}`
    }),
  )
})
const prints = computed((): Print[] => {
  const now = good.value
  const sheet = () => linesSheet(title.value, now!.drawing, now!.sewn)
  return [
    {
      label: 'Lines with every stitch, true size',
      name: `${fileName.value}-lines`,
      as: 'pdf',
      disabled: !now,
      sheets: paper => tiledSheets(sheet(), paper),
    },
    { label: 'Lines as SVG', name: fileName.value, as: 'svg', disabled: !now, sheets: () => [sheet()] },
    {
      label: 'Bench card',
      name: `${fileName.value}-card`,
      as: 'pdf',
      disabled: !now,
      sheets: paper =>
        pieceCardSheets(
          {
            title: title.value,
            dials: [
              { label: 'Length', value: dialledWords(work.value, wantedMm.value, bare) },
              {
                label: 'Tension',
                value: inHand.setup.tension === null ? '–' : formatShort(inHand.setup.tension),
              },
              { label: 'Starts', value: String(now!.sewn.starts) },
            ],
            lines: lines.value,
            caution: 'The machine’s own manual first. Turn with the needle down and the foot up.',
          },
          paper,
        ),
    },
  ]
})
const csv = computed(() => {
  const now = good.value
  if (!now) return null
  const tidy = (mm: number) => String(Math.round(mm * 1000) / 1000)
  let step = 0
  const rows = now.sewn.steps.flatMap((steps, run) =>
    steps.flatMap(({ line, backwards }) => {
      step += 1
      const { holes } = now.sewn.lines[line]!
      const way = backwards ? holes.toReversed() : holes
      return way.map(({ x, y }) => [run + 1, step, line + 1, tidy(x), tidy(y)].join(','))
    }),
  )
  return () => `${['run,step,line,x_mm,y_mm', ...rows].join('\r\n')}\r\n`
})
const needle = computed(() => book.shelf.needles.get(inHand.setup.needleId ?? '') ?? null)
const missing = computed(() => {
  const mend = 'Choose it in the line-up.'
  if (!machine.value) return { title: 'Which machine? Its dial says which lengths there are.', mend }
  const isTwin = needle.value !== null && needle.value.construction !== 'single'
  return isTwin ? { title: 'A single needle: a twin cannot turn with its needles down.', mend } : null
})
</script>

<template>
  <PlannerFrame
    :piece="piece"
    :work="work"
    :problem="problem"
    :asked="asked"
    :missing="missing"
    why="The dial decides which stitches land on a tip; needle and thread, what it takes."
    :csv="csv"
    :prints="prints"
  >
    <template #wants>
      <LinesFields
        v-model="plan"
        v-model:wanted-mm="wantedMm"
        :can-undo="past.length > 0"
        @new-line="newLine"
        @undo="undoPoint"
      />
      <SelectField
        v-model="sewnAs"
        label="Sewn as"
        :items="jobs"
      />
    </template>
    <template #looks>
      <UCard
        v-if="good"
        as="section"
        aria-label="Lines as sewn"
      >
        <LinesView
          v-model:ways="drawn"
          :answer="good"
          :cloth-hex="clothHex"
          :thread-hex="threadHexes[0]"
          :thread-mm="thickness.mm"
        />
      </UCard>
    </template>
    <template #does>
      <LinesWay
        v-if="good"
        :answer="good"
        :twice="plan.twice"
      />
      <UCard
        v-if="good"
        as="section"
        aria-label="Feed"
      >
        <FeedFold
          v-model="plan.feed"
          :dialled-mm="wantedMm"
          :longest-mm="longest"
          :cloth-id="inHand.setup.clothId"
        />
      </UCard>
    </template>
  </PlannerFrame>
</template>
