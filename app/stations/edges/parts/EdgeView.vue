<script setup lang="ts">
import { outlineFor } from '#core/colour'
import { alongSide, landingsOfSide, pulledCount, sideWords } from '#core/edge'
import { boundsOf, type DrawnPoint, type Placing } from '#core/shape'
import type { EdgeAnswer } from '#shared/inputs'
import { badgeWidthPx } from '~/planner/badge'
import { followPointer } from '~/planner/followPointer'
import { sliderStep } from '~/planner/sliderStep'
import { labelsApart } from '~/planner/labelsApart'
import { mmOf } from '~/planner/mmOf'
import { nearestLanding, pathOf, roomRuns } from '../edgeWays'
import { isSameSide, type SideAt } from '../sideAt'

/** The cloths to scale with every stitch where it lands; or how wide a bite may be along each edge. */
const points = defineModel<DrawnPoint[] | null>('points', { required: true })
const view = defineModel<'sewn' | 'room'>('view', { required: true })
/** The side that is taken hold of. */
const side = defineModel<SideAt | null>('side', { required: true })
/** Points of a new shape that is being clicked. */
const laid = defineModel<DrawnPoint[] | null>('laid', { required: true })
const { answer, hexes, groundHex, threadHex, threadMm, widthMm, backwards, at } = defineProps<{
  answer: EdgeAnswer
  /** Of each cloth. */
  hexes: readonly string[]
  groundHex: string
  threadHex: string
  threadMm: number
  /** The bite one wanted. */
  widthMm: number
  backwards: boolean
  /** Where that cloth lies: its drawn points are about its own middle. */
  at: Placing
}>()
const emit = defineEmits<{
  start: [stretch: number, alongMm: number]
  /** A side is to have so many stitches. */
  recount: [at: SideAt, stitches: number]
  /** The new shape's first point was clicked again. */
  closed: []
}>()
const { length } = useLength()
const PAD_MM = 9
const FINGER_PX = 22
const plan = computed(() => answer.ways[answer.way]!.plan)
/** Room to click beside what is there. */
const LAY_PAD_MM = 45
const padMm = computed(() => (laid.value ? LAY_PAD_MM : PAD_MM))
const box = computed(() => boundsOf([...answer.regions.flat(), ...answer.stretches.map(s => s.pointsMm)]))
const wideMm = computed(() => box.value.right - box.value.left + 2 * padMm.value)
const tallMm = computed(() => Math.max(30, box.value.top - box.value.foot + 2 * padMm.value))
const shift = computed(() => `translate(${padMm.value - box.value.left} ${padMm.value + box.value.top})`)
const threads = computed(() => answer.drops.map(drops => pathOf([drops], false)))
const around = computed(() => hexes.map(hex => outlineFor(threadHex, hex)))
const runs = computed(() => roomRuns(plan.value, widthMm))
const ROOM_INKS = { touches: 'var(--madder)', close: 'var(--weld)', free: 'var(--lichen)' } as const
const ROOM_DASH = { touches: [2, 1.2], close: [5, 1.5], free: null } as const
/** Each side's number, on the cloth beside its middle. */
const sides = computed(() => {
  let number = 0
  return plan.value.stretches.flatMap(({ sides: own, from }, s) => {
    const to = plan.value.stretches[s + 1]?.from ?? plan.value.landings.length
    const landings = plan.value.landings.slice(from, to)
    return own.map(({ mostBiteMm, lengthMm }, i) => {
      number += 1
      const its = landings.filter(landing => landing.side === i)
      const { x, y, inward } = its[Math.floor(its.length / 2)] ?? landings[0]!
      return {
        number,
        at: { stretch: s, side: i },
        x: x + widthMm * inward.x,
        y: -(y + widthMm * inward.y),
        inward,
        lengthMm,
        most: mostBiteMm,
      }
    })
  })
})
const LEAST_SIDE_PX = 24
const LEAST_STITCH_MM = 0.5
/** Where a new shape may be clicked. */
const layBox = computed(() => ({
  left: box.value.left - padMm.value,
  right: box.value.right + padMm.value,
  foot: box.value.top - tallMm.value + padMm.value,
  top: box.value.top + padMm.value,
}))
/** Labels that can be read as close as one looks: the longest sides first, none over another. */
function shownSides(mmPerPx: number) {
  const long = sides.value
    .filter(({ lengthMm }) => lengthMm > LEAST_SIDE_PX * mmPerPx)
    .sort((a, b) => b.lengthMm - a.lengthMm)
  const inside = 14 * mmPerPx
  return labelsApart(
    long,
    ({ number, x, y, inward, most }) => ({
      x: x + inside * inward.x,
      y: y - inside * inward.y,
      widePx: badgeWidthPx(badgeOf(number, most)),
    }),
    mmPerPx,
  )
}
const landed = computed(() => plan.value.landings.filter(({ isPoint }) => isPoint))
/** Where bites meet round a point: thick. Satin is turned there, and meant to lie thread on thread. */
const thick = computed(() =>
  (answer.turns.length > 0 ? [] : plan.value.bulk).map(({ a, b }) => {
    const [one, other] = [plan.value.tips[a]!, plan.value.tips[b]!]
    return { x: (one.x + other.x) / 2, y: -(one.y + other.y) / 2 }
  }),
)
const starts = computed(() =>
  answer.starts.flatMap((start, stretch) => {
    if (start === null) return []
    const { x, y, inward } = plan.value.landings[start]!
    return [{ stretch, start, x, y: -y, turn: (Math.atan2(inward.x, inward.y) * 180) / Math.PI }]
  }),
)
/** More sides than this are read in their list. */
const MOST_SPOKEN = 8
const label = computed(() => {
  const shapes = answer.regions.filter(({ length: rings }) => rings > 0).length
  const sideCount = plan.value.stretches.reduce((sum, stretch) => sum + stretch.sides.length, 0)
  const sides = plan.value.stretches.flatMap(stretch => sideWords(stretch, answer.scale, bareMm))
  const said = sides.slice(0, MOST_SPOKEN).map((words, i) => ` Side ${i + 1}: ${words}.`)
  return (
    `${shapes} ${shapes === 1 ? 'shape' : 'shapes'}, ${sideCount} sides, `
    + `${plan.value.landings.length} stitch points, to scale.${said.join('')}`
  )
})

/** A label holds its whole number, in px. */
const badgeOf = (number: number, most: number) =>
  view.value === 'room' ? `≤ ${bareMm(most)}` : String(number)
/** Where the drawn points lie: as their cloth does. */
const placing = computed(() => {
  const { x, y, turnDeg, flipped } = at
  return `translate(${x} ${-y}) rotate(${-turnDeg}) scale(${flipped ? -1 : 1} 1)`
})
/** A little to the inside. */
const beside = (x: number, y: number, inward: { readonly x: number; readonly y: number }, mm: number) =>
  `translate(${x + mm * inward.x} ${y - mm * inward.y})`
/** A little outside the edge, pointing the way it is sewn. */
const arrowAt = (x: number, y: number, turn: number, mm: number) =>
  `translate(${x} ${y}) rotate(${turn}) translate(0 ${mm}) rotate(${backwards ? 180 : 0})`
const group = useTemplateRef<SVGGElement>('group')

/** The stitch point one pulls: near the middle of the side, or the one that is being pulled. */
const pulledNth = ref<number | null>(null)
const pull = computed(() => {
  const at = side.value
  const of = at && plan.value.stretches[at.stretch]?.sides[at.side]
  if (!at || !of || view.value !== 'sewn') return null
  const nth = Math.min(of.stitches, pulledNth.value ?? Math.max(1, Math.floor(of.stitches / 2)))
  const { landings } = landingsOfSide(plan.value, at.stretch, at.side)
  const place = landings[nth]
  return place && { at, of, nth, landings, x: place.x, y: -place.y }
})
function takePull(event: PointerEvent): void {
  pulledNth.value = pull.value?.nth ?? null
  followPointer(event, movePull, () => {
    pulledNth.value = null
  })
}
function movePull(event: PointerEvent): void {
  const now = pull.value
  const place = mmOf(event, group.value)
  if (!now || !place) return
  const mm = alongSide(now.landings, { x: place.x, y: -place.y })
  const stitches = pulledCount(now.of.lengthMm, now.nth, mm)
  if (stitches !== now.of.stitches) emit('recount', now.at, stitches)
}
function pressPull(event: KeyboardEvent): void {
  if (!pull.value) return
  const step = sliderStep(event)
  if (step !== 0) emit('recount', pull.value.at, pull.value.of.stitches + step)
}
const stitchWords = (stitches: number, lengthMm: number) =>
  `${stitches} stitches, ${inMm(lengthMm / stitches)} from point to point`

function take(stretch: number, pressed: PointerEvent): void {
  followPointer(pressed, event => {
    const place = mmOf(event, group.value)
    const landing = place && nearestLanding(plan.value, stretch, { x: place.x, y: -place.y })
    if (landing !== null) emit('start', stretch, plan.value.landings[landing]!.alongMm)
  })
}
function press(stretch: number, start: number, event: KeyboardEvent): void {
  const step = sliderStep(event)
  if (step === 0) return
  const { from } = plan.value.stretches[stretch]!
  const count = (plan.value.stretches[stretch + 1]?.from ?? plan.value.landings.length) - from
  for (let k = 1; k < count; k++) {
    const landing = plan.value.landings[from + ((((start - from + k * step) % count) + count) % count)]!
    if (landing.isPoint) continue
    emit('start', stretch, landing.alongMm)
    return
  }
}
</script>

<template>
  <PlanDrawing
    v-slot="{ mmPerPx }"
    :wide-mm="wideMm"
    :tall-mm="tallMm"
    :label="label"
  >
    <rect
      :width="wideMm"
      :height="tallMm"
      :fill="groundHex"
    />
    <g
      ref="group"
      :transform="shift"
    >
      <path
        v-for="(region, i) in answer.regions"
        :key="i"
        :d="pathOf(region, true)"
        :fill="hexes[i]"
        fill-rule="evenodd"
        stroke="var(--ink)"
        :stroke-width="0.8 * mmPerPx"
      />
      <template v-if="view === 'sewn'">
        <ThreadPath
          v-for="(d, i) in threads"
          :key="i"
          :d="d"
          :hex="threadHex"
          :around="around[answer.stretches[i]!.part] ?? null"
          :mm="threadMm"
        />
        <circle
          v-for="({ x, y }, i) in thick"
          :key="`thick-${i}`"
          :cx="x"
          :cy="y"
          :r="9 * mmPerPx"
          fill="none"
          stroke="var(--weld)"
          :stroke-width="2.5 * mmPerPx"
        />
      </template>
      <template v-else>
        <path
          v-for="{ room, path } in runs"
          :key="room"
          :d="path"
          fill="none"
          :stroke="ROOM_INKS[room]"
          :stroke-width="6 * mmPerPx"
          :stroke-dasharray="ROOM_DASH[room] ? ROOM_DASH[room]!.join(' ') : undefined"
        />
      </template>
      <path
        v-for="({ x, y }, i) in landed"
        :key="`point-${i}`"
        :transform="`translate(${x} ${-y}) scale(${mmPerPx})`"
        d="M0 -6l6 6l-6 6l-6 -6z"
        fill="var(--white)"
        stroke="var(--ink)"
        stroke-width="1.6"
      />
      <g
        v-for="{ number, at: its, x, y, inward, most } in shownSides(mmPerPx)"
        :key="`side-${number}`"
        :transform="beside(x, y, inward, (isSameSide(its, side) ? 26 : 14) * mmPerPx)"
        data-drag
        class="pick"
        aria-hidden="true"
        @pointerdown.stop
        @click="
          () => {
            side = isSameSide(its, side) ? null : its
          }
        "
      >
        <NumberBadge
          :words="badgeOf(number, most)"
          :mm-per-px="mmPerPx"
          :look="isSameSide(its, side) ? 'chosen' : 'plain'"
        />
      </g>
      <g
        v-for="{ stretch, start, x, y, turn } in view === 'sewn' ? starts : []"
        :key="`start-${stretch}`"
        data-drag
        class="grip"
        role="slider"
        tabindex="0"
        :aria-label="`Start of stretch ${stretch + 1}`"
        :aria-valuenow="Math.round(plan.landings[start]!.alongMm)"
        aria-valuemin="0"
        :aria-valuemax="Math.round(plan.stretches[stretch]!.lengthMm)"
        :aria-valuetext="`${length(plan.landings[start]!.alongMm)} along`"
        :transform="arrowAt(x, y, turn, 15 * mmPerPx)"
        @pointerdown.stop="take(stretch, $event)"
        @keydown="press(stretch, start, $event)"
      >
        <circle
          :r="FINGER_PX * mmPerPx"
          fill="transparent"
        />
        <path
          :transform="`scale(${mmPerPx})`"
          d="M-11 -5h11v-5l13 10l-13 10v-5h-11z"
          fill="var(--mulberry)"
          stroke="var(--white)"
          stroke-width="2"
        />
      </g>
      <g
        v-if="pull"
        data-drag
        class="grip"
        role="slider"
        tabindex="0"
        :aria-label="`Stitches of the chosen side`"
        :aria-valuenow="pull.of.stitches"
        aria-valuemin="1"
        :aria-valuemax="Math.max(pull.of.stitches, Math.floor(pull.of.lengthMm / LEAST_STITCH_MM))"
        :aria-valuetext="stitchWords(pull.of.stitches, pull.of.lengthMm)"
        :transform="`translate(${pull.x} ${pull.y}) scale(${mmPerPx})`"
        @pointerdown.stop="takePull"
        @keydown="pressPull"
      >
        <circle
          :r="FINGER_PX"
          fill="transparent"
        />
        <circle
          r="9"
          fill="var(--white)"
          stroke="var(--mulberry)"
          stroke-width="4"
        />
      </g>
      <g
        v-if="points && !laid"
        :transform="placing"
      >
        <DrawnPoints
          v-model="points"
          :mm-per-px="mmPerPx"
          :grid-mm="1"
          :least="3"
          what="Shape"
          closed
        />
      </g>
      <LayPoints
        v-if="laid"
        v-model="laid"
        :box="layBox"
        :mm-per-px="mmPerPx"
        :grid-mm="1"
        :least="3"
        @closed="emit('closed')"
      />
    </g>
  </PlanDrawing>
  <div
    v-if="!laid"
    class="flex flex-wrap items-center gap-3 mt-2"
  >
    <SegmentBar
      v-model="view"
      label="What is shown"
      :items="[
        { value: 'sewn', label: 'As sewn' },
        { value: 'room', label: 'Largest bite' },
      ]"
    />
    <span
      v-if="view === 'room'"
      class="hint"
      ><b class="clear-ink">whole line</b>: room to spare · <b class="close-ink">long dashes</b>: hardly ·
      <b class="strikes-ink">short dashes</b>: a bite of {{ inMm(widthMm) }} touches</span
    >
    <span
      v-else
      class="hint"
      >Drag the arrow to begin elsewhere. Press a side’s number, then pull its ring for longer stitches.</span
    >
  </div>
</template>

<style scoped>
.pick {
  cursor: pointer;
}
.grip {
  cursor: grab;
}
.grip:focus-visible {
  outline: calc(3px * var(--px)) solid var(--mulberry);
}
</style>
