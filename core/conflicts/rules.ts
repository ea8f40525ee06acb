import { NEEDLE_RULES } from './needleRules'
import { SEWING_RULES } from './sewingRules'
import { TENSION_RULES } from './tensionRules'
import { THREAD_RULES } from './threadRules'

/** Every rule of the trade that one part of a setup breaks with another. */
export const CONFLICT_RULES = [...NEEDLE_RULES, ...THREAD_RULES, ...TENSION_RULES, ...SEWING_RULES]

/** Every conflict there is: one for each rule. */
export type ConflictCode = (typeof CONFLICT_RULES)[number]['code']
