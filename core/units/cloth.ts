import { formatShort } from './number'
import { MM_PER_INCH, type LengthUnit } from './unit'

/** Cloth is cut and laid to so much: half a millimetre, an eighth of an inch. Common practice. */
const CLOTH_MM = 0.5
const EIGHTHS = 8

/**
 * A length of cloth as a person can cut or lay it.
 *
 * @param mm - finite.
 * @returns Without its unit: to half a millimetre, or to an eighth of an inch as a fraction.
 *
 * @example
 * formatCloth(92.73, 'mm') // '92.5'
 * formatCloth(92.73, 'inch') // '3 5/8'
 */
export function formatCloth(mm: number, unit: LengthUnit): string {
  if (unit === 'mm') return formatShort(Math.round(mm / CLOTH_MM) * CLOTH_MM)
  return eighths(mm / MM_PER_INCH)
}

function eighths(inches: number): string {
  const all = Math.round(Math.abs(inches) * EIGHTHS)
  const [whole, over] = [Math.floor(all / EIGHTHS), all % EIGHTHS]
  const sign = inches < 0 && all > 0 ? '−' : ''
  if (over === 0) return `${sign}${whole}`
  const common = [4, 2, 1].find(part => over % part === 0)!
  const fraction = `${over / common}/${EIGHTHS / common}`
  return whole === 0 ? `${sign}${fraction}` : `${sign}${whole} ${fraction}`
}
