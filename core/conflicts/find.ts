import { CONFLICT_RULES, type ConflictCode } from './rules'
import type { ConflictInput, Finding, Severity } from './types'

/** Something in a setup that does not go with something else in it. */
export interface Conflict extends Finding {
  readonly code: ConflictCode
  readonly severity: Severity
}

const ORDER: readonly Severity[] = ['stop', 'warn', 'note']

/**
 * Everything in a setup that does not go together, the worst first.
 *
 * @param input - see {@link ConflictInput}; what is not known raises nothing.
 *
 * @example
 * findConflicts({ …fine, needle: twin, threader: true })[0].code // 'threader-several'
 */
export function findConflicts(input: ConflictInput): Conflict[] {
  return CONFLICT_RULES.flatMap(({ code, severity, find }) => {
    const found = find(input)
    return found ? [{ code, severity, ...found }] : []
  }).sort((a, b) => ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity))
}

/** Why the tension that is set is not the one to dial in, and what to begin at instead. */
export interface TensionDoubt {
  readonly why: string
  /** A number of this dial; null: not known. */
  readonly start: number | null
}

const ABOUT_TENSION: ReadonlySet<ConflictCode> = new Set([
  'tension-carried',
  'tension-far',
  'tension-low-for-ridge',
  'metallic-tension',
  'monofilament-tension',
])

/**
 * What speaks against the tension that is set; null: nothing, or none is set.
 *
 * @example
 * tensionDoubt(findConflicts({ …metallic, tension: 5 }))?.start // 3
 */
export function tensionDoubt(conflicts: readonly Conflict[]): TensionDoubt | null {
  const against = conflicts.find(({ code }) => ABOUT_TENSION.has(code))
  if (!against) return null
  return { why: against.message, start: against.mend?.kind === 'tension' ? against.mend.dial : null }
}
