import { expose } from 'comlink'
import { CoreError, type CoreErrorData } from '#core/errors'
import { type Foretold, type LearntFrom, learnFrom, type SwatchFeatures } from '#core/swatch'

export type ForetellReply =
  { readonly ok: true; readonly foretold: Foretold } | { readonly ok: false; readonly error: CoreErrorData }

let book = learnFrom([])
const api = {
  /** Takes a book to learn from, in place of the one before. */
  learn(records: readonly LearntFrom[]): void {
    book = learnFrom(records)
  },
  /**
   * Where the goal of a combination is expected. Errors come back as data: exceptions lose their code on the
   * way.
   */
  foretell(wanted: SwatchFeatures, ruleShare: number): ForetellReply {
    try {
      return { ok: true, foretold: book.foretell(wanted, ruleShare) }
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, error: error.toData() }
      throw error
    }
  },
}
export type ForetellApi = typeof api

expose(api)
