import * as z from 'zod/mini'
import { dialProblem, FARTHEST_MARK, isStepOf, stepRange } from '#core/dial'
import type { TensionDial } from '#core/terms'
import { formatShort } from '#core/units'

const BEYOND = `must be from −${FARTHEST_MARK} to ${FARTHEST_MARK}`
/** A number on a tension dial. */
export const dialMark = z
  .number({ error: BEYOND })
  .check(z.gte(-FARTHEST_MARK, BEYOND), z.lte(FARTHEST_MARK, BEYOND))

/** The ends and normal tension of a dial. */
export const dialField = z.strictObject({ min: dialMark, max: dialMark, home: dialMark }).check(
  z.superRefine((dial, context) => {
    const problem = dialProblem(dial)
    if (problem) context.addIssue({ code: 'custom', path: [problem.field], message: problem.message })
  }),
)

/** What is wrong with the step of a dial, in words; null: nothing, or the dial is not known. */
export function dialStepProblem(dial: TensionDial | null, step: number | null): string | null {
  if (!dial || step === null || isStepOf(dial, step)) return null
  const [least, most] = stepRange(dial).map(formatShort)
  return `must be from ${least} to ${most} on this dial`
}
