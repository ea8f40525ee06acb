import { parseDecimal } from './number'
import { type LengthUnit, MM_PER_INCH } from './unit'

const NUMBER = String.raw`(\d+(?:[.,]\d+)?|[.,]\d+)`
const FRACTION = String.raw`(?:(\d+)[ -])?(\d+)/(\d+)`
const UNIT = String.raw`\s*(mm|cm|in|inch|inches|")?`
const DECIMAL_FORM = new RegExp(`^([-−])?${NUMBER}${UNIT}$`, 'i')
const FRACTION_FORM = new RegExp(`^([-−])?${FRACTION}${UNIT}$`, 'i')

/**
 * Reads a typed length: `4.5`, `4,5`, `1/4`, `1½`, `1 5/8 in`, `2.5″`, `6.35 mm`. A unit in the text beats
 * the unit shown.
 *
 * @param text - what was typed.
 * @param unit - what a bare number is in.
 * @returns The length in mm, or null when the text is not a length.
 *
 * @example
 * parseLength('1/4 in', 'mm') // 6.35
 */
export function parseLength(text: string, unit: LengthUnit): number | null {
  const trimmed = plainLength(text)
  const decimal = DECIMAL_FORM.exec(trimmed)
  if (decimal) {
    const [, sign, number, typed] = decimal
    return signed(sign, parseDecimal(number!) * mmPer(typed, unit))
  }
  const fraction = FRACTION_FORM.exec(trimmed)
  if (!fraction) return null
  const [, sign, whole, top, bottom, typed] = fraction
  if (Number(bottom) === 0) return null
  // `1 5/4` is nothing on a ruler: one of its numbers is a slip.
  if (whole !== undefined && Number(top) >= Number(bottom)) return null
  return signed(sign, (Number(whole ?? 0) + Number(top) / Number(bottom)) * mmPer(typed ?? 'in', unit))
}

/** Fractions in one sign, wide digits and inch marks in the spelling of a keyboard. */
function plainLength(text: string): string {
  return text
    .replace(/[″”“]|''|′′/g, '"')
    .replace(/[\u00bc-\u00be\u2150-\u215e]/g, sign => ` ${sign}`)
    .normalize('NFKC')
    .replaceAll('\u2044', '/')
    .replace(/\s+/g, ' ')
    .trim()
}

function signed(sign: string | undefined, value: number): number | null {
  const result = sign ? -value : value
  return Number.isFinite(result) ? result : null
}

function mmPer(typed: string | undefined, unit: LengthUnit): number {
  const name = typed?.toLowerCase() ?? (unit === 'inch' ? 'in' : 'mm')
  if (name === 'mm') return 1
  if (name === 'cm') return 10
  return MM_PER_INCH
}
