<script setup lang="ts">
import type { ChangeMinutes, WorkOrder, WorkPiece } from '#core/order'
import { calledBack, type OrderApi, startOrderWorker } from '#workers/client'
import { type Fault, LOAD_MS } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { useProblemWords } from '~/planner/problemWords'
import { plainOf } from '~/utils/plain'
import { minutesWords } from '~/utils/minutesWords'

/** Looks for the order with the least changing, in a worker that can be stopped. */
const { pieces, before, minutes, inside } = defineProps<{
  pieces: readonly WorkPiece[]
  before: readonly (readonly [number, number])[]
  minutes: ChangeMinutes
  /** Minutes of changing within the pieces: the same in every order. */
  inside: number
}>()
const emit = defineEmits<{ found: [order: readonly number[]] }>()
const wordsOf = useProblemWords()
const share = ref<number | null>(null)
const found = shallowRef<WorkOrder | null>(null)
const problem = ref('')
const fault = ref<Fault | null>(null)
// How far it is is shown, and it can be stopped: it may take as long as it needs.
const asker = useAsker<OrderApi>(startOrderWorker, { loadMs: LOAD_MS, answerMs: Number.POSITIVE_INFINITY })
function stop(): void {
  asker.stop()
  share.value = null
}
/** Only another order of the same is what was found. */
const asked = computed(() => JSON.stringify([pieces.map(({ id }) => id).sort(), before.length, minutes]))
watch(asked, () => {
  found.value = null
})
async function look(): Promise<void> {
  stop()
  problem.value = ''
  fault.value = null
  share.value = 0
  const input = plainOf({ pieces: [...pieces], before: [...before], start: null, minutes })
  const onProgress = calledBack((done: number) => {
    if (share.value !== null) share.value = done
  })
  const outcome = await asker.ask(api => api.best(input, onProgress))
  if (outcome.kind === 'stopped') return
  stop()
  if (outcome.kind === 'failed') fault.value = outcome.fault
  else if (!outcome.value.ok) problem.value = wordsOf(outcome.value.error)
  else {
    found.value = outcome.value.answer
    emit('found', outcome.value.answer.order)
  }
}
const savedWords = computed(() => {
  const now = found.value
  if (!now) return ''
  const takes = `${minutesWords(now.changeMinutes + inside)} of changing`
  if (now.typedMinutes === null) return `${takes}; the order before broke a rule.`
  const saved = now.typedMinutes - now.changeMinutes
  return saved < 0.05
    ? `${takes}: it was the best already.`
    : `${takes}, ${minutesWords(saved)} less than before.`
})
const sureWords = computed(() => {
  if (!found.value) return ''
  return found.value.proven
    ? 'No order takes less.'
    : 'A good order; with over 16 it is not proven to be the best.'
})
</script>

<template>
  <div class="grid gap-2">
    <div class="flex flex-wrap items-center gap-2">
      <UButton
        v-if="share === null"
        icon="i-lucide-wand-sparkles"
        variant="outline"
        label="Find the best order"
        :disabled="pieces.length < 2"
        @click="look"
      />
      <template v-else>
        <UProgress
          :model-value="Math.round(100 * share)"
          aria-label="Looking for the best order"
          class="w-40"
        />
        <UButton
          variant="outline"
          label="Stop"
          @click="stop"
        />
      </template>
    </div>
    <p
      v-if="found"
      role="status"
    >
      <b>{{ savedWords }}</b> <span class="hint">{{ sureWords }}</span>
    </p>
    <AskFault
      v-if="fault"
      what="The best order"
      :fault="fault"
      @again="look"
    />
    <p
      v-if="problem"
      class="strikes-ink"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
