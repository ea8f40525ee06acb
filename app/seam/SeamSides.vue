<script setup lang="ts">
import { formatNumber } from '#core/units'
import { MUDDY_MEAN_LAYERS } from '#core/buildup'
import { bladeNames } from '#core/needle'
import { type Seam, sewnInputOf } from '#core/seam'
import { columnsInWords, columnsOf, judgeSwing } from '#core/swing'
import { useLate } from '~/asking/useLate'
import { BLADE_LOOKS } from './bladeLooks'
import { drawHeatMap, LAYER_INKS } from './heatMap'
import { drawCloth, drawHoles, drawSewn, type View } from './drawSewn'
import { useSewnView } from './useSewnView'

/** Right side, wrong side and build-up of a seam, as the worker sewed them. */
const { seam, stitchName, rightTallPx, underTallPx } = defineProps<{
  seam: Seam
  stitchName: string
  rightTallPx: number
  underTallPx: number
}>()
/** A stitch length that cures what is muddy, in mm. */
const emit = defineEmits<{ cure: [lengthMm: number] }>()
const SEAM_MM = 40
const SCREEN_MM_PER_PX = 25.4 / 96

const settings = useSettingsStore()
const late = useLate()
const isDiagram = computed(() => settings.record.threadColours === 'diagram')
const { answer: view, problem, fault, isWorking, again } = useSewnView(() => sewnInputOf(seam, SEAM_MM))
const mode = ref<'thread' | 'layers'>('thread')
const construction = computed(() => seam.swing.needle.construction)
const spanMm = computed(() => {
  const right = view.value?.right
  return right ? 2 * Math.max(-right.leftMm, right.rightMm) : 8
})
const scale = ref(1)

/** In bobbin work the side below is the one that will be seen. */
const wrongSideUp = computed(() => seam.wrongSideUp)
const drawAbove = computed(() => {
  const [current, colour, layers] = [view.value, seam.clothHex, mode.value === 'layers']
  return (context: CanvasRenderingContext2D, scaled: View, width: number, height: number) => {
    drawCloth(context, layers ? LAYER_INKS[0] : colour, width, height)
    if (!current) return
    if (layers) drawHeatMap(context, current.buildUp, scaled)
    else drawSewn(context, current.right, scaled, colour)
  }
})
const drawBelow = computed(() => {
  const [current, colour] = [view.value, seam.clothHex]
  const inks = bladeNames(construction.value).map(name => BLADE_LOOKS[name].hex)
  return (context: CanvasRenderingContext2D, scaled: View, width: number, height: number) => {
    drawCloth(context, colour, width, height)
    if (!current) return
    drawSewn(context, current.under, scaled, colour)
    drawHoles(context, current.under, inks, scaled)
  }
})

/** Of several needles, those without a thread; one alone needs no word. */
const unthreaded = computed(() => {
  if (construction.value === 'single' || seam.unthreaded.length === 0) return ''
  const which = `${seam.unthreaded.join(' and ')} needle${seam.unthreaded.length > 1 ? 's' : ''}`
  return `No thread in the ${which} yet: drawn in a colour of ours.`
})
const columns = computed(() => columnsInWords(columnsOf(judgeSwing(seam.swing))))
const muddy = computed(() => {
  const current = view.value
  if (!current?.buildUp.muddy) return null
  const layers = formatNumber(current.buildUp.overlapMeanLayers!, 1)
  return current.cureLengthMm === null
    ? `Muddy: ${layers} layers where the rows overlap. Choose an open stitch or a wider gap.`
    : `Muddy: ${layers} layers where the rows overlap. Length ${inMm(current.cureLengthMm)} cures it.`
})
function cure(): void {
  if (view.value?.cureLengthMm) emit('cure', view.value.cureLengthMm)
}
async function exportSvg(): Promise<void> {
  if (!view.value) return
  const { right, under } = view.value
  const code = await late('The drawing as SVG', () => import('./saveRightSide'), exportSvg)
  code?.saveRightSide(wrongSideUp.value ? under : right, seam, stitchName)
}
const belowLabel = computed(() => {
  const runs =
    construction.value === 'single'
      ? 'runs along the seam'
      : 'zigzags between the needle holes, which is normal'
  const side = wrongSideUp.value ? 'Right side, from below' : 'Wrong side'
  return `${side}, turned over: the bobbin thread ${runs}.`
})
const aboveLabel = computed(() => {
  const side = wrongSideUp.value ? 'Wrong side, as you sew it' : 'Right side as sewn'
  return mode.value === 'thread'
    ? `${side}: ${stitchName}. ${columns.value}`
    : `Thread layers: at most ${view.value?.buildUp.mostLayers ?? 0}. ${muddy.value ?? 'Not muddy.'}`
})
/** The side that will be seen is the large one. */
const large = computed(() =>
  wrongSideUp.value
    ? { title: 'Right side', hint: 'from below', draw: drawBelow.value, label: belowLabel.value }
    : { title: 'Right side', hint: '', draw: drawAbove.value, label: aboveLabel.value },
)
const small = computed(() =>
  wrongSideUp.value
    ? { title: 'Wrong side', hint: 'as you sew it', draw: drawAbove.value, label: aboveLabel.value }
    : { title: 'Wrong side', hint: 'turned over', draw: drawBelow.value, label: belowLabel.value },
)
const THREAD = { value: 'thread', label: 'Thread' } as const
const LAYERS = { value: 'layers', label: 'Build-up' } as const
/** From below there is no build-up to look at. */
const modes = computed(() => (wrongSideUp.value ? [THREAD] : [THREAD, LAYERS]))
watch(wrongSideUp, () => {
  mode.value = 'thread'
})
</script>

<template>
  <div class="cards">
    <UCard
      as="section"
      aria-label="Right side"
    >
      <header>
        <h2>{{ large.title }}</h2>
        <span class="hint">{{ large.hint }} {{ formatNumber(scale * SCREEN_MM_PER_PX, 1) }}× size</span>
      </header>
      <AskFault
        v-if="fault"
        what="The drawing of the seam"
        :fault="fault"
        @again="again"
      />
      <WorkingOut
        v-else-if="isWorking && !view"
        :tall="rightTallPx"
      />
      <SewnCanvas
        v-else
        :draw="large.draw"
        :span-mm="spanMm"
        :tall-px="rightTallPx"
        :label="large.label"
        @scale="scale = $event"
      />
      <div class="look">
        <SegmentBar
          v-model="mode"
          label="Show"
          :items="modes"
        />
        <UButton
          size="sm"
          variant="outline"
          label="SVG"
          aria-label="Save the right side as SVG at true size"
          @click="exportSvg"
        />
      </div>
      <p
        v-if="mode === 'layers'"
        class="legend hint"
      >
        Layers
        <span
          v-for="(ink, layers) in LAYER_INKS"
          :key="ink"
          ><i :style="{ background: ink }" />{{ layers
          }}{{ layers === LAYER_INKS.length - 1 ? '+' : '' }}</span
        >
      </p>
      <p
        v-if="problem"
        class="hint strikes-ink"
        role="alert"
      >
        {{ problem.message }}.
      </p>
      <p
        v-if="unthreaded"
        class="note"
      >
        {{ unthreaded }}
      </p>
      <p class="note">{{ columns }}</p>
      <div
        v-if="muddy && !wrongSideUp"
        class="muddy"
        role="status"
      >
        <p>
          <UIcon name="i-lucide-triangle-alert" /> {{ muddy }}
          <SourceChip
            of="guess"
            about="what counts as muddy"
            >Over {{ MUDDY_MEAN_LAYERS }} layers of thread count as muddy.</SourceChip
          >
        </p>
        <UButton
          v-if="view?.cureLengthMm"
          size="sm"
          variant="outline"
          :label="`Set length ${inMm(view.cureLengthMm)}`"
          @click="cure"
        />
      </div>
    </UCard>
    <UCard
      as="section"
      :aria-label="small.title"
    >
      <header>
        <h2>{{ small.title }}</h2>
        <span class="hint">{{ small.hint }}</span>
      </header>
      <SewnCanvas
        v-if="view"
        :draw="small.draw"
        :span-mm="spanMm"
        :tall-px="underTallPx"
        :label="small.label"
      />
      <p class="hint note">
        Thread width
        <SourceChip
          :of="seam.threadWidthSource"
          about="thread width"
        >
          <p>{{ THICKNESS_WHY[seam.threadWidthSource] }}</p>
        </SourceChip>
      </p>
      <UButton
        variant="ghost"
        color="neutral"
        size="sm"
        icon="i-lucide-palette"
        label="Diagram colours"
        :aria-pressed="isDiagram"
        @click="settings.change({ threadColours: isDiagram ? 'true' : 'diagram' })"
      />
    </UCard>
  </div>
</template>

<style scoped>
.cards {
  display: grid;
  gap: 12px;
}
.card {
  padding: 10px;
}
.note {
  margin-top: 6px;
  font-size: 14px;
  line-height: 1.3;
}
.muddy {
  margin-top: 6px;
  padding: 6px 8px;
  border-radius: 8px;
  background: var(--close-bg);
  font-size: 14px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
}
.legend i {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin-right: 3px;
  border: 1px solid var(--line-strong);
  vertical-align: -1px;
}
.look {
  display: flex;
  justify-content: space-between;
  gap: 6px;
  margin-top: 6px;
}
</style>
