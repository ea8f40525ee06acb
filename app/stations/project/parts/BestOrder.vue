<script setup lang="ts">
import type { ChangeMinutes, WorkOrder, WorkPiece } from '#core/order'
import { calledBack, startOrderWorker } from '#workers/client'
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
let client: ReturnType<typeof startOrderWorker> | null = null
function stop(): void {
  client?.dispose()
  client = null
  share.value = null
}
onScopeDispose(stop)
/** Only another order of the same is what was found. */
const asked = computed(() => JSON.stringify([pieces.map(({ id }) => id).sort(), before.length, minutes]))
watch(asked, () => {
  found.value = null
})
async function look(): Promise<void> {
  stop()
  problem.value = ''
  share.value = 0
  const mine = startOrderWorker()
  client = mine
  const input = plainOf({ pieces: [...pieces], before: [...before], start: null, minutes })
  const onProgress = calledBack((done: number) => {
    if (client === mine) share.value = done
  })
  try {
    const reply = await Promise.race([mine.api.best(input, onProgress), mine.failed])
    if (client !== mine) return
    if (reply.ok) found.value = reply.order
    else problem.value = wordsOf(reply.error)
    if (reply.ok) emit('found', reply.order.order)
  } catch {
    if (client === mine) problem.value = 'The search could not be started: reload the page.'
  } finally {
    if (client === mine) stop()
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
    <p
      v-if="problem"
      class="strikes-ink"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
