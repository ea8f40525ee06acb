import { besideOf } from './beside'
import { chanceClaimed, chanceRangeOf, type Search, searchOf } from './search'
import { type Finding, SEARCH_RULES } from './searchRules'
import type { TrialAdvice, TrialInput } from './types'

/**
 * The next number to sew, from all rows so far.
 *
 * The rows narrow down where the goal lies (see `Belief`); the next row is the mark from which one may expect
 * to know most, never outside the bracket of rows that lie on both sides, never at or above a mark where the
 * thread broke or stitches were skipped.
 *
 * @param input - see {@link TrialInput}.
 * @returns The number with its reason, or why there is none. Numbers are marks of this dial.
 * @throws {CoreError} `non-finite` or `out-of-range`, naming dial, prior or row; `too-many` for over 60 rows.
 *
 * Source: the search is our own; docs/studies/tension.md holds it against habits and an ideal search.
 *
 * @example
 * nextTension({ goal: 'balanced', dial, rows: [], prior: null, care: 'careful' }).reason.code // 'first'
 */
export function nextTension(input: TrialInput): TrialAdvice {
  const search = searchOf(input)
  for (const rule of SEARCH_RULES) {
    const finding = rule(search)
    if (finding) return adviceOf(search, finding)
  }
  throw new Error('The last rule of the search always has something to say.')
}

function adviceOf(search: Search, finding: Finding): TrialAdvice {
  const { goal, dial, rows, leader, mean, spread, bracket, disagree } = search
  const { code, message } = finding
  const settled = finding.settled ?? false
  const chosen = finding.best ?? leader
  const best = chosen?.mark ?? null
  return {
    next: finding.next ?? null,
    settled,
    best,
    evidence: chosen?.evidence ?? 'none',
    chance: chosen ? chanceClaimed(search, chosen) : 0,
    chanceRange: chanceRangeOf(search, best),
    offReadings: chosen?.offReadings ?? null,
    outOfReach: finding.outOfReach ?? false,
    reason: { code, message },
    beside: best !== null && settled ? besideOf(goal, dial, rows, best) : null,
    estimate: { tension: mean, spread },
    bracket,
    disagree: disagree && [disagree[0].place, disagree[1].place],
  }
}
