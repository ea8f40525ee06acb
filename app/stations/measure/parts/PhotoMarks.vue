<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { Span } from '#core/measure'
import type { Point } from '#core/plane'
import { followPointer } from '~/planner/followPointer'
import { arrowStep } from '~/planner/grid'

/**
 * A photo with marks on it: the four corners of the rectangle, and both ends of what is measured. Each is
 * dragged, or walked with keys; a loupe shows where it stands.
 */
const corners = defineModel<readonly Point[]>('corners', { required: true })
const span = defineModel<Span>('span', { required: true })
const { picture, holes } = defineProps<{
  picture: ImageBitmap
  /** Holes that were read, in px. */
  holes: readonly Point[]
}>()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const frame = useTemplateRef<HTMLElement>('frame')
const { width: shownPx } = useElementSize(frame)
/** Photo px a screen pixel. */
const perPx = computed(() => (shownPx.value > 0 ? picture.width / shownPx.value : 1))
watchEffect(() => {
  const at = canvas.value
  if (!at) return
  at.width = picture.width
  at.height = picture.height
  at.getContext('2d')!.drawImage(picture, 0, 0)
})

const NAMES = ['first', 'second', 'third', 'fourth'] as const
interface Mark {
  readonly id: string
  readonly name: string
  readonly place: Point
  readonly kind: 'corner' | 'end'
}
const marks = computed((): Mark[] => [
  ...corners.value.map((place, i) => ({
    id: `corner-${i}`,
    name: `${NAMES[i]} corner`,
    place,
    kind: 'corner' as const,
  })),
  ...span.value.map((place, i) => ({
    id: `end-${i}`,
    name: i === 0 ? 'one end' : 'other end',
    place,
    kind: 'end' as const,
  })),
])
const at = ref('')
const active = computed(() => marks.value.find(({ id }) => id === at.value) ?? null)

function put(id: string, place: Point): void {
  const held = {
    x: Math.min(picture.width, Math.max(0, place.x)),
    y: Math.min(picture.height, Math.max(0, place.y)),
  }
  const [kind, i] = id.split('-') as ['corner' | 'end', string]
  const index = Number(i)
  if (kind === 'corner') corners.value = corners.value.map((one, k) => (k === index ? held : one))
  else span.value = index === 0 ? [held, span.value[1]] : [span.value[0], held]
}
/** A mark keeps its distance from the finger that took hold of it beside its middle. */
function take(mark: Mark, pressed: PointerEvent): void {
  at.value = mark.id
  const start = { x: pressed.clientX, y: pressed.clientY }
  followPointer(pressed, ({ clientX, clientY }) =>
    put(mark.id, {
      x: mark.place.x + (clientX - start.x) * perPx.value,
      y: mark.place.y + (clientY - start.y) * perPx.value,
    }),
  )
}
function press(mark: Mark, event: KeyboardEvent): void {
  const way = arrowStep(event.key)
  if (!way) return
  event.preventDefault()
  event.stopPropagation()
  nudge(mark, way, stepOf(event))
}
function stepOf({ shiftKey, altKey }: KeyboardEvent): number {
  if (shiftKey) return 10
  return altKey ? 0.25 : 1
}
const labelOf = ({ name, place: { x, y } }: Mark) =>
  `${name}, at ${Math.round(x)} and ${Math.round(y)} px; arrow keys move it`
/** Up is up, and pixels of a photo are counted downwards. */
function nudge({ id, place }: Mark, [x, up]: readonly [number, number], by: number): void {
  put(id, { x: place.x + x * by, y: place.y - up * by })
}

const outline = computed(() => corners.value.map(({ x, y }) => `${x},${y}`).join(' '))
const NUDGES = [
  ['i-lucide-arrow-left', 'ArrowLeft', 'left'],
  ['i-lucide-arrow-up', 'ArrowUp', 'up'],
  ['i-lucide-arrow-down', 'ArrowDown', 'down'],
  ['i-lucide-arrow-right', 'ArrowRight', 'right'],
] as const
</script>

<template>
  <div class="grid gap-2">
    <div
      ref="frame"
      class="frame"
      :style="{ maxWidth: `calc(64vh * ${picture.width / picture.height})` }"
    >
      <canvas
        ref="canvas"
        role="img"
        aria-label="The photo"
      />
      <svg :viewBox="`0 0 ${picture.width} ${picture.height}`">
        <polygon
          :points="outline"
          fill="none"
          stroke="var(--white)"
          :stroke-width="4 * perPx"
        />
        <polygon
          :points="outline"
          fill="none"
          stroke="var(--woad)"
          :stroke-width="2 * perPx"
        />
        <g
          v-for="(hole, i) in holes"
          :key="i"
        >
          <circle
            :cx="hole.x"
            :cy="hole.y"
            :r="4 * perPx"
            fill="none"
            stroke="var(--white)"
            :stroke-width="3 * perPx"
          />
          <circle
            :cx="hole.x"
            :cy="hole.y"
            :r="4 * perPx"
            fill="none"
            stroke="var(--madder)"
            :stroke-width="1.5 * perPx"
          />
        </g>
        <g
          v-for="ink in [
            { colour: 'var(--white)', wide: 5 },
            { colour: 'var(--mulberry)', wide: 2.5 },
          ]"
          :key="ink.colour"
        >
          <line
            :x1="span[0].x"
            :y1="span[0].y"
            :x2="span[1].x"
            :y2="span[1].y"
            :stroke="ink.colour"
            :stroke-width="ink.wide * perPx"
          />
        </g>
        <g
          v-for="mark in marks"
          :key="mark.id"
          class="mark"
          role="button"
          tabindex="0"
          :aria-label="labelOf(mark)"
          :transform="`translate(${mark.place.x} ${mark.place.y}) scale(${perPx})`"
          @pointerdown.prevent.stop="take(mark, $event)"
          @focus="at = mark.id"
          @keydown="press(mark, $event)"
        >
          <circle
            r="22"
            fill="transparent"
          />
          <g v-if="mark.kind === 'corner'">
            <circle
              r="9"
              fill="none"
              stroke="var(--white)"
              stroke-width="5"
            />
            <circle
              r="9"
              fill="none"
              stroke="var(--woad)"
              stroke-width="2.5"
            />
          </g>
          <g v-else>
            <path
              d="M-9 0h18M0 -9v18"
              stroke="var(--white)"
              stroke-width="5"
            />
            <path
              d="M-9 0h18M0 -9v18"
              stroke="var(--mulberry)"
              stroke-width="2.5"
            />
          </g>
          <circle
            v-if="mark.id === at"
            r="16"
            fill="none"
            stroke="var(--mulberry)"
            stroke-width="1.5"
            stroke-dasharray="3 3"
          />
        </g>
      </svg>
      <PhotoLoupe
        v-if="active"
        :picture="picture"
        :place="active.place"
      />
    </div>
    <div
      v-if="active"
      class="nudges"
      role="group"
      :aria-label="`Move the ${active.name} by one pixel`"
    >
      <span class="hint">Move the {{ active.name }}</span>
      <UButton
        v-for="[icon, key, word] in NUDGES"
        :key="key"
        size="sm"
        variant="outline"
        :icon="icon"
        :aria-label="`One pixel ${word}`"
        @click="nudge(active, arrowStep(key)!, 1)"
      />
    </div>
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  width: 100%;
  border-radius: 10px;
  overflow: hidden;
  touch-action: none;
}
.frame > canvas:first-child {
  display: block;
  width: 100%;
}
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.mark {
  cursor: move;
}
.nudges {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
</style>
