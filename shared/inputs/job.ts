import type { JobInput } from '#core/verdict'
import type { LengthUnit } from '#core/units'
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
  unit: LengthUnit,
  ownStart: number | null = null,
): JobInput {
  return {
    swing: swingInputOf(setup, setupPartsOf(setup, tables), settings),
    setup: conflictInputOf(setup, tables, settings, ownStart),
    unit,
  }
}
