import { leaveOneOut, type LearntFrom, predictOffset, type SwatchFeatures } from './predict'

/** What own swatches foretell for one combination. */
export interface Foretold {
  /** null: too few records like it. Named are the most alike of `of` records. */
  readonly prediction: {
    readonly share: number
    readonly spread: number
    readonly leansOn: readonly { readonly id: string; readonly alike: number }[]
    readonly of: number
  } | null
  /** How far off the whole book is on records it has not seen, and the rule, as shares; null: too few. */
  readonly error: ReturnType<typeof leaveOneOut>
}

export interface LearntBook {
  /** @throws {CoreError} as `predictOffset`. */
  readonly foretell: (wanted: SwatchFeatures, ruleShare: number) => Foretold
}

/** So many names are enough to see what a number leans on. */
const MOST_NAMED = 12

/**
 * A book read once, to be asked for any combination; its own error is worked out with the first.
 *
 * @example
 * learnFrom(lessons).foretell(wanted, -0.3).prediction?.share
 */
export function learnFrom(records: readonly LearntFrom[]): LearntBook {
  let error: Foretold['error'] | undefined
  return {
    foretell(wanted, ruleShare) {
      const prediction = predictOffset(records, wanted, ruleShare)
      if (error === undefined) error = leaveOneOut(records)
      return {
        prediction: prediction && {
          ...prediction,
          leansOn: prediction.leansOn.slice(0, MOST_NAMED),
          of: prediction.leansOn.length,
        },
        error,
      }
    },
  }
}
