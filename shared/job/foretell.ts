import { predictOffset } from '#core/swatch'
import { lessonsOf } from '../inputs'
import type { Settings, Swatch } from '../records'
import type { Foretell } from './choose'

/** What the swatch book says, read where it is asked. */
export function foretellFrom(swatches: ReadonlyMap<string, Swatch>, settings: Settings): Foretell {
  return (wanted, ruleShare) => {
    const { records } = lessonsOf(swatches.values(), settings)
    const told = predictOffset(records, wanted, ruleShare)
    return told && { share: told.share, of: told.leansOn.length }
  }
}
