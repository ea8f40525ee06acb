import { dialledMm, type DialScale, PLAIN_SCALE } from './dialScale'
import type { FitPlan } from './fit'

/** Marks nearer than this are the same, in mm. */
const SAME_MM = 1e-4

/**
 * The lengths that several plans dial, each once, the shortest first.
 *
 * @param plans - null: nothing on the dial lands there.
 *
 * @example
 * marksOfPlans([fitPlans(134, 3, [2.9, 3])[0]]) // [2.9, 3]
 */
export function marksOfPlans(
  plans: Iterable<Pick<FitPlan, 'parts'> | null>,
  scale: DialScale = PLAIN_SCALE,
): readonly number[] {
  const all = [...plans].flatMap(plan => plan?.parts ?? []).filter(({ count }) => count > 0)
  const sorted = all.map(({ lengthMm }) => dialledMm(lengthMm, scale)).sort((a, b) => a - b)
  return sorted.filter((mm, i) => i === 0 || mm - sorted[i - 1]! > SAME_MM)
}
