import { z } from 'zod'
import {
  THREAD_KINDS,
  COUNT_SYSTEMS,
  countsOf,
  type Fibre,
  FIBRE_DENSITIES,
  isNominal,
  roundDiameterMm,
  texOf,
  usualKindOf,
} from '#core/thread'
import { readLabel } from './threadLabel'

const FIBRES = Object.keys(FIBRE_DENSITIES) as [Fibre, ...Fibre[]]
const MOST_LABEL = 80

/** What `POST /api/v1/thread-count` takes: a label, or a system with its value. */
export const threadCountRequestSchema = z
  .strictObject({
    label: z
      .string({ error: 'must be text' })
      .max(MOST_LABEL, `must be at most ${MOST_LABEL} characters`)
      .optional()
      .describe('As printed: 120/2 den, 50/2 Ne, 40 wt, pearl No. 12, Tex 27, Nm 80/2'),
    system: z.enum(COUNT_SYSTEMS).optional(),
    value: z
      .number({ error: 'must be a number above 0' })
      .gt(0, 'must be a number above 0')
      .max(1e6, 'must be at most 1000000')
      .optional(),
    plies: z
      .int('must be a whole number from 1 to 24')
      .min(1, 'must be a whole number from 1 to 24')
      .max(24, 'must be a whole number from 1 to 24')
      .optional(),
    fibre: z.enum(FIBRES).optional(),
    packing: z
      .number({ error: 'must be a number from 0.1 to 1' })
      .min(0.1, 'must be a number from 0.1 to 1')
      .max(1, 'must be a number from 0.1 to 1')
      .optional(),
  })
  .superRefine(({ label, system, value, plies }, context) => {
    const issue = (path: string, message: string) =>
      context.addIssue({ code: 'custom', path: [path], message })
    if (label !== undefined) {
      if (system !== undefined || value !== undefined || plies !== undefined)
        issue('label', 'stands alone: leave out system, value and plies, or leave out the label')
      return
    }
    if (system === undefined) issue('system', 'is missing: give a label, or a system and a value')
    if (value === undefined) issue('value', 'is missing: give a label, or a system and a value')
  })
export type ThreadCountRequest = z.output<typeof threadCountRequestSchema>

export const threadCountResponseSchema = z.strictObject({
  tex: z.number(),
  dtex: z.number(),
  denier: z.number(),
  nm: z.number(),
  ne: z.number(),
  wt: z.number(),
  ticket: z.number(),
  diameterMm: z.number().describe('Of a round thread of this mass, fibre and packing'),
  basis: z
    .enum(['label', 'nominal'])
    .describe('label states linear density. nominal numbers (wt, ticket, pearl) differ from maker to maker.'),
  fibre: z.enum(FIBRES),
  packing: z.number(),
  assumed: z
    .array(z.enum(['fibre', 'packing']))
    .describe('Which of the two were not given and are the usual ones'),
  said: z.string(),
})

interface Understood {
  readonly tex: number
  readonly basis: 'label' | 'nominal'
  readonly fibre: Fibre
  readonly packing: number
  readonly said: string
}

/** @throws {RequestProblem} `ambiguous` or the label's own code; CoreError when the count is out of range. */
export function answerThreadCount(request: ThreadCountRequest): z.output<typeof threadCountResponseSchema> {
  const { tex, basis, said, ...usual } = understood(request)
  const fibre = request.fibre ?? usual.fibre
  const packing = request.packing ?? usual.packing
  const counts = countsOf(tex)
  return {
    tex: tidy(counts.tex),
    dtex: tidy(counts.dtex),
    denier: tidy(counts.denier),
    nm: tidy(counts.nm),
    ne: tidy(counts.ne),
    wt: tidy(counts.wt),
    ticket: tidy(counts.ticket),
    diameterMm: tidy(roundDiameterMm(tex, fibre, packing)),
    basis,
    fibre,
    packing,
    assumed: [
      ...(request.fibre === undefined ? ['fibre' as const] : []),
      ...(request.packing === undefined ? ['packing' as const] : []),
    ],
    said,
  }
}

function understood({ label, system, value, plies }: ThreadCountRequest): Understood {
  if (label === undefined) {
    const tex = texOf(system!, value!, plies)
    return {
      tex,
      basis: isNominal(system!) ? 'nominal' : 'label',
      ...THREAD_KINDS[usualKindOf({ kind: null, system: system! })],
      said: `${tidy(tex)} tex`,
    }
  }
  const count = readLabel(label, 'label')
  return { ...THREAD_KINDS[usualKindOf(count)], tex: count.tex, basis: count.basis, said: count.said }
}

/** Rounding noise off; six digits after the point are far beyond any scale. */
const tidy = (value: number) => Math.round(value * 1e6) / 1e6
