import type { Fault } from './asker'
import type { BuildNow } from './newerBuild'

const WHY = {
  'not-loaded': 'did not load.',
  'no-answer': 'took too long and was stopped.',
  'broken': 'could not be worked out.',
} as const satisfies Record<Fault, string>

const MEND = {
  'same': 'Try again.',
  'newer': 'Lacy Spool was updated since this tab was opened. Reload the tab.',
  'no answer': 'The server does not answer. Try again once it is back.',
} as const satisfies Record<BuildNow, string>

/**
 * What there is not, and what to do about it.
 *
 * @param what - as a sentence begins with it.
 *
 * @example
 * faultWords('The drawing', 'no-answer', 'same').mend // 'Try again.'
 */
export function faultWords(what: string, fault: Fault, build: BuildNow) {
  return { said: `${what} ${WHY[fault]}`, mend: fault === 'not-loaded' ? MEND[build] : MEND.same }
}
