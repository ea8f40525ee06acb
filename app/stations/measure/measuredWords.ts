import { type Quantity, quantityFact } from '#core/measure'
import { giveOrTake, type Measurement } from '#core/measured'
import { formatNumber } from '#core/units'

/**
 * A value in the unit of its quantity.
 *
 * @example
 * valueWords('tex', 30) // '30.0 tex'
 */
export function valueWords(quantity: Quantity, value: number): string {
  switch (quantityFact(quantity).unit) {
    case 'mm':
      return inMm(value)
    case 'tex':
      return `${formatNumber(value, 1)} tex`
    case 'factor':
      return `${formatNumber(value, 3)} of the dial`
    case 'per-minute':
      return `${Math.round(value)} a minute`
  }
}

/**
 * A measured value with how well it is known, in its own unit.
 *
 * @example
 * measuredWords('foot-opening', { value: 8.2, spread: 0.1 }) // '8.2 mm ± 0.20 mm'
 */
export function measuredWords(quantity: Quantity, measured: Measurement): string {
  const off = offWords(quantity, giveOrTake(measured))
  return `${valueWords(quantity, measured.value)} ± ${off}`
}

function offWords(quantity: Quantity, off: number): string {
  switch (quantityFact(quantity).unit) {
    case 'mm':
      return inMm(off)
    case 'tex':
      return formatNumber(off, 1)
    case 'factor':
      return formatNumber(off, 3)
    case 'per-minute':
      return String(Math.round(off))
  }
}
