export { findConflicts } from './find'
export { CONFLICT_RULES, type ConflictRule } from './rules'
export { DRAWS, STABILIZER_KINDS, SUPPLY_PLACES, type Blade, type Conflict, type ConflictInput, type Draw, type Mend, type Severity, type StabilizerKind, type Supply, type SupplyPlace, type ThreadedBlade } from './types'
