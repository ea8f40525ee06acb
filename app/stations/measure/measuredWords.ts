import { type Quantity, quantityFact } from '#core/measure'
import { giveOrTake, type Measurement } from '#core/measured'
import { formatNumber } from '#core/units'

/** How lengths are written now. */
interface Lengths {
  readonly length: (mm: number) => string
  readonly bare: (mm: number) => string
}

/**
 * A measured value with how well it is known, in its own unit.
 *
 * @example
 * measuredWords('foot-opening', { value: 8.2, spread: 0.1 }, useLength()) // '8.2 mm ± 0.20 mm'
 */
export function measuredWords(quantity: Quantity, measured: Measurement, { length }: Lengths): string {
  const off = giveOrTake(measured)
  switch (quantityFact(quantity).unit) {
    case 'mm':
      return `${length(measured.value)} ± ${length(off)}`
    case 'tex':
      return `${formatNumber(measured.value, 1)} tex ± ${formatNumber(off, 1)}`
    case 'factor':
      return `${formatNumber(measured.value, 3)} of the dial ± ${formatNumber(off, 3)}`
    case 'per-minute':
      return `${Math.round(measured.value)} a minute ± ${Math.round(off)}`
  }
}
