import { combinationKey } from '#core/handwalk'
import type { SwingInput } from '#core/swing'
import type { JobInput } from '#core/verdict'
import { conflictInputOf, type PairingTables } from './pairing'
import { setupPartsOf, swingInputOf } from './swing'
import type { Settings } from '../records'
import type { SetupContent } from '../setup'

/**
 * A whole setup as the one verdict judges it.
 *
 * @param ownStart - see `conflictInputOf`.
 */
export function jobInputOf(
  setup: SetupContent,
  tables: PairingTables,
  settings: Settings,
  ownStart: number | null = null,
): JobInput {
  const swing = swingInputOf(setup, setupPartsOf(setup, tables), settings)
  return {
    swing,
    setup: conflictInputOf(setup, tables, settings, ownStart),
    isHandWalked: swing !== null && isHandWalked(handWalkKeyOf(setup, swing), tables),
  }
}

/** One text for one combination: see `combinationKey`. */
export function handWalkKeyOf(setup: SetupContent, swing: SwingInput): string {
  const { machineId, footId, needleId } = setup
  return combinationKey({ machineId: machineId ?? '', footId, needleId: needleId ?? '', swing })
}

const isHandWalked = (key: string, { handWalks }: PairingTables) =>
  handWalks !== undefined && [...handWalks.values()].some(walk => walk.key === key)
