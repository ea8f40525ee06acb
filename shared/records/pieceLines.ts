import * as z from 'zod/mini'
import { MOST_LINES, MOST_VANES } from '#core/lines'
import { within } from '../fields'
import { drawnPointSchema, MOST_DRAWN, pathField } from './drawn'
import { feedSchema } from './feed'

/** Lines that meet, sewn with as few starts as one likes. */
export const linesSchema = z.strictObject({
  kind: z.literal('lines'),
  drawing: z.discriminatedUnion('by', [
    z.strictObject({
      by: z.literal('plume'),
      stemMm: within('stemMm'),
      stemBowMm: within('bowMm'),
      vanes: z
        .array(z.strictObject({ lengthMm: within('vaneMm'), bowMm: within('bowMm') }))
        .check(z.minLength(1, 'needs a frond'), z.maxLength(MOST_VANES, `has at most ${MOST_VANES} fronds`)),
      leanDeg: within('leanDeg'),
      sides: z.enum(['pairs', 'turns']),
    }),
    z.strictObject({
      by: z.literal('drawn'),
      ways: z
        .array(z.array(drawnPointSchema).check(z.minLength(2, 'needs two points'), z.maxLength(MOST_DRAWN)))
        .check(z.minLength(1, 'needs a line'), z.maxLength(MOST_LINES, `has at most ${MOST_LINES} lines`)),
    }),
    z.strictObject({ by: z.literal('path'), path: pathField, mmPerUnit: within('mmPerUnit') }),
  ]),
  mostMissMm: within('missMm'),
  twice: z.boolean(),
  feed: z.nullable(feedSchema),
})

export type LinesPiece = z.output<typeof linesSchema>
