import type { FontId } from '#shared/inputs'
import type { PlanApi, Reply, WorkerClient } from '#workers/client'
import { useAsked } from '~/asking/useAsked'
import { useProblemWords } from './problemWords'
import { usePlanAsker, withFonts } from './usePlanAsker'

/**
 * A plan worked out in a worker whenever it changes, with what is wrong in the planners' words.
 *
 * @param input - what to work out, in plain values; null: nothing yet.
 * @param about - the piece it belongs to: an answer about another one is never shown.
 * @param fontsOf - the fonts it needs. @defaultValue none
 */
export function usePlanned<Input, Answer>(
  input: () => Input | null,
  ask: (api: WorkerClient<PlanApi>['api'], input: Input) => Promise<Reply<Answer>>,
  about: () => unknown,
  fontsOf: (input: Input) => readonly FontId[] = () => [],
) {
  const wordsOf = useProblemWords()
  const { problem, ...asked } = useAsked<PlanApi, Input, Answer>({
    asker: usePlanAsker(),
    input,
    ask: async (api, now) => ask(await withFonts(api, fontsOf(now)), now),
    about,
  })
  return {
    ...asked,
    /** What is wrong with what is typed now; empty: nothing. */
    problem: computed(() => (problem.value ? wordsOf(problem.value) : '')),
  }
}
