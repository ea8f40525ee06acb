<script setup lang="ts">
import { needleHours, piecesPerNeedle, seamHours } from '#core/care'
import { recounted } from '#core/edge'
import { dialledMm, type FitPlan, marksAsSewn, PLAIN_SCALE } from '#core/fit'
import {
  type EdgeInput,
  edgeInputOf,
  edgeKindOf,
  edgeWork,
  fontsOf,
  lengthDialOf,
  needlesSewMetallic,
  perMinuteOf,
} from '#shared/inputs'
import { dialledWords } from '~/planner/dialledWords'
import { orNull } from '~/planner/orNull'
import { usePiece } from '~/planner/usePiece'
import { usePieceLooks } from '~/planner/usePieceLooks'
import { usePlanned } from '~/planner/usePlanned'
import { plainOf } from '~/utils/plain'
import { edgeCsv, edgePrints } from './edgePrints'
import { freshEdge } from './freshEdge'
import { partLook } from './partLooks'
import { isSameSide, type SideAt } from './sideAt'
import { useDrawnShape } from './useDrawnShape'
import { useLaidShape } from './useLaidShape'

useHead({ title: 'Appliqué edges · Lacy Spool' })
const { usual } = useLength()
const book = useBookStore()
const { bare, length } = useLength()
const piece = usePiece('edge', { job: 'blanket-edge', plan: () => freshEdge(usual), oneNeedle: true })
const { draft, title, fileName } = piece
const inHand = useInHandStore()
const plan = computed({
  get: () => draft.plan,
  set: next => {
    draft.plan = next
  },
})
const chosen = ref(0)
/** Another piece may have fewer shapes. */
const at = computed({
  get: () => Math.min(chosen.value, plan.value.parts.length - 1),
  set: next => {
    chosen.value = next
  },
})
const part = computed({
  get: () => plan.value.parts[at.value]!,
  set: next => {
    plan.value.parts[at.value] = next
  },
})
const kind = computed(() => edgeKindOf(inHand.setup, book.shelf.stitches))
const view = ref<'sewn' | 'room'>('sewn')
const machine = computed(() => book.shelf.machines.get(inHand.setup.machineId ?? '') ?? null)
const dial = computed(() => lengthDialOf(machine.value))
const { clothHex, threadHexes, thickness } = usePieceLooks(() => inHand.setup)
const settings = useSettingsStore()
const looks = computed(() => plan.value.parts.map(one => partLook(one, book.shelf.cloths)))
const isDiagram = computed(() => settings.record.threadColours === 'diagram')
const hexes = computed(() => looks.value.map(({ hex }) => (isDiagram.value ? '#efe3cc' : hex)))

const input = computed((): EdgeInput | null => {
  const now = edgeInputOf(plan.value, inHand.piece.setup, book.shelf)
  return now && plainOf(now)
})
const asked = usePlanned(
  () => input.value,
  (api, now) => api.edge(now),
  () => piece.opened.value,
  ({ plan: now }) => fontsOf(now),
)
const { answer: good, problem } = asked
const sewn = computed(() => good.value?.ways[good.value.way] ?? null)
const work = computed(() => {
  const now = good.value
  return now && orNull(() => edgeWork(plan.value, now, draft.copies))
})
const names = computed(() => (good.value?.stretches ?? []).map(one => looks.value[one.part]?.name ?? ''))
/** In mm of cloth: what of the stitch lies between two stitch points. */
const marks = computed(
  () => orNull(() => marksAsSewn(dial.value.dial, good.value?.scale ?? PLAIN_SCALE)) ?? [],
)
const longest = computed(() =>
  Math.max(
    0,
    ...(sewn.value?.plan.stretches ?? []).flatMap(one => one.sides.map(({ lengthMm }) => lengthMm)),
  ),
)

/** What is settled for sides and starts belongs to one shape: another one begins anew. */
function shapesChanged(): void {
  Object.assign(plan.value, { starts: [], settled: [], corners: [], way: 0 })
}
function startAt(stretch: number, alongMm: number): void {
  plan.value.starts = [...plan.value.starts.filter(one => one.stretch !== stretch), { stretch, alongMm }]
}
/** The side whose stitches are looked at. */
const side = ref<SideAt | null>(null)
function settle(at: SideAt, own: FitPlan | null): void {
  const others = plan.value.settled.filter(one => !isSameSide(one, at))
  const parts = own?.parts.map(({ count, lengthMm }) => ({
    count,
    lengthMm: dialledMm(lengthMm, good.value!.scale),
  }))
  plan.value.settled = parts ? [...others, { ...at, parts }] : others
}
/** What the dial does not reach leaves the side as it is. */
function recount(at: SideAt, stitches: number): void {
  const of = sewn.value?.plan.stretches[at.stretch]?.sides[at.side]
  const own = of && recounted(of, stitches, marks.value)
  if (own) settle(at, own)
}

const { laid, layWords, canClose, closeLaid } = useLaidShape(shape => {
  plan.value.parts = [...plan.value.parts, shape]
  chosen.value = plan.value.parts.length - 1
  shapesChanged()
})
function noPoint({ x, y }: { readonly x: number; readonly y: number }): void {
  const round = (mm: number) => Math.round(100 * mm) / 100
  plan.value.corners = [...plan.value.corners, { x: round(x), y: round(y), isPoint: false }]
  plan.value.settled = []
}
const { drawn, past, undoPoints } = useDrawnShape(part, () => `${chosen.value} of ${inHand.piece.id}`)
watch([() => inHand.piece.id, () => plan.value.parts.length], () => {
  side.value = null
})

const prints = computed(() =>
  edgePrints({
    title: title.value,
    fileName: fileName.value,
    answer: good.value,
    plan: plan.value,
    kind: kind.value,
    lengthWords: dialledWords(work.value, inHand.setup.stitch.lengthMm, bare),
    names: names.value,
    called: looks.value.map(({ name }) => name),
    tension: inHand.setup.tension,
    length,
    bare,
  }),
)
const csv = computed(() => good.value && (() => edgeCsv(good.value!)))
const needle = computed(() => book.shelf.needles.get(inHand.setup.needleId ?? '') ?? null)
const missing = computed(() => {
  const mend = 'Choose it in the line-up.'
  if (!machine.value) return { title: 'Which machine? Its dial says which lengths there are.', mend }
  const isTwin = needle.value !== null && needle.value.construction !== 'single'
  return isTwin ? { title: 'A single needle: a twin cannot turn with its needles down.', mend } : null
})
const threadIn = (id: string | null) => book.shelf.threads.get(id ?? '') ?? null
/** How long a needle lasts at this, and for how many. */
const needleLasts = computed(() => {
  const sewsMetallic = needlesSewMetallic(inHand.setup, book.shelf)
  const stitchesEach = (work.value?.stitches ?? 0) / draft.copies
  const hoursEach = seamHours(stitchesEach, perMinuteOf(inHand.setup, book.shelf.machines))
  return { hours: needleHours(sewsMetallic), pieces: piecesPerNeedle(hoursEach, sewsMetallic) }
})
</script>

<template>
  <PlannerFrame
    :piece="piece"
    :work="work"
    :problem="problem"
    :asked="asked"
    :missing="missing"
    why="The dial decides which stitches land on a point; needle and thread, what it takes."
    :csv="csv"
    :prints="prints"
  >
    <template #wants>
      <UCard
        as="section"
        aria-label="Shapes"
        class="grid gap-2"
      >
        <h2>Shapes</h2>
        <ShapeList
          v-model="plan.parts"
          v-model:chosen="at"
          :looks="looks"
          @changed="shapesChanged"
          @draw="
            () => {
              laid = []
            }
          "
        />
        <CutFields
          v-model="part"
          :is-one="plan.parts.length === 1"
          :point-deg="plan.pointDeg"
          @changed="shapesChanged"
        />
        <UButton
          v-if="drawn"
          size="sm"
          variant="outline"
          icon="i-lucide-undo-2"
          label="Undo the last point"
          class="justify-self-start"
          :disabled="past.length === 0"
          @click="undoPoints"
        />
      </UCard>
      <EdgeStitchFields
        v-model="plan"
        @job="piece.setUpAnew"
      />
    </template>
    <template #looks>
      <EdgeWays
        v-if="good"
        v-model="plan.way"
        :ways="good.ways"
        :lengths="good.scale.lengths"
        :bite-word="kind === 'blanket' ? 'bite' : 'width'"
        :wanted-mm="inHand.setup.stitch.widthMm"
      />
      <UCard
        v-if="good && sewn"
        as="section"
        aria-label="Edge as sewn"
      >
        <div
          v-if="laid"
          class="flex flex-wrap gap-2 mb-2 items-center"
        >
          <UButton
            size="sm"
            icon="i-lucide-check"
            label="Close the shape"
            :disabled="!canClose"
            @click="closeLaid"
          />
          <UButton
            size="sm"
            variant="outline"
            icon="i-lucide-undo-2"
            label="Take the last point back"
            :disabled="laid.length === 0"
            @click="
              () => {
                laid = laid!.slice(0, -1)
              }
            "
          />
          <UButton
            size="sm"
            variant="ghost"
            label="Give up"
            @click="
              () => {
                laid = null
              }
            "
          />
          <span
            class="hint"
            role="status"
            >{{ layWords }}</span
          >
        </div>
        <EdgeView
          v-model:points="drawn"
          v-model:view="view"
          v-model:side="side"
          v-model:laid="laid"
          :answer="good"
          :hexes="hexes"
          :ground-hex="clothHex"
          :thread-hex="threadHexes[0]"
          :thread-mm="thickness.mm"
          :width-mm="inHand.setup.stitch.widthMm"
          :backwards="plan.backwards"
          :at="part"
          @start="startAt"
          @recount="recount"
          @closed="closeLaid"
        />
        <div
          v-if="!laid"
          class="flex flex-wrap gap-3 mt-2 items-center"
        >
          <UCheckbox
            v-model="plan.backwards"
            label="The other way round"
          />
          <UButton
            v-if="plan.starts.length + plan.settled.length + plan.corners.length > 0"
            size="sm"
            variant="ghost"
            label="All as planned"
            @click="shapesChanged"
          />
        </div>
      </UCard>
    </template>
    <template #does>
      <EdgeSides
        v-if="good"
        v-model:open="side"
        :answer="good"
        :settled="plan.settled"
        :backwards="plan.backwards"
        :names="names"
        :marks="marks"
        :is-dial-known="dial.isKnown"
        :is-many="plan.parts.length > 1"
        @no-point="noPoint"
        @settle="settle"
      />
      <SatinTurns
        v-if="good && sewn && good.turns.length > 0"
        v-model="plan.turns"
        :turns="good.turns"
        :width-mm="sewn.widthMm"
        :extra-drops="good.extra.drops"
      />
      <EdgeNotes
        v-if="good && sewn"
        v-model:feed="plan.feed"
        :advice="good.advice"
        :kind="kind"
        :overlap="plan.overlap"
        :stitch="inHand.setup.stitch"
        :widest-mm="Math.max(sewn.plan.widestBiteMm, sewn.widthMm)"
        :hexes="hexes"
        :ground-hex="book.shelf.cloths.get(inHand.setup.clothId ?? '')?.hex ?? null"
        :thread="threadIn(inHand.setup.threadIds.left)"
        :bobbin="threadIn(inHand.setup.bobbinId)"
        :longest-mm="longest"
        :cloth-id="inHand.setup.clothId"
        :tails-per-piece="2 * sewn.plan.stretches.length"
        :cloth-names="looks.map(({ name }) => name)"
        :needle-lasts="needleLasts"
      />
    </template>
  </PlannerFrame>
</template>
