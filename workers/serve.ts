import { expose } from 'comlink'
import { CoreError, type CoreErrorData, type Result } from '#core/errors'

/** What a worker answers: errors of the core cross as data, because exceptions lose their code on the way. */
export type Reply<T> = Result<{ readonly answer: T }, { readonly error: CoreErrorData }>

export function replyOf<T>(work: () => T): Reply<T> {
  try {
    return { ok: true, answer: work() }
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, error: error.toData() }
    throw error
  }
}

/** The first thing a worker says: its code has loaded. */
export const LOADED = 'loaded'

/** Answers what is asked from now on. */
export function serve(api: object): void {
  expose(api)
  globalThis.postMessage?.(LOADED)
}
