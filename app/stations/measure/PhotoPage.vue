<script setup lang="ts">
import { feedFrom, layerFrom, quantityFact, widthFactorFrom, wrapFrom } from '#core/measure'
import type { Measurement } from '#core/measured'
import { orNull } from '~/planner/orNull'
import { RECTANGLE_IDS, type RectangleId, RECTANGLES } from './rectangles'
import type { TakenRow } from './takenRow'
import { useKeptPhoto } from './useKeptPhoto'
import { usePhoto } from './usePhoto'
import { usePhotoMarks } from './usePhotoMarks'
import { useTarget } from './useTarget'

useHead({ title: 'Photo · Lacy Spool' })
const { quantity, quantities, things, ofId, added } = useTarget('photo')
const photo = usePhoto()
const keepPhoto = useKeptPhoto(photo.file)

const rectangle = ref<RectangleId>('card')
const own = reactive({
  wideMm: RECTANGLES.own.wideMm as number,
  tallMm: RECTANGLES.own.tallMm as number,
})
const sizes = computed(() => (rectangle.value === 'own' ? own : RECTANGLES[rectangle.value]))
const {
  corners,
  span,
  holes,
  marked,
  drawn,
  picture,
  seen,
  lengthMm,
  warnings,
  problem,
  noEdge,
  begin,
  drawCorners,
  drawEnds,
} = usePhotoMarks(photo, () => sizes.value)

async function open(file: File): Promise<void> {
  if (await photo.open(file)) begin()
}
useIncoming(['photo'], open)
/** What was chosen is still there: the marks on it too, where it lay open already. */
function openAgain(): void {
  const chosen = photo.unopened()
  if (chosen) void (chosen === photo.file.value ? photo.open(chosen) : open(chosen))
}

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
      v-if="picture && lengthMm"
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
          v-if="problem"
          role="alert"
          class="strikes-ink"
        >
          {{ problem }}
        </p>
        <p
          v-for="warning in warnings"
          :key="warning"
          class="close-ink"
        >
          {{ warning }}
        </p>
        <RowReader
          v-if="picture && lengthMm"
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
