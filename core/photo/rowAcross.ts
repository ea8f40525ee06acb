import type { Measurement } from '#core/measured'
import { median } from '#core/plane'
import { lineThrough } from './fitting'
import { type RowLine, type RowLook, SOFT_STEPS } from './rowLines'
import type { Strip } from './strip'
import type { Teeth } from './teeth'
import type { ThreadField } from './threadField'

/** How exactly a line of thread is found, in px, one standard deviation. As the study found it. */
const LINE_PX = 0.3

/** The same for a zigzag between its tips, worse where stitches are small in the picture. */
const tipPx = (stitchPx: number): number => Math.max(0.8, 30 / stitchPx)

const meanStep = ({ at }: Teeth): number => (at.at(-1)! - at[0]!) / (at.length - 1)

/** Tips and rims of what swings tell the same width to within this share, or it is no such row. */
const SAME_WIDTH = 0.4

/** How far a row reaches across: null for a single line, `unclear` where its tips and its rims disagree. */
export function acrossOf(
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

/** Share of the width in which a zigzag’s threads are followed: near the tips two of them lie together. */
const FOLLOWED = 0.6
/** The same for the slants under a twin: at each rim they leave a thread that goes straight across. */
const FOLLOWED_UNDER = 0.4
const FOLLOWED_AT = 9

/** Lines along the row, in steps across, between two rims. */
function levelsBetween(rows: readonly RowLine[], { across, stepMm }: Strip, share: number): number[] {
  const [left, right] = rows.map(({ asideMm }) => asideMm / stepMm + (across - 1) / 2) as [number, number]
  return Array.from({ length: FOLLOWED_AT }, (_, k) =>
    Math.round((left + right) / 2 + share * (right - left) * (k / (FOLLOWED_AT - 1) - 0.5)),
  )
}

/** Each thread is followed across the row; tips lie where two would meet: how far apart the tips are. */
function tipToTip(
  thread: ThreadField,
  strip: Strip,
  rows: readonly RowLine[],
  { at, firstIn }: Teeth,
): number {
  const levels = levelsBetween(rows, strip, FOLLOWED)
  const lines = at
    .slice(1)
    .map((end, k) =>
      lineThrough(levels.map(level => [level, hillAlong(thread, strip, level, at[k]!, end)] as const)),
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
  const levels = levelsBetween(rows, strip, FOLLOWED_UNDER)
  const slopes = at.slice(1).map((end, k) => {
    const each = end - at[k]!
    // Beside the thread that goes straight across.
    const room = BESIDE * each + SOFT_STEPS
    const [from, to] = [at[k]! + room, end - room]
    const follow = (windowOf: (level: number) => readonly [number, number]) =>
      lineThrough(levels.map(level => [level, hillAlong(thread, strip, level, ...windowOf(level))] as const))
    const rough = follow(() => [from, to])
    // A window cut off on one side would draw the thread to the other: the second look is even to both.
    const fine = follow(level => {
      const middle = rough.at0 + rough.slope * level
      const half = Math.max(1, Math.min(middle - from, to - middle))
      return [middle - half, middle + half]
    })
    return Math.abs(fine.slope)
  })
  return (median(at.slice(1).map((end, k) => end - at[k]!)) * strip.stepMm) / median(slopes)
}

/** So much of a stitch is taken by the thread that goes straight across, to each side, soft rim aside. */
const BESIDE = 0.12

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
