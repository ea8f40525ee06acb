import { apart, between, type Point } from '#core/plane'
import type { UnitDrop } from '#core/stitch'
import type { EdgePlan, PlannedStretch } from './planEdge'

/** A stitch as it runs along an edge. */
export interface EdgePattern {
  readonly drops: readonly UnitDrop[]
  /** Stitch lengths from its beginning to its next: one lies between two stitch points. */
  readonly repeat: number
}

/** How far outside the edge the outer drop of a zigzag falls, in mm. Common practice: just beside it. */
export const OUTSIDE_MM = 0.3

/**
 * Every needle position along each stretch, in the order it is sewn. The pattern’s outer side lies at the
 * edge, its first drop at each stitch point; its width goes to the inside.
 *
 * @param widthMm - of the pattern.
 * @param outsideMm - how far outside the edge its outer side lies.
 *
 * @example
 * dropsAlong(plan, { drops: blanket.drops, repeat: 1 }, 4, 0)[0].length
 */
export function dropsAlong(
  plan: EdgePlan,
  { drops, repeat }: EdgePattern,
  widthMm: number,
  outsideMm: number,
): Point[][] {
  const first = drops[0]
  if (!first) return plan.stretches.map(() => [])
  const hasSwing = drops.some(({ x }) => x !== first.x)
  // Whichever side the pattern begins on is the one at the edge.
  const toInside = first.x < 0 ? 1 : -1
  const inside = ({ x }: UnitDrop) => (hasSwing ? (0.5 + toInside * x) * widthMm : 0) - outsideMm
  return plan.stretches.map((stretch, s) => {
    const next = plan.stretches[s + 1]?.from ?? plan.landings.length
    const landings = plan.landings.slice(stretch.from, next)
    const place = placer(stretch)
    const gaps = landings.flatMap((landing, i) => {
      const after = landings[i + 1] ?? (stretch.closed ? landings[0]! : null)
      if (!after) return [drop(landing, landing.inward, inside(first))]
      const afterMm = landings[i + 1]?.alongMm ?? stretch.lengthMm
      return drops.map(unit => {
        const share = (unit.y - first.y) / repeat
        const at = place(landing.alongMm + share * (afterMm - landing.alongMm))
        return drop(share === 0 ? landing : at, wayBetween(landing.inward, after.inward, share), inside(unit))
      })
    })
    const [start] = landings
    return stretch.closed && start ? [...gaps, drop(start, start.inward, inside(first))] : gaps
  })
}

const drop = (at: Point, inward: Point, mm: number): Point => ({
  x: at.x + mm * inward.x,
  y: at.y + mm * inward.y,
})

function wayBetween(a: Point, b: Point, share: number): Point {
  const on = Math.min(1, Math.max(0, share))
  const sum = { x: (1 - on) * a.x + on * b.x, y: (1 - on) * a.y + on * b.y }
  const length = Math.hypot(sum.x, sum.y)
  return length > 1e-9 ? { x: sum.x / length, y: sum.y / length } : a
}

/** Places along a whole stretch, asked in any order. */
function placer({ sides, closed, lengthMm }: PlannedStretch): (mm: number) => Point {
  const way = sides.flatMap(({ pathMm }, i) => (i === 0 ? pathMm : pathMm.slice(1)))
  const passed = [0]
  for (let i = 1; i < way.length; i++) passed.push(passed[i - 1]! + apart(way[i - 1]!, way[i]!))
  return mm => {
    const on = closed ? ((mm % lengthMm) + lengthMm) % lengthMm : Math.min(lengthMm, Math.max(0, mm))
    let [low, high] = [0, way.length - 1]
    while (high - low > 1) {
      const middle = (low + high) >> 1
      if (passed[middle]! <= on) low = middle
      else high = middle
    }
    const [a, b] = [way[low]!, way[high]!]
    const gap = passed[high]! - passed[low]!
    const share = gap === 0 ? 0 : (on - passed[low]!) / gap
    return between(a, b, share)
  }
}

/**
 * Where the needle stands for a zigzag whose outer drop falls just outside the edge while the foot’s mark
 * follows the edge: so far from the middle, to the side of the cloth.
 *
 * @example
 * zigzagShiftMm(1.5, 0.3) // 0.45
 */
export const zigzagShiftMm = (widthMm: number, outsideMm: number): number => widthMm / 2 - outsideMm
