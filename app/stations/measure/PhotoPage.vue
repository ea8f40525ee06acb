<script setup lang="ts">
import {
  feedFrom,
  layerFrom,
  type Measured,
  measureSpans,
  quantityFact,
  type SeenRectangle,
  type Span,
  USUAL_CLICK_PX,
  warningWords,
  widthFactorFrom,
  wrapFrom,
} from '#core/measure'
import type { Measurement } from '#core/measured'
import { SNAPPED_PX } from '#core/photo'
import { CoreError } from '#core/errors'
import { putPhotos } from '#db/photos'
import { type PhotoApi, startPhotoWorker } from '#workers/client'
import type { Point } from '#core/plane'
import { useAsker } from '~/asking/useAsker'
import { orNull } from '~/planner/orNull'
import { newId } from '~/utils/id'
import { RECTANGLE_IDS, type RectangleId, RECTANGLES } from './rectangles'
import type { TakenRow } from './takenRow'
import { usePhoto } from './usePhoto'
import { useTarget } from './useTarget'

useHead({ title: 'Photo · Lacy Spool' })
const { quantity, quantities, things, ofId, added } = useTarget('photo')
const toast = useToast()
const photo = usePhoto()
const scaler = useAsker<PhotoApi>(startPhotoWorker)

const rectangle = ref<RectangleId>('card')
const own = reactive({
  wideMm: RECTANGLES.own.wideMm as number,
  tallMm: RECTANGLES.own.tallMm as number,
})
// What goes to the worker is no thing the page watches inside.
const corners = shallowRef<readonly Point[]>([])
const span = shallowRef<Span>([
  { x: 0, y: 0 },
  { x: 1, y: 1 },
])
/** Where the marks were drawn to by the picture's own edges; a mark that is moved is the hand's again. */
const drawn = reactive({ corners: false, span: false })
/** What a person has marked: until both are, there is nothing to measure. */
const marked = reactive({ corners: false, ends: false })
watch(corners, () => {
  drawn.corners = false
})
watch(span, () => {
  drawn.span = false
  holes.value = []
})
const holes = shallowRef<readonly Point[]>([])

async function open(file: File): Promise<void> {
  if (!(await photo.open(file))) return
  const { width, height } = photo.picture.value!
  const at = (x: number, y: number): Point => ({ x: x * width, y: y * height })
  corners.value = [at(0.15, 0.15), at(0.6, 0.15), at(0.6, 0.55), at(0.15, 0.55)]
  span.value = [at(0.3, 0.75), at(0.6, 0.75)]
  holes.value = []
  Object.assign(marked, { corners: false, ends: false })
}
useIncoming(['photo'], open)
/** What was chosen is still there: the marks on it too, where it lay open already. */
function openAgain(): void {
  const chosen = photo.unopened()
  if (chosen) void (chosen === photo.file.value ? photo.open(chosen) : open(chosen))
}

/** Opened, and with marks to move. */
const picture = computed(() => (corners.value.length === 4 ? photo.picture.value : null))

const sizes = computed(() => (rectangle.value === 'own' ? own : RECTANGLES[rectangle.value]))
/** The first side is the long one where it is the longer one in the picture. */
const seen = computed((): SeenRectangle => {
  const [a, b, c] = corners.value as [Point, Point, Point]
  const [long, short] = [
    Math.max(sizes.value.wideMm, sizes.value.tallMm),
    Math.min(sizes.value.wideMm, sizes.value.tallMm),
  ]
  const isLongFirst = Math.hypot(b.x - a.x, b.y - a.y) >= Math.hypot(c.x - b.x, c.y - b.y)
  return {
    cornersPx: corners.value,
    wideMm: isLongFirst ? long : short,
    tallMm: isLongFirst ? short : long,
  }
})
const clickPx = computed(() => (drawn.corners && drawn.span ? SNAPPED_PX : USUAL_CLICK_PX))
const reading = computed((): { measured: Measured | null; problem: string } => {
  if (!picture.value || !marked.corners) return { measured: null, problem: '' }
  try {
    const measured = measureSpans(seen.value, [span.value], clickPx.value)
    return { measured: marked.ends ? measured : null, problem: '' }
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    const isAboutMarks = marked.ends || error.code === 'bad-corners'
    return { measured: null, problem: isAboutMarks ? problemOf(error) : '' }
  }
})
function problemOf({ code, message }: CoreError): string {
  if (code === 'bad-corners') return `${message}.`
  if (message.includes('rectangleMm')) return 'The rectangle needs a width and a height above 0.1 mm.'
  return 'Both ends lie on the same place: draw them apart.'
}
const lengthMm = computed((): Measurement | null => {
  const found = reading.value.measured?.lengths[0]
  return found ? { value: found.mm, spread: found.spreadMm } : null
})
const warnings = computed(() => reading.value.measured?.warnings.map(warningWords) ?? [])

// What the length is of.
const MOST_COUNTED = 1000
const counted = ref<number | null>(null)
const dialledMm = ref(3)
const COUNTED_WORDS: Partial<Record<string, string>> = {
  'feed': 'Stitches between the ends',
  'thread-thickness': 'Turns between the ends',
  'groove-pitch': 'Grooves from end to end',
}
const countWords = computed(() => COUNTED_WORDS[quantity.value] ?? '')
const asksDial = computed(() => quantity.value === 'feed' || quantity.value === 'width-factor')
watch(quantity, now => {
  counted.value = now === 'groove-pitch' ? 1 : null
  dialledMm.value = now === 'width-factor' ? 5 : 3
})
/** What was read of a row, in place of the two ends: these are marked to a third of a stitch only. */
const read = shallowRef<Measurement | null>(null)
watch([span, corners, quantity], () => {
  read.value = null
})
const measured = computed((): Measurement | null => {
  const from = read.value ?? lengthMm.value
  if (!from) return null
  const [count, dial] = [counted.value, dialledMm.value]
  if (quantity.value === 'width-factor') return orNull(() => widthFactorFrom(from, dial))
  if (countWords.value === '') return from
  return count === null ? null : orNull(() => countedOf(from, count, dial))
})
/** What each of so many measures. */
function countedOf(from: Measurement, count: number, dial: number): Measurement {
  if (quantity.value === 'feed') return feedFrom(from, count, dial)
  return quantity.value === 'thread-thickness' ? wrapFrom(from, count) : layerFrom(from, count)
}
const laid = computed(() => quantityFact(quantity.value).laid)

/** How far an edge may lie from a mark: a little more than a mark is off. */
const reachPx = () => Math.max(6, (picture.value?.width ?? 1000) / 100)
const noEdge = ref('')
async function drawCorners(): Promise<void> {
  noEdge.value = ''
  const found = await photo.corners(corners.value, reachPx())
  if (photo.problem.value) return
  if (!found) {
    noEdge.value =
      'No side of the card stands out. Bring the corners nearer, or use a darker or lighter background.'
    return
  }
  corners.value = found.cornersPx
  marked.corners = true
  await nextTick()
  drawn.corners = true
}
async function drawEnds(): Promise<void> {
  noEdge.value = ''
  const found = await photo.span(seen.value, span.value, reachPx())
  if (photo.problem.value) return
  if (!found) {
    noEdge.value = 'One end has no edge nearby. Bring it nearer, or leave it where you put it.'
    return
  }
  span.value = found
  marked.ends = true
  await nextTick()
  drawn.span = true
}

async function keepPhoto(): Promise<string | null> {
  const file = photo.file.value
  if (!file) return null
  const outcome = await scaler.ask(api => api.scale(file, null))
  if (outcome.kind === 'stopped') return null
  const scaled = outcome.kind === 'answered' ? outcome.value : null
  if (!scaled?.ok) {
    sayWithout('The photo could not be made smaller')
    return null
  }
  const id = newId('photo')
  try {
    await putPhotos([{ id, blob: scaled.blob }])
    return id
  } catch {
    sayWithout('No room for the photo')
    return null
  }
}
function sayWithout(title: string): void {
  toast.add({ title, description: 'The result is kept without it.', color: 'warning' })
}
/** What was read of a row fills in what is asked; a person looks first, and may correct it. */
function takeRow({ count, alongMm, acrossMm }: TakenRow): void {
  counted.value = count
  const isAcross = quantity.value === 'needle-gap' || quantity.value === 'width-factor'
  read.value = isAcross ? acrossMm : alongMm
}
const rectangles = RECTANGLE_IDS.map(value => ({ value, label: RECTANGLES[value].words }))
const afterTucks = computed(() => (quantity.value === 'take-up' ? lengthMm.value : null))
</script>

<template>
  <WayFrame>
    <UCard
      as="section"
      aria-label="Photo"
      class="grid gap-3"
    >
      <template v-if="picture">
        <PhotoMarks
          v-model:corners="corners"
          v-model:span="span"
          :picture="picture"
          :holes="holes"
          @update:corners="marked.corners = true"
          @update:span="marked.ends = true"
        />
        <div class="flex flex-wrap gap-2">
          <UButton
            variant="outline"
            icon="i-lucide-square-dashed"
            :label="drawn.corners ? 'Corners lie on the edges' : 'Draw the corners to the edges'"
            @click="drawCorners"
          />
          <UButton
            variant="outline"
            icon="i-lucide-ruler"
            :label="drawn.span ? 'Ends lie on the edges' : 'Draw the ends to the edges'"
            @click="drawEnds"
          />
          <FileButton
            accept="image/*"
            icon="i-lucide-camera"
            label="Another photo"
            about="to measure in"
            @file="open"
          />
        </div>
        <p
          v-if="noEdge"
          role="alert"
          class="close-ink"
        >
          {{ noEdge }}
        </p>
      </template>
      <template v-else>
        <h2>A photo with a card in it</h2>
        <p>
          Lay a bank card, a sheet or the printed frame beside it, equally high. Photograph both from straight
          above, as large as they fit.
        </p>
        <FileField
          label="Photo"
          accept="image/*"
          @file="open"
        />
        <WorkingOut
          v-if="photo.busy.value"
          :tall="80"
          words="Opening the photo…"
        />
      </template>
      <AskFault
        v-if="photo.fault.value"
        what="The photo"
        :fault="photo.fault.value"
        @again="openAgain"
      />
      <p
        v-if="photo.problem.value"
        role="alert"
        class="strikes-ink"
      >
        {{ photo.problem.value }} Nothing was changed.
      </p>
    </UCard>
    <StraightView
      v-if="picture && reading.measured"
      :seen="seen"
      :span="span"
      :straight="photo.straight"
    />
    <template #result>
      <UCard
        as="section"
        aria-label="What is in it"
        class="grid gap-3"
      >
        <TargetFields
          v-model:quantity="quantity"
          v-model:of="ofId"
          :quantities="quantities"
          :things="things"
          @added="added"
        />
        <p
          v-if="laid"
          class="hint"
        >
          {{ laid }} What lies higher than the card measures too large.
        </p>
        <SelectField
          v-model="rectangle"
          label="What lies beside it"
          :items="rectangles"
        />
        <div
          v-if="rectangle === 'own'"
          class="grid grid-cols-2 items-start gap-2"
        >
          <LengthField
            v-model="own.wideMm"
            label="Long side"
            limit="shapeMm"
          />
          <LengthField
            v-model="own.tallMm"
            label="Short side"
            limit="shapeMm"
          />
        </div>
        <div
          v-if="countWords || asksDial"
          class="grid grid-cols-2 items-start gap-2"
        >
          <NumberField
            v-if="countWords"
            v-model="counted"
            :label="countWords"
            :limit="[1, MOST_COUNTED]"
            whole
          />
          <LengthField
            v-if="asksDial"
            v-model="dialledMm"
            label="On the dial"
            limit="dialLengthMm"
          />
        </div>
        <p
          v-if="lengthMm"
          role="status"
        >
          Between the ends: <b>{{ inMm(lengthMm.value) }}</b> ± {{ bareMm(2 * lengthMm.spread) }}
          <span class="hint">{{
            drawn.corners && drawn.span ? 'drawn to the edges' : 'as you marked it'
          }}</span>
        </p>
        <p
          v-if="reading.problem"
          role="alert"
          class="strikes-ink"
        >
          {{ reading.problem }}
        </p>
        <p
          v-for="warning in warnings"
          :key="warning"
          class="close-ink"
        >
          {{ warning }}
        </p>
        <RowReader
          v-if="picture && reading.measured"
          :quantity="quantity"
          :seen="seen"
          :span="span"
          :row="photo.row"
          @holes="holes = $event"
          @take="takeRow"
        />
      </UCard>
      <UCard
        v-if="quantity === 'take-up'"
        as="section"
        aria-label="Take-up"
        class="grid gap-3"
      >
        <TakeUpCount
          :swatch-id="ofId"
          :after="afterTucks"
        />
      </UCard>
      <KeepMeasure
        v-else
        :quantity="quantity"
        :of-id="ofId"
        :things="things"
        :measured="measured"
        way="photo"
        :dialled-mm="asksDial ? dialledMm : null"
        :photo="keepPhoto"
      >
        <h2>No result yet</h2>
        <p class="hint">
          Mark the four corners of the card in order. Then mark both ends of what you measure.
        </p>
      </KeepMeasure>
    </template>
  </WayFrame>
</template>
