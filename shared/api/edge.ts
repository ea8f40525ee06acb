import { z } from 'zod'
import { CoreError } from '#core/errors'
import { areaMm2, DEFAULT_CLEARANCE_MM, type EdgeStretch, type Near, planEdge } from '#core/edge'
import { lengthMarks } from '#core/fit'
import type { Point } from '#core/plane'
import { CORNER_DEG, MOST_PATH_CHARS, MOST_SHAPE_POINTS, outlinesOfPath, signedAreaMm2 } from '#core/shape'
import { within } from '../fields'
import { lengthDialShape, mostMissShape, planShape, sentPlan } from './fit'
import { tidy } from './tidy'

interface SentShape {
  readonly pointsMm?: readonly Point[] | undefined
  readonly path?: string | undefined
  readonly mmPerUnit?: number | undefined
}

/** Either points, or path data with its scale. */
function checkShape({ pointsMm, path, mmPerUnit }: SentShape, context: z.RefinementCtx): void {
  const refuse = (field: string, message: string) =>
    context.addIssue({ code: 'custom', path: [field], message })
  if ((pointsMm === undefined) === (path === undefined))
    refuse('pointsMm', 'or path must be given, and not both')
  else if (path !== undefined && mmPerUnit === undefined)
    refuse('mmPerUnit', 'is missing: how long is a unit?')
  else if (pointsMm !== undefined && mmPerUnit !== undefined) refuse('mmPerUnit', 'goes with path only')
}

/** What `POST /api/v1/edge` takes. */
export const edgeRequestSchema = z.strictObject({
  shape: z
    .strictObject({
      pointsMm: z.optional(
        z
          .array(z.strictObject({ x: within('outlineMm'), y: within('outlineMm') }))
          .min(3, 'needs at least three points')
          .max(MOST_SHAPE_POINTS, `has at most ${MOST_SHAPE_POINTS} points`),
      ),
      path: z.optional(
        z
          .string()
          .min(1, 'is empty')
          .max(MOST_PATH_CHARS, `has at most ${MOST_PATH_CHARS} characters`)
          .describe('Path data as an SVG has it: one closed outline'),
      ),
      mmPerUnit: z.optional(within('mmPerUnit')),
    })
    .superRefine(checkShape)
    .describe('pointsMm, or path with mmPerUnit'),
  stitch: z.strictObject({
    kind: z.enum(['blanket', 'hidden', 'satin', 'straight']).describe('A straight stitch has no bites'),
    widthMm: within('biteMm'),
    lengthMm: within('dialLengthMm'),
  }),
  bites: z
    ._default(z.enum(['at', 'between']), 'at')
    .describe('Where the needle bites: at each stitch point, or half-way to the next (a zigzag)'),
  dial: lengthDialShape,
  pointDeg: z._default(within('pointDeg'), CORNER_DEG).describe('From this turn on a place is a point'),
  clearanceMm: z._default(within('clearanceMm'), DEFAULT_CLEARANCE_MM),
  mostMissMm: mostMissShape,
})

const nearShape = z
  .array(z.strictObject({ a: z.int(), b: z.int(), apartMm: z.number() }))
  .describe('Places in the list of stitch points')

/** What it returns. Lengths in mm; the outline keeps the direction it was sent in. */
export const edgeResponseSchema = z.strictObject({
  lengthMm: z.number(),
  areaMm2: z.number(),
  points: z.array(
    z.strictObject({
      xMm: z.number(),
      yMm: z.number(),
      insideDeg: z.number(),
      kind: z.enum(['outer', 'inner']),
    }),
  ),
  sides: z.array(
    z.strictObject({
      lengthMm: z.number(),
      leastRadiusMm: z.nullable(z.number()).describe('null: straight'),
      plan: z.nullable(planShape).describe('null: none lands near enough, the even length is sewn'),
    }),
  ),
  landings: z.array(
    z.strictObject({
      xMm: z.number(),
      yMm: z.number(),
      biteXMm: z.number().describe('Where the bite ends'),
      biteYMm: z.number(),
      alongMm: z.number(),
      point: z.boolean(),
    }),
  ),
  start: z
    .nullable(z.int())
    .describe('A place in the list of stitch points. null: each is a point of the outline.'),
  touching: nearShape,
  bulk: nearShape.describe('Too near, but round one and the same point'),
  crowded: nearShape.describe('Neighbours whose tips are nearer than 0.5 mm'),
  widestBiteMm: z.number(),
  turns: z.array(z.strictObject({ side: z.int(), everyStitches: z.nullable(z.int()) })),
})

/** @throws CoreError `bad-outline`, `bad-path`, `out-of-range`, `too-many`. */
export function answerEdge(request: z.output<typeof edgeRequestSchema>): z.output<typeof edgeResponseSchema> {
  const { stitch, dial, pointDeg, clearanceMm, mostMissMm } = request
  const pointsMm = ringOf(request.shape)
  const clothOn = signedAreaMm2(pointsMm) > 0 ? ('left' as const) : ('right' as const)
  const edge: EdgeStretch = { pointsMm, closed: true, clothOn }
  const bites = { widthMm: stitch.kind === 'straight' ? 0 : stitch.widthMm, lengthMm: stitch.lengthMm }
  const rules = { marks: lengthMarks(dial), pointDeg, clearanceMm, mostMissMm }
  const { stretches, landings, tips, touching, bulk, crowded, widestBiteMm } = planEdge(
    [edge],
    { ...bites, bites: request.bites, isSatin: stitch.kind === 'satin' },
    rules,
  )
  const { lengthMm, points, sides, start } = stretches[0]!
  return {
    lengthMm: tidy(lengthMm),
    areaMm2: tidy(areaMm2(pointsMm)),
    points: points.map(({ at, insideDeg, kind }) => ({
      xMm: tidy(at.x),
      yMm: tidy(at.y),
      insideDeg: tidy(insideDeg),
      kind,
    })),
    sides: sides.map(side => ({
      lengthMm: tidy(side.lengthMm),
      leastRadiusMm: side.leastRadiusMm === null ? null : tidy(side.leastRadiusMm),
      plan: side.plan && sentPlan(side.plan),
    })),
    landings: landings.map(({ x, y, alongMm, isPoint }, i) => ({
      xMm: tidy(x),
      yMm: tidy(y),
      biteXMm: tidy(tips[i]!.x),
      biteYMm: tidy(tips[i]!.y),
      alongMm: tidy(alongMm),
      point: isPoint,
    })),
    start,
    touching: touching.map(sentNear),
    bulk: bulk.map(sentNear),
    crowded: crowded.map(sentNear),
    widestBiteMm,
    turns: sides.map(({ turnEvery }, side) => ({ side, everyStitches: turnEvery })),
  }
}

const sentNear = ({ a, b, apartMm }: Near): Near => ({ a, b, apartMm: tidy(apartMm) })

function ringOf({ pointsMm, path, mmPerUnit }: SentShape): readonly Point[] {
  if (pointsMm) return pointsMm
  const [outline, ...others] = outlinesOfPath(path!, mmPerUnit!)
  if (others.length > 0 || !outline!.closed)
    throw new CoreError('bad-path', 'shape.path must be one closed outline', { field: 'shape.path' })
  return outline!.pointsMm
}
