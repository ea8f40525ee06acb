import type { TrialAdvice } from './types'

/** How sure a number is, in one word, the surest first. */
export type Sureness = 'sure' | 'likely' | 'a first guess'

/** From which chance on each is said. Ours. */
const LEAST = { sure: 0.75, likely: 0.55 } as const

/**
 * How sure a number is, as one would say it beside the machine. It goes by the lower end of the range: what
 * is left where the rows were read less steadily than one hopes. Only a number that was found is sure.
 *
 * @example
 * surenessOf({ settled: true, chanceRange: { low: 0.8, high: 0.95 } }) // 'sure'
 */
export function surenessOf({
  settled,
  chanceRange: { low },
}: Pick<TrialAdvice, 'settled' | 'chanceRange'>): Sureness {
  if (settled && low >= LEAST.sure) return 'sure'
  return low >= LEAST.likely ? 'likely' : 'a first guess'
}
