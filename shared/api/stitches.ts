import { z } from 'zod'
import { STITCHES } from '#core/stitch'

export const stitchesResponseSchema = z.array(
  z.strictObject({
    id: z.string(),
    name: z.string(),
    alignment: z.enum(['centre', 'left', 'right']),
    defaultWidthMm: z.number(),
    defaultLengthMm: z.number(),
    repeat: z.number().describe('How far one repeat moves along the seam, for length 1'),
    drops: z
      .array(z.strictObject({ x: z.number(), y: z.number() }))
      .describe('For width 1 (x from −0.5 to 0.5) and length 1'),
  }),
)

/** The library as `GET /api/v1/stitches` lists it. */
export function answerStitches(): z.output<typeof stitchesResponseSchema> {
  return STITCHES.map(({ id, name, alignment, defaultWidthMm, defaultLengthMm, repeat, drops: list }) => ({
    id,
    name,
    alignment,
    defaultWidthMm,
    defaultLengthMm,
    repeat,
    drops: [...list],
  }))
}
