import type { StartSource } from '#core/pairing'
import type { Source } from '#core/terms'

/** What start settings come from, as the chip says it. */
export const SOURCE_CHIPS: Readonly<Record<StartSource | 'sewn', Source>> = {
  'own swatches': 'sewn',
  'sewn': 'sewn',
  'own plan': 'your plan',
  'rule': 'rule',
  'guess': 'guess',
}
