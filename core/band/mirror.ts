import type { StitchShape, UnitDrop } from '#core/stitch'

/** Places nearer than this are the same, in widths and lengths of a stitch. */
const SAME = 1e-6

/**
 * Whether a stitch looks the same in a mirror that stands along its seam, begun wherever one likes.
 *
 * @example
 * isMirrorAlike(findStitch('zigzag')!) // true
 * isMirrorAlike(findStitch('blanket')!) // false
 */
export function isMirrorAlike({ drops, repeat }: Pick<StitchShape, 'drops' | 'repeat'>): boolean {
  const { left, right } = endsOf(drops)
  // About its own middle: a stitch may stand to one side of the needle bar's.
  const middled = drops.map(({ x, y }) => ({ x: x - (left + right) / 2, y }))
  const own = segmentsOf(middled, repeat)
  const turned = segmentsOf(
    middled.map(({ x, y }) => ({ x: -x, y })),
    repeat,
  )
  return turned.some(({ y }) => isSame(own, turned, own[0]!.y - y, repeat))
}

function endsOf(drops: readonly UnitDrop[]): { left: number; right: number } {
  const xs = drops.map(({ x }) => x)
  return { left: Math.min(...xs), right: Math.max(...xs) }
}

/** A piece of thread from its lower end: where it begins, and how it goes on. */
interface Segment {
  readonly x: number
  readonly y: number
  readonly toX: number
  readonly toY: number
}

/** Thread from drop to drop over one repeat, each from its lower end; level ones from the left. */
function segmentsOf(drops: readonly UnitDrop[], repeat: number): Segment[] {
  return drops.map((from, i) => {
    const next = drops[i + 1] ?? { x: drops[0]!.x, y: drops[0]!.y + repeat }
    const isUp = next.y - from.y > SAME || (Math.abs(next.y - from.y) <= SAME && next.x >= from.x)
    const [a, b] = isUp ? [from, next] : [next, from]
    return { x: a.x, y: a.y, toX: b.x, toY: b.y - a.y }
  })
}

/** Whether the one is the other moved along by so much. */
function isSame(own: readonly Segment[], other: readonly Segment[], byY: number, repeat: number): boolean {
  const left = [...own]
  return other.every(one => {
    const at = left.findIndex(
      ({ x, y, toX, toY }) =>
        Math.abs(x - one.x) < SAME
        && Math.abs(toX - one.toX) < SAME
        && Math.abs(toY - one.toY) < SAME
        && apart(y - one.y - byY, repeat) < SAME,
    )
    if (at >= 0) left.splice(at, 1)
    return at >= 0
  })
}

/** How far a distance along the seam is from whole repeats. */
function apart(along: number, repeat: number): number {
  const rest = ((along % repeat) + repeat) % repeat
  return Math.min(rest, repeat - rest)
}

/** A row by what its neighbour across the middle is compared by. */
export interface MirrorRow {
  readonly stitchId: string
  readonly mirror: boolean
  readonly isAlike: boolean
}

/**
 * Rows that should be mirrored for a band to look alike from both edges: of two rows as far from the middle,
 * with the same stitch that is not the same in a mirror, the right one is turned. Common practice.
 *
 * @returns places of the rows, from 0.
 *
 * @example
 * rowsToMirror([feather, straight, feather]) // [2]
 */
export function rowsToMirror(rows: readonly MirrorRow[]): number[] {
  return rows.flatMap(({ stitchId, mirror, isAlike }, i) => {
    const other = rows.length - 1 - i
    const across = rows[other]!
    const isRight = i > other
    return isRight && !isAlike && across.stitchId === stitchId && across.mirror === mirror ? [i] : []
  })
}
