import { z } from 'zod'
import { lengthMarks } from '#core/fit'
import { CONSTRUCTIONS } from '#core/needle'
import { MOST_POINTS, planRows } from '#core/topstitch'
import { within } from '../fields'
import { lengthDialShape, mostMissShape, planShape, sentPlan, wantedShape } from './fit'
import { checkGap } from './swing'
import { tidy } from './tidy'

const MOST_ROWS = 20
const MOST_GUIDES = 40

/** What `POST /api/v1/topstitch` takes. */
export const topstitchRequestSchema = z.strictObject({
  outline: z
    .strictObject({
      pointsMm: z
        .array(z.strictObject({ x: within('outlineMm'), y: within('outlineMm') }))
        .min(2, 'needs at least two points')
        .max(MOST_POINTS, `has at most ${MOST_POINTS} points`),
      closed: z.boolean(),
    })
    .describe('x to the right, y up; it runs with the cloth on its left'),
  rowsMm: z
    .array(within('rowMm'))
    .min(1, 'needs at least one row')
    .max(MOST_ROWS, `has at most ${MOST_ROWS} rows`)
    .describe('From the edge; of a twin, the row nearest to it'),
  needle: z
    .strictObject({ construction: z.enum(CONSTRUCTIONS), gapMm: z.optional(within('gapMm')) })
    .superRefine(checkGap),
  machineMaxMm: within('maxWidthMm'),
  positionStepMm: z.optional(within('stepMm')),
  guides: z
    .array(z.strictObject({ id: z.string().min(1).max(64), fromNeedleMm: within('guideMm') }))
    .max(MOST_GUIDES, `has at most ${MOST_GUIDES} guides`),
  wantedMm: wantedShape,
  dial: lengthDialShape,
  mostMissMm: mostMissShape,
})

/** What it returns. Lengths in mm. */
export const topstitchResponseSchema = z.strictObject({
  rows: z.array(
    z.strictObject({
      atMm: z.number(),
      needleMm: z.array(z.number()).describe('Distance of each needle’s row from the edge'),
      vanished: z.boolean().describe('One of these rows cannot be sewn'),
      legsMm: z.array(z.number()).describe('Of the outermost needle; 0 where a side is passed by'),
      plans: z.array(z.array(planShape)).describe('For each side, as /api/v1/fit'),
      guides: z.array(
        z.strictObject({
          id: z.string(),
          positionMm: z.number().describe('Needle position, right of the middle'),
          offMm: z.number().describe('What rounding to the machine’s steps costs'),
          reachable: z.boolean(),
        }),
      ),
    }),
  ),
})

/** @throws CoreError `bad-outline`, `out-of-range`, `too-many`. */
export function answerTopstitch(
  request: z.output<typeof topstitchRequestSchema>,
): z.output<typeof topstitchResponseSchema> {
  const rows = planRows({
    outline: request.outline,
    rowsMm: request.rowsMm,
    needle: { construction: request.needle.construction, gapMm: request.needle.gapMm ?? 0 },
    machineMaxMm: request.machineMaxMm,
    positionStepMm: request.positionStepMm ?? null,
    guides: request.guides,
    wantedMm: request.wantedMm,
    marks: lengthMarks(request.dial),
    mostMissMm: request.mostMissMm,
    cornerDeg: 0,
  })
  return {
    rows: rows.map(({ atMm, needleMm, vanished, legs, plans, guides }) => ({
      atMm,
      needleMm: needleMm.map(tidy),
      vanished,
      legsMm: legs.map(({ lengthMm }) => tidy(lengthMm)),
      plans: plans.map(leg => leg.map(sentPlan)),
      guides: guides.map(({ id, positionMm, offMm, reachable }) => ({
        id,
        positionMm: tidy(positionMm),
        offMm: tidy(offMm),
        reachable,
      })),
    })),
  }
}
