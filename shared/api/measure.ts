import { z } from 'zod'
import { measureSpans, USUAL_CLICK_PX, warningWords } from '#core/measure'
import { within } from '../fields'
import { tidy } from './tidy'

const MOST_SPANS = 200
const place = z.strictObject({ x: within('px'), y: within('px') })

/** What `POST /api/v1/measure` takes. */
export const measureRequestSchema = z.strictObject({
  cornersPx: z
    .array(place)
    .length(4, 'needs four corners')
    .describe('In order round the rectangle, the first side being its width'),
  rectangleMm: z.strictObject({ wideMm: within('shapeMm'), tallMm: within('shapeMm') }),
  spans: z
    .array(z.tuple([place, place]))
    .max(MOST_SPANS, `has at most ${MOST_SPANS} spans`)
    .describe('Pairs of places in the plane of the rectangle'),
  clickPx: z._default(within('clickPx'), USUAL_CLICK_PX).describe('How far off a place is marked'),
})

/** What it returns. */
export const measureResponseSchema = z.strictObject({
  lengths: z.array(
    z.strictObject({ mm: z.number(), spreadMm: z.number().describe('One standard deviation') }),
  ),
  obliqueDeg: z.number().describe('0: looked at square on'),
  warnings: z.array(z.strictObject({ code: z.string(), message: z.string() })),
})

/** @throws CoreError `bad-corners`, `out-of-range`. */
export function answerMeasure({
  cornersPx,
  rectangleMm,
  spans,
  clickPx,
}: z.output<typeof measureRequestSchema>): z.output<typeof measureResponseSchema> {
  const { lengths, obliqueDeg, warnings } = measureSpans({ cornersPx, ...rectangleMm }, spans, clickPx)
  return {
    lengths: lengths.map(({ mm, spreadMm }) => ({ mm: tidy(mm), spreadMm: tidy(spreadMm) })),
    obliqueDeg: tidy(obliqueDeg),
    warnings: warnings.map(warning => ({ code: warning.code, message: warningWords(warning) })),
  }
}
