import { readonly, ref, shallowRef, watch } from 'vue'
import type { CoreErrorData } from '#core/errors'
import type { Reply, WorkerClient } from '#workers/client'
import type { Asker, Fault } from './asker'

export interface Question<Api, Input, Answer> {
  readonly asker: Asker<Api>
  /** What to work out, in plain values; null: nothing. */
  readonly input: () => Input | null
  /** How it is asked. */
  readonly ask: (api: WorkerClient<Api>['api'], input: Input) => Promise<Reply<Answer>>
  /** What it is about: an answer about something else never serves. @defaultValue always the same */
  readonly about?: () => unknown
}

/**
 * Asks a worker whenever the input changes, the newest input first. The last good answer stays while the next
 * is worked out, and while the input cannot be worked with. It goes when there is no input, or when it was
 * about something else.
 */
export function useAsked<Api, Input, Answer>({
  asker,
  input,
  ask,
  about = () => null,
}: Question<Api, Input, Answer>) {
  const answer = shallowRef<Answer | null>(null)
  const problem = shallowRef<CoreErrorData | null>(null)
  const fault = ref<Fault | null>(null)
  const isWorking = ref(false)

  /** The number of what is asked about: an answer that belongs to an older one is dropped. */
  let number = 0
  let busy = -1
  /** Of several changes only the last is asked for. */
  let waiting: { readonly input: Input } | null = null

  async function workOut(): Promise<void> {
    if (busy === number) return
    const mine = (busy = number)
    while (waiting && mine === number) {
      const { input: now }: NonNullable<typeof waiting> = waiting
      waiting = null
      const outcome = await asker.ask(api => ask(api, now))
      if (mine !== number) return
      if (outcome.kind === 'stopped') break
      fault.value = outcome.kind === 'failed' ? outcome.fault : null
      if (outcome.kind === 'failed') continue
      problem.value = outcome.value.ok ? null : outcome.value.error
      if (outcome.value.ok) answer.value = outcome.value.answer
    }
    busy = -1
    isWorking.value = false
  }
  function put(next: Input | null): void {
    isWorking.value = next !== null
    if (next === null) return forget()
    waiting = { input: next }
    void workOut()
  }
  /** What is under way is about something that is gone. */
  function forget(): void {
    number += 1
    waiting = null
    answer.value = null
    problem.value = null
    fault.value = null
  }
  watch(
    [input, about],
    ([now, subject], [, before]) => {
      if (subject !== before) forget()
      put(now as Input | null)
    },
    { immediate: true },
  )
  return {
    /** The last good answer about what is asked about now; null: there is none yet. */
    answer,
    /** What is wrong with the input as it is now; null: nothing. */
    problem,
    /** Why there is no answer to the input as it is now; null: there is one, or it is under way. */
    fault: readonly(fault),
    /** Whether the answer to the input as it is now is under way. */
    isWorking: readonly(isWorking),
    again: () => {
      fault.value = null
      put(input())
    },
  }
}
