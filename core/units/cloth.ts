import { formatLength } from './format'
import { formatNumber, formatShort } from './number'
import { MM_PER_INCH, type LengthUnit } from './unit'

/**
 * How finely a length of cloth is worked: cut, marked with chalk or pencil, or set as an opening between two
 * things. Common practice: eighths of an inch are cut, sixteenths marked, thirty-seconds set.
 */
export type ClothUse = 'cut' | 'mark' | 'between'
const PARTS_OF_AN_INCH = { cut: 8, mark: 16, between: 32 } as const satisfies Record<ClothUse, number>
const CUT_MM = 0.5

/**
 * A length of cloth as a person can cut, mark or set it, without its unit.
 *
 * @param mm - any sign; null: not measured.
 * @param use - in mm only cutting rounds, to half a millimetre; the others keep two decimals.
 * @returns In inches a fraction; `under 1/32` where a length is less than the finest mark can show.
 *
 * @example
 * formatCloth(92.73, 'mm') // '92.5'
 * formatCloth(92.73, 'inch') // '3 5/8'
 * formatCloth(92.73, 'inch', 'between') // '3 21/32'
 */
export function formatCloth(mm: number | null, unit: LengthUnit, use: ClothUse = 'cut'): string {
  if (mm === null || !Number.isFinite(mm)) return formatLength(mm, unit)
  if (unit === 'mm')
    return use === 'cut' ? formatShort(Math.round(mm / CUT_MM) * CUT_MM) : formatLength(mm, unit)
  return fraction(mm / MM_PER_INCH, PARTS_OF_AN_INCH[use])
}

/** Where a mark falls in a row of marks, each rounded by itself: to 0.1 mm, or to a sixteenth of an inch. */
export function formatPlace(mm: number, unit: LengthUnit): string {
  return unit === 'mm' ? formatNumber(mm, 1, 1) : formatCloth(mm, unit, 'mark')
}

function fraction(inches: number, parts: number): string {
  const all = Math.round(Math.abs(inches) * parts)
  // What is there but rounds to nothing is not called nothing.
  if (all === 0) return Math.abs(inches) * 2 * parts < SHOWS_AS_NOTHING ? '0' : finest(inches)
  const [whole, over] = [Math.floor(all / parts), all % parts]
  const sign = inches < 0 ? '−' : ''
  if (over === 0) return `${sign}${whole}`
  let [top, bottom] = [over, parts]
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  return whole === 0 ? `${sign}${top}/${bottom}` : `${sign}${whole} ${top}/${bottom}`
}
/** In parts of a mark: a hair is nothing. */
const SHOWS_AS_NOTHING = 0.05
const FINEST = 32
function finest(inches: number): string {
  const all = Math.round(Math.abs(inches) * FINEST)
  if (all === 0) return `under 1/${FINEST}`
  return fraction(inches, FINEST)
}

const STEP_MM = 0.1

/**
 * A length that was dragged, on the nearest mark of the ruler in use: 0.1 mm, or a sixteenth of an inch.
 *
 * @example
 * snapToRuler(6.2, 'inch') // 6.35, a quarter inch
 */
export function snapToRuler(mm: number, unit: LengthUnit): number {
  if (unit === 'mm') return Math.round(mm / STEP_MM) / Math.round(1 / STEP_MM)
  return (Math.round((mm / MM_PER_INCH) * PARTS_OF_AN_INCH.mark) / PARTS_OF_AN_INCH.mark) * MM_PER_INCH
}

/**
 * A place as a pencil marks it on paper or cloth, without its unit: to 0.5 mm, or to 1/32 inch.
 *
 * @example
 * formatPencil(21.58, 'mm') // '21.5'
 */
export function formatPencil(mm: number, unit: LengthUnit): string {
  return formatCloth(mm, unit, unit === 'mm' ? 'cut' : 'between')
}
