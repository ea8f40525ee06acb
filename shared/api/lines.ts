import { z } from 'zod'
import { MOST_LINES, MOST_NODES, sewRuns } from '#core/lines'
import { within } from '../fields'
import { tidy } from './tidy'

const place = z
  .int()
  .min(0, 'is below 0')
  .max(MOST_NODES - 1, `is over ${MOST_NODES - 1}`)

/** What `POST /api/v1/lines` takes. */
export const linesRequestSchema = z.strictObject({
  nodes: z
    .union([
      z.int().min(1, 'needs at least one').max(MOST_NODES, `is at most ${MOST_NODES}`),
      z
        .array(
          z.union([
            z.strictObject({ x: within('outlineMm'), y: within('outlineMm') }),
            z.int(),
            z.string().max(64),
          ]),
        )
        .min(1, 'needs at least one')
        .max(MOST_NODES, `has at most ${MOST_NODES}`),
    ])
    .describe('How many places there are, or the places themselves, or their names'),
  lines: z
    .array(z.strictObject({ a: place, b: place, lengthMm: within('sideMm') }))
    .min(1, 'needs at least one line')
    .max(MOST_LINES, `has at most ${MOST_LINES} lines`),
  twice: z.boolean().describe('Whether lines may be sewn twice to spare starts'),
})

/** What it returns. */
export const linesResponseSchema = z.strictObject({
  runs: z.array(
    z.strictObject({
      nodes: z.array(z.int()).describe('Places in the order they are reached'),
      lines: z.array(z.int()).describe('Places in lines, one fewer than nodes'),
    }),
  ),
  starts: z.int(),
  tails: z.int(),
  twiceMm: z.number(),
  proven: z.boolean().describe('Nothing better exists; else over 14 odd places were paired nearly'),
})

/** @throws CoreError `bad-drawing`, `too-many`. */
export function answerLines({
  nodes,
  lines,
  twice,
}: z.output<typeof linesRequestSchema>): z.output<typeof linesResponseSchema> {
  const found = sewRuns(typeof nodes === 'number' ? nodes : nodes.length, lines, twice)
  return {
    runs: found.runs.map(run => ({ nodes: [...run.nodes], lines: [...run.lines] })),
    starts: found.starts,
    tails: found.tails,
    twiceMm: tidy(found.twiceMm),
    proven: found.proven,
  }
}
