import type { BobbinTension, Pressure } from '#core/terms'

/** What is known to be set or fitted on one machine; null: not known, and then nothing is claimed. */
export interface MachineState {
  readonly twinMode: 'on' | 'off' | null
  readonly needleId: string | null
  readonly footId: string | null
  readonly plate: 'zigzag' | 'single-hole' | null
  readonly tension: number | null
  readonly bobbinTension: BobbinTension | null
  readonly pressure: Pressure | null
  readonly widthMm: number | null
  readonly positionMm: number | null
}
/** What one action changes on the machine. */
export type StateChange = Partial<MachineState>

export const UNKNOWN_STATE = {
  twinMode: null,
  needleId: null,
  footId: null,
  plate: null,
  tension: null,
  bobbinTension: null,
  pressure: null,
  widthMm: null,
  positionMm: null,
} as const satisfies MachineState

/**
 * Whether the machine is known to be as this change would make it.
 *
 * @example
 * stateHas({ …state, widthMm: 0 }, { widthMm: 0 }) // true
 */
export function stateHas(state: MachineState, change: StateChange): boolean {
  return Object.entries(change).every(([part, value]) => state[part as keyof MachineState] === value)
}
