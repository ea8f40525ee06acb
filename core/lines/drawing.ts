import { CoreError, requireInRange } from '#core/errors'
import { apart, nearestOn, type Point } from '#core/plane'
import { sidesOf } from '#core/shape'
import type { Line } from './graph'
import { MOST_LINES } from './limits'

/** A line with the way it takes. */
export interface DrawnLine extends Line {
  readonly pathMm: readonly Point[]
}

/** Lines that meet at places. */
export interface LineDrawing {
  readonly nodes: readonly Point[]
  readonly lines: readonly DrawnLine[]
}

/** Ends nearer than this are one place, in mm. A guess: half a stitch. */
const JOIN_MM = 0.6

/**
 * Ways as they come from a file or a hand, joined where they meet: ends that lie near each other become one
 * place, and an end on the middle of a way, another's or its own, divides it wherever it passes there. Ways
 * that only cross are not joined.
 *
 * @throws {CoreError} `bad-drawing` for nothing to sew; `too-many`.
 *
 * @example
 * joinedDrawing([[{ x: 0, y: 0 }, { x: 40, y: 0 }], [{ x: 20, y: 0 }, { x: 20, y: 15 }]]).lines.length // 3
 */
export function joinedDrawing(ways: readonly (readonly Point[])[], joinMm = JOIN_MM): LineDrawing {
  requireInRange(joinMm, 'joinMm', 0, 10)
  const drawn = ways.filter(way => way.length > 1 && lengthOf(way) > joinMm)
  if (drawn.length === 0)
    throw new CoreError('bad-drawing', 'lines are missing: there is nothing to sew', { field: 'lines' })
  if (drawn.length > MOST_LINES)
    throw new CoreError('too-many', `There are ${drawn.length} lines; ${MOST_LINES} are the most`, {
      field: 'lines',
      most: MOST_LINES,
    })
  const ends = drawn.flatMap(way => [way[0]!, way.at(-1)!])
  const nodes: Point[] = []
  const placeOf = (point: Point): number => {
    const found = nodes.findIndex(node => apart(node, point) <= joinMm)
    return found >= 0 ? found : nodes.push({ x: point.x, y: point.y }) - 1
  }
  for (const end of ends) placeOf(end)
  const lines = drawn
    .flatMap(way => dividedAt(way, nodes, joinMm))
    .map((way): DrawnLine => {
      const [a, b] = [placeOf(way[0]!), placeOf(way.at(-1)!)]
      const pathMm = [nodes[a]!, ...way.slice(1, -1), nodes[b]!]
      return { a, b, pathMm, lengthMm: lengthOf(pathMm) }
    })
  return { nodes, lines: lines.filter(({ lengthMm }) => lengthMm > joinMm) }
}

const lengthOf = (way: readonly Point[]) => sidesOf(way, false).reduce((sum, [a, b]) => sum + apart(a, b), 0)

/** A way cut wherever a place lies on it. */
function dividedAt(way: readonly Point[], nodes: readonly Point[], joinMm: number): Point[][] {
  const total = lengthOf(way)
  const cuts = nodes
    .flatMap(node => passesOf(way, node, joinMm).map(mm => ({ node, mm })))
    .filter(({ mm }) => mm > joinMm && mm < total - joinMm)
    .sort((a, b) => a.mm - b.mm)
  const parts: Point[][] = []
  let now: Point[] = [way[0]!]
  let [passed, next] = [0, 0]
  sidesOf(way, false).forEach(([a, b]) => {
    const length = apart(a, b)
    while (cuts[next] && cuts[next]!.mm <= passed + length) {
      now.push(cuts[next]!.node)
      parts.push(now)
      now = [cuts[next]!.node]
      next += 1
    }
    now.push(b)
    passed += length
  })
  return [...parts, now]
}

/** How far along a way it passes a place, each time it does. */
function passesOf(way: readonly Point[], point: Point, withinMm: number): number[] {
  let passed = 0
  const passes: { mm: number; apart: number }[] = []
  sidesOf(way, false).forEach(([a, b], i) => {
    const length = apart(a, b)
    const { share, apart: off } = nearestOn(point, a, b)
    // Still near where this side begins, it is the same pass.
    const isSame = i > 0 && apart(a, point) <= withinMm
    const last = isSame ? passes.at(-1)! : null
    if (off <= withinMm) {
      const here = { mm: passed + share * length, apart: off }
      if (!last) passes.push(here)
      else if (off < last.apart) Object.assign(last, here)
    }
    passed += length
  })
  return passes.map(({ mm }) => mm)
}
