import { type Foretold, type LearntFrom, learnFrom, type SwatchFeatures } from '#core/swatch'
import { type Reply, replyOf, serve } from './serve'

let book = learnFrom([])
const api = {
  /** Takes a book to learn from, in place of the one before. */
  learn(records: readonly LearntFrom[]): void {
    book = learnFrom(records)
  },
  /** Where the goal of a combination is expected. */
  foretell(wanted: SwatchFeatures, ruleShare: number): Reply<Foretold> {
    return replyOf(() => book.foretell(wanted, ruleShare))
  },
}
export type ForetellApi = typeof api

serve(api)
