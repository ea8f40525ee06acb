import { z } from 'zod'
import { dialProblem, FARTHEST_MARK } from '#core/dial'
import {
  MOST_ROWS,
  nextTension,
  type Reading,
  TRIAL_CARE,
  TRIAL_EVIDENCE,
  TRIAL_GOALS,
  TRIAL_REASONS,
} from '#core/trial'

const mark = z
  .number({ error: 'must be a number on the dial' })
  .min(-FARTHEST_MARK, `must be at least -${FARTHEST_MARK}`)
  .max(FARTHEST_MARK, `must be at most ${FARTHEST_MARK}`)
const reading = z
  .int('must be a whole step from -3 to 3')
  .min(-3, 'must be a whole step from -3 to 3')
  .max(3, 'must be a whole step from -3 to 3')

/** What `POST /api/v1/tension/next` takes: all rows so far. */
export const tensionRequestSchema = z.strictObject({
  goal: z.enum(TRIAL_GOALS),
  dial: z
    .strictObject({
      min: mark,
      max: mark,
      home: mark,
      step: z.number('must be a number above 0').gt(0, 'must be a number above 0'),
    })
    .superRefine((dial, context) => {
      const problem = dialProblem(dial)
      if (problem) context.addIssue({ code: 'custom', path: [problem.field], message: problem.message })
    }),
  rows: z
    .array(
      z.strictObject({
        dial: mark,
        ridge: reading.optional().describe('-3 slack, 0 flat, 3 stands up'),
        show: reading
          .optional()
          .describe('-3 top thread pulled under, 0 locked inside, 3 bobbin thread on the right side'),
        skips: z.boolean().optional(),
        breaks: z.boolean().optional(),
      }),
    )
    .max(MOST_ROWS, `has at most ${MOST_ROWS} rows: begin a new strip`),
  prior: z
    .strictObject({
      dial: mark,
      spread: z.number('must be a number above 0').gt(0, 'must be a number above 0'),
    })
    .optional()
    .describe('Where the goal is expected, and one standard deviation, in marks. Left out: the goal’s rule.'),
  care: z.enum(TRIAL_CARE).default('careful'),
  reader: z
    .strictObject({
      scatter: z
        .number({ error: 'must be a number' })
        .min(0.1, 'must be at least 0.1')
        .max(1.5, 'must be at most 1.5')
        .describe('Standard deviation of a reading, in reading steps'),
      bias: z
        .number({ error: 'must be a number' })
        .min(-1, 'must be at least -1')
        .max(1, 'must be at most 1')
        .default(0)
        .describe('What this reader reads too high'),
    })
    .optional()
    .describe('How the person reads; left out: nobody measured'),
})
export type TensionRequest = z.output<typeof tensionRequestSchema>

export const tensionResponseSchema = z.strictObject({
  next: z.number().nullable().describe('The number to sew next; null: there is none'),
  settled: z.boolean(),
  best: z.number().nullable(),
  evidence: z
    .enum(TRIAL_EVIDENCE)
    .describe('sewn: a row at best read the goal. between: rows lie on both sides. Else none.'),
  chance: z.number().describe('That best truly reads within half a step, 0 to 1'),
  chanceRange: z
    .strictObject({ low: z.number(), high: z.number() })
    .describe('The same for a scatter of 1.0 and of 0.2. With reader: 1.25 and 0.8 of its scatter.'),
  bracket: z.strictObject({ low: z.number(), high: z.number() }).nullable(),
  outOfReach: z.boolean(),
  reason: z.strictObject({ code: z.enum(TRIAL_REASONS), message: z.string() }),
})

/** @throws {CoreError} when a row lies outside the dial or the step does not fit it. */
export function answerTension({
  goal,
  dial,
  rows,
  prior,
  care,
  reader,
}: TensionRequest): z.output<typeof tensionResponseSchema> {
  const { next, settled, best, evidence, chance, chanceRange, bracket, outOfReach, reason } = nextTension({
    goal,
    dial,
    care,
    reader: reader ?? null,
    prior: prior ? { tension: prior.dial, spread: prior.spread } : null,
    rows: rows.map(row => ({
      tension: row.dial,
      ridge: (row.ridge ?? null) as Reading | null,
      show: (row.show ?? null) as Reading | null,
      skips: row.skips ?? false,
      breaks: row.breaks ?? false,
    })),
  })
  return { next, settled, best, evidence, chance, chanceRange, bracket, outOfReach, reason }
}
