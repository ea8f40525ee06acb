export { MM_PER_INCH, type LengthUnit } from './unit'
export { formatLength, formatLengthDown, lengthWithUnit, UNIT_SIGNS } from './format'
export { parseLength } from './parse'
export { formatNumber, formatShort, parseDecimal, setNumberLocale } from './number'
