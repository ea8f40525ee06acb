import { CoreError, requireInRange } from '#core/errors'
import { MOST_BAND_ROWS } from './limits'

/** A row of a band: one stitch, sewn with one needle or a twin. */
export interface BandRow {
  /** Of the stitch. */
  readonly widthMm: number
  /** Of a twin; 0: a single needle. */
  readonly gapMm: number
  /** Stitch lengths from one pattern to the next. */
  readonly repeat: number
  readonly lengthMm: number
}

/** A row where it lies, in whole patterns. */
export interface LaidRow {
  /** Stitch and gap together. */
  readonly spanMm: number
  /** From the left edge of the band. */
  readonly centreMm: number
  readonly repeatMm: number
  readonly repeats: number
  /** The length at which the patterns end whole. */
  readonly evenLengthMm: number
  /** The nearest mark of the dial. */
  readonly dialLengthMm: number
  /** What is left of the way at that mark; negative: past its end. */
  readonly missMm: number
  /** How much longer the patterns become, as a share. */
  readonly stretch: number
}

/** Two rows side by side, and after how far their patterns stand together again. */
export interface Drift {
  readonly a: number
  readonly b: number
  /** null: they keep step. */
  readonly everyMm: number | null
}

export interface Band {
  readonly bandMm: number
  readonly rows: readonly LaidRow[]
  readonly drift: readonly Drift[]
}

/** Patterns as long as each other within this keep step, in mm. */
const SAME_MM = 1e-9

/**
 * Rows side by side as one band, each with whole patterns along the way.
 *
 * Arithmetic: centres lie half of each span apart, less the overlap; a pattern of r stitch lengths goes
 * round(way / r·L) times, at least once, into the way; two rows whose patterns are dialled r₁ and r₂ long
 * drift by a pattern every r₁r₂/|r₁ − r₂|, unless as many of both go into the way.
 *
 * @param rows - 1 to 15.
 * @param overlapsMm - between neighbours, one fewer than rows; negative: a gap.
 * @param alongMm - the way, over 0 to 100 000 mm.
 * @param marks - of the dial.
 * @throws {CoreError} `too-many`; `bad-repeat` for overlaps that are not one fewer; `out-of-range`.
 *
 * @example
 * layBand([row, row], [0.5], 300, marks).bandMm
 */
export function layBand(
  rows: readonly BandRow[],
  overlapsMm: readonly number[],
  alongMm: number,
  marks: readonly number[],
): Band {
  if (rows.length > MOST_BAND_ROWS)
    throw new CoreError('too-many', `A band has at most ${MOST_BAND_ROWS} rows`, {
      field: 'rows',
      most: MOST_BAND_ROWS,
    })
  if (overlapsMm.length !== rows.length - 1)
    throw new CoreError('bad-repeat', `overlapsMm must be one fewer than rows`, {
      field: 'overlapsMm',
    })
  requireInRange(alongMm, 'alongMm', 0.1, 100_000)
  let edgeMm = 0
  const placed = rows.map((row, i) => {
    const spanMm = spanOf(row, i)
    if (i > 0) edgeMm -= requireInRange(overlapsMm[i - 1]!, `overlapsMm.${i - 1}`, -1000, 1000)
    const fromMm = edgeMm
    edgeMm += spanMm
    return { row, spanMm, fromMm }
  })
  // A row may lie within its neighbour: the band goes from the leftmost edge of any to the rightmost.
  const leftMm = Math.min(...placed.map(({ fromMm }) => fromMm))
  const rightMm = Math.max(...placed.map(({ fromMm, spanMm }) => fromMm + spanMm))
  const laid = placed.map(({ row, spanMm, fromMm }): LaidRow => ({
    ...patternsAlong(row, alongMm, marks),
    spanMm,
    centreMm: fromMm - leftMm + spanMm / 2,
  }))
  return {
    bandMm: rightMm - leftMm,
    rows: laid,
    drift: laid.slice(1).map((row, i) => ({
      a: i,
      b: i + 1,
      everyMm: driftMm([laid[i]!, rows[i]!.repeat], [row, rows[i + 1]!.repeat]),
    })),
  }
}

/**
 * How far a row lies over its neighbour where it runs down the middle of it.
 *
 * @example
 * downTheMiddleMm({ spanMm: 6 }, { spanMm: 0 }) // 3
 */
export const downTheMiddleMm = (a: Pick<LaidRow, 'spanMm'>, b: Pick<LaidRow, 'spanMm'>): number =>
  (a.spanMm + b.spanMm) / 2

function spanOf({ widthMm, gapMm, repeat, lengthMm }: BandRow, i: number): number {
  requireInRange(repeat, `rows.${i}.repeat`, 0.01, 10_000)
  requireInRange(lengthMm, `rows.${i}.lengthMm`, 0.05, 100)
  return (
    requireInRange(widthMm, `rows.${i}.widthMm`, 0, 100) + requireInRange(gapMm, `rows.${i}.gapMm`, 0, 20)
  )
}

/** Whole patterns along a way, as even as can be and as the dial comes nearest. */
export function patternsAlong(
  { repeat, lengthMm }: Pick<BandRow, 'repeat' | 'lengthMm'>,
  alongMm: number,
  marks: readonly number[],
): Omit<LaidRow, 'spanMm' | 'centreMm'> {
  const repeatMm = repeat * lengthMm
  const repeats = Math.max(1, Math.round(alongMm / repeatMm))
  const evenLengthMm = alongMm / (repeats * repeat)
  const dialLengthMm = nearestMark(evenLengthMm, marks)
  return {
    repeatMm,
    repeats,
    evenLengthMm,
    dialLengthMm,
    missMm: alongMm - repeats * repeat * dialLengthMm,
    stretch: evenLengthMm / lengthMm - 1,
  }
}

/** A miss so small is eased in along the way and not seen, in mm and as a share of the way. A guess. */
const EASED_MM = 0.25
const EASED_SHARE = 0.01
/** How far another mark may be from the wanted length, as a share. */
const NEAR_SHARE = 0.15

/**
 * Whole patterns along a way as the dial has them: the mark nearest to the wanted length whose patterns
 * end whole but for what is eased in; where none does, the mark near it that misses least.
 *
 * @example
 * patternsOnDial({ repeat: 22, lengthMm: 0.4 }, 284, [0.5, 1]) // 26 patterns at 0.5, −2.0 mm
 */
export function patternsOnDial(
  row: Pick<BandRow, 'repeat' | 'lengthMm'>,
  alongMm: number,
  marks: readonly number[],
): Omit<LaidRow, 'spanMm' | 'centreMm'> {
  const { repeat, lengthMm } = row
  const off = (mark: number) => Math.abs(mark - lengthMm)
  const nearest = nearestMark(lengthMm, marks)
  const near = marks.filter(mark => mark === nearest || off(mark) <= NEAR_SHARE * lengthMm)
  const laid = near
    .sort((a, b) => off(a) - off(b) || a - b)
    .map(mark => {
      const repeats = Math.max(1, Math.round(alongMm / (repeat * mark)))
      return { mark, repeats, missMm: alongMm - repeats * repeat * mark }
    })
  const easedMm = Math.max(EASED_MM, EASED_SHARE * alongMm)
  const least = laid.reduce((best, one) => (Math.abs(one.missMm) < Math.abs(best.missMm) ? one : best))
  const { mark, repeats, missMm } = laid.find(one => Math.abs(one.missMm) <= easedMm) ?? least
  const evenLengthMm = alongMm / (repeats * repeat)
  return {
    repeatMm: repeat * lengthMm,
    repeats,
    evenLengthMm,
    dialLengthMm: mark,
    missMm,
    stretch: evenLengthMm / lengthMm - 1,
  }
}

/** The nearest mark of a dial; the smaller of two as near. */
export function nearestMark(mm: number, marks: readonly number[]): number {
  return marks.reduce((best, mark) => (Math.abs(mark - mm) < Math.abs(best - mm) - SAME_MM ? mark : best))
}

/** Of the patterns as they are dialled; as many of one as of the other along the way keep step. */
function driftMm(
  [one, oneRepeat]: readonly [LaidRow, number],
  [other, otherRepeat]: readonly [LaidRow, number],
): number | null {
  const [a, b] = [oneRepeat * one.dialLengthMm, otherRepeat * other.dialLengthMm]
  return one.repeats === other.repeats || Math.abs(a - b) <= SAME_MM ? null : (a * b) / Math.abs(a - b)
}
