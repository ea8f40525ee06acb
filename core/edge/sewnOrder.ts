import type { FitPart } from '#core/fit'
import { marksInOrder } from './marks'
import type { EdgeSide, PlannedStretch } from './planEdge'

/** What is sewn without turning, in the order it is sewn. */
export interface SewnLeg {
  /** Its side of the stretch. */
  readonly side: number
  /** Stitches at each mark, in the order they are sewn, stitch point to stitch point. */
  readonly parts: readonly FitPart[]
  /** What comes after it. */
  readonly then: 'turn' | 'inside corner' | 'end'
}

/**
 * The sides of a stretch one after the other, from where it is begun and the way it is sewn. Round a closed
 * edge one begins in the middle of a side: its second half comes first, and its first half last.
 *
 * @param start - stitch points from the stretch's first one to where it is begun.
 *
 * @example
 * sewnOrder(square, 6, false).map(({ parts }) => parts[0].count) // [6, 12, 12, 12, 6]
 */
export function sewnOrder(stretch: PlannedStretch, start: number, backwards: boolean): SewnLeg[] {
  const forward = stretch.sides.flatMap((of, side) => {
    const marks = stitchesOf(of)
    return marks.map((mm, i) => ({ side, mm, isFirst: i === 0, isLast: i === marks.length - 1 }))
  })
  const from = stretch.closed ? start : 0
  const turned = [...forward.slice(from), ...forward.slice(0, from)]
  const sewn = backwards ? turned.toReversed() : turned
  const hasPoints = stretch.points.length > 0
  const legs: { side: number; stitches: number[] }[] = []
  sewn.forEach(({ side, mm }, i) => {
    const before = sewn[i - 1]
    const endsBefore = before && hasPoints && (backwards ? before.isFirst : before.isLast)
    if (!before || endsBefore) legs.push({ side, stitches: [mm] })
    else legs.at(-1)!.stitches.push(mm)
  })
  return legs.map(({ side, stitches }, i): SewnLeg => {
    const next = legs[i + 1]
    const then = next ? thenOf(stretch, side, backwards) : 'end'
    return { side, parts: counted(stitches), then }
  })
}

/**
 * How often the dial is turned in an order of sides; the next stretch goes on from the mark of the one
 * before.
 *
 * @example
 * dialChangesOf([sewnOrder(stretch, 6, false)]) // 0
 */
export function dialChangesOf(orders: readonly (readonly SewnLeg[])[]): number {
  const marks = orders.flat().flatMap(({ parts }) => parts.map(({ lengthMm }) => lengthMm))
  return marks.filter((mm, i) => i > 0 && Math.abs(mm - marks[i - 1]!) > SAME_MARK_MM).length
}
/** Lengths this near are one mark, in mm: no dial is turned for less. */
const SAME_MARK_MM = 0.005

/** The mark of each stitch of a side, in the edge's own direction. */
function stitchesOf({ plan, straighter, stitches, evenMm }: EdgeSide): number[] {
  if (!plan) return Array<number>(stitches).fill(evenMm)
  return marksInOrder(plan, straighter).flatMap(mark => {
    const { count } = plan.parts.find(({ lengthMm }) => lengthMm === mark)!
    return Array<number>(count).fill(mark)
  })
}

function counted(stitches: readonly number[]): FitPart[] {
  const parts: { count: number; lengthMm: number }[] = []
  for (const lengthMm of stitches) {
    const last = parts.at(-1)
    if (last && Math.abs(last.lengthMm - lengthMm) <= SAME_MARK_MM) last.count += 1
    else parts.push({ count: 1, lengthMm })
  }
  return parts
}

/** The point at the end of a side, as it is sewn: a closed edge's first point begins its first side. */
function thenOf({ points, closed }: PlannedStretch, side: number, backwards: boolean): SewnLeg['then'] {
  const end = backwards ? side : side + 1
  const at = closed ? end % points.length : end - 1
  return points[at]?.kind === 'inner' ? 'inside corner' : 'turn'
}
