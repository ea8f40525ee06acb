import { CoreError } from '#core/errors'
import { useProblemWords } from './problemWords'

/** The worked-out answer of a plan: the last good one stays while something typed cannot be reckoned with. */
export interface Answer<T> {
  readonly value: T | null
  /** What is wrong with what is typed now; empty: nothing. */
  readonly problem: string
}

/** Works a plan out again whenever it changes; what cannot be reckoned with is said, and nothing is lost. */
export function useAnswer<T>(work: () => T | null) {
  const wordsOf = useProblemWords()
  let last: T | null = null
  return computed((): Answer<T> => {
    try {
      last = work()
      return { value: last, problem: '' }
    } catch (error) {
      if (error instanceof CoreError) return { value: last, problem: wordsOf(error) }
      throw error
    }
  })
}
