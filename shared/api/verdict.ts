import { z } from 'zod'
import { FRESH_USE } from '#core/care'
import { type ConflictInput, stitchFacts } from '#core/conflicts'
import { NEEDLE_TYPES, threadedBladesOf } from '#core/needle'
import { FITS } from '#core/pairing'
import { DEFAULT_SCHOOLS } from '#core/schools'
import { GOALS, TECHNIQUES, USUAL_GOAL } from '#core/terms'
import { JOB_VERDICTS, judgeJob } from '#core/verdict'
import { dialField, dialMark } from '../fields'
import { clothOf, factsOf, NOTHING_SAID, sentCloth, sentThread } from './pairing'
import { tidy } from './tidy'
import {
  answerSwing,
  checkGap,
  needleShape,
  swingInputOf,
  swingRequestSchema,
  swingResponseSchema,
} from './swing'

/** What `POST /api/v1/verdict` takes: what the swing needs, and what else is on the machine. */
export const verdictRequestSchema = swingRequestSchema
  .extend({
    needle: z.strictObject({ ...needleShape, type: z.enum(NEEDLE_TYPES) }).superRefine(checkGap),
    thread: sentThread.optional().describe('The same in every needle'),
    threads: z
      .strictObject({ left: sentThread, middle: sentThread.optional(), right: sentThread })
      .optional()
      .describe('One a needle; the middle one of a triple'),
    bobbin: sentThread.optional(),
    cloth: sentCloth.optional(),
    technique: z.enum(TECHNIQUES).default('decorative'),
    goal: z.enum(GOALS).optional().describe('Left out: the usual one of the technique'),
    tension: z.strictObject({ dial: dialField, set: dialMark }).optional(),
  })
  .superRefine(({ thread, threads, needle: { construction }, tension }, context) => {
    const refuse = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message })
    if ((thread === undefined) === (threads === undefined))
      refuse(['thread'], 'give either thread or threads')
    if (construction === 'single' && threads !== undefined)
      refuse(['threads'], 'a single needle takes one thread')
    if (threads?.middle !== undefined && construction === 'twin')
      refuse(['threads', 'middle'], 'a twin needle has no middle')
    if (threads && threads.middle === undefined && construction === 'triple')
      refuse(['threads', 'middle'], 'is missing: a triple needle takes three threads')
    if (tension && (tension.set < tension.dial.min || tension.set > tension.dial.max))
      refuse(['tension', 'set'], 'must lie on the dial')
  })
export type VerdictRequest = z.output<typeof verdictRequestSchema>

export const verdictResponseSchema = z.strictObject({
  verdict: z
    .enum(JOB_VERDICTS)
    .describe(
      'stop, where a needle hits, its thread is refused, or a conflict stops. '
        + 'mind, where it is close, touching, tight, loose or warned. Else clear.',
    ),
  evidence: swingResponseSchema.shape.evidence,
  unmeasured: swingResponseSchema.shape.unmeasured,
  swing: swingResponseSchema,
  fit: z.array(
    z.strictObject({
      blade: z.enum(['only', 'left', 'middle', 'right']),
      verdict: z.enum(FITS),
      eyeFill: z
        .number()
        .describe('Thickness over the eye’s clear width; of a flat metallic its width, which folds'),
    }),
  ),
  reasons: z
    .array(
      z.strictObject({ code: z.string(), severity: z.enum(['stop', 'mind', 'note']), message: z.string() }),
    )
    .describe('The worst first'),
})

/**
 * The one verdict of what is sent.
 *
 * @throws {RequestProblem} for a label that is not understood; CoreError out of range.
 */
export function answerVerdict(request: VerdictRequest): z.output<typeof verdictResponseSchema> {
  const swing = swingInputOf(request)
  const { verdict, evidence, unmeasured, fit, reasons } = judgeJob({
    swing,
    setup: setupOf(request, swing.stitch),
  })
  return {
    verdict,
    evidence,
    unmeasured: [...unmeasured],
    swing: answerSwing(request),
    fit: fit.map(({ blade, verdict, eyeFill }) => ({
      blade,
      verdict,
      eyeFill: tidy(eyeFill),
    })),
    reasons: reasons.map(({ code, severity, message }) => ({ code, severity, message })),
  }
}

function setupOf(request: VerdictRequest, stitch: ReturnType<typeof swingInputOf>['stitch']): ConflictInput {
  const { needle, foot, plate, bobbin, cloth, technique, goal, tension } = request
  return {
    ...NOTHING_SAID,
    needle: { ...needle, gapMm: needle.gapMm ?? 0, wear: FRESH_USE },
    foot: foot
      ? { kind: null, sole: null, singleHole: foot.singleHole ?? false, slotMm: foot.slotMm ?? null }
      : null,
    plate: { singleHole: plate?.singleHole ?? false },
    // Drops by themselves say nothing of the length they are sewn at.
    stitch: 'drops' in request.stitch ? null : stitchFacts(stitch, stitch),
    threads: threadsOf(request),
    bobbin: bobbin ? factsOf(bobbin, 'bobbin') : null,
    cloth: clothOf(cloth),
    technique,
    goal: goal ?? USUAL_GOAL[technique],
    tension: tension?.set ?? null,
    dial: tension?.dial ?? null,
    schools: DEFAULT_SCHOOLS,
  }
}

function threadsOf({ needle, thread, threads }: VerdictRequest): ConflictInput['threads'] {
  const supply = { place: null, draw: null }
  return threadedBladesOf(needle.construction).map(blade => {
    const own = threads?.[blade]
    const facts = own ? factsOf(own, `threads.${blade}`) : factsOf(thread!, 'thread')
    return { blade, thread: facts, supply }
  })
}
