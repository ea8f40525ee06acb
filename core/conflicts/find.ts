import { CONFLICT_RULES } from './rules'
import type { Conflict, ConflictInput, Severity } from './types'

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
