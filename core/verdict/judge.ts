import {
  type Conflict,
  type ConflictCode,
  type ConflictInput,
  findConflicts,
  type Mend,
  type Severity,
} from '#core/conflicts'
import type { BladeName } from '#core/needle'
import { type Fit, fitThread, type ThreadFit } from '#core/pairing'
import {
  type Evidence,
  evidenceOf,
  explainSwing,
  judgeSwing,
  type Part,
  type Reason,
  type ReasonCode,
  type SwingInput,
  type SwingResult,
  touchedParts,
} from '#core/swing'

export const JOB_VERDICTS = ['clear', 'mind', 'stop'] as const
/** Go; go with an eye on what is named; do not go. */
export type JobWord = (typeof JOB_VERDICTS)[number]

/** Everything on the machine, as its parts judge it. */
export interface JobInput {
  /** null while machine, needle or stitch are missing. */
  readonly swing: SwingInput | null
  readonly setup: ConflictInput
  /** This very combination was turned through by hand, and cleared. @defaultValue false */
  readonly isHandWalked?: boolean
}

/** What a verdict may rest on. */
export type JobReasonCode = ConflictCode | ReasonCode | 'touching' | 'thread-tight' | 'thread-loose'

/** One thing that was looked at, and what came of it. */
export interface JobReason {
  readonly code: JobReasonCode
  /** How wide it swings, or what does not go together. */
  readonly about: 'swing' | 'setup'
  readonly severity: 'stop' | 'mind' | 'note'
  /** What is wrong and what to do; of a note what was found. */
  readonly message: string
  readonly why: string | null
  /** One press that takes it away; null where there is none. */
  readonly mend: Mend | null
}

/** How one blade's thread sits in its eye. */
export interface BladeFit {
  readonly blade: BladeName
  readonly verdict: Fit
  /** Thickness over the eye's clear width. */
  readonly eyeFill: number
}

/** The one verdict of a setup. */
export interface JobVerdict extends Evidence {
  readonly verdict: JobWord
  /** null while machine, needle or stitch are missing. */
  readonly swing: SwingResult | null
  readonly fit: readonly BladeFit[]
  /** The worst first. */
  readonly reasons: readonly JobReason[]
}

/**
 * The one verdict of all that is on the machine: whatever speaks of the setup shows it, and nothing else.
 *
 * `stop` when the swing hits, a thread is refused by its needle, or a conflict stops; `mind` when the
 * swing is close or as good as touching, a thread sits tight or loose, or a conflict warns; else `clear`.
 *
 * @param input - see {@link JobInput}; what is not known raises nothing.
 * @returns The verdict, what it rests on, and every reason, the worst first.
 * @throws {CoreError} as `judgeSwing` and `fitThread`.
 *
 * @example
 * judgeJob({ swing, setup: { …fine, threader: true } }).verdict // 'stop'
 */
export function judgeJob({ swing: input, setup, isHandWalked = false }: JobInput): JobVerdict {
  const swing = input && judgeSwing(input)
  const fits = fitsOf(setup)
  const conflicts = findConflicts(setup)
  const reasons = [
    ...(input && swing ? swingReasons(swing, input, isHandWalked) : []),
    ...conflicts.map(conflictReason),
    ...fits.flatMap(fitReason),
  ]
    .filter(({ code }) => !conflicts.some(conflict => SAID_BY[code]?.includes(conflict.code)))
    .sort((a, b) => WORST_FIRST.indexOf(a.severity) - WORST_FIRST.indexOf(b.severity))
  return {
    verdict: wordFor(reasons),
    ...(input ? evidenceOf(input) : NOTHING_KNOWN),
    swing,
    fit: fits.map(({ blade, fit, fill }) => ({ blade, verdict: fit, eyeFill: fill })),
    reasons,
  }
}

const NOTHING_KNOWN: Evidence = {
  evidence: 'rule',
  unmeasured: ['foot', 'plate'],
  spreadsMm: { foot: null, plate: null },
}

/** What a conflict says better, because it offers the mend. */
const SAID_BY: Readonly<Partial<Record<JobReasonCode, readonly ConflictCode[]>>> = {
  'single-hole': ['several-single-hole-plate', 'several-single-hole-foot', 'swing-single-hole'],
  'thread-loose': ['needle-too-big'],
}

const WORST_FIRST: readonly JobReason['severity'][] = ['stop', 'mind', 'note']

function wordFor([worst]: readonly JobReason[]): JobWord {
  if (!worst || worst.severity === 'note') return 'clear'
  return worst.severity
}

/** What is only told: sums, what fits, what to do in any case. */
const TOLD: ReadonlySet<ReasonCode> = new Set([
  'fits',
  'openings-unmeasured',
  'safe-width',
  'straight-only',
  'no-width-helps',
  'hand-walk',
])

function swingReasons(swing: SwingResult, input: SwingInput, isHandWalked: boolean): JobReason[] {
  const wrong = swing.verdict === 'strikes' ? 'stop' : 'mind'
  const said = explainSwing(swing, input).map(({ code, message }: Reason): JobReason =>
    swingReason(code, TOLD.has(code) ? 'note' : wrong, message),
  )
  return [...said, ...touchedParts(swing, input).map(isHandWalked ? cleared : touching)]
}

const TOUCHED: Readonly<Record<Part, string>> = {
  machine: 'the end of the machine’s swing',
  foot: 'the foot',
  plate: 'the needle plate',
}
const touching = (part: Part): JobReason =>
  swingReason(
    'touching',
    'mind',
    `Almost touches ${TOUCHED[part]}. Make the stitch narrower, or turn it through by hand first.`,
  )

const cleared = (part: Part): JobReason =>
  swingReason(
    'touching',
    'note',
    `As good as nothing is left to ${TOUCHED[part]}; turned through by hand, it cleared. Begin slowly.`,
  )

const SEVERITIES: Readonly<Record<Severity, JobReason['severity']>> = {
  stop: 'stop',
  warn: 'mind',
  note: 'note',
}

const conflictReason = ({ code, severity, message, why, mend }: Conflict): JobReason => ({
  code,
  about: 'setup',
  severity: SEVERITIES[severity],
  message,
  why,
  mend,
})

interface Seated extends ThreadFit {
  readonly blade: BladeName
}

function fitsOf({ needle, threads, schools }: ConflictInput): Seated[] {
  if (!needle) return []
  const isOnly = needle.construction === 'single'
  return threads.map(({ blade, thread }) => ({
    ...fitThread(thread, needle.type, needle.sizeNm, schools),
    blade: isOnly ? 'only' : blade,
  }))
}

/** A refused thread is a conflict of its own, with its reason: see `thread-refused`. */
function fitReason({ blade, fit, fill, practiceWhy }: Seated): JobReason[] {
  const who = blade === 'only' ? 'The thread' : `The ${blade} thread`
  const why = practiceWhy ?? `it fills ${Math.round(100 * fill)} % of the eye (eye model)`
  const said = { about: 'setup', severity: 'mind', why, mend: null } as const
  switch (fit) {
    case 'tight':
      return [{ code: 'thread-tight', message: `${who} is tight in the eye: it may fray.`, ...said }]
    case 'loose':
      return [{ code: 'thread-loose', message: `${who} lies loose in the eye: it wanders.`, ...said }]
    default:
      return []
  }
}

function swingReason(code: JobReasonCode, severity: JobReason['severity'], message: string): JobReason {
  return { code, about: 'swing', severity, message, why: null, mend: null }
}
