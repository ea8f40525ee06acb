import { requireInRange } from '#core/errors'
import { formatShort } from '#core/units'
import { type FitPlan, type LengthDial, lengthMarks } from './fit'

/** How what is planned along the cloth stands on the dial, and how its stitches are counted. */
export interface DialScale {
  /** Stitch lengths of the dial in one planned length: a zigzag lands on the edge at every second. */
  readonly lengths: number
  /** Sewn length over dialled length, measured on this cloth; 1: as the dial says. */
  readonly feedFactor: number
  /** A zigzag is counted in needle positions; a stitch of many drops in whole patterns. */
  readonly counted: 'stitches' | 'patterns'
}

/** The dial at its word, every length a stitch. */
export const PLAIN_SCALE: DialScale = { lengths: 1, feedFactor: 1, counted: 'stitches' }

/**
 * A feed factor as fine as it can be known: to a ten-thousandth. So the marks keep a common step, by which
 * the search for whole stitches ends early.
 */
const tidyFactor = (factor: number) => Math.round(1e4 * requireInRange(factor, 'feedFactor', 0.1, 10)) / 1e4
const toNanometre = (mm: number) => Math.round(1e6 * mm) / 1e6
/** Cloth under one millimetre of the dial. */
const sewnPerMm = ({ lengths, feedFactor }: DialScale) => lengths * tidyFactor(feedFactor)

/**
 * The marks of a dial as they come out on the cloth, rising, in mm from planned place to planned place.
 *
 * @throws {CoreError} as `lengthMarks`; `out-of-range` for a factor under 0.1 or over 10.
 *
 * @example
 * marksAsSewn({ minMm: 2, maxMm: 2.1, stepMm: 0.1 }, { ...PLAIN_SCALE, feedFactor: 0.97 }) // [1.94, 2.037]
 */
export const marksAsSewn = (dial: LengthDial, scale: DialScale): number[] =>
  lengthMarks(dial).map(mm => asSewnMm(mm, scale))

/**
 * What a length on the dial comes to between planned places.
 *
 * @example
 * asSewnMm(2.1, { ...PLAIN_SCALE, feedFactor: 0.97 }) // 2.037
 */
export const asSewnMm = (onDialMm: number, scale: DialScale): number =>
  toNanometre(onDialMm * sewnPerMm(scale))

/**
 * What the dial stands at for a planned length.
 *
 * @example
 * dialledMm(2.037, { ...PLAIN_SCALE, feedFactor: 0.97 }) // 2.1
 */
export const dialledMm = (plannedMm: number, scale: DialScale): number =>
  toNanometre(plannedMm / sewnPerMm(scale))

/** Stitches at one mark of the dial, in words. */
export interface CountedStitches {
  /** What is counted and dialled: “49 × 2.1”. */
  readonly dialled: string
  /** How long this cloth makes them; null: as the dial says. */
  readonly sews: string | null
}

/**
 * A plan as one dials it: the stitches of each mark, in the order they are sewn, and where this cloth makes
 * them shorter or longer than the dial says, how long they come out.
 *
 * @param length - writes a length in the reader's unit, without the unit's sign.
 *
 * @example
 * planParts(fitPlans(43, 5, [5, 6])[0])[1] // { dialled: '3 × 6', sews: null }
 */
export function planParts(
  { parts }: Pick<FitPlan, 'parts'>,
  length: (mm: number) => string = formatShort,
  scale: DialScale = PLAIN_SCALE,
): CountedStitches[] {
  const isAsDialled = tidyFactor(scale.feedFactor) === 1
  return parts.map(({ count, lengthMm }) => ({
    dialled: `${countWords(count, scale)} ${length(dialledMm(lengthMm, scale))}`,
    sews: isAsDialled ? null : length(lengthMm / scale.lengths),
  }))
}

/**
 * Parts in one line.
 *
 * @example
 * partsWords([{ dialled: '49 × 2.1', sews: '2.04' }]) // '49 × 2.1 (sews 2.04)'
 */
export const partsWords = (parts: readonly CountedStitches[]): string =>
  parts.map(({ dialled, sews }) => (sews === null ? dialled : `${dialled} (sews ${sews})`)).join(', ')

/**
 * A plan in one line, as `planParts` has it.
 *
 * @example
 * planWords(fitPlans(43, 5, [5, 6])[0]) // '5 × 5, 3 × 6'
 */
export const planWords = (...of: Parameters<typeof planParts>): string => partsWords(planParts(...of))

function countWords(count: number, { lengths, counted }: DialScale): string {
  switch (counted) {
    case 'stitches':
      return `${Math.round(count * lengths)} ×`
    case 'patterns':
      return `${count} ${count === 1 ? 'pattern' : 'patterns'} at`
  }
}
