import { z } from 'zod'
import { MOST_PIECES, orderOfWork } from '#core/order'
import { within } from '../fields'
import { tidy, tidyOrNull } from './tidy'

const MOST_THREADS = 9
const word = z.string().max(200, 'is longer than 200 characters').describe('In words; empty: nothing')
const needsShape = z.strictObject({
  machine: word,
  needle: word,
  threads: z.array(word).max(MOST_THREADS, `has at most ${MOST_THREADS}`).describe('Left to right'),
  bobbin: word,
  plate: word,
  foot: word,
  stabilizer: word,
  tension: word,
})
const place = z
  .int()
  .min(0, 'is below 0')
  .max(MOST_PIECES - 1, `is over ${MOST_PIECES - 1}`)
const each = within('changeMinutes')

/** What `POST /api/v1/order` takes. */
export const orderRequestSchema = z
  .strictObject({
    pieces: z
      .array(z.strictObject({ id: z.union([z.string().max(200), z.number()]), needs: needsShape }))
      .min(1, 'needs at least one piece')
      .max(MOST_PIECES, `has at most ${MOST_PIECES} pieces`),
    before: z
      ._default(z.array(z.tuple([place, place])).max(1600), [])
      .describe('The first is sewn before the second'),
    start: z.optional(needsShape.describe('What is on the machine now')),
    minutes: z.strictObject({
      machine: each,
      needle: each,
      thread: each,
      bobbin: each,
      plate: each,
      foot: each,
      stabilizer: each,
      tension: each,
    }),
  })
  .superRefine(({ pieces, before }, context) => {
    before.forEach((pair, i) =>
      pair.forEach((piece, k) => {
        if (piece >= pieces.length)
          context.addIssue({
            code: 'custom',
            path: ['before', i, k],
            message: `is ${piece}; pieces go from 0 to ${pieces.length - 1}`,
          })
      }),
    )
  })

/** What it returns. */
export const orderResponseSchema = z.strictObject({
  order: z.array(z.int()).describe('Places in pieces'),
  steps: z.array(z.strictObject({ piece: z.int(), changes: z.array(z.string()), minutes: z.number() })),
  changeMinutes: z.number(),
  typedMinutes: z.nullable(z.number()).describe('In the order as sent; null: that breaks a “before”'),
  proven: z.boolean(),
})

/** @throws CoreError `cycle`, `too-many`. */
export function answerOrder({
  pieces,
  before,
  start,
  minutes,
}: z.output<typeof orderRequestSchema>): z.output<typeof orderResponseSchema> {
  const work = pieces.map(({ id, needs }) => ({ id: String(id), needs }))
  const found = orderOfWork(work, before, start ?? null, minutes)
  return {
    order: [...found.order],
    steps: found.steps.map(step => ({
      piece: step.piece,
      changes: [...step.changes],
      minutes: tidy(step.minutes),
    })),
    changeMinutes: tidy(found.changeMinutes),
    typedMinutes: tidyOrNull(found.typedMinutes),
    proven: found.proven,
  }
}
