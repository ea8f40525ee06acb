import { formatNumber } from './number'
import { type LengthUnit, MM_PER_INCH } from './unit'

/** Sewists read inches in halves down to thirty-seconds; finer marks are not on their rulers. */
const FINEST_FRACTION = 32
/** A length this near to a ruler mark is read as that mark, in mm: half the width of a chalk line. */
const FRACTION_TOLERANCE_MM = 0.02
const DECIMALS = { mm: 2, inch: 3 } as const satisfies Record<LengthUnit, number>

/**
 * A length as a sewist reads it, without its unit: `4.5`, `0.68`; in inches `1/4`, `1 5/8`, `0.177`.
 *
 * @param mm - the length in mm, any sign.
 * @param unit - what to show it in.
 * @returns Text; `not measured` for null, `?` for a number that is not finite.
 *
 * @example
 * formatLength(6.35, 'inch') // '1/4'
 */
export function formatLength(mm: number | null, unit: LengthUnit): string {
  if (mm === null) return 'not measured'
  return render(mm, unit, roundHalfAway)
}

/**
 * Like {@link formatLength}, but never says more than there is: for limits that must not be rounded up.
 *
 * @example
 * formatLengthDown(3.457, 'mm') // '3.45'
 */
export function formatLengthDown(mm: number | null, unit: LengthUnit): string {
  if (mm === null) return 'not measured'
  // The nudge keeps 4.5, stored as 4.499999999, from reading as 4.49.
  return render(mm, unit, value => Math.floor(value + FLOAT_NUDGE), isNoMore)
}

/** How a unit is written behind a length. */
export const UNIT_SIGNS = { mm: 'mm', inch: 'in' } as const satisfies Record<LengthUnit, string>

/**
 * {@link formatLength} with its unit; `not measured` stands alone.
 *
 * @example
 * lengthWithUnit(6.35, 'inch') // '1/4 in'
 */
export function lengthWithUnit(mm: number | null, unit: LengthUnit): string {
  return mm === null ? formatLength(mm, unit) : `${formatLength(mm, unit)} ${UNIT_SIGNS[unit]}`
}

const FLOAT_NUDGE = 1e-6
/** Whether a ruler mark may stand for a length. */
type IsMarkFor = (markMm: number, mm: number) => boolean
const isNear: IsMarkFor = (markMm, mm) => Math.abs(markMm - mm) <= FRACTION_TOLERANCE_MM
const isNoMore: IsMarkFor = (markMm, mm) => isNear(markMm, mm) && markMm <= mm + FLOAT_NUDGE

function render(
  mm: number,
  unit: LengthUnit,
  round: (value: number) => number,
  isMark: IsMarkFor = isNear,
): string {
  if (!Number.isFinite(mm)) return '?'
  if (unit === 'inch') {
    const fraction = asFraction(mm, isMark)
    if (fraction !== null) return fraction
  }
  const decimals = DECIMALS[unit]
  const scaled = round((unit === 'mm' ? mm : mm / MM_PER_INCH) * 10 ** decimals)
  return formatNumber(scaled / 10 ** decimals, decimals, 1)
}

/** −0.325 reads −0.33 as 0.325 reads 0.33; the nudge keeps 0.675, stored a hair below, from reading 0.67. */
function roundHalfAway(value: number): number {
  return Math.sign(value) * Math.round(Math.abs(value) + 1e-9)
}

function asFraction(mm: number, isMark: IsMarkFor): string | null {
  const parts = Math.round((Math.abs(mm) / MM_PER_INCH) * FINEST_FRACTION)
  if (!isMark((Math.sign(mm) * parts * MM_PER_INCH) / FINEST_FRACTION, mm)) return null
  const sign = mm < 0 && parts > 0 ? '−' : ''
  const whole = Math.floor(parts / FINEST_FRACTION)
  let top = parts % FINEST_FRACTION
  if (top === 0) return `${sign}${whole}`
  let bottom = FINEST_FRACTION
  while (top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  return `${sign}${whole > 0 ? `${whole} ` : ''}${top}/${bottom}`
}

/**
 * A length on or of the machine: stitches, needles, gaps, openings. Machines speak millimetres, whatever the
 * ruler on the table says.
 *
 * @example
 * machineLength(4.5) // '4.5 mm'
 */
export function machineLength(mm: number | null): string {
  return lengthWithUnit(mm, 'mm')
}

/** More of them are counted in whole stitches, fewer in halves. */
const WHOLE_FROM = 10

/**
 * A stitch length as sewists with inch rulers name it.
 *
 * @param lengthMm - above 0.
 *
 * @example
 * stitchesPerInch(2.5) // '10 stitches per inch'
 */
export function stitchesPerInch(lengthMm: number): string {
  const count = MM_PER_INCH / lengthMm
  const halves = count >= WHOLE_FROM ? 2 * Math.round(count) : Math.round(2 * count)
  return `${formatNumber(halves / 2, 1, 0)} stitches per inch`
}
