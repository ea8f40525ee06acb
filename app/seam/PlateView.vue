<script setup lang="ts">
import { bladeNames, bladeOffsetsMm } from '#core/needle'
import type { BladeName } from '#core/needle'

/** The plate from above, to scale across: what is open, where every blade lands, how much is spare. */
const bench = useBenchStore()
const { bare } = useLength()

const WIDE = 470
const MIDDLE = WIDE / 2
const NEEDLE_Y = 104
const HALF_SLOT_TALL = 27
const MOST_PX_PER_MM = 46
const BLADE_INK = {
  only: 'var(--woad)',
  left: 'var(--woad)',
  middle: 'var(--middle)',
  right: 'var(--weld)',
} as const satisfies Record<BladeName, string>
const LETTERS = { only: '', left: 'L', middle: 'M', right: 'R' } as const satisfies Record<BladeName, string>

const input = computed(() => bench.swingInput!)
const result = computed(() => bench.result!)
const footSlot = computed(() => (input.value.foot.singleHole ? null : input.value.foot.slotMm))
const bladeMm = computed(() => input.value.needle.sizeNm / 200)
const scale = computed(() => {
  const widest = Math.max(
    input.value.machine.maxWidthMm,
    input.value.machine.plateSlotMm ?? 0,
    footSlot.value ?? 0,
    2 * result.value.reachLeftMm,
    2 * result.value.reachRightMm,
  )
  return Math.min(MOST_PX_PER_MM, (WIDE - 40) / widest)
})
const px = (mm: number) => MIDDLE + mm * scale.value
const halfSlot = computed(
  () => (input.value.machine.plateSlotMm ?? input.value.machine.maxWidthMm + 2 * bladeMm.value) / 2,
)
const hole = computed(() => input.value.plate.singleHole)

const blades = computed(() => {
  const names = bladeNames(input.value.needle.construction)
  const offsets = bladeOffsetsMm(input.value.needle)
  return names.map((name, i) => ({ name, offset: offsets[i]!, ink: BLADE_INK[name], letter: LETTERS[name] }))
})
/** Each place once, however many drops land there. */
const ghosts = computed(() => {
  const places = new Map<string, { x: number; ink: string }>()
  for (const { xMm } of bench.clearances) {
    for (const { offset, ink, name } of blades.value)
      places.set(`${name}${(xMm + offset).toFixed(2)}`, { x: px(xMm + offset), ink })
  }
  return [...places.values()].slice(0, 150)
})
const now = computed(() => {
  const at = bench.clearances[bench.drop]
  return at ? blades.value.map(blade => ({ ...blade, xMm: at.xMm + blade.offset })) : []
})
const half = computed(() => input.value.machine.maxWidthMm / 2)
const openHalf = computed(() =>
  Math.min(
    hole.value ? bladeMm.value : input.value.machine.plateSlotMm === null ? Infinity : halfSlot.value,
    footSlot.value === null ? Infinity : footSlot.value / 2,
  ),
)
const strikesAt = (xMm: number) =>
  Math.abs(xMm) > half.value + 1e-9 || Math.abs(xMm) + bladeMm.value > openHalf.value + 1e-9

interface Dimension {
  readonly from: number
  readonly to: number
  readonly y: number
  readonly text: string
  readonly ink: string
}
const dimensions = computed<Dimension[]>(() => {
  const { reachLeftMm: left, reachRightMm: right, spareLeftMm, spareRightMm } = result.value
  // Drawn as it is counted: to the measured edge, or from blade centre to the end of the swing where that is
  // struck worse.
  const out = Math.max(left, right)
  const toEdge = openHalf.value - out
  const toEnd = half.value - (out - bladeMm.value)
  const measured = Number.isFinite(openHalf.value) && !hole.value && !(toEnd < 0 && toEnd < toEdge)
  const edge = measured ? openHalf.value : half.value
  const blade = measured ? 0 : bladeMm.value
  const ink = (mm: number) => (mm < 0 ? 'var(--madder-text)' : 'var(--lichen-text)')
  const list: Dimension[] = [
    { from: -left, to: right, y: 34, text: `blades span ${bare(left + right)}`, ink: 'var(--ink)' },
  ]
  if (!hole.value && Math.abs(spareLeftMm) > 1e-6)
    list.push({ from: -edge, to: -left + blade, y: 168, text: bare(spareLeftMm), ink: ink(spareLeftMm) })
  if (!hole.value && Math.abs(spareRightMm) > 1e-6)
    list.push({ from: right - blade, to: edge, y: 168, text: bare(spareRightMm), ink: ink(spareRightMm) })
  if (input.value.machine.plateSlotMm !== null && !hole.value)
    list.push({
      from: -halfSlot.value,
      to: halfSlot.value,
      y: 209,
      text: `plate opening ${bare(input.value.machine.plateSlotMm)} measured`,
      ink: 'var(--ink)',
    })
  else
    list.push({
      from: -half.value,
      to: half.value,
      y: 209,
      text:
        `widest stitch ${bare(input.value.machine.maxWidthMm)}, blade `
        + `centres${hole.value ? '' : '; plate opening not measured'}`,
      ink: 'var(--ink)',
    })
  if (footSlot.value !== null)
    list.push({
      from: -footSlot.value / 2,
      to: footSlot.value / 2,
      y: 236,
      text: `foot opening ${bare(footSlot.value)} measured`,
      ink: 'var(--ink)',
    })
  return list
})
const tall = computed(() => (footSlot.value === null ? 214 : 242))
const said = computed(() => {
  const spare = `${bare(result.value.spareLeftMm)} left and ${bare(result.value.spareRightMm)} right to spare`
  return (
    `Plate from above. ${dimensions.value.map(({ text }) => text).join('; ')}. ${spare}. Drop `
    + `${bench.drop + 1} of ${bench.clearances.length}.`
  )
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDE} ${tall}`"
    class="plate"
    role="img"
    :aria-label="said"
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
      :x="px(half * x * 1.25) - 7"
      y="54"
      width="14"
      height="100"
      rx="4"
      fill="var(--feed)"
    />
    <template v-if="hole">
      <circle
        :cx="MIDDLE"
        :cy="NEEDLE_Y"
        :r="bladeMm * scale * 1.5"
        fill="var(--hole)"
      />
    </template>
    <rect
      v-else
      :x="px(-halfSlot)"
      :y="NEEDLE_Y - HALF_SLOT_TALL"
      :width="2 * halfSlot * scale"
      :height="2 * HALF_SLOT_TALL"
      :rx="Math.min(HALF_SLOT_TALL, halfSlot * scale)"
      :fill="
        input.machine.plateSlotMm === null
          ? 'color-mix(in srgb, var(--hole) 55%, var(--plate))'
          : 'var(--hole)'
      "
      :stroke="input.machine.plateSlotMm === null ? 'var(--ink)' : 'none'"
      stroke-dasharray="5 4"
    />
    <!-- the foot's toes stand over the plate; only their inner edges are to scale -->
    <g
      v-if="footSlot !== null"
      fill="var(--mute)"
      fill-opacity="0.28"
      stroke="var(--ink)"
      stroke-width="1.4"
    >
      <rect
        :x="px(-footSlot / 2) - 34"
        y="48"
        width="34"
        height="112"
        rx="9"
      />
      <rect
        :x="px(footSlot / 2)"
        y="48"
        width="34"
        height="112"
        rx="9"
      />
    </g>
    <path
      v-for="side in [-1, 1]"
      :key="side"
      :d="`M${px(side * half)} 62V146`"
      stroke="var(--close-bar)"
      stroke-width="1.6"
      stroke-dasharray="3 3"
    />
    <circle
      v-for="(ghost, i) in ghosts"
      :key="i"
      :cx="ghost.x"
      :cy="NEEDLE_Y"
      :r="bladeMm * scale"
      :fill="ghost.ink"
      fill-opacity="0.32"
      :stroke="ghost.ink"
      stroke-width="1"
    />
    <g
      v-for="blade in now"
      :key="blade.name"
    >
      <circle
        :cx="px(blade.xMm)"
        :cy="NEEDLE_Y"
        :r="bladeMm * scale"
        :fill="blade.ink"
        stroke="var(--cloth)"
        stroke-width="2"
      />
      <circle
        v-if="strikesAt(blade.xMm)"
        :cx="px(blade.xMm)"
        :cy="NEEDLE_Y"
        :r="bladeMm * scale + 2"
        fill="url(#strike)"
        stroke="var(--madder)"
        stroke-width="2.5"
      />
      <text
        :x="px(blade.xMm)"
        :y="NEEDLE_Y + 5"
        class="letter"
        text-anchor="middle"
      >
        {{ blade.letter }}
      </text>
    </g>
    <g
      v-for="d in dimensions"
      :key="d.text + d.from"
      :stroke="d.ink"
      stroke-width="1.6"
      fill="none"
    >
      <path :d="`M${px(d.from)} ${d.y - 6}v12M${px(d.to)} ${d.y - 6}v12M${px(d.from)} ${d.y}H${px(d.to)}`" />
      <text
        :x="(px(d.from) + px(d.to)) / 2"
        :y="d.y === 168 ? d.y + 20 : d.y - 8"
        class="dim"
        text-anchor="middle"
        stroke="none"
        :fill="d.ink"
      >
        {{ d.text }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.plate {
  width: 100%;
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
