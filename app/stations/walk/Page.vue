<script setup lang="ts">
import { useIntervalFn, useStorage } from '@vueuse/core'
import { dayOf } from '~/utils/dates'

useHead({ title: 'Threading walk · Lacy Spool' })
const walk = useWalkStore()
const inHand = useInHandStore()
const { hindrance } = useHandWalk()

const VIEWS = [
  { value: 'step', label: 'One step' },
  { value: 'list', label: 'Whole list' },
] as const
const view = useStorage<'step' | 'list'>('lacy-spool-walk-view', 'step')
/** Where one looks; it may be a step that is done. */
const looking = ref<number | null>(null)
const index = computed(() => Math.min(looking.value ?? walk.index, Math.max(0, walk.walk.steps.length - 1)))
const step = computed(() => walk.walk.steps[index.value])
const isDone = computed(() => step.value !== undefined && walk.held.has(step.value.id))
const mayTick = computed(() => step.value?.id !== 'hand-walk' || hindrance.value === null)
// Another setup has other steps: look where the walk stands.
watch(
  () => walk.walk.steps.map(({ id }) => id).join(),
  () => {
    looking.value = null
  },
)

function show(to: number): void {
  looking.value = Math.max(0, Math.min(to, walk.walk.steps.length - 1))
  walk.goTo(looking.value)
}
/** A row of the whole list, read large. */
function read(to: number): void {
  show(to)
  view.value = 'step'
}
function next(): void {
  if (!step.value || !mayTick.value) return
  const from = index.value
  if (!isDone.value) walk.tick(step.value, new Date())
  looking.value = Math.min(from + 1, walk.walk.steps.length - 1)
}
function toggle(id: string): void {
  const step = walk.walk.steps.find(found => found.id === id)
  if (!step || (id === 'hand-walk' && hindrance.value !== null)) return
  if (walk.held.has(id)) walk.untick(step, new Date())
  else walk.tick(step, new Date())
  looking.value = null
}

/** Hands off: goes on by itself, but waits for a person wherever there is a caution. */
const PACES = [
  { value: '0', label: 'Hands-off: no' },
  { value: '15', label: 'every 15 s' },
  { value: '30', label: 'every 30 s' },
  { value: '60', label: 'every minute' },
] as const
const pace = ref<(typeof PACES)[number]['value']>('0')
const waits = computed(
  () => step.value !== undefined && (step.value.caution !== '' || step.value.id === 'hand-walk'),
)
const left = ref(0)
const { pause, resume } = useIntervalFn(
  () => {
    if (waits.value || walk.finished) return
    left.value -= 1
    if (left.value > 0) return
    next()
    left.value = Number(pace.value)
  },
  1000,
  { immediate: false },
)
watch([pace, index], () => {
  left.value = Number(pace.value)
})
watch(pace, now => (now === '0' ? pause() : resume()))

useKeys({ stepDone: next, stepBack: () => show(index.value - 1) })
function startOver(): void {
  walk.startOver(new Date())
  looking.value = null
}
const name = computed(() => inHand.parts.machine?.name ?? 'no machine chosen')
const timerWords = computed(() => {
  if (pace.value === '0') return ''
  return waits.value ? 'The timer waits for you here.' : `Next in ${left.value} s`
})
</script>

<template>
  <div>
    <StationHead>
      <div class="tools">
        <SelectField
          v-model="pace"
          class="pace"
          label="Hands-off timer"
          :items="PACES"
        />
        <SegmentBar
          v-model="view"
          label="How to show it"
          :items="VIEWS"
        />
      </div>
    </StationHead>
    <MissingList :missing="walk.walk.missing" />
    <div :class="['station', view]">
      <StepCard
        v-if="view === 'step' && step"
        :step="step"
        :number="index + 1"
        :of="walk.walk.steps.length"
        :done="isDone"
        :hindrance="step.id === 'hand-walk' ? hindrance : null"
        :timer="timerWords"
        @back="show(index - 1)"
        @next="next"
        @untick="toggle(step.id)"
      />
      <UCard
        as="section"
        class="list"
        aria-label="All steps"
      >
        <header>
          <h2>{{ walk.finished ? 'Ready to sew' : `${walk.done} of ${walk.walk.steps.length} done` }}</h2>
          <span class="hint">{{ name }}</span>
        </header>
        <p
          v-if="walk.finished"
          role="status"
          class="clear-ink"
        >
          Finished and logged {{ dayOf(walk.record!.finishedAt!) }}. What you change re-opens here.
        </p>
        <StepList
          :steps="walk.walk.steps"
          :held="walk.held"
          :current="view === 'step' ? index : -1"
          :long="view === 'list'"
          @show="read"
          @toggle="toggle"
        />
        <UButton
          v-if="walk.record"
          variant="outline"
          icon="i-lucide-rotate-ccw"
          label="Start over"
          class="mt-2"
          @click="startOver"
        />
        <WalkLog v-if="view === 'list'" />
      </UCard>
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
.pace :deep(label) {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.station.step {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 318px;
  gap: 16px;
  align-items: start;
}
.station.step .list {
  max-height: calc(100dvh - 156px);
  overflow-y: auto;
}
@media (max-width: 1150px) {
  .station.step {
    grid-template-columns: minmax(0, 1fr) 270px;
    gap: 12px;
  }
}
@media (max-width: 800px) {
  .station.step {
    grid-template-columns: minmax(0, 1fr);
  }
  .station.step .list {
    max-height: none;
  }
}
</style>
