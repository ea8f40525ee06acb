export { findConflicts } from './find'
export { CONFLICT_RULES } from './rules'
export type { ConflictRule } from './rule'
export type { Conflict, ConflictInput, Mend, Severity, ThreadedBlade } from './types'
