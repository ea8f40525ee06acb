import { CoreError } from '#core/errors'
import { useProblemWords } from './problemWords'

/** The worked-out answer of a plan: the last good one stays while something typed cannot be worked with. */
export interface Answer<T> {
  readonly value: T | null
  /** What is wrong with what is typed now; empty: nothing. */
  readonly problem: string
}

/**
 * Works a plan out again whenever it changes; what cannot be worked with is said, and nothing is lost.
 *
 * @param about - the piece it belongs to: an answer about another one is never shown.
 */
export function useAnswer<T>(work: () => T | null, about: () => unknown) {
  const wordsOf = useProblemWords()
  let last: T | null = null
  let subject: unknown
  return computed((): Answer<T> => {
    if (about() !== subject) last = null
    subject = about()
    try {
      last = work()
      return { value: last, problem: '' }
    } catch (error) {
      if (error instanceof CoreError) return { value: last, problem: wordsOf(error) }
      throw error
    }
  })
}
