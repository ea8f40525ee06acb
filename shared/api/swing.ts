import { z } from 'zod'
import { CONSTRUCTIONS, type Construction } from '#core/needle'
import { findStitch } from '#core/stitch'
import {
  clearingShiftMm,
  DEFAULT_CLEARANCE_MM,
  DEFAULT_MARGIN_MM,
  evidenceOf,
  explainSwing,
  judgeSwing,
  type SwingInput,
  stitchOfRawDrops,
} from '#core/swing'
import { within } from '../fields'
import { tidy, tidyOrNull } from './tidy'

const MOST_DROPS = 2000

const drops = z
  .array(z.strictObject({ xMm: within('dropMm'), yMm: within('dropMm') }))
  .min(1, 'needs at least one needle drop')
  .max(MOST_DROPS, `has at most ${MOST_DROPS} drops`)

/** A needle as the swing needs it. */
export const needleShape = {
  construction: z.enum(CONSTRUCTIONS),
  gapMm: z
    .optional(within('gapMm'))
    .describe('Centre to centre of neighbouring needles; required for twin and triple, absent for single'),
  sizeNm: within('sizeNm').check(z.describe('Metric size: blade diameter in hundredths of a millimetre')),
}
interface SentNeedle {
  readonly construction: Construction
  readonly gapMm?: number | undefined
}
/** A gap belongs to several needles and to no single one. */
export function checkGap({ construction, gapMm }: SentNeedle, context: z.RefinementCtx): void {
  if ((construction === 'single') === (gapMm === undefined)) return
  context.addIssue({
    code: 'custom',
    path: ['gapMm'],
    message:
      construction === 'single'
        ? 'must be left out: a single needle has no gap'
        : `is missing: a ${construction} needle needs its gap`,
  })
}

const namedStitch = z.strictObject({
  id: z.string().refine(id => findStitch(id) !== null, {
    error: `is not a known stitch: GET /api/v1/stitches lists them`,
  }),
  widthMm: within('widthMm'),
  lengthMm: within('lengthMm'),
  mirror: z.boolean().optional(),
  positionMm: z.optional(within('positionMm')),
})

/** What `POST /api/v1/swing` takes. */
export const swingRequestSchema = z.strictObject({
  machine: z.strictObject({ maxWidthMm: within('maxWidthMm'), plateSlotMm: z.optional(within('openingMm')) }),
  foot: z
    .strictObject({ slotMm: z.optional(within('openingMm')), singleHole: z.boolean().optional() })
    .optional(),
  plate: z.strictObject({ singleHole: z.boolean().optional() }).optional(),
  needle: z.strictObject(needleShape).superRefine(checkGap),
  stitch: z.union([namedStitch, z.strictObject({ drops })], {
    error: 'must be either { id, widthMm, lengthMm, … } or { drops }',
  }),
  marginMm: z
    ._default(within('marginMm'), DEFAULT_MARGIN_MM)
    .describe('Taken off the widest stitch before it may swing'),
  clearanceMm: z
    ._default(within('clearanceMm'), DEFAULT_CLEARANCE_MM)
    .describe('Kept free on each side of a measured opening'),
})
export type SwingRequest = z.output<typeof swingRequestSchema>

const lengthOrNull = z.number().nullable()
/** What it returns. Lengths in mm. */
export const swingResponseSchema = z.strictObject({
  verdict: z.enum(['clear', 'close', 'strikes']),
  limitWidthMm: lengthOrNull.describe(
    'Widest setting by the machine rule and bare openings; null when no width helps',
  ),
  safeWidthMm: lengthOrNull.describe(
    'Widest setting with margin and clearance kept; null when no width helps',
  ),
  binding: z.enum(['machine', 'foot', 'plate']),
  spareMm: z
    .number()
    .describe(
      'Blade edge to the nearest measured opening; negative when it hits. '
        + 'With none measured, blade centre to the machine’s half width.',
    ),
  spareLeftMm: z.number(),
  spareRightMm: z.number(),
  reachLeftMm: z.number().describe('Outermost blade edge left of the needle bar’s middle'),
  reachRightMm: z.number(),
  spanMm: z.number().describe('Outermost to outermost blade centre'),
  overlapMm: lengthOrNull.describe(
    'How far two neighbouring columns overlap. Negative: cloth shows between. null: a single needle.',
  ),
  worstDrop: z.strictObject({
    index: z.int(),
    blade: z.enum(['only', 'left', 'middle', 'right']),
    xMm: z.number(),
    yMm: z.number(),
  }),
  evidence: z
    .enum(['measured', 'rule'])
    .describe('measured, where both the foot’s and the plate’s opening are given; else rule'),
  unmeasured: z.array(z.enum(['foot', 'plate'])).describe('The openings that are not given'),
  clearingShiftMm: lengthOrNull.describe(
    'How far to move the needle to be clear at this width, to 0.01. Left is negative. '
      + '0 is clear already, null is never clear.',
  ),
  reasons: z.array(z.strictObject({ code: z.string(), message: z.string() })),
})
export type SwingResponse = z.output<typeof swingResponseSchema>

/** Answers a swing request that has passed its schema. */
export function answerSwing(request: SwingRequest): SwingResponse {
  const input = swingInputOf(request)
  const result = judgeSwing(input)
  const { worstDrop } = result
  const { evidence, unmeasured } = evidenceOf(input)
  return {
    verdict: result.verdict,
    limitWidthMm: tidyOrNull(result.limitWidthMm),
    safeWidthMm: tidyOrNull(result.safeWidthMm),
    binding: result.binding,
    spareMm: tidy(result.spareMm),
    spareLeftMm: tidy(result.spareLeftMm),
    spareRightMm: tidy(result.spareRightMm),
    reachLeftMm: tidy(result.reachLeftMm),
    reachRightMm: tidy(result.reachRightMm),
    spanMm: tidy(result.spanMm),
    overlapMm: tidyOrNull(result.overlapMm),
    worstDrop: {
      index: worstDrop.index,
      blade: worstDrop.blade,
      xMm: tidy(worstDrop.xMm),
      yMm: tidy(worstDrop.yMm),
    },
    evidence,
    unmeasured: [...unmeasured],
    clearingShiftMm: clearingShiftMm(result, input),
    reasons: explainSwing(result, input),
  }
}

/** A request as the core judges it. */
export function swingInputOf(request: SwingRequest): SwingInput {
  return {
    machine: { maxWidthMm: request.machine.maxWidthMm, plateSlotMm: request.machine.plateSlotMm ?? null },
    foot: { slotMm: request.foot?.slotMm ?? null, singleHole: request.foot?.singleHole ?? false },
    plate: { singleHole: request.plate?.singleHole ?? false },
    needle: { ...request.needle, gapMm: request.needle.gapMm ?? 0 },
    stitch: 'drops' in request.stitch ? stitchOfRawDrops(request.stitch.drops) : settingOf(request.stitch),
    marginMm: request.marginMm,
    clearanceMm: request.clearanceMm,
  }
}

function settingOf({
  id,
  widthMm,
  lengthMm,
  mirror = false,
  positionMm = 0,
}: z.output<typeof namedStitch>): SwingInput['stitch'] {
  const { alignment, drops: list, repeat } = findStitch(id)!
  return { alignment, drops: list, repeat, widthMm, lengthMm, mirror, positionMm }
}
