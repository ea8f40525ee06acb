import { CoreError } from '#core/errors'

/** What a rule cannot use right now is left out. */
export function orNull<T>(work: () => T): T | null {
  try {
    return work()
  } catch (error) {
    if (error instanceof CoreError) return null
    throw error
  }
}
