import type { Reading } from './goals'
import type { TrialAdvice } from './types'

interface Read {
  readonly tension: number
  readonly reading: Reading
}

/**
 * The closest rows on both sides of the goal; null while it was seen from one side only, or where rows
 * disagree.
 */
export function bracketOf(
  read: readonly { readonly tension: number; readonly side: -1 | 0 | 1 }[],
): TrialAdvice['bracket'] {
  const low = Math.max(...read.filter(({ side }) => side < 0).map(({ tension }) => tension))
  const high = Math.min(...read.filter(({ side }) => side > 0).map(({ tension }) => tension))
  return Number.isFinite(low) && Number.isFinite(high) && low < high ? { low, high } : null
}

/** Noise alone makes a step of difference, hardly two. */
const TOO_MUCH = 2

/**
 * The two rows that noise explains least: clearly less at a higher number, or clearly different at the same.
 */
export function disagreement<R extends Read>(read: readonly R[]): readonly [R, R] | null {
  let [worst, most]: [readonly [R, R] | null, number] = [null, TOO_MUCH - 1]
  for (const [i, a] of read.entries()) {
    for (const b of read.slice(i + 1)) {
      const [lower, higher] = a.tension <= b.tension ? [a, b] : [b, a]
      const apart =
        lower.tension === higher.tension ? Math.abs(a.reading - b.reading) : lower.reading - higher.reading
      if (apart > most) [worst, most] = [[a, b], apart]
    }
  }
  return worst
}
