import type { Construction } from '#core/needle'
import type { TwinMode } from '#core/swing'
import type { BobbinTension, Pressure } from '#core/terms'
import type { MachineState } from './state'

/** A whole setup as it was put on a machine without the walk. */
export interface NotedSetup {
  readonly twinModeKind: TwinMode['kind']
  /** null: no needle chosen. */
  readonly construction: Construction | null
  readonly needleId: string | null
  readonly footId: string | null
  readonly singleHolePlate: boolean
  readonly tension: number | null
  readonly bobbinTension: BobbinTension
  readonly pressure: Pressure
  /** Whether the chosen stitch swings; a straight one is sewn at width 0. */
  readonly swings: boolean
  readonly widthMm: number
  readonly positionMm: number
}

/**
 * What is on a machine once a whole setup was put on it. A machine without a twin mode has none that is on or
 * off.
 *
 * @example
 * notedState({ ...setup, twinModeKind: 'none' }).twinMode // null
 */
export function notedState(setup: NotedSetup): MachineState {
  const { needleId, footId, tension, bobbinTension, pressure, positionMm } = setup
  return {
    twinMode: twinModeOf(setup),
    needleId,
    footId,
    plate: setup.singleHolePlate ? 'single-hole' : 'zigzag',
    tension,
    bobbinTension,
    pressure,
    widthMm: setup.swings ? setup.widthMm : 0,
    positionMm,
  }
}

function twinModeOf({ twinModeKind, construction }: NotedSetup): MachineState['twinMode'] {
  if (twinModeKind === 'none') return null
  return construction === null || construction === 'single' ? 'off' : 'on'
}
