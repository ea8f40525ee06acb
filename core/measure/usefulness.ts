/**
 * What a measure would change: a verdict, the numbers of a plan, what a label or dial is taken at its word
 * for, or only how long it takes.
 */
const CONSEQUENCES = ['verdict', 'plan', 'fine', 'time'] as const
export type Consequence = (typeof CONSEQUENCES)[number]

/** Something nobody measured, and what stands on it. */
export interface Wanted {
  readonly consequence: Consequence
  /** It is on the machine now. */
  readonly isInHand: boolean
  /** How many setups, plans and pieces ask for it. */
  readonly uses: number
}

/**
 * The most useful first: what may break a needle, then what is cut or marked by it, then the rest; of each
 * what is on the machine now, then what most asks for it. The order is our own judgement.
 *
 * @example
 * [...wanted].sort(byUsefulness)[0] // the opening of the foot that is on
 */
export function byUsefulness(a: Wanted, b: Wanted): number {
  return (
    CONSEQUENCES.indexOf(a.consequence) - CONSEQUENCES.indexOf(b.consequence)
    || Number(b.isInHand) - Number(a.isInHand)
    || b.uses - a.uses
  )
}
