import type { PlaneMap, Span } from '#core/measure'
import { apart, heading, median, type Point } from '#core/plane'
import { lineThrough } from './fitting'
import { brightnessAt, type GrayImage } from './image'

/**
 * How exactly a mark lies that was drawn to the nearest edge, in px: one standard deviation, as the study of
 * rendered photos found it.
 */
export const SNAPPED_PX = 0.25

/** Where along a side an edge is looked for: its ends are rounded on a card. */
const FROM_SHARE = 0.14
const TO_SHARE = 0.86
const MOST_LOOKS = 60
/** The finest change of brightness that counts as an edge, over the distance of a blur. */
const LEAST_STEP = 8
/** Looks farther from the line than so many typical ones are something else. */
const MOST_OFF = 3

/** Corners drawn to the edges of the rectangle, and how well its sides were found. */
export interface SnappedCorners {
  readonly cornersPx: readonly Point[]
  /** How far looks lie from their side in the mean, in px. */
  readonly offPx: number
}

/**
 * Four corners drawn to where the sides of the rectangle meet: each side is looked for along its whole
 * length, so that rounded or hidden corners do no harm.
 *
 * @param cornersPx - as marked, in order.
 * @param reachPx - how far from a marked side its edge may lie.
 * @returns null: a side has no edge that can be followed.
 *
 * @example
 * snapCorners(photo, marked, 12)?.cornersPx // four places, to a fraction of a pixel
 */
export function snapCorners(
  image: GrayImage,
  cornersPx: readonly Point[],
  reachPx: number,
): SnappedCorners | null {
  const sides = cornersPx.map((corner, i) => sideLine(image, corner, cornersPx[(i + 1) % 4]!, reachPx))
  if (sides.some(side => side === null)) return null
  const found = sides as SideLine[]
  const corners = found.map((side, i) => meeting(found[(i + 3) % 4]!, side))
  if (corners.some(corner => corner === null)) return null
  return {
    cornersPx: corners as Point[],
    offPx: found.reduce((sum, { offPx }) => sum + offPx, 0) / found.length,
  }
}

interface SideLine {
  readonly through: Point
  readonly along: Point
  readonly offPx: number
}

function sideLine(image: GrayImage, from: Point, to: Point, reachPx: number): SideLine | null {
  const longPx = apart(from, to)
  const along = heading(from, to)
  const aside = { x: -along.y, y: along.x }
  const looks = Math.max(12, Math.min(MOST_LOOKS, Math.round(longPx / 4)))
  const seen = Array.from({ length: looks }, (_, k) => {
    const at = longPx * (FROM_SHARE + ((TO_SHARE - FROM_SHARE) * (k + 0.5)) / looks)
    const place = { x: from.x + at * along.x, y: from.y + at * along.y }
    return { at, ...edgeAcross(image, place, aside, reachPx) }
  })
  const turns = seen.reduce((sum, { step }) => sum + Math.sign(step), 0)
  const edges = seen.filter(
    ({ step }) => Math.abs(step) >= LEAST_STEP && Math.sign(step) === Math.sign(turns),
  )
  if (edges.length < looks / 2) return null
  const fit = robustLine(edges.map(({ at, offPx }) => [at, offPx] as const))
  const start = { x: from.x + fit.at0 * aside.x, y: from.y + fit.at0 * aside.y }
  const slope = Math.hypot(1, fit.slope)
  return {
    through: start,
    along: {
      x: (along.x + fit.slope * aside.x) / slope,
      y: (along.y + fit.slope * aside.y) / slope,
    },
    offPx: fit.offPx,
  }
}

const BETWEEN_PX = 0.5
/** Brightness is compared over this distance, about that of a lens a little out of focus. */
const BLUR_PX = 1.5

/** The steepest change of brightness along a line through a place: how far off it lies, how high it is. */
function edgeAcross(image: GrayImage, { x, y }: Point, way: Point, reachPx: number) {
  const count = Math.ceil((2 * reachPx) / BETWEEN_PX)
  const steps = Array.from({ length: count + 1 }, (_, k) => {
    const at = -reachPx + k * BETWEEN_PX
    const beyond = brightnessAt(image, x + (at + BLUR_PX) * way.x, y + (at + BLUR_PX) * way.y)
    const before = brightnessAt(image, x + (at - BLUR_PX) * way.x, y + (at - BLUR_PX) * way.y)
    return beyond - before
  })
  let best = 0
  for (let k = 1; k < steps.length; k++) if (Math.abs(steps[k]!) > Math.abs(steps[best]!)) best = k
  const step = steps[best]!
  return { offPx: -reachPx + (best + peakShift(steps, best)) * BETWEEN_PX, step }
}

/** Between two looks: the middle of the weight about the peak, which is wide and flat. */
function peakShift(steps: readonly number[], best: number): number {
  const sign = Math.sign(steps[best]!)
  const half = Math.abs(steps[best]!) / 2
  let [weight, sum] = [0, 0]
  for (const way of [-1, 1])
    for (let k = way === 1 ? best : best - 1; k >= 0 && k < steps.length; k += way) {
      const over = sign * steps[k]! - half
      if (over <= 0) break
      weight += over
      sum += over * (k - best)
    }
  return weight > 0 ? sum / weight : 0
}

/**
 * The line of the middle slope between any two looks: a fourth of them may show something else altogether.
 * Source: Theil–Sen estimator (from memory).
 */
function medianLine(seen: readonly (readonly [number, number])[]) {
  const slopes = seen.flatMap(([at, px], i) =>
    seen.slice(i + 1).flatMap(([other, its]) => (other === at ? [] : [(its - px) / (other - at)])),
  )
  const slope = slopes.length > 0 ? median(slopes) : 0
  return { at0: median(seen.map(([at, px]) => px - slope * at)), slope }
}

/** A straight line through what is seen, without what lies far from it; at0 + slope · at. */
function robustLine(seen: readonly (readonly [number, number])[]) {
  let kept = seen
  let fit = medianLine(seen)
  for (let round = 0; round < 4; round++) {
    const off = seen.map(([at, px]) => Math.abs(px - fit.at0 - fit.slope * at))
    const usual = Math.max(0.1, 1.48 * median(off))
    kept = seen.filter((_, k) => off[k]! <= MOST_OFF * usual)
    fit = lineThrough(kept)
  }
  const offPx = Math.sqrt(
    kept.reduce((sum, [at, px]) => sum + (px - fit.at0 - fit.slope * at) ** 2, 0) / kept.length,
  )
  return { ...fit, offPx }
}

/** Where two lines meet; null: nowhere near. */
function meeting(a: SideLine, b: SideLine): Point | null {
  const cross = a.along.x * b.along.y - a.along.y * b.along.x
  if (Math.abs(cross) < 0.05) return null
  const [dx, dy] = [b.through.x - a.through.x, b.through.y - a.through.y]
  const t = (dx * b.along.y - dy * b.along.x) / cross
  return { x: a.through.x + t * a.along.x, y: a.through.y + t * a.along.y }
}

/** Beside the line from end to end, the same edge is looked for so far away, in px. */
const BESIDE_PX = [-4, -3, -2, -1, 0, 1, 2, 3, 4] as const
/** Edges that turn from each other by more than this are not the two sides of one opening, in radians. */
const MOST_TURN = 0.3

/**
 * Both ends of a span drawn along it to the steepest change of brightness near each. Where these are two
 * edges that run side by side, the span is set square to them: marked aslant, an opening would be too wide.
 *
 * @param reachPx - how far an end may be drawn.
 * @returns null: there is no edge near one of them.
 *
 * @example
 * snapSpan(photo, map, [{ x: 399, y: 270 }, { x: 482, y: 271 }], 6)
 */
export function snapSpan(
  image: GrayImage,
  map: Pick<PlaneMap, 'toMm' | 'toPx'>,
  span: Span,
  reachPx: number,
): Span | null {
  const once = drawnToEdges(image, map, span, reachPx)
  // Marked aslant, the edges were looked for aslant: the second look is square to them.
  return once && (drawnToEdges(image, map, once, reachPx) ?? once)
}

function drawnToEdges(
  image: GrayImage,
  map: Pick<PlaneMap, 'toMm' | 'toPx'>,
  [from, to]: Span,
  reachPx: number,
): Span | null {
  const longPx = apart(from, to)
  if (longPx < 2) return null
  const along = heading(from, to)
  const reach = Math.min(reachPx, longPx / 3)
  const edges = [from, to].map(end => edgeBeside(image, end, along, reach))
  const [first, last] = edges
  return first && last ? squareTo(map, first, last) : null
}

/** A piece of an edge: where the span meets it, and two places on it to either side, in px. */
interface EdgePiece {
  readonly met: Point
  readonly sides: Span
}

function edgeBeside(image: GrayImage, end: Point, along: Point, reach: number): EdgePiece | null {
  const looks = BESIDE_PX.map(px => ({
    px,
    ...edgeAcross(image, { x: end.x - px * along.y, y: end.y + px * along.x }, along, reach),
  }))
  if (Math.abs(median(looks.map(({ step }) => step))) < LEAST_STEP) return null
  const fit = robustLine(looks.map(({ px, offPx }) => [px, offPx] as const))
  const at = (px: number): Point => {
    const off = fit.at0 + fit.slope * px
    return { x: end.x - px * along.y + off * along.x, y: end.y + px * along.x + off * along.y }
  }
  return { met: at(0), sides: [at(-4), at(4)] }
}

function squareTo({ toMm, toPx }: Pick<PlaneMap, 'toMm' | 'toPx'>, first: EdgePiece, last: EdgePiece): Span {
  const ways = [first, last].map(({ sides }) => {
    const [a, b] = sides.map(toMm) as [Point, Point]
    return Math.atan2(b.y - a.y, b.x - a.x)
  })
  const turn = ways[1]! - ways[0]!
  if (Math.abs(Math.sin(turn)) > MOST_TURN) return [first.met, last.met]
  const way = ways[0]! + Math.asin(Math.sin(turn)) / 2
  const [a, b] = [toMm(first.met), toMm(last.met)]
  const apart = (b.y - a.y) * Math.cos(way) - (b.x - a.x) * Math.sin(way)
  const square = { x: (-Math.sin(way) * apart) / 2, y: (Math.cos(way) * apart) / 2 }
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }
  return [
    toPx({ x: middle.x - square.x, y: middle.y - square.y }),
    toPx({ x: middle.x + square.x, y: middle.y + square.y }),
  ]
}
