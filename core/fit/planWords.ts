import { formatShort } from '#core/units'
import type { FitPlan } from './fit'

/**
 * A plan as one dials it: the stitches of each mark, in the order they are sewn.
 *
 * @param length - writes a length in the reader's unit, without the unit's sign.
 *
 * @example
 * planWords(fitPlans(43, 5, [5, 6])[0]) // '5 × 5, 3 × 6'
 */
export function planWords(
  { parts }: Pick<FitPlan, 'parts'>,
  length: (mm: number) => string = formatShort,
): string {
  return parts.map(({ count, lengthMm }) => `${count} × ${length(lengthMm)}`).join(', ')
}
