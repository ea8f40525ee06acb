import { type MachineState, UNKNOWN_STATE } from './state'

/** What of a machine's state is changed by hand, in the order of work. */
const CHANGED_PARTS = Object.keys(UNKNOWN_STATE) as readonly (keyof MachineState)[]

/**
 * What is known to be on the machine and is not as a setup wants it. What nobody noted counts as nothing.
 *
 * @param now - what is known to be on the machine.
 * @param wanted - what a setup puts there, from `notedState`.
 * @returns The parts to change over; empty: none, or nothing is known.
 *
 * @example
 * changeOverOf({ …twinOn, widthMm: 3 }, { …twinOn, widthMm: 0 }) // ['widthMm']
 */
export function changeOverOf(now: MachineState, wanted: MachineState): readonly (keyof MachineState)[] {
  return CHANGED_PARTS.filter(part => {
    const [is, should] = [now[part], wanted[part]]
    return is !== null && should !== null && is !== should
  })
}
