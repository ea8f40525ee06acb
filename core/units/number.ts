/** Whose decimal mark numbers carry: the words of the app are English, the comma is the reader’s. */
let locale = 'en'
/** Made once for each number of decimals, because making one is slow. */
const formats = new Map<string, Intl.NumberFormat>()

/**
 * Sets whose decimal mark is written, once where the app starts. Server, workers and files keep the point.
 *
 * @param tag - a language tag, as browsers name theirs; digits stay 0 to 9.
 * @throws {RangeError} when it is no language tag.
 *
 * @example
 * setNumberLocale('de'); formatNumber(2.5, 1) // '2,5'
 */
export function setNumberLocale(tag: string): void {
  const digits = new Intl.Locale(tag, { numberingSystem: 'latn' })
  locale = digits.toString()
  formats.clear()
}

/**
 * A number with a fixed number of decimals, without thousands marks and never as −0.
 *
 * @param value - any finite number.
 * @param decimals - at most, 0 to 6.
 * @param least - decimals shown at least. @defaultValue `decimals`
 * @returns Text; `?` for a number that is not finite.
 *
 * @example
 * formatNumber(2.5, 2) // '2.50'
 * formatNumber(2.5, 2, 1) // '2.5'
 */
export function formatNumber(value: number, decimals: number, least = decimals): string {
  if (!Number.isFinite(value)) return '?'
  const key = `${decimals} ${least}`
  const format = formats.get(key) ?? formatOf(decimals, least)
  formats.set(key, format)
  return format.format(value).replace('-', '−')
}

const MOST_DECIMALS = 3

/**
 * A number as short as it goes: what stands on a dial, a setting as it was typed.
 *
 * @returns Text with at most three decimals; `?` for a number that is not finite.
 *
 * @example
 * formatShort(2.8) // '2.8'
 * formatShort(4) // '4'
 */
export function formatShort(value: number): string {
  return formatNumber(value, MOST_DECIMALS, 0)
}

function formatOf(decimals: number, least: number): Intl.NumberFormat {
  return new Intl.NumberFormat(locale, {
    minimumFractionDigits: least,
    maximumFractionDigits: decimals,
    useGrouping: false,
    signDisplay: 'negative',
  })
}

/** Digits with at most one decimal mark, with a power of ten as spreadsheets write it; either minus. */
const DECIMAL = /^[+\-−]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?$/i

/**
 * A typed number, with a decimal point or comma: whichever one's locale writes, both are understood.
 *
 * @returns The number; NaN for anything else, empty text too.
 *
 * @example
 * parseDecimal('2,5') // 2.5
 */
export function parseDecimal(text: string): number {
  const trimmed = text.trim()
  return DECIMAL.test(trimmed) ? Number(trimmed.replace(',', '.').replace('−', '-')) : Number.NaN
}
