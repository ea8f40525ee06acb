import type { SignContext, SignId, Suspect } from './signs'
import { nothing } from './suspectRules'
import { SUSPECTS } from './suspectTable'

/** The weight the usual order gives each place in the list. */
const PLACE_WORTH = 1
/** What several signs have in common explains them at once. */
const COMMON_WORTH = 2
/** More than all other weights together. */
const URGENT_WORTH = 100

/**
 * Who is to be suspected first, given what is on the machine now.
 *
 * @param signs - what is seen, heard or felt; several at once are asked about together.
 * @param on - see {@link SignContext}.
 * @returns the most likely first, each once; what cannot be here is left out.
 *
 * @example
 * suspectsOf(['loops-below'], context)[0].id // 'foot-was-down'
 */
export function suspectsOf(signs: readonly SignId[], on: SignContext): Suspect[] {
  const found = new Map<string, { readonly suspect: Suspect; worth: number }>()
  for (const { suspect, worth } of signs.flatMap(sign => weighed(sign, on))) {
    const before = found.get(suspect.id)
    if (before) before.worth = Math.max(before.worth, worth) + COMMON_WORTH
    else found.set(suspect.id, { suspect, worth })
  }
  return [...found.values()].sort((a, b) => b.worth - a.worth).map(({ suspect }) => suspect)
}

function weighed(sign: SignId, on: SignContext): { readonly suspect: Suspect; readonly worth: number }[] {
  return SUSPECTS[sign].flatMap(({ weigh, caution = '', isUrgent = false, ...rule }, place) => {
    const weight = weigh ? weigh(on) : nothing
    if (weight === null) return []
    const suspect = { ...rule, change: changeWords(rule, on), caution, because: weight.because }
    const urgent = isUrgent ? URGENT_WORTH : 0
    return [{ suspect, worth: weight.by - PLACE_WORTH * place + urgent }]
  })
}

/** A step is one of the dial; where nobody described the dial it is turned. */
function changeWords({ does, change }: Pick<Suspect, 'does' | 'change'>, on: SignContext): string {
  if (does.kind !== 'tension' || on.isDialKnown) return change
  return `A quarter turn ${does.way === 'down' ? 'looser' : 'tighter'}`
}
