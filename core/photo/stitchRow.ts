import type { Result } from '#core/errors'
import { requireInRange } from '#core/errors'
import type { Measurement } from '#core/measured'
import type { PlaneMap, Span } from '#core/measure'
import { apart, type Point } from '#core/plane'
import type { GrayImage } from './image'
import { lineThrough } from './fitting'
import { acrossOf } from './rowAcross'
import { MOST_STITCH_MM, type RowLine, type RowLook, rowsOf } from './rowLines'
import { placeOn, type Strip, stripAlong } from './strip'
import { findTeeth, type Teeth } from './teeth'
import { smooth, threadOf } from './threadField'

/** Why a row could not be read. */
export type UnreadReason = 'short' | 'coarse' | 'faint' | 'unclear'

/** A row as it was read from a photo. */
export interface RowReading {
  /** From the first hole to the last. */
  readonly stitches: number
  /** One stitch along the row, in mm: the mean, and how well that is known. */
  readonly lengthMm: Measurement
  /** How far single stitches differ, one standard deviation, in mm. */
  readonly scatterMm: number
  /** From tip to tip, or from line to line; null: a single line has none. */
  readonly acrossMm: Measurement | null
  /** Every hole or tip that was found, in px of the photo. */
  readonly holesPx: readonly Point[]
}
export type RowResult = Result<RowReading, { readonly reason: UnreadReason }>

export const UNREAD_WORDS: Readonly<Record<UnreadReason, string>> = {
  short: 'Mark a longer piece of the row: three stitches or more.',
  coarse: 'The stitches are too small in the picture: go closer.',
  faint: 'The thread hardly stands out of the cloth: more light, or another cloth under it.',
  unclear: 'The stitches do not stand out from the thread, so the count is not sure. Count by hand.',
}

/** Shorter stitches are not looked for, in mm. */
const LEAST_STITCH_MM = 0.4
/** A stitch must take so many px of the photo. */
const LEAST_STITCH_PX = 6
/** About as wide as a hole with its shade. */
const HOLE_MM = 0.2
/** Below this nothing stands out; a rival above this may be the truth. Set where the study was right. */
const LEAST_CLEARNESS = 6
const MOST_RIVAL = 0.82

/**
 * Reads the stitches of a marked row.
 *
 * Thread is what differs from the cloth beside it. Along a straight row it is darker where it dives at each
 * hole; a zigzag comes to its left edge and its right one in turn. Nothing is kept of what it reads: a
 * person looks first.
 *
 * @param span - first and last hole, in px, marked to within a third of a stitch.
 * @param halfMm - how far to look to each side, 0.5 to 15: a little more than half of the row’s width.
 * @returns The reading, or why there is none.
 * @throws {CoreError} `non-finite`, `out-of-range`.
 *
 * @example
 * readRow(photo, planeMap(card), 'straight', [from, to], 2) // { ok: true, stitches: 20, … }
 */
export function readRow(
  image: GrayImage,
  map: Pick<PlaneMap, 'toMm' | 'toPx'>,
  look: RowLook,
  span: Span,
  halfMm: number,
): RowResult {
  requireInRange(halfMm, 'halfMm', 0.5, 15)
  const [from, to] = span.map(map.toMm) as [Point, Point]
  const longMm = requireInRange(apart(from, to), 'span', 0.1, 5000)
  if (longMm < 2 * LEAST_STITCH_MM) return { ok: false, reason: 'short' }
  const beforeMm = Math.min(MOST_STITCH_MM, longMm / 4)
  const strip = stripAlong(image, map, span, halfMm, beforeMm)
  const thread = threadOf(strip)
  const pxPerMm = apart(span[0], span[1]) / longMm
  const rows = rowsOf(look, thread, strip)
  if (rows === null) return { ok: false, reason: 'faint' }
  const read = linesOf(look, rows).map(line => teethOf(line, strip, longMm, pxPerMm))
  const bad = read.find(one => typeof one === 'string')
  if (typeof bad === 'string') return { ok: false, reason: bad }
  const teeth = read.filter(one => typeof one !== 'string')
  const counts = teeth.map(({ at }) => at.length - 1)
  // Both lines of a twin have as many.
  if (counts.some(count => count !== counts[0])) return { ok: false, reason: 'unclear' }
  const acrossMm = acrossOf(look, thread, strip, rows, teeth, pxPerMm)
  if (acrossMm === 'unclear') return { ok: false, reason: 'unclear' }
  const way = { x: (to.x - from.x) / longMm, y: (to.y - from.y) / longMm }
  const asideMm = (line: number, k: number) =>
    rows[look === 'zigzag' ? (teeth[0]!.firstIn + k) % 2 : line]!.asideMm
  return {
    ok: true,
    stitches: counts[0]!,
    lengthMm: meanLength(teeth, strip.stepMm, pxPerMm),
    scatterMm: scatterOf(teeth.flatMap(({ at }) => steps(innerOf(at)).map(step => step * strip.stepMm))),
    acrossMm,
    holesPx: teeth.flatMap(({ at }, line) =>
      at.map((place, k) =>
        map.toPx(placeOn(from, way, place * strip.stepMm - strip.beforeMm, asideMm(line, k))),
      ),
    ),
  }
}

/** What teeth are looked for in together: both edges of a zigzag are one. */
const linesOf = (look: RowLook, rows: readonly RowLine[]): readonly (readonly RowLine[])[] =>
  look === 'zigzag' ? [rows] : rows.map(row => [row])

function teethOf(
  lines: readonly RowLine[],
  { beforeMm, stepMm, along }: Strip,
  longMm: number,
  pxPerMm: number,
): Teeth | UnreadReason {
  const from = beforeMm / stepMm
  const to = Math.min(along - 1, from + longMm / stepMm)
  const leastMm = Math.max(LEAST_STITCH_MM, LEAST_STITCH_PX / pxPerMm)
  const mostMm = Math.min(MOST_STITCH_MM, longMm)
  if (leastMm >= mostMm) return longMm * pxPerMm < 3 * LEAST_STITCH_PX ? 'coarse' : 'short'
  // What is finer than a hole is noise and twist.
  const window = Math.max(1, Math.round(HOLE_MM / stepMm))
  const heights = lines.map(({ height }) => smooth(height, window)) as unknown as readonly [Float32Array]
  const looked = (
    heights.length === 1 ? [heights, [heights[0].map(value => -value)] as const] : [heights]
  ).map(seen => findTeeth(seen, from, to, leastMm / stepMm, mostMm / stepMm))
  const teeth = looked.reduce(
    (best, one) => (one && one.clearness > (best?.clearness ?? 0) ? one : best),
    null,
  )
  if (teeth === null || teeth.clearness < LEAST_CLEARNESS) return 'unclear'
  if (teeth.rival > MOST_RIVAL) return 'unclear'
  return teeth.at.length < 2 ? 'short' : teeth
}

/**
 * Where a row begins and ends, thread stops too: its outermost holes are seen less well, and are left out of
 * lengths where enough others are there.
 */
const ENOUGH_TEETH = 8
const innerOf = (at: readonly number[]): readonly number[] =>
  at.length >= ENOUGH_TEETH ? at.slice(1, -1) : at

const steps = (at: readonly number[]): number[] => at.slice(1).map((place, i) => place - at[i]!)

/**
 * How exactly a hole is found in a photo, in px, one standard deviation. As the study found it.
 * Both lines of a twin lie in one light: two of them are known no better than one.
 */
const HOLE_PX = 0.7

function meanLength(teeth: readonly Teeth[], stepMm: number, pxPerMm: number): Measurement {
  const inner = teeth.map(({ at }) => innerOf(at))
  // All of them say how long a stitch is: the line through them, not its two ends.
  const each = inner.map(at => lineThrough(at.map((place, k) => [k, place] as const)).slope * stepMm)
  const value = each.reduce((sum, mm) => sum + mm, 0) / each.length
  const count = inner[0]!.length - 1
  return { value, spread: (Math.SQRT2 * HOLE_PX) / pxPerMm / count }
}

function scatterOf(lengths: readonly number[]): number {
  const mean = lengths.reduce((sum, mm) => sum + mm, 0) / lengths.length
  return Math.sqrt(lengths.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / Math.max(1, lengths.length - 1))
}
