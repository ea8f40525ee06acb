import Flatbush from 'flatbush'
import { requireFew, workOf } from '#core/errors'
import { doSegmentsCross, type Point, segmentsApart } from '#core/plane'

/** A bite as it is sewn, with its place along the edge it belongs to. */
export interface Bite extends Point {
  readonly inward: Point
  /** Only bites into one cloth can touch. */
  readonly cloth: number
  /** Its place along its stretch, in mm. */
  readonly alongMm: number
  /** Of its stretch; bites of different stretches are never neighbours. */
  readonly stretch: number
  /** Places of the stretch's points that lie near along the edge. */
  readonly nearPoints: readonly number[]
  /** The bites before and after it on its stretch. */
  readonly neighbours: readonly number[]
}

/** Two bites and how near they come, in mm. */
export interface Near {
  readonly a: number
  readonly b: number
  readonly apartMm: number
}

export interface Nearness {
  /** Nearer than the clearance, and not at one and the same point. */
  readonly touching: readonly Near[]
  /** Nearer than the clearance, round one point. */
  readonly bulk: readonly Near[]
  /** For each bite the largest multiple of 0.1 mm, up to 12, at which it touches none. */
  readonly mostMm: readonly number[]
}

/** Bites are tried up to this, in mm. */
export const MOST_BITE_MM = 12
/** Pairs of bites looked at, and told of: where more lie over each other, it is no edge any more. */
export const MOST_PAIRS = 2_000_000
export const MOST_NEAR = 100_000
const TENTHS = 10 * MOST_BITE_MM
/** Exactly the clearance apart is free: compared with this much to spare, in mm. */
export const SAME_MM = 1e-6

/**
 * Which bites come too near each other, and how long they could be. A longer bite contains a shorter one, so
 * two that are apart at one width are apart at every smaller one.
 *
 * @param widthMm - of the bites, 0 to 12.
 * @param clearanceMm - what must stay between them, 0 to 10.
 * @throws {CoreError} `too-many`.
 *
 * @example
 * nearnessOf(bites, 6, 0.5).touching
 */
export function nearnessOf(bites: readonly Bite[], widthMm: number, clearanceMm: number): Nearness {
  const [touching, bulk]: [Near[], Near[]] = [[], []]
  const most: number[] = bites.map(() => TENTHS)
  const spend = workOf(MOST_PAIRS, 'stitch.widthMm', 'pairs of bites one over the other')
  eachPairWithin(bites, clearanceMm, spend, (a, b) => {
    const [one, other] = [bites[a]!, bites[b]!]
    if (one.cloth !== other.cloth || one.neighbours.includes(b)) return
    const isNear = (mm: number) => areWithin(one, other, mm, clearanceMm - SAME_MM)
    const free = Math.max(most[a]!, most[b]!)
    // Apart at the longest bite that still matters is apart at every shorter one.
    if (!isNear(Math.max(free / 10, widthMm))) return
    const isBulk = one.stretch === other.stretch && one.nearPoints.some(p => other.nearPoints.includes(p))
    if (isNear(widthMm)) (isBulk ? bulk : touching).push({ a, b, apartMm: apartMm(one, other, widthMm) })
    requireFew(touching.length + bulk.length, MOST_NEAR, 'stitch.widthMm', 'stitches that crowd')
    if (isBulk || !isNear(free / 10)) return
    const tenths = mostFree(free, isNear)
    most[a] = Math.min(most[a]!, tenths)
    most[b] = Math.min(most[b]!, tenths)
  })
  touching.sort(inOrder)
  bulk.sort(inOrder)
  return { touching, bulk, mostMm: most.map(tenths => tenths / 10) }
}

export const inOrder = (one: Near, other: Near): number => one.a - other.a || one.b - other.b

/** The largest number of tenths, below one that is too many, at which they are not near; 0 where none is. */
function mostFree(tooMany: number, isNear: (mm: number) => boolean): number {
  let [free, near] = [0, tooMany]
  while (near - free > 1) {
    const middle = Math.floor((free + near) / 2)
    if (isNear(middle / 10)) near = middle
    else free = middle
  }
  return free
}

/** Pairs whose boxes at the longest bite come within the clearance, the smaller place first. */
export function eachPairWithin(
  bites: readonly Bite[],
  clearanceMm: number,
  spend: (pairs: number) => void,
  visit: (a: number, b: number) => void,
): void {
  if (bites.length < 2) return
  const boxes = new Flatbush(bites.length)
  for (const { x, y, inward } of bites) {
    const [tipX, tipY] = [x + MOST_BITE_MM * inward.x, y + MOST_BITE_MM * inward.y]
    boxes.add(Math.min(x, tipX), Math.min(y, tipY), Math.max(x, tipX), Math.max(y, tipY))
  }
  boxes.finish()
  bites.forEach(({ x, y, inward }, a) => {
    const [tipX, tipY] = [x + MOST_BITE_MM * inward.x, y + MOST_BITE_MM * inward.y]
    const near = boxes.search(
      Math.min(x, tipX) - clearanceMm,
      Math.min(y, tipY) - clearanceMm,
      Math.max(x, tipX) + clearanceMm,
      Math.max(y, tipY) + clearanceMm,
    )
    spend(near.length)
    for (const b of near) if (b > a) visit(a, b)
  })
}

/** Whether two bites of this width come nearer than this; their boxes tell most that do not. */
export function areWithin(a: Bite, b: Bite, widthMm: number, limitMm: number): boolean {
  const [ax, ay] = [a.x + widthMm * a.inward.x, a.y + widthMm * a.inward.y]
  const [bx, by] = [b.x + widthMm * b.inward.x, b.y + widthMm * b.inward.y]
  if (Math.min(a.x, ax) - Math.max(b.x, bx) >= limitMm || Math.min(b.x, bx) - Math.max(a.x, ax) >= limitMm)
    return false
  if (Math.min(a.y, ay) - Math.max(b.y, by) >= limitMm || Math.min(b.y, by) - Math.max(a.y, ay) >= limitMm)
    return false
  return segmentsApart(a, { x: ax, y: ay }, b, { x: bx, y: by }) < limitMm
}

/** How near two bites of this width come, in mm. */
export function apartMm(a: Bite, b: Bite, widthMm: number): number {
  return segmentsApart(a, tipOf(a, widthMm), b, tipOf(b, widthMm))
}

/** Whether two bites of this width properly cross. */
export const doCross = (a: Bite, b: Bite, widthMm: number): boolean =>
  doSegmentsCross(a, tipOf(a, widthMm), b, tipOf(b, widthMm))

/**
 * Where a bite ends.
 *
 * @example
 * tipOf({ x: 0, y: 0, inward: { x: 0, y: 1 } }, 5) // { x: 0, y: 5 }
 */
export function tipOf({ x, y, inward }: Point & { readonly inward: Point }, widthMm: number): Point {
  return { x: x + widthMm * inward.x, y: y + widthMm * inward.y }
}
