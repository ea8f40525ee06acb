import { leadingColour } from '#core/colour'
import type { BobbinInput } from '#core/pairing'
import type { Cloth, Settings, Thread } from '../records'
import type { SetupContent } from '../setup'
import { stitchFactsOf } from './pairing'
import { setupPartsOf, type SetupTables } from './swing'

/**
 * What is asked of a bobbin under a setup. Under an edge that nobody is to see it should be the cloth's
 * colour, else its thread's.
 *
 * @param top - the thread that decides.
 */
export function bobbinInputOf(
  top: Thread,
  setup: SetupContent,
  tables: SetupTables & { readonly cloths: ReadonlyMap<string, Cloth> },
  { schools }: Pick<Settings, 'schools'>,
): BobbinInput {
  const isHidden = setup.job === 'hidden-edge'
  const own = leadingColour(top.colours)
  const clothHex = tables.cloths.get(setup.clothId ?? '')?.hex ?? null
  return {
    top: { ...top, hex: isHidden ? (clothHex ?? own) : own },
    swings: stitchFactsOf(setup, setupPartsOf(setup, tables))?.swings ?? false,
    schools,
    isHidden,
  }
}
