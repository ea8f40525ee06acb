export { type ClothUse, formatCloth, formatPencil, formatPlace, snapToRuler } from './cloth'
export { FAR_SIGNS, farOf, farWithUnit, M_PER_YARD, metresOf } from './far'
export { MM_PER_INCH, type LengthUnit } from './unit'
export {
  formatLength,
  formatLengthDown,
  lengthWithUnit,
  machineLength,
  stitchesPerInch,
  UNIT_SIGNS,
} from './format'
export { parseLength, readLength, readNumber, type TypedLength, type TypedNumber } from './typed'
export { asSentence, capital } from './sentence'
export { formatNumber, formatShort, parseDecimal, setNumberLocale } from './number'
