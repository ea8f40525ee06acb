<script setup lang="ts">
import { type Dimension, plateView } from '#core/plate'
import { bladeNames } from '#core/needle'
import { dropClearances, judgeSwing, type SwingInput } from '#core/swing'
import { BLADE_LOOKS } from './bladeLooks'

/** The plate from above, to scale across: what is open, where every blade lands, how much is spare. */
const { input, drop } = defineProps<{
  input: SwingInput
  /** Which drop of the repeat the handwheel stands at, from 0. */
  drop: number
}>()

const WIDE = 470
const MIDDLE = WIDE / 2
const ASIDE = 40
const NEEDLE_Y = 104
const HALF_SLOT_TALL = 27
const TOE_WIDE = 34
const MOST_PX_PER_MM = 46
/** Where each dimension line runs. */
const LINE_Y = {
  'blades': 34,
  'spare-left': 168,
  'spare-right': 168,
  'plate': 216,
  'machine': 216,
  'foot': 243,
} as const satisfies Record<Dimension['what'], number>

const drops = computed(() => dropClearances(input))
const result = computed(() => judgeSwing(input))
const view = computed(() => plateView(input, drops.value, drop, result.value))
const scale = computed(() => Math.min(MOST_PX_PER_MM, (WIDE - ASIDE) / view.value.wideMm))
const px = (mm: number) => MIDDLE + mm * scale.value
const foot = computed(() => view.value.foot)
const tall = computed(() => (foot.value?.kind === 'slot' ? 249 : 221))

function wordsOf({ what, lengthMm, isLeast }: Dimension): string {
  switch (what) {
    case 'blades':
      return `needles sweep ${bareMm(lengthMm)}`
    case 'spare-left':
    case 'spare-right':
      return bareMm(lengthMm)
    case 'plate':
      return openingWords('plate', lengthMm, isLeast)
    case 'machine': {
      const unmeasured = view.value.plate.kind === 'hole' ? '' : '; plate opening not measured'
      return `widest stitch ${bareMm(lengthMm)}, blade centres${unmeasured}`
    }
    case 'foot':
      return openingWords('foot', lengthMm, isLeast)
  }
}
/** What is drawn is what counts: of an opening known to ± its narrow end. */
const openingWords = (part: string, lengthMm: number, isLeast: boolean): string =>
  isLeast
    ? `${part} opening at least ${limitMm(lengthMm)}, measured`
    : `${part} opening ${bareMm(lengthMm)} measured`
function inkOf({ what, lengthMm }: Dimension): string {
  if (what !== 'spare-left' && what !== 'spare-right') return 'var(--ink)'
  return lengthMm < 0 ? 'var(--madder-text)' : 'var(--lichen-text)'
}
const dimensions = computed(() =>
  view.value.dimensions.map(dimension => ({
    ...dimension,
    y: LINE_Y[dimension.what],
    text: wordsOf(dimension),
    ink: inkOf(dimension),
    // A spare is short and lies low: its number stands under the line.
    textY: LINE_Y[dimension.what] + (dimension.what.startsWith('spare') ? 20 : -8),
  })),
)
const OPENINGS: ReadonlySet<Dimension['what']> = new Set(['plate', 'machine', 'foot'])
const SPARE_TO = { plate: 'plate', foot: 'foot', machine: 'swing' } as const
const spareWords = (mm: number) => (mm < 0 ? `${inMm(-mm)} too far` : `${inMm(mm)} spare`)
const spokenWords = computed(() => {
  const { spareLeftMm, spareRightMm } = result.value
  const count = bladeNames(input.needle.construction).length
  const swept = view.value.dimensions.find(({ what }) => what === 'blades')
  const needles = count === 1 ? 'One needle' : `${count} needles`
  const sweep = swept ? `${needles} sweep${count === 1 ? 's' : ''} ${inMm(swept.lengthMm)}` : needles
  const spare =
    `${spareWords(spareLeftMm)} at the left of the ${SPARE_TO[view.value.spareTo]}, `
    + `${spareWords(spareRightMm)} at the right`
  const openings = dimensions.value.filter(({ what }) => OPENINGS.has(what)).map(({ text }) => text)
  const place = `Needle position ${drop + 1} of ${drops.value.length}`
  return ['Plate from above', `${sweep}; ${spare}`, ...openings, place, ''].join('. ').trim()
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDE} ${tall}`"
    class="plate"
    role="img"
    :aria-label="spokenWords"
  >
    <defs>
      <pattern
        id="strike"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path
          d="M0 0v6"
          stroke="var(--madder)"
          stroke-width="3"
        />
      </pattern>
    </defs>
    <rect
      x="4"
      y="44"
      :width="WIDE - 8"
      height="120"
      rx="16"
      fill="var(--plate)"
    />
    <!-- feed dogs: where they sit is schematic -->
    <rect
      v-for="x in [-0.72, -0.5, 0.5, 0.72]"
      :key="x"
      :x="px(view.halfSwingMm * x * 1.25) - 7"
      y="54"
      width="14"
      height="100"
      rx="4"
      fill="var(--feed)"
    />
    <circle
      v-if="view.plate.kind === 'hole'"
      :cx="MIDDLE"
      :cy="NEEDLE_Y"
      :r="view.plate.halfMm * scale"
      fill="var(--hole)"
    />
    <rect
      v-else
      :x="px(-view.plate.halfMm)"
      :y="NEEDLE_Y - HALF_SLOT_TALL"
      :width="2 * view.plate.halfMm * scale"
      :height="2 * HALF_SLOT_TALL"
      :rx="Math.min(HALF_SLOT_TALL, view.plate.halfMm * scale)"
      :fill="view.plate.measured ? 'var(--hole)' : 'color-mix(in srgb, var(--hole) 55%, var(--plate))'"
      :stroke="view.plate.measured ? 'none' : 'var(--ink)'"
      stroke-dasharray="5 4"
    />
    <!-- the foot's toes stand over the plate; only their inner edges are to scale -->
    <g
      v-if="foot"
      fill="var(--mute)"
      fill-opacity="0.28"
      stroke="var(--ink)"
      stroke-width="1.4"
    >
      <rect
        :x="px(-foot.halfMm) - TOE_WIDE"
        y="48"
        :width="TOE_WIDE"
        height="112"
        rx="9"
      />
      <rect
        :x="px(foot.halfMm)"
        y="48"
        :width="TOE_WIDE"
        height="112"
        rx="9"
      />
    </g>
    <path
      v-for="side in [-1, 1]"
      :key="side"
      :d="`M${px(side * view.halfSwingMm)} 62V146`"
      stroke="var(--close-bar)"
      stroke-width="1.6"
      stroke-dasharray="3 3"
    />
    <circle
      v-for="(landing, i) in view.landings"
      :key="i"
      :cx="px(landing.xMm)"
      :cy="NEEDLE_Y"
      :r="view.bladeRadiusMm * scale"
      :fill="BLADE_LOOKS[landing.blade].ink"
      fill-opacity="0.32"
      :stroke="BLADE_LOOKS[landing.blade].ink"
      stroke-width="1"
    />
    <g
      v-for="{ blade, xMm, strikes } in view.now"
      :key="blade"
    >
      <circle
        :cx="px(xMm)"
        :cy="NEEDLE_Y"
        :r="view.bladeRadiusMm * scale"
        :fill="BLADE_LOOKS[blade].ink"
        stroke="var(--cloth)"
        stroke-width="2"
      />
      <circle
        v-if="strikes"
        :cx="px(xMm)"
        :cy="NEEDLE_Y"
        :r="view.bladeRadiusMm * scale + 2"
        fill="url(#strike)"
        stroke="var(--madder)"
        stroke-width="2.5"
      />
      <text
        :x="px(xMm)"
        :y="NEEDLE_Y + 5"
        class="letter"
        text-anchor="middle"
      >
        {{ BLADE_LOOKS[blade].letter }}
      </text>
    </g>
    <g
      v-for="{ what, fromMm, toMm, y, text, textY, ink } in dimensions"
      :key="what"
      :stroke="ink"
      stroke-width="1.6"
      fill="none"
    >
      <path :d="`M${px(fromMm)} ${y - 6}v12M${px(toMm)} ${y - 6}v12M${px(fromMm)} ${y}H${px(toMm)}`" />
      <text
        :x="(px(fromMm) + px(toMm)) / 2"
        :y="textY"
        class="dim"
        text-anchor="middle"
        stroke="none"
        :fill="ink"
      >
        {{ text }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
/* Letters of 14 in a field of 470: at most 18 px. */
.plate {
  width: 100%;
  max-width: 604px;
  margin-inline: auto;
  display: block;
}
.dim {
  font-size: 14px;
  font-weight: 650;
}
.letter {
  font-size: 14px;
  font-weight: 750;
  fill: #fff;
}
:global(.dark) .letter {
  fill: #1f1924;
}
</style>
