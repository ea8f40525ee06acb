import { DEFAULT_SCHOOLS, type Schools } from '#core/schools'
import { z } from 'zod'
import { FRESH_USE } from '#core/care'
import { type ConflictInput, findConflicts } from '#core/conflicts'
import { CONSTRUCTIONS, needleLabel, NEEDLE_TYPES, parseNeedleLabel, threadedBladesOf } from '#core/needle'
import {
  ASSORTMENT,
  bobbinAdvice,
  type Candidate,
  FITS,
  leadingThread,
  isFlawless,
  needleToBuy,
  type RankedNeedle,
  rankNeedles,
  type StartReason,
  startSettings,
  type ThreadFacts,
  type TypedNeedle,
} from '#core/pairing'
import {
  CLOTH_STRUCTURES,
  CLOTH_WEIGHTS,
  isSewnStraight,
  TECHNIQUES,
  USUAL_GOAL,
  type ClothFacts,
} from '#core/terms'
import { THREAD_KINDS, type ThreadKind, usualKindOf } from '#core/thread'
import { hexField, within } from '../fields'
import { RequestProblem } from './requestProblem'
import { readLabel } from './threadLabel'

const KINDS = Object.keys(THREAD_KINDS) as [ThreadKind, ...ThreadKind[]]
const MOST_NEEDLES = 500

/** A thread, by what it is or by its label. */
export const sentThread = z
  .strictObject({
    kind: z.enum(KINDS).optional(),
    label: z
      .string({ error: 'must be text' })
      .max(80, 'must be at most 80 characters')
      .optional()
      .describe('As printed, instead of tex'),
    tex: z.optional(within('tex')),
    diameterMm: z.optional(within('diameterMm')).describe('Measured; of a flat metallic its width'),
    hex: z.optional(hexField),
  })
  .superRefine(({ kind, label, tex }, context) => {
    if (kind === undefined && label === undefined)
      context.addIssue({ code: 'custom', path: ['kind'], message: 'is missing: give a kind or a label' })
    if (label !== undefined && tex !== undefined)
      context.addIssue({ code: 'custom', path: ['tex'], message: 'must be left out beside a label' })
  })
const needle = z.union(
  [
    z.string().max(60, 'must be at most 60 characters'),
    z.strictObject({
      construction: z.enum(CONSTRUCTIONS),
      gapMm: z.optional(within('gapMm')),
      sizeNm: within('sizeNm'),
      type: z.enum(NEEDLE_TYPES),
    }),
  ],
  { error: 'must be a label such as "2.5/80 metallic" or { construction, gapMm, sizeNm, type }' },
)

export const sentCloth = z.union(
  [
    z.enum(CLOTH_STRUCTURES),
    z.strictObject({
      structure: z.enum(CLOTH_STRUCTURES).optional(),
      weight: z.enum(CLOTH_WEIGHTS).optional(),
    }),
  ],
  { error: 'must be woven, knit, felt or leather, or { structure, weight }' },
)

/** What `POST /api/v1/pairing` takes. */
export const pairingRequestSchema = z
  .strictObject({
    thread: sentThread.optional(),
    threads: z.strictObject({ left: sentThread, right: sentThread }).optional(),
    cloth: sentCloth.optional(),
    technique: z.enum(TECHNIQUES).default('decorative'),
    construction: z.enum(CONSTRUCTIONS),
    gapMm: z.optional(within('gapMm')),
    needles: z
      .array(needle)
      .max(MOST_NEEDLES, `has at most ${MOST_NEEDLES} needles`)
      .optional()
      .describe('What is owned; left out: the usual assortment'),
    school: z
      .strictObject({
        heavyBobbin: z.enum(['ordinary', 'same']).optional(),
        pearlTension: z.enum(['home', 'plus-one']).optional(),
      })
      .optional(),
  })
  .superRefine(({ thread: one, threads, construction, gapMm }, context) => {
    if ((one === undefined) === (threads === undefined))
      context.addIssue({ code: 'custom', path: ['thread'], message: 'give either thread or threads' })
    if (construction === 'single' && gapMm !== undefined)
      context.addIssue({
        code: 'custom',
        path: ['gapMm'],
        message: 'must be left out: a single needle has no gap',
      })
    if (construction === 'single' && threads !== undefined)
      context.addIssue({ code: 'custom', path: ['threads'], message: 'a single needle takes one thread' })
  })
export type PairingRequest = z.output<typeof pairingRequestSchema>

const needleOut = z.strictObject({
  label: z.string(),
  construction: z.enum(CONSTRUCTIONS),
  gapMm: z.number(),
  sizeNm: z.number(),
  type: z.enum(NEEDLE_TYPES),
})
const ranked = z.strictObject({
  needle: needleOut,
  verdict: z.enum(FITS),
  score: z.number().describe('0 to 100; 0 when refused'),
  eyeFill: z
    .number()
    .describe('Thickness over the eye’s clear width. A flat metallic counts by its width, which folds.'),
  decidedBy: z.enum(['practice', 'eye model']),
  reasons: z.array(z.string()),
})
const startValue = z.strictObject({
  text: z.string(),
  source: z.enum(['rule', 'own swatches', 'own plan', 'guess']),
  why: z.string(),
})
export const pairingResponseSchema = z.strictObject({
  ranked: z.array(ranked),
  bobbin: z.strictObject({
    mode: z.enum(['normal', 'bobbin work']),
    choices: z.array(z.strictObject({ choice: z.string(), what: z.string(), why: z.string() })),
    steps: z.array(z.string()),
  }),
  start: z.strictObject({
    tensionShare: z.number().describe('From normal tension, as a share of the way to the end stop'),
    lengthMm: z.number().nullable(),
    widthMm: z.number().nullable(),
    tension: startValue,
    length: startValue,
    width: startValue,
    speed: startValue,
    stabilizer: startValue,
    foot: startValue,
    plate: startValue,
  }),
  conflicts: z.array(
    z.strictObject({
      code: z.string(),
      severity: z.enum(['stop', 'warn', 'note']),
      message: z.string(),
      why: z.string(),
    }),
  ),
  buy: ranked
    .nullable()
    .describe('What to buy when nothing owned is good. null: something is, or no needle is good.'),
})

type RequestThread = ThreadFacts & { readonly hex: string | null }

/**
 * Ranks the needles for what is asked, with the bobbin, the start settings and what speaks against the best.
 *
 * @throws {RequestProblem} for a label that is not understood; CoreError out of range.
 *
 * @example
 * answerPairing({ thread: { kind: 'metallic', tex: 25 }, construction: 'single', technique: 'decorative' })
 */
export function answerPairing(request: PairingRequest): z.output<typeof pairingResponseSchema> {
  const { construction, technique } = request
  const threads = threadsOf(request)
  const cloth = clothOf(request.cloth)
  const input = { threads, cloth, construction, gapMm: request.gapMm ?? null }
  const list = rankNeedles(input, candidatesOf(request))
  const buy = list.some(isFlawless) ? null : needleToBuy(input)
  const top = leadingThread(threads)
  const swings = !isSewnStraight(technique)
  const schools = { ...DEFAULT_SCHOOLS, ...request.school }
  const chosen = list[0]?.score ? list[0] : buy
  return {
    ranked: list.map(shown),
    bobbin: asPlain(bobbinAdvice({ top, swings, schools })),
    start: startOf(request, top, swings, schools),
    conflicts: conflictsOf(request, chosen?.needle ?? null, threads, cloth, schools),
    buy: buy && shown(buy),
  }
}

function threadsOf(request: PairingRequest): [RequestThread, ...RequestThread[]] {
  const { thread, threads } = request
  if (!threads) return [factsOf(thread!, 'thread')]
  return [factsOf(threads.left, 'threads.left'), factsOf(threads.right, 'threads.right')]
}

export function clothOf(cloth: z.output<typeof sentCloth> | undefined): ClothFacts {
  if (typeof cloth === 'string') return { structure: cloth, weight: null }
  return { structure: cloth?.structure ?? null, weight: cloth?.weight ?? null }
}

function startOf(
  { construction, technique }: PairingRequest,
  thread: ThreadFacts,
  swings: boolean,
  schools: Schools,
) {
  const start = startSettings({
    thread,
    construction,
    technique,
    goal: USUAL_GOAL[technique],
    swings,
    dial: null,
    dialStep: null,
    washed: false,
    schools,
    foretold: null,
    own: null,
  })
  const said = ({ text, source, why }: StartReason) => ({ text, source, why })
  return {
    tensionShare: start.tensionShare,
    lengthMm: start.length.value,
    widthMm: start.width.value,
    tension: said(start.tension),
    length: said(start.length),
    width: said(start.width),
    speed: said(start.speed),
    stabilizer: said(start.stabilizer),
    foot: said(start.foot),
    plate: said(start.plate),
  }
}

/** What a request leaves open speaks against nothing. */
export const NOTHING_SAID = {
  hook: null,
  isBobbinWork: false,
  foot: null,
  plate: { singleHole: false },
  stitch: null,
  bobbin: null,
  washed: false,
  stabilizer: null,
  tension: null,
  dial: null,
  dialStep: null,
  ownStart: null,
  carriedOver: [],
  threader: false,
  cutter: false,
  sharedDiscs: null,
} as const satisfies Partial<ConflictInput>

function conflictsOf(
  { technique, construction }: PairingRequest,
  needle: Candidate | null,
  threads: readonly ThreadFacts[],
  cloth: ClothFacts,
  schools: Schools,
) {
  // What is sent for one needle runs in every one that is left open.
  const found = findConflicts({
    ...NOTHING_SAID,
    needle,
    cloth,
    technique,
    goal: USUAL_GOAL[technique],
    threads: threadedBladesOf(construction).map(blade => ({
      blade,
      thread: (blade === 'right' ? threads[1] : null) ?? threads[0]!,
      supply: { place: null, draw: null },
    })),
    schools,
  })
  return found.map(({ code, severity, message, why }) => ({ code, severity, message, why }))
}

function asPlain({ mode, choices, steps }: ReturnType<typeof bobbinAdvice>) {
  return { mode, choices: choices.map(({ choice, what, why }) => ({ choice, what, why })), steps: [...steps] }
}

function shown({
  needle: { construction, gapMm, sizeNm, type },
  verdict,
  score,
  fit,
  reasons,
}: RankedNeedle) {
  return {
    needle: { label: needleLabel({ construction, gapMm, sizeNm }), construction, gapMm, sizeNm, type },
    verdict,
    score,
    eyeFill: Math.round(fit.fill * 1e6) / 1e6,
    decidedBy: fit.decidedBy,
    reasons: [...reasons],
  }
}

export function factsOf(
  { kind, label, tex, diameterMm, hex }: z.output<typeof sentThread>,
  path: string,
): RequestThread {
  const own = { diameterMm: diameterMm ?? null, hex: hex ?? null }
  if (label === undefined) return { kind: kind!, tex: tex ?? null, ...own }
  const count = readLabel(kind ? `${label} ${KIND_ON_LABEL[kind]}` : label, `${path}.label`)
  return { kind: kind ?? usualKindOf(count), tex: count.tex, ...own }
}
/** The word that says a kind on a label, so that `12` beside pearl cotton is no riddle. */
const KIND_ON_LABEL = {
  'cotton': '',
  'rayon': '',
  'polyester': '',
  'silk': '',
  'wool': '',
  'pearl-cotton': 'pearl',
  'metallic': '',
  'film': '',
  'monofilament': '',
} as const satisfies Record<ThreadKind, string>

function candidatesOf({ needles }: PairingRequest): Candidate[] {
  const typed: readonly TypedNeedle[] =
    needles?.map((one, i) => {
      if (typeof one !== 'string') return { ...one, gapMm: one.gapMm ?? 0 }
      const reading = parseNeedleLabel(one)
      if (!reading.ok)
        throw new RequestProblem(reading.code, reading.message, [
          { path: `needles.${i}`, message: reading.message },
        ])
      return reading.needle
    }) ?? ASSORTMENT
  return typed.map((one, i) => ({ ...one, id: String(i), wear: FRESH_USE }))
}
