<script setup lang="ts">
import { type Reading, READING_STEPS, type ReadingName, type ReadingStep } from '#core/trial'
import type { SeamPoints } from '#core/seam'
import { readingWord, signed } from '~/utils/readingWords'

/**
 * Seven drawings to hold the sewn row against: the row is read by looking, not by words. Keys 1 to 7 choose
 * them from the left, B begins a row that lies between two.
 */
const {
  name,
  legend,
  seam,
  target,
  chosen,
  away = false,
} = defineProps<{
  name: ReadingName
  legend: string
  seam: SeamPoints
  /** The goal's own step; null: this reading is beside the point, or is not to be given away. */
  target: Reading | null
  chosen: Reading | null
  /** Ready, but not asked now: nobody can see it, reach it or hear it. */
  away?: boolean
}>()
const emit = defineEmits<{ choose: [reading: Reading] }>()
/** The first of two drawings the row lies between; undefined: it is asked for one drawing. */
const first = ref<ReadingStep | null>()
const isBetween = computed(() => first.value !== undefined)
const isBeside = (step: ReadingStep) => first.value != null && Math.abs(first.value - step) === 1
const isChosen = (step: ReadingStep) =>
  isBetween.value ? first.value === step : chosen !== null && Math.abs(chosen - step) < 1
function take(step: ReadingStep): void {
  if (!isBetween.value) return emit('choose', step)
  if (!isBeside(step)) {
    first.value = step
    return
  }
  emit('choose', ((first.value! + step) / 2) as Reading)
  first.value = undefined
}
function toggleBetween(): void {
  first.value = isBetween.value ? undefined : null
}
const group = useTemplateRef<HTMLElement>('group')
const STEP_KEYS = '1234567'
const ARROWS = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 } as const
function press(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return
  const place = STEP_KEYS.indexOf(event.key)
  if (place >= 0 && event.key !== '') take(READING_STEPS[place]!)
  else if (event.key.toLowerCase() === 'b') toggleBetween()
  else if (event.key in ARROWS) move(ARROWS[event.key as keyof typeof ARROWS])
  else return
  event.preventDefault()
  event.stopPropagation()
}
const tiles = () => [...(group.value?.querySelectorAll<HTMLElement>('[role="radio"]') ?? [])]
function move(by: number): void {
  const all = tiles()
  const at = all.indexOf(document.activeElement as HTMLElement)
  all[Math.min(all.length - 1, Math.max(0, at + by))]?.focus()
}
/** Tab comes to the chosen one, else to the middle: from there the arrows go both ways. */
const isStop = (step: ReadingStep) => !away && step === Math.floor(chosen ?? 0)
const hint = computed(() => {
  if (first.value === undefined) return ''
  return first.value === null ? 'Choose the first of the two.' : 'Now the one beside it.'
})
defineExpose({
  focus: () =>
    tiles()
      .find(tile => tile.tabIndex === 0)
      ?.focus({ preventScroll: true }),
})
</script>

<template>
  <div
    class="box"
    :aria-hidden="away || undefined"
  >
    <div
      ref="group"
      role="group"
      :aria-label="legend"
      class="steps"
      @keydown="press"
    >
      <button
        v-for="(step, i) in READING_STEPS"
        :key="step"
        type="button"
        role="radio"
        :aria-checked="isChosen(step)"
        :aria-label="`${signed(step)}, ${readingWord(name, step)}${target === step ? ', the goal' : ''}`"
        :aria-keyshortcuts="`${i + 1}`"
        :tabindex="isStop(step) ? 0 : -1"
        :class="{ chosen: isChosen(step), target: target === step, beside: isBeside(step) }"
        @click="take(step)"
      >
        <CrossingPicture
          v-if="name === 'show'"
          :seam="seam"
          :reading="step"
          class="large"
        />
        <RidgePicture
          v-else
          :seam="seam"
          :reading="step"
          class="large"
        />
        <span class="said">
          <RowPicture
            v-if="name === 'show'"
            :seam="seam"
            :reading="step"
            class="small"
          />
          <span
            ><b>{{ signed(step) }}</b> {{ readingWord(name, step) }}</span
          >
        </span>
        <em v-if="target === step">goal</em>
      </button>
      <button
        type="button"
        class="between"
        :tabindex="away ? -1 : undefined"
        :aria-pressed="isBetween"
        aria-keyshortcuts="b"
        @click="toggleBetween"
      >
        <b>Between two</b>
        <span role="status">{{ hint || 'then choose both' }}</span>
      </button>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.box {
  container-type: inline-size;
}
.steps {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 5px;
  height: 100%;
}
button {
  position: relative;
  display: grid;
  grid-template-rows: auto 1fr;
  gap: 2px;
  padding: 3px;
  border: 2px solid var(--line);
  border-radius: 9px;
  background: var(--white);
  color: var(--ink);
  line-height: 1.1;
  cursor: pointer;
}
button:hover {
  border-color: var(--line-strong);
}
button:focus-visible {
  outline: 3px solid var(--mulberry);
  outline-offset: 2px;
}
.chosen,
.between[aria-pressed='true'] {
  border-color: var(--mulberry);
  background: var(--cloth);
  box-shadow: 0 0 0 1.5px var(--mulberry);
}
.beside {
  border-color: var(--mulberry);
  border-style: dashed;
}
.large {
  width: 100%;
  max-width: 160px;
  margin-inline: auto;
}
.said {
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 3px;
  min-height: 32px;
  font-size: 14px;
}
.small {
  width: 22px;
  flex: none;
}
.between {
  min-height: 44px;
  grid-template-rows: auto auto;
  align-content: center;
  justify-items: center;
  text-align: center;
  border-style: dashed;
  border-color: var(--line-strong);
}
.between span {
  font-size: 14px;
  color: var(--mute);
}
em {
  position: absolute;
  top: -3px;
  right: -3px;
  padding: 2px 6px;
  border-radius: 4px;
  font-style: normal;
  font-size: 14px;
  font-weight: 700;
  color: var(--on-mulberry);
  background: var(--mulberry);
}
/* One row from left to right, as large as a crossing can be compared by; else two. */
@container (min-width: 620px) {
  .steps {
    grid-template-columns: repeat(7, minmax(0, 1fr));
  }
  .said {
    flex-direction: column;
  }
  .small {
    width: 52px;
  }
  .between {
    grid-column: span 2;
  }
}
</style>
