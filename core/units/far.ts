import { formatNumber } from './number'
import type { LengthUnit } from './unit'

/** The international yard. */
export const M_PER_YARD = 0.9144
/** How a length of thread or seam is written: metres beside millimetres, yards beside inches. */
export const FAR_SIGNS = { mm: 'm', inch: 'yd' } as const satisfies Record<LengthUnit, string>
const PER_METRE = { mm: 1, inch: 1 / M_PER_YARD } as const satisfies Record<LengthUnit, number>

/**
 * Metres as a number of the user’s long unit, and back with {@link metresOf}.
 *
 * @example
 * farOf(0.9144, 'inch') // 1
 */
export const farOf = (metres: number, unit: LengthUnit): number => metres * PER_METRE[unit]

/**
 * What a number of the user’s long unit is in metres.
 *
 * @example
 * metresOf(1, 'inch') // 0.9144
 */
export const metresOf = (far: number, unit: LengthUnit): number => far / PER_METRE[unit]

/** From here on nobody needs tenths. */
const WHOLE_FROM = 10
/**
 * A length of thread as one buys it: tenths while it is short, else whole and never too little.
 *
 * @example
 * farWithUnit(3.62, 'mm') // '3.6 m'
 */
export function farWithUnit(metres: number, unit: LengthUnit): string {
  const far = farOf(metres, unit)
  const text = far < WHOLE_FROM ? formatNumber(far, 1) : formatNumber(Math.ceil(far - 1e-9), 0)
  return `${text} ${FAR_SIGNS[unit]}`
}
