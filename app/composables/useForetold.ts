import { computed } from 'vue'
import type { Foretold, LearntFrom } from '#core/swatch'
import type { Question } from '#shared/inputs'
import { type ForetellApi, startForetellWorker, type WorkerClient } from '#workers/client'
import { useAsked } from '~/asking/useAsked'
import { useAsker } from '~/asking/useAsker'

interface Asked {
  readonly question: Question
  readonly records: readonly LearntFrom[]
}

/**
 * What the swatch book answers, read in a worker.
 *
 * @param lessons - what the book teaches; handed over again only when it is another array.
 * @param question - null: nothing is asked.
 */
export function useForetold(lessons: () => readonly LearntFrom[], question: () => Question | null) {
  /** The book a worker was handed: another worker needs it anew. */
  const handed = new WeakMap<WorkerClient<ForetellApi>['api'], readonly LearntFrom[]>()
  // A question counts by what it asks: a changed tension asks the same again.
  const text = computed(() => JSON.stringify(question()))
  const asked = computed((): Asked | null => {
    const now = JSON.parse(text.value) as Question | null
    return now && { question: now, records: lessons() }
  })
  const { answer, problem, fault, isWorking, again } = useAsked<ForetellApi, Asked, Foretold>({
    asker: useAsker(startForetellWorker),
    input: () => asked.value,
    ask: (api, { question: { wanted, ruleShare }, records }) => {
      // Messages keep their order: the question is answered from this book.
      if (handed.get(api) !== records) void api.learn(records)
      handed.set(api, records)
      return api.foretell(wanted, ruleShare)
    },
    about: () => asked.value,
  })
  const told = computed((): Foretold | 'not read yet' | 'not readable' => {
    if (answer.value) return answer.value
    return !isWorking.value && (problem.value || fault.value) ? 'not readable' : 'not read yet'
  })
  return { told, fault, again }
}
