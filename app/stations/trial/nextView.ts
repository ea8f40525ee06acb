import type { SignId } from '#core/signs'
import type { TrialAdvice, TrialReasonCode } from '#core/trial'
import type { TrialRowRecord } from '#shared/records'

/** How the card with the next number looks: its colour and sign. '' is the ordinary one. */
export type NextKind = 'stop' | 'clear' | 'close' | ''

/** Something the last row showed that no number cures, by the sign the doctor knows it under. */
const FAULTS = [
  { sign: 'odd-sound', words: 'an odd sound', shows: ({ sound }: TrialRowRecord) => sound === 'odd' },
  { sign: 'breaks', words: 'a broken thread', shows: ({ breaks }: TrialRowRecord) => breaks },
  { sign: 'skips', words: 'skipped stitches', shows: ({ skips }: TrialRowRecord) => skips },
  { sign: 'holes', words: 'holes', shows: ({ holes }: TrialRowRecord) => holes },
] as const

/** Where no number was found, none is shown large. */
const NO_NUMBER: ReadonlySet<TrialReasonCode> = new Set(['stuck', 'backwards'])

export interface NextView {
  readonly kind: NextKind
  /** What to do, in a few words. */
  readonly word: string
  /** The number shown large; null: there is none. */
  readonly number: number | null
  /** The sign to ask the doctor about where the other reading is off; null: it is as it should be. */
  readonly besideSign: string | null
  /** What went wrong in the last row; null: nothing. An odd sound stops the work. */
  readonly fault: {
    readonly words: string
    /** Each is asked about. */
    readonly signs: SignId[]
    readonly stopsWork: boolean
  } | null
}

/**
 * What the card says.
 *
 * @param counted - how many rows were sewn that count.
 * @param last - the last row; null: none, or one that cannot be compared.
 */
export function nextView(advice: TrialAdvice, counted: number, last: TrialRowRecord | null): NextView {
  return {
    kind: kindOf(advice),
    word: wordOf(advice, counted),
    number: advice.next ?? (NO_NUMBER.has(advice.reason.code) ? null : advice.best),
    besideSign: besideSignOf(advice),
    fault: last && faultOf(last),
  }
}

function kindOf({ outOfReach, settled, reason }: TrialAdvice): NextKind {
  if (outOfReach) return 'stop'
  if (settled) return 'clear'
  switch (reason.code) {
    case 'restless':
    case 'unsteady':
    case 'stuck':
    case 'backwards':
      return 'stop'
    case 'contradiction':
    case 'nearest':
      return 'close'
    default:
      return ''
  }
}

function wordOf({ settled, outOfReach, next, evidence, reason }: TrialAdvice, counted: number): string {
  if (settled) return evidence === 'sewn' ? 'Found' : 'Likely'
  if (outOfReach) return 'Out of reach'
  switch (reason.code) {
    case 'stuck':
      return 'Stuck'
    case 'backwards':
      return 'Read it again'
    case 'nearest':
      return 'As near as this dial goes'
    case 'confirm':
      return 'Sew it to be sure'
    default:
  }
  if (next === null) return 'Stop here'
  return counted === 0 ? 'Sew the first row' : 'Sew the next row'
}

function besideSignOf({ beside }: TrialAdvice): string | null {
  if (beside === null) return null
  if (beside.name === 'ridge') return 'ridge'
  return beside.reading > 0 ? 'bobbin-on-top' : 'loops-below'
}

function faultOf(row: TrialRowRecord): NextView['fault'] {
  const seen = FAULTS.filter(({ shows }) => shows(row))
  if (seen.length === 0) return null
  const words = seen.map(fault => fault.words).join(' and ')
  return {
    words,
    signs: seen.map(({ sign }) => sign),
    stopsWork: seen.some(({ sign }) => sign === 'odd-sound'),
  }
}
