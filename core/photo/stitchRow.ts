import { requireInRange } from '#core/errors'
import type { Measurement } from '#core/measured'
import type { Place, PlaneMap, Span } from '#core/measure'
import type { GrayImage } from './image'
import { leastSquares, median } from './fitting'
import { placeOn, type Strip, stripAlong } from './strip'
import { findTeeth, type Teeth } from './teeth'

/** What a row looks like: a line, a zigzag, the two lines of a twin, or its bobbin thread from below. */
export const ROW_LOOKS = ['straight', 'zigzag', 'twin', 'under'] as const
export type RowLook = (typeof ROW_LOOKS)[number]

/** Why a row could not be read. */
export type UnreadReason = 'short' | 'coarse' | 'faint' | 'unclear'

/** A row as it was read from a photo. */
export interface RowReading {
  readonly ok: true
  /** From the first hole to the last. */
  readonly stitches: number
  /** One stitch along the row, in mm: the mean, and how well that is known. */
  readonly lengthMm: Measurement
  /** How far single stitches differ, one standard deviation, in mm. */
  readonly scatterMm: number
  /** From tip to tip, or from line to line; null: a single line has none. */
  readonly acrossMm: Measurement | null
  /** Every hole or tip that was found, in px of the photo. */
  readonly holesPx: readonly Place[]
}
export interface RowUnread {
  readonly ok: false
  readonly reason: UnreadReason
}

export const UNREAD_WORDS: Readonly<Record<UnreadReason, string>> = {
  short: 'Mark a longer piece of the row: three stitches or more.',
  coarse: 'The stitches are too small in the picture: go closer.',
  faint: 'The thread hardly stands out of the cloth: more light, or another cloth under it.',
  unclear: 'It may be one count or another: the stitches do not stand out of the thread. Count by hand.',
}

/** Shorter and longer stitches are not looked for, in mm. */
const LEAST_STITCH_MM = 0.4
const MOST_STITCH_MM = 12
/** A stitch must take so many px of the photo. */
export const LEAST_STITCH_PX = 6
/** About as wide as a hole with its shade. */
const HOLE_MM = 0.2
/** Thread must stand out of the cloth by so many of the cloth's own scatters. */
const LEAST_CONTRAST = 3
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
): RowReading | RowUnread {
  requireInRange(halfMm, 'halfMm', 0.5, 15)
  const [from, to] = span.map(map.toMm) as [Place, Place]
  const longMm = requireInRange(Math.hypot(to.x - from.x, to.y - from.y), 'span', 0.1, 5000)
  if (longMm < 2 * LEAST_STITCH_MM) return { ok: false, reason: 'short' }
  const beforeMm = Math.min(MOST_STITCH_MM, longMm / 4)
  const strip = stripAlong(image, map, span, halfMm, beforeMm)
  const thread = threadOf(strip)
  if (thread === null) return { ok: false, reason: 'faint' }
  const pxPerMm = Math.hypot(span[1].x - span[0].x, span[1].y - span[0].y) / longMm
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
    scatterMm: scatterOf(teeth.flatMap(({ at }) => steps(at).map(step => step * strip.stepMm))),
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

/** How far each value differs from the cloth beside it, and how much cloth alone does. */
interface ThreadField {
  /** Brightness less the cloth's, of thread: signed. */
  readonly data: Float32Array
  readonly noise: number
}

/** The outer share of the strip that is taken for bare cloth. */
const BARE_SHARE = 0.16

/** null: nothing differs from the cloth. */
function threadOf({ data, along, across, stepMm }: Strip): ThreadField | null {
  const rim = Math.max(2, Math.round((BARE_SHARE * across) / 2))
  const window = Math.max(3, Math.round(4 / stepMm))
  const sides = [0, across - rim].map(first => smooth(rimMeans(data, along, across, first, rim), window))
  const middles = [(rim - 1) / 2, across - (rim + 1) / 2]
  const out = new Float32Array(data.length)
  let [noise, counted] = [0, 0]
  for (let s = 0; s < along; s++)
    for (let t = 0; t < across; t++) {
      const share = (t - middles[0]!) / (middles[1]! - middles[0]!)
      const cloth = sides[0]![s]! * (1 - share) + sides[1]![s]! * share
      const off = data[s * across + t]! - cloth
      out[s * across + t] = off
      if (t < rim || t >= across - rim) {
        noise += off * off
        counted += 1
      }
    }
  return { data: out, noise: Math.sqrt(noise / counted) + 0.5 }
}

function rimMeans(data: Float32Array, along: number, across: number, first: number, rim: number) {
  return Float32Array.from({ length: along }, (_, s) => {
    let sum = 0
    for (let t = first; t < first + rim; t++) sum += data[s * across + t]!
    return sum / rim
  })
}

/** Running means. */
function smooth(values: Float32Array, window: number): Float32Array {
  const half = window >> 1
  const sums = new Float64Array(values.length + 1)
  values.forEach((value, i) => (sums[i + 1] = sums[i]! + value))
  return values.map((_, i) => {
    const [from, to] = [Math.max(0, i - half), Math.min(values.length, i + half + 1)]
    return (sums[to]! - sums[from]!) / (to - from)
  })
}

/** One line in which teeth are looked for. */
interface RowLine {
  /** From the middle of the strip, in mm. */
  readonly asideMm: number
  /** What stands out there, a value a step. */
  readonly height: Float32Array
}

function rowsOf(look: RowLook, thread: ThreadField, strip: Strip): RowLine[] | null {
  const profile = acrossProfile(thread, strip)
  const hills = hillsOf(profile, thread.noise)
  if (hills.length === 0) return null
  switch (look) {
    case 'straight':
      return [lineRow(thread, strip, strongest(hills, 1)[0]!)]
    case 'twin': {
      const two = strongest(hills, 2)
      return two.length < 2 ? null : two.map(hill => lineRow(thread, strip, hill))
    }
    case 'zigzag':
    case 'under':
      return edgeRows(thread, strip, { from: hills[0]!.from, to: hills.at(-1)!.to })
  }
}

/** Mean difference from the cloth, without its sign, across the strip. */
function acrossProfile({ data }: ThreadField, { along, across, beforeMm, stepMm }: Strip): Float32Array {
  const skip = Math.round(beforeMm / stepMm)
  const profile = new Float32Array(across)
  for (let s = skip; s < along - skip; s++)
    for (let t = 0; t < across; t++) profile[t]! += Math.abs(data[s * across + t]!)
  return profile.map(sum => sum / Math.max(1, along - 2 * skip))
}

interface Hill {
  /** In steps across, its middle between whole ones. */
  readonly from: number
  readonly to: number
  readonly middle: number
  readonly weight: number
}

/** Stretches that stand out of the cloth. */
function hillsOf(profile: Float32Array, noise: number): Hill[] {
  const top = Math.max(...profile)
  const bare = noise
  if (top < LEAST_CONTRAST * noise) return []
  const least = bare + 0.3 * (top - bare)
  const hills: Hill[] = []
  let from = -1
  for (let t = 0; t <= profile.length; t++) {
    const isOver = t < profile.length && profile[t]! >= least
    if (isOver && from < 0) from = t
    if (!isOver && from >= 0) {
      hills.push(hillOf(profile, from, t - 1, bare))
      from = -1
    }
  }
  return hills
}

function hillOf(profile: Float32Array, from: number, to: number, bare: number): Hill {
  let [weight, sum] = [0, 0]
  for (let t = from; t <= to; t++) {
    const over = Math.max(0, profile[t]! - bare)
    weight += over
    sum += over * t
  }
  return { from, to, middle: weight > 0 ? sum / weight : (from + to) / 2, weight }
}

const strongest = (hills: readonly Hill[], count: number): Hill[] =>
  [...hills]
    .sort((a, b) => b.weight - a.weight)
    .slice(0, count)
    .sort((a, b) => a.middle - b.middle)

const asideOf = (t: number, { across, stepMm }: Strip) => (t - (across - 1) / 2) * stepMm

/** How far a lens and pixels spread a rim, in steps of half a pixel. */
const SOFT_STEPS = 3

/** Along a line of thread: how much darker than thread between holes, the mean over its width. */
function lineRow({ data }: ThreadField, strip: Strip, hill: Hill): RowLine {
  const { along, across } = strip
  // All of the thread, its soft rims too: cut short, it would flicker where a row goes from pixel to pixel.
  const from = Math.max(0, hill.from - SOFT_STEPS)
  const to = Math.min(across - 1, hill.to + SOFT_STEPS)
  const brightness = Float32Array.from({ length: along }, (_, s) => {
    let sum = 0
    for (let t = from; t <= to; t++) sum += data[s * across + t]!
    return sum / (to - from + 1)
  })
  // What changes over several stitches is light, not thread.
  const slow = smooth(brightness, Math.round(MOST_STITCH_MM / strip.stepMm))
  return { asideMm: asideOf(hill.middle, strip), height: brightness.map((value, s) => slow[s]! - value) }
}

/** How much of a zigzag's width belongs to its edge, where it comes once every two stitches. */
const EDGE_SHARE = 0.22

function edgeRows({ data }: ThreadField, strip: Strip, { from, to }: Pick<Hill, 'from' | 'to'>): RowLine[] {
  const { along, across } = strip
  const wide = Math.max(2, Math.round((to - from + 1) * EDGE_SHARE))
  return [from, to - wide + 1].map(first => ({
    asideMm: asideOf(first === from ? from : to, strip),
    height: Float32Array.from({ length: along }, (_, s) => {
      let sum = 0
      for (let t = first; t < first + wide; t++) sum += Math.abs(data[s * across + t]!)
      return sum / wide
    }),
  }))
}

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
  // A hole is a quarter of a millimetre wide or more: finer than that is noise and twist.
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

const steps = (at: readonly number[]): number[] => at.slice(1).map((place, i) => place - at[i]!)

/** How exactly a hole is found in a photo, in px, one standard deviation. As the study found it. */
const HOLE_PX = 0.6

function meanLength(teeth: readonly Teeth[], stepMm: number, pxPerMm: number): Measurement {
  const each = teeth.map(({ at }) => ((at.at(-1)! - at[0]!) * stepMm) / (at.length - 1))
  const value = each.reduce((sum, mm) => sum + mm, 0) / each.length
  const count = teeth[0]!.at.length - 1
  return { value, spread: (Math.SQRT2 * HOLE_PX) / pxPerMm / count / Math.sqrt(each.length) }
}

function scatterOf(lengths: readonly number[]): number {
  const mean = lengths.reduce((sum, mm) => sum + mm, 0) / lengths.length
  return Math.sqrt(lengths.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / Math.max(1, lengths.length - 1))
}

/** How exactly a line of thread is found, in px, one standard deviation. As the study found it. */
const LINE_PX = 0.3

/** The same for a zigzag between its tips, worse where stitches are small in the picture. */
const tipPx = (stitchPx: number): number => Math.max(0.8, 40 / stitchPx)

const meanStep = ({ at }: Teeth): number => (at.at(-1)! - at[0]!) / (at.length - 1)

/** Tips and rims of what swings tell the same width to within this share, or it is no such row. */
const SAME_WIDTH = 0.4

function acrossOf(
  look: RowLook,
  thread: ThreadField,
  strip: Strip,
  rows: readonly RowLine[],
  teeth: readonly Teeth[],
  pxPerMm: number,
): Measurement | null | 'unclear' {
  const rimsMm = Math.abs((rows[1]?.asideMm ?? 0) - rows[0]!.asideMm)
  switch (look) {
    case 'straight':
      return null
    case 'twin':
      return { value: rimsMm, spread: (Math.SQRT2 * LINE_PX) / pxPerMm }
    case 'zigzag':
    case 'under': {
      const value = (look === 'zigzag' ? tipToTip : overSlant)(thread, strip, rows, teeth[0]!)
      const isSame = Math.abs(value / rimsMm - 1) < SAME_WIDTH
      return isSame
        ? { value, spread: tipPx(meanStep(teeth[0]!) * strip.stepMm * pxPerMm) / pxPerMm }
        : 'unclear'
    }
  }
}

/** Share of a zigzag's width in which its threads are followed: near the tips two of them lie together. */
const FOLLOWED = 0.6
const FOLLOWED_AT = 9

/** Lines along the row, in steps across, between two rims. */
function levelsBetween(rows: readonly RowLine[], { across, stepMm }: Strip): number[] {
  const [left, right] = rows.map(({ asideMm }) => asideMm / stepMm + (across - 1) / 2) as [number, number]
  return Array.from({ length: FOLLOWED_AT }, (_, k) =>
    Math.round((left + right) / 2 + FOLLOWED * (right - left) * (k / (FOLLOWED_AT - 1) - 0.5)),
  )
}

/** Each thread is followed across the row; tips lie where two would meet: how far apart the tips are. */
function tipToTip(
  thread: ThreadField,
  strip: Strip,
  rows: readonly RowLine[],
  { at, firstIn }: Teeth,
): number {
  const levels = levelsBetween(rows, strip)
  const lines = at
    .slice(1)
    .map((end, k) =>
      leastSquares(levels.map(level => [level, hillAlong(thread, strip, level, at[k]!, end)] as const)),
    )
  const tips = lines.slice(1).map((line, k) => {
    const before = lines[k]!
    return { t: (line.at0 - before.at0) / (before.slope - line.slope), side: (firstIn + k + 1) % 2 }
  })
  const [leftMm, rightMm] = [0, 1].map(side =>
    median(tips.filter(tip => tip.side === side).map(tip => tip.t * strip.stepMm)),
  )
  return rightMm! - leftMm!
}

/**
 * Under a twin the bobbin’s thread goes straight across at each stitch and aslant to the next: how far across
 * it comes while it goes one stitch on.
 */
function overSlant(thread: ThreadField, strip: Strip, rows: readonly RowLine[], { at }: Teeth): number {
  const levels = levelsBetween(rows, strip)
  const slopes = at.slice(1).map((end, k) => {
    // Beside the thread that goes straight across.
    const room = 0.16 * (end - at[k]!)
    const followed = levels.map(
      level => [level, hillAlong(thread, strip, level, at[k]! + room, end - room)] as const,
    )
    return Math.abs(leastSquares(followed).slope)
  })
  return (median(at.slice(1).map((end, k) => end - at[k]!)) * strip.stepMm) / median(slopes)
}

/** Where a thread crosses a line along the row: the middle of what stands out between two tips. */
function hillAlong(
  { data }: ThreadField,
  { across }: Strip,
  level: number,
  from: number,
  to: number,
): number {
  const first = Math.max(0, Math.floor(from))
  const values = Array.from({ length: Math.ceil(to) - first + 1 }, (_, i) =>
    Math.abs(data[(first + i) * across + level] ?? 0),
  )
  const least = Math.max(...values) / 2
  let [weight, sum] = [0, 0]
  values.forEach((value, i) => {
    const over = Math.max(0, value - least)
    weight += over
    sum += over * (first + i)
  })
  return weight > 0 ? sum / weight : (from + to) / 2
}
