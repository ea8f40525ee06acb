import { threadClassOf } from '#core/pairing'
import type { Draw, SupplyPlace } from '#core/terms'
import type { WalkInput, WalkThread } from './types'

/**
 * Whether this thread comes from a bobbin wound of the one before it: two needles sew the same, and there is
 * one spool of it.
 *
 * @param i - its place among the threads.
 *
 * @example
 * isWoundAsSecond({ ...input, secondSpool: 'bobbin' }, 1) // true
 */
export function isWoundAsSecond({ secondSpool, threads }: WalkInput, i: number): boolean {
  return secondSpool === 'bobbin' && sharesSpool(threads, i)
}

/** Whether a needle before it sews the same thread. */
export const sharesSpool = (threads: readonly Pick<WalkThread, 'id'>[], i: number): boolean =>
  threads.slice(0, i).some(({ id }) => id === threads[i]!.id)

export interface LedSupply {
  readonly place: SupplyPlace
  readonly draw: Draw
  /** No place is left: some of it is wound on a bobbin that shares the pin. */
  readonly shared: boolean
}

/**
 * Balls lie in a cup; metallic wants a long way; a flat metallic must turn on a pin; the rest sits on the
 * machine's own pins. Common practice.
 */
function preferences({ thread, form }: WalkThread, isBobbin: boolean): readonly SupplyPlace[] {
  if (isBobbin) return ['second pin', 'winder pin', 'over the winder', 'in front of the machine']
  switch (threadClassOf(thread)) {
    case 'film':
      return ['spool pin', 'second pin', 'stand', 'winder pin']
    case 'metallic':
      return ['stand', 'spool pin', 'second pin', 'winder pin']
    default:
      if (form === 'ball') return ['cup', 'stand', 'spool pin', 'second pin', 'winder pin']
      return form === 'cone'
        ? ['stand', 'spool pin', 'second pin', 'winder pin']
        : ['spool pin', 'second pin', 'stand', 'winder pin']
  }
}

function isThere(place: SupplyPlace, { machine }: WalkInput): boolean {
  switch (place) {
    case 'second pin':
      return (machine?.spoolPins ?? 1) > 1
    case 'stand':
      return machine?.stand === true
    case 'cup':
      return machine?.cup === true
    default:
      return true
  }
}
/** What the user says is used counts as there, unless the machine is known to lack it. */
function maySay(place: SupplyPlace, { machine }: WalkInput): boolean {
  switch (place) {
    case 'second pin':
      return machine?.spoolPins !== 1
    case 'stand':
      return machine?.stand !== false
    case 'cup':
      return machine?.cup !== false
    default:
      return true
  }
}
/** A stand holds several cones; a pin holds one spool. */
const holdsMany = (place: SupplyPlace) => place === 'stand' || place === 'cup'

/**
 * Where each thread comes from: as recorded in the setup where that can be, else the best place that is there
 * and free. A flat metallic is never put in a cup or drawn over its end.
 *
 * @example
 * ledSupplies(input)[0].place // 'spool pin'
 */
export function ledSupplies(input: WalkInput): LedSupply[] {
  const taken = new Set<SupplyPlace>()
  const recorded = input.threads.map(({ supply, thread }) =>
    supply.place !== null
    && maySay(supply.place, input)
    && !(supply.place === 'cup' && threadClassOf(thread) === 'film')
      ? supply.place
      : null,
  )
  for (const place of recorded) if (place !== null && !holdsMany(place)) taken.add(place)
  const used = new Set<SupplyPlace>()
  return input.threads.map((threaded, i) => {
    const own = recorded[i]!
    const free =
      own !== null && !(used.has(own) && !holdsMany(own))
        ? own
        : (preferences(threaded, isWoundAsSecond(input, i)).find(
            wish => isThere(wish, input) && (holdsMany(wish) || (!taken.has(wish) && !used.has(wish))),
          ) ?? null)
    const place = free ?? 'spool pin'
    used.add(place)
    const film = threadClassOf(threaded.thread) === 'film'
    return {
      place,
      shared: free === null,
      draw: film
        ? 'rolling off'
        : (threaded.supply.draw ?? (place === 'cup' ? 'over the end' : 'rolling off')),
    }
  })
}
