import type { FitPlan } from '#core/fit'

/**
 * The marks of a run in the order they are sewn: the long stitches on the straighter half.
 *
 * @example
 * marksInOrder(fitPlans(43, 5, [5, 6])[0], 'last') // [5, 6]
 */
export function marksInOrder({ parts }: FitPlan, straighter: 'first' | 'last'): number[] {
  const marks = parts.map(({ lengthMm }) => lengthMm)
  return straighter === 'first' ? marks.toReversed() : marks
}
