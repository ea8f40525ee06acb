/** Numbers as the trade writes them; made once for each number of decimals, because making one is slow. */
const formats = new Map<string, Intl.NumberFormat>()

/**
 * A number with a fixed number of decimals, without thousands marks and never as −0.
 *
 * @param value - any finite number.
 * @param decimals - 0 to 6.
 * @param locale - whose decimal mark. @defaultValue 'en'
 * @returns Text; `?` for a number that is not finite.
 *
 * @example
 * formatNumber(2.5, 2) // '2.50'
 */
export function formatNumber(value: number, decimals: number, locale = 'en'): string {
  if (!Number.isFinite(value)) return '?'
  const key = `${locale} ${decimals}`
  const format = formats.get(key) ?? formatOf(locale, decimals)
  formats.set(key, format)
  return format.format(value)
}

function formatOf(locale: string, decimals: number): Intl.NumberFormat {
  return new Intl.NumberFormat(locale, {
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
    useGrouping: false,
    signDisplay: 'negative',
  })
}

/** Digits with at most one decimal mark, with a power of ten as spreadsheets write it; either minus. */
const DECIMAL = /^[+\-−]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?$/i

/**
 * A typed number, with a decimal point or comma.
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
