import type { CoreErrorData } from '#core/errors'
import type { FontId } from '#shared/inputs'
import type { PlanApi, PlannedReply, WorkerClient } from '#workers/client'
import { useProblemWords } from './problemWords'
import { startPlanner } from './startPlanner'

/** How a worker is asked, once all it needs is there. */
type Ask<Input, Answer> = (api: WorkerClient<PlanApi>['api'], input: Input) => Promise<PlannedReply<Answer>>

/**
 * Works a plan out in a worker whenever it changes. While it works, and while something typed cannot be
 * reckoned with, the last good answer stays; of several changes only the last is asked for.
 *
 * @param input - what to work out, in plain values; null: nothing yet.
 * @param fontsOf - the fonts it needs.
 */
export function usePlanWorker<Input, Answer>(
  input: () => Input | null,
  ask: Ask<Input, Answer>,
  fontsOf: (input: Input) => readonly FontId[] = () => [],
) {
  const wordsOf = useProblemWords()
  const answer = shallowRef<Answer | null>(null)
  const problem = shallowRef<CoreErrorData | null>(null)
  const failed = ref('')
  const client = startPlanner()
  onScopeDispose(() => client.dispose())

  let isBusy = false
  let next: Input | null = null
  async function workOut(): Promise<void> {
    if (isBusy) return
    isBusy = true
    while (next !== null) {
      const now = next
      next = null
      await answerTo(now)
    }
    isBusy = false
  }
  async function answerTo(now: Input): Promise<void> {
    try {
      await client.withFonts(fontsOf(now))
      const reply = await Promise.race([ask(client.api, now), client.failed])
      failed.value = ''
      problem.value = reply.ok ? null : reply.error
      if (reply.ok) answer.value = reply.answer
    } catch (error) {
      failed.value = error instanceof Error ? error.message : String(error)
    }
  }
  watch(
    () => input(),
    now => {
      next = now
      if (now === null) answer.value = null
      void workOut()
    },
    { immediate: true },
  )
  return {
    answer,
    /** What is wrong with what is typed now; empty: nothing. */
    problem: computed(() => failed.value || (problem.value ? wordsOf(problem.value) : '')),
  }
}
