<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { useFieldProblems } from '~/fields/fieldProblems'

/** Time sewn with the needle that is in: start, stop, and say how much of it was sewing. */
const care = useCareStore()
const inHand = useInHandStore()
const { sayStored } = useStoredWords()
const now = useNow({ interval: 10_000 })
const soFar = computed(() => care.sessionSoFar(now.value))
const stopping = ref(false)
const minutes = ref<number | null>(null)
const blocks = ref(0)
const MOST_MINUTES = 24 * 60
const DOUBTS = {
  'clock went back': 'The clock was set back meanwhile: nothing was counted.',
  'forgotten': 'It ran longer than anybody sews: it may have been forgotten.',
} as const

function stop(): void {
  const session = care.sessionSoFar(new Date())
  minutes.value = session && !session.doubt ? Math.round(session.hours * 60) : null
  stopping.value = true
}
const { refuses } = useFieldProblems()
function add(): void {
  if (refuses() || minutes.value === null) return
  care.addTime(minutes.value / 60, blocks.value, 'timer', new Date())
  void sayStored(`${minutes.value} minutes added to the needle`)
  stopping.value = false
}
function drop(): void {
  care.dropSession()
  stopping.value = false
}
</script>

<template>
  <div class="timer">
    <template v-if="stopping && care.runningSince">
      <NumberField
        v-model="minutes"
        label="Minutes sewn"
        :limit="[0, MOST_MINUTES]"
      />
      <NumberField
        v-model="blocks"
        label="Fused blocks"
        :limit="[0, 99]"
        whole
      />
      <UButton
        label="Add"
        icon="i-lucide-check"
        :disabled="minutes === null"
        @click="add"
      />
      <UButton
        variant="outline"
        label="Go on sewing"
        @click="
          () => {
            stopping = false
          }
        "
      />
      <UButton
        variant="ghost"
        label="Drop it"
        @click="drop"
      />
      <p
        v-if="soFar?.doubt"
        role="alert"
        class="hint strikes-ink"
      >
        {{ DOUBTS[soFar.doubt] }} Type the minutes.
      </p>
    </template>
    <template v-else-if="care.runningSince">
      <span role="status"
        >Sewing for <b>{{ Math.round((soFar?.hours ?? 0) * 60) }}</b> min</span
      >
      <UButton
        icon="i-lucide-square"
        label="Stop"
        @click="stop"
      />
    </template>
    <UButton
      v-else
      variant="outline"
      icon="i-lucide-timer"
      label="Start sewing"
      :disabled="!inHand.parts.needle || !inHand.parts.machine"
      @click="care.startSession(new Date())"
    />
  </div>
</template>

<style scoped>
.timer {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
}
.timer > div {
  width: 120px;
}
.timer > span {
  align-self: center;
}
</style>
