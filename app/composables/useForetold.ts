import { onScopeDispose, shallowRef, watch } from 'vue'
import type { Foretold, LearntFrom } from '#core/swatch'
import type { Question } from '#shared/inputs'
import { startForetellWorker } from '#workers/client'

/**
 * What the swatch book answers, read in a worker. An answer to an older question is dropped.
 *
 * @param lessons - what the book teaches; handed over again only when it is another array.
 * @param question - null: nothing is asked.
 */
export function useForetold(lessons: () => readonly LearntFrom[], question: () => Question | null) {
  const foretold = shallowRef<Foretold | 'not read yet' | 'not readable'>('not read yet')
  let client: ReturnType<typeof startForetellWorker> | null = null
  let handed: readonly LearntFrom[] | null = null
  let asked = 0

  async function ask({ wanted, ruleShare }: Question, records: readonly LearntFrom[]): Promise<void> {
    const mine = ++asked
    foretold.value = 'not read yet'
    try {
      client ??= startForetellWorker()
      // Messages keep their order: the question is answered from this book.
      if (records !== handed) void client.api.learn(records)
      handed = records
      const reply = await Promise.race([client.api.foretell(wanted, ruleShare), client.failed])
      if (mine === asked) foretold.value = reply.ok ? reply.foretold : 'not readable'
    } catch {
      if (mine === asked) foretold.value = 'not readable'
    }
  }
  // A question counts by what it asks: a changed tension asks the same again.
  watch(
    [() => JSON.stringify(question()), lessons],
    ([, records]) => {
      const now = question()
      if (now) void ask(now, records)
    },
    { immediate: true },
  )
  onScopeDispose(() => client?.dispose())
  return foretold
}
