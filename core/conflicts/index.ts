export { findConflicts } from './find'
export { CONFLICT_RULES, type ConflictRule } from './rules'
export type { Blade, Conflict, ConflictInput, Mend, Severity, ThreadedBlade } from './types'
