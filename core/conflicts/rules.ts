import { NEEDLE_RULES } from './needleRules'
import type { ConflictRule } from './rule'
import { SEWING_RULES } from './sewingRules'
import { THREAD_RULES } from './threadRules'

/** Every rule of the trade that one part of a setup breaks with another. */
export const CONFLICT_RULES: readonly ConflictRule[] = [...NEEDLE_RULES, ...THREAD_RULES, ...SEWING_RULES]
