import { formatLength, formatLengthDown, machineLength } from '#core/units'

/*
 * Lengths on and of the machine: stitches, needles, gaps, openings, clearances, threads. They stay in mm
 * whatever unit cloth is measured in; `useLength` is for cloth.
 */

export const inMm = machineLength
/** Without its unit. */
export const bareMm = (mm: number | null) => formatLength(mm, 'mm')
/** A limit, without its unit: never rounded up. */
export const limitMm = (mm: number | null) => formatLengthDown(mm, 'mm')
