<script setup lang="ts">
import { sewnInputOf, UNCHOSEN_HEX } from '#core/seam'
import type { SewnInput } from '#core/sewn'
import { findStitch } from '#core/stitch'
import { fittedStitch, type FittedStitch, type NamedStitch, seamOf } from '#shared/inputs'
import { drawCloth, drawSewn, type View } from '~/seam/drawSewn'
import { STANDING_LOOKS } from './standingLooks'
import { useStitchPreviews } from './useStitchPreviews'
import { LateOwnStitchMaker } from '~/asking/lateWithin'

/** Every stitch as this needle and these threads sew it, with what follows from it. */
const open = defineModel<boolean>('open', { required: true })
const book = useBookStore()
const inHand = useInHandStore()
const settings = useSettingsStore()
const { remove } = useShelf()
const drawing = ref(useIncomingTo().value === 'stitch')

const SHOWN_MM = 14
const TALL_PX = 92
const fitted = computed(() =>
  inHand.allStitches.map(stitch => fittedStitch(stitch, inHand.setup, book.shelf, settings.record)),
)
const wishes = computed(() => {
  const drawn = new Map<string, SewnInput>()
  for (const { stitch, setting } of fitted.value) {
    const seam = seamOf({ ...inHand.setup, stitch: setting }, book.shelf, settings.record)
    const input = seam && sewnInputOf(seam, SHOWN_MM)
    if (input) drawn.set(stitch.id, input)
  }
  return drawn
})
const { previews, fault, again } = useStitchPreviews(() => wishes.value)
/** Wide enough for the widest of them, so that all are drawn to one scale. */
const spanMm = computed(() =>
  Math.max(4, ...[...previews.values()].map(({ right }) => 2 * Math.max(-right.leftMm, right.rightMm))),
)
function drawOne(id: string) {
  const preview = previews.get(id)
  return (context: CanvasRenderingContext2D, view: View, width: number, height: number) => {
    const cloth = inHand.seam?.clothHex ?? UNCHOSEN_HEX.cloth
    drawCloth(context, cloth, width, height)
    if (preview) drawSewn(context, preview.right, view, cloth)
  }
}

const isOwn = ({ stitch }: FittedStitch) => findStitch(stitch.id) === null
const isMuddy = ({ stitch }: FittedStitch) => previews.get(stitch.id)?.muddy === true
const FILTERS = {
  'all': { label: 'All', fits: () => true },
  'clear': { label: 'Clear', fits: one => one.standing === 'clear' && !isMuddy(one) },
  'straight only': { label: 'Straight only', fits: one => one.standing === 'straight only' },
  'muddy': { label: 'Muddy', fits: isMuddy },
  'strikes': { label: 'Hits', fits: one => one.standing === 'strikes' },
  'own': { label: 'My own', fits: isOwn },
} satisfies Record<string, { label: string; fits: (one: FittedStitch) => boolean }>
const NAMES = Object.keys(FILTERS) as (keyof typeof FILTERS)[]
const filter = ref<keyof typeof FILTERS>('all')
const filters = computed(() =>
  NAMES.map(value => ({
    value,
    label: FILTERS[value].label,
    hint: String(fitted.value.filter(FILTERS[value].fits).length),
  })),
)
const shown = computed(() => fitted.value.filter(FILTERS[filter.value].fits))

function choose(stitch: NamedStitch): void {
  inHand.chooseStitch(stitch)
  open.value = false
}
function added(id: string): void {
  drawing.value = false
  const stitch = book.shelf.stitches.get(id)
  if (stitch) choose(stitch)
}
const useOf = (id: string) => findStitch(id)?.use ?? 'my own'
/** What it would lead to, in a word: the hit before the mud. */
const lookOf = (one: FittedStitch) =>
  STANDING_LOOKS[one.standing !== 'strikes' && isMuddy(one) ? 'muddy' : one.standing]
function sizeOf({ setting, standing }: FittedStitch): string {
  const held = standing === 'straight only' ? 'no swing' : `width ${inMm(setting.widthMm)}`
  return setting.widthMm > 0 || standing === 'straight only' ? held : `length ${inMm(setting.lengthMm)}`
}
</script>

<template>
  <UModal
    v-model:open="open"
    :title="drawing ? 'A stitch of my own' : 'Stitches'"
    :description="
      drawing
        ? 'From a millimetre grid, a CSV or an SVG.'
        : 'Drawn with this needle and these threads. Each stitch is narrowed to what is safe.'
    "
    :ui="{ content: 'max-w-4xl' }"
  >
    <template #body>
      <LateOwnStitchMaker
        v-if="drawing"
        @added="added"
        @cancel="drawing = false"
      />
      <template v-else>
        <div class="filters">
          <SegmentBar
            v-model="filter"
            label="Show"
            :items="filters"
          />
          <UButton
            variant="outline"
            icon="i-lucide-plus"
            label="A stitch of my own"
            @click="
              () => {
                drawing = true
              }
            "
          />
        </div>
        <p
          v-if="shown.length === 0"
          role="status"
        >
          None of them.
        </p>
        <AskFault
          v-if="fault"
          what="The drawings of the stitches"
          :fault="fault"
          @again="again"
        />
        <ul class="grid">
          <li
            v-for="one in shown"
            :key="one.stitch.id"
            class="cell"
          >
            <UButton
              variant="ghost"
              color="neutral"
              class="stitch"
              :aria-pressed="one.stitch.id === inHand.setup.stitch.stitchId"
              @click="choose(one.stitch)"
            >
              <span class="picture">
                <SewnCanvas
                  v-if="one.swing"
                  :draw="drawOne(one.stitch.id)"
                  :span-mm="spanMm"
                  :tall-px="TALL_PX"
                  label=""
                />
                <StitchThumb
                  v-else
                  :shape="one.stitch"
                  :width="Math.max(one.stitch.defaultWidthMm, 0.01)"
                  :length="one.stitch.defaultLengthMm"
                />
              </span>
              <span class="words">
                <b>{{ one.stitch.name }}</b>
                <span
                  v-if="lookOf(one)"
                  class="standing"
                  :style="{ color: lookOf(one)!.ink }"
                  ><UIcon :name="lookOf(one)!.icon" /> {{ lookOf(one)!.word }}</span
                >
                <span class="hint">{{ sizeOf(one) }}</span>
                <span class="hint"
                  >{{ useOf(one.stitch.id)
                  }}{{ one.stitch.alignment === 'centre' ? '' : ` · held ${one.stitch.alignment}` }}</span
                >
              </span>
            </UButton>
            <UButton
              v-if="isOwn(one)"
              icon="i-lucide-trash-2"
              variant="ghost"
              color="neutral"
              :aria-label="`Delete ${one.stitch.name}`"
              @click="
                () => {
                  remove('stitches', one.stitch.id, one.stitch.name)
                }
              "
            />
          </li>
        </ul>
      </template>
    </template>
  </UModal>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 10px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 6px;
}
.cell {
  display: flex;
  align-items: stretch;
}
.stitch {
  flex: 1;
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 6px;
  text-align: left;
  border: 1.5px solid var(--line);
  border-radius: 10px;
  background: var(--cloth);
  cursor: pointer;
  line-height: 1.2;
}
.stitch:hover {
  border-color: var(--mulberry);
}
.stitch[aria-pressed='true'] {
  border-color: var(--mulberry);
  box-shadow: 0 0 0 1.5px var(--mulberry);
}
.picture {
  flex: none;
  width: 92px;
  height: 92px;
  color: var(--woad);
}
.words {
  min-width: 0;
}
.standing {
  display: flex;
  align-items: center;
  gap: 4px;
  font-weight: 650;
  font-size: 15px;
}
.stitch .hint {
  display: block;
  font-size: 14px;
}
</style>
