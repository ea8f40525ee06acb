import { learnFrom, type LearntFrom, type SwatchFeatures } from '#core/swatch'

/**
 * In place of `#workers/client`: the same answers, later but without another thread. `downed` stands for one
 * that does not start.
 */
export const downed = { value: false }
/** Nothing here is scaled: no browser draws. */
export const startPhotoWorker = () => {
  throw new Error('no photos here')
}
export function startForetellWorker() {
  let book = learnFrom([])
  return {
    api: {
      learn: (records: readonly LearntFrom[]) => Promise.resolve(void (book = learnFrom(records))),
      foretell: (wanted: SwatchFeatures, ruleShare: number) =>
        downed.value
          ? new Promise(() => {})
          : Promise.resolve({ ok: true, answer: book.foretell(wanted, ruleShare) }),
    },
    loaded: Promise.resolve(),
    failed: downed.value ? Promise.reject(new Error('down')) : new Promise(() => {}),
    dispose: () => {},
  }
}
