import { CoreError, requireInRange } from '#core/errors'
import { type BandRow, type LaidRow, nearestMark, patternsOnDial } from './band'

/** How a band goes round its corners. */
export type BandCorner = 'mirror' | 'stop' | 'open'

/** One row on one side: how long it is there, and the patterns on it. */
export interface RowLeg extends Omit<LaidRow, 'spanMm' | 'centreMm'> {
  readonly lengthMm: number
  /** Left bare before the corner where only whole patterns are sewn; 0 else. */
  readonly bareMm: number
}

/** Legs that are shorter than this after their corners are none, in mm. */
const LEAST_LEG_MM = 0.5

/**
 * How long a row is on each side, corners of 90°: sides are measured along the outer edge, so a row farther
 * in is shorter by how far in it lies, at each corner. An open corner leaves the square free where bands
 * meet.
 *
 * @param atMm - how far in the row lies, from the outer edge.
 *
 * @example
 * rowLegsMm([100, 300, 100], 8, 16, 'mirror') // [92, 284, 92]
 */
export function rowLegsMm(
  legsMm: readonly number[],
  atMm: number,
  bandMm: number,
  corner: BandCorner,
): number[] {
  const lostMm = corner === 'open' ? bandMm : atMm
  return legsMm.map((mm, i) => {
    const corners = Number(i > 0) + Number(i < legsMm.length - 1)
    const lengthMm = mm - corners * lostMm
    if (lengthMm < LEAST_LEG_MM)
      throw new CoreError('out-of-range', `Side ${i + 1} of ${mm} mm is shorter than the band is wide`, {
        field: `legsMm.${i}`,
        min: corners * lostMm + LEAST_LEG_MM,
        max: 10_000,
      })
    return lengthMm
  })
}

/**
 * The patterns of a row on each of its sides. Mirrored or open corners take whole patterns as even as can be;
 * one that stops sews whole patterns at the wanted length and leaves the rest bare.
 *
 * @throws {CoreError} `out-of-range` for a side shorter than its corners.
 *
 * @example
 * rowLegs(row, [100, 300], 8, 16, 'stop', marks)[1].bareMm
 */
export function rowLegs(
  row: Pick<BandRow, 'repeat' | 'lengthMm'>,
  legsMm: readonly number[],
  atMm: number,
  bandMm: number,
  corner: BandCorner,
  marks: readonly number[],
): RowLeg[] {
  requireInRange(atMm, 'atMm', 0, 10_000)
  return rowLegsMm(legsMm, atMm, bandMm, corner).map(lengthMm => {
    const isStopped = corner === 'stop' && legsMm.length > 1
    return isStopped
      ? stopped(row, lengthMm, marks)
      : { ...patternsOnDial(row, lengthMm, marks), lengthMm, bareMm: 0 }
  })
}

function stopped(
  { repeat, lengthMm: wantedMm }: Pick<BandRow, 'repeat' | 'lengthMm'>,
  lengthMm: number,
  marks: readonly number[],
): RowLeg {
  const SAME_MM = 1e-9
  const dialLengthMm = nearestMark(wantedMm, marks)
  const repeatMm = repeat * dialLengthMm
  const repeats = Math.floor((lengthMm + SAME_MM) / repeatMm)
  const bareMm = lengthMm - repeats * repeatMm
  return {
    lengthMm,
    repeatMm,
    repeats,
    evenLengthMm: dialLengthMm,
    dialLengthMm,
    missMm: 0,
    stretch: dialLengthMm / wantedMm - 1,
    bareMm: Math.max(0, bareMm),
  }
}
