import { CoreError, requireInRange } from '#core/errors'
import { type Measurement, widened } from '#core/measured'
import { CHECK_LINES, type Paper } from '#core/paper'

/** A strip of card that grows wider along its way: slid into an opening, it stops where it is as wide. */
export interface Wedge {
  readonly number: number
  readonly fromMm: number
  readonly toMm: number
}

export const WEDGES: readonly Wedge[] = [
  { number: 1, fromMm: 3, toMm: 6 },
  { number: 2, fromMm: 6, toMm: 9 },
  { number: 3, fromMm: 9, toMm: 12 },
]
/** From tip to its widest place, so that a tenth of a millimetre is five along. */
export const WEDGE_LONG_MM = 150

/** How far off scissors cut each side, one standard deviation, in mm. A guess. */
export const CUT_SPREAD_MM = 0.1
/** How far off one reads along the wedge where it stops, in mm. A guess. */
const READ_ALONG_SPREAD_MM = 1.5
/** How far off the check line is read with a ruler, in mm. A guess. */
const CHECK_SPREAD_MM = 0.25
/** A check line farther off was not printed at 100 %. */
const CHECK_OFF_MM = 5

/** To what an opening is written down, in mm. */
const STEP_MM = 0.05

/** A reading of the gauge, as it counts. */
export interface WedgeReading extends Measurement {
  /** Printed so much larger than meant, from the check line. */
  readonly printScale: number
  /** As it is kept: rounded down, for an opening that is taken as narrower never breaks a needle. */
  readonly value: number
}

/**
 * An opening from where a wedge stopped in it.
 *
 * @param readMm - the number at the opening’s edge, within the wedge.
 * @param checkMm - what the printed check line measures.
 * @param paper - it was printed on: the line is 50 mm long, on letter paper 2 inches.
 * @returns The opening in mm with one standard deviation: cutting both sides, reading along, the check line.
 * @throws {CoreError} `non-finite`, `out-of-range` with the field `readMm` or `checkMm`.
 *
 * Source: geometry; how exactly one cuts and reads is a guess.
 *
 * @example
 * wedgeReading(WEDGES[1], 8.3, 49.6) // { value: 8.2, spread: 0.15, printScale: 0.992 }
 */
export function wedgeReading(
  { fromMm, toMm }: Wedge,
  readMm: number,
  checkMm: number,
  paper: Paper = 'a4',
): WedgeReading {
  const { longMm } = CHECK_LINES[paper]
  requireInRange(readMm, 'readMm', fromMm, toMm)
  requireInRange(checkMm, 'checkMm', longMm - CHECK_OFF_MM, longMm + CHECK_OFF_MM)
  const printScale = checkMm / longMm
  const exactMm = readMm * printScale
  const slope = (toMm - fromMm) / WEDGE_LONG_MM
  return {
    value: Math.floor(exactMm / STEP_MM + 1e-9) * STEP_MM,
    spread: widened(
      CUT_SPREAD_MM,
      CUT_SPREAD_MM,
      slope * READ_ALONG_SPREAD_MM,
      (exactMm * CHECK_SPREAD_MM) / longMm,
    ),
    printScale,
  }
}

/**
 * The wedge an opening about so wide is measured with.
 *
 * @throws {CoreError} `out-of-range`: narrower or wider than any.
 *
 * @example
 * wedgeFor(8.3).number // 2
 */
export function wedgeFor(readMm: number): Wedge {
  const [first, last] = [WEDGES[0]!, WEDGES.at(-1)!]
  requireInRange(readMm, 'readMm', first.fromMm, last.toMm)
  const found = WEDGES.find(({ toMm }) => readMm <= toMm)
  if (!found) throw new CoreError('out-of-range', 'No wedge is so wide', { field: 'readMm' })
  return found
}
