import { requireInRange } from '#core/errors'
import { apart, nearestOn, type Point } from '#core/plane'
import { crossingSides, innerRings, type Outline, type Side, sidesOf } from '#core/shape'

/** A row parallel to an edge, at a distance to its left. */
export interface Inner {
  /** Whether no such row can be sewn: nothing is left of it, or it falls into several rings. */
  readonly vanished: boolean
  /** Its length beside each side of the edge, in mm; 0 where a side is passed by. */
  readonly sidesMm: readonly number[]
  /** From where to where it runs beside each side; null where that is passed by. */
  readonly runs: readonly (readonly [Point, Point] | null)[]
}

/** A side as the line its row moves away from: from its start, along, and to the cloth. */
interface Line {
  readonly index: number
  readonly from: Point
  readonly along: Point
  readonly inward: Point
}

const NOTHING_MM = 1e-9

/**
 * The inner parallel of an edge. At a corner of inside angle α a side loses d/tan(α/2), and gains where α is
 * over 180°; open ends lose nothing. A side that gets shorter than nothing is passed by, and its neighbours
 * meet (the edge event of a straight skeleton); an arm that is too narrow takes itself away, and the row goes
 * on without it. Source: geometry.
 *
 * @param outline - has passed `checkOutline`.
 * @param distanceMm - 0 to 1000.
 *
 * @example
 * innerParallel(rectangle(120, 140), 6.35).sidesMm // [107.3, 127.3, 107.3, 127.3]
 */
export function innerParallel({ pointsMm, closed }: Outline, distanceMm: number): Inner {
  requireInRange(distanceMm, 'rowsMm', 0, 1000)
  const sides = sidesOf(pointsMm, closed)
  const lines = sides.map(([a, b], index): Line => {
    const length = apart(a, b)
    const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length }
    return { index, from: a, along, inward: { x: -along.y, y: along.x } }
  })
  const row =
    withoutShortSides(lines, sides, distanceMm, closed, pointsMm.at(-1)!)
    ?? (closed && distanceMm > 0 ? withoutArms(lines, sides, distanceMm, pointsMm) : null)
  return row ? innerOf(row.lines, row.runs, sides.length) : nothing(sides.length)
}

/** The sides of a row that is there, and where it runs beside each. */
interface Row {
  readonly lines: readonly Line[]
  readonly runs: readonly (readonly [Point, Point])[]
}

/** The row that is left when each side that comes down to nothing is passed by; null: it runs into itself. */
function withoutShortSides(
  all: readonly Line[],
  sides: readonly Side[],
  distanceMm: number,
  closed: boolean,
  end: Point,
): Row | null {
  let lines = all
  let passedMm = 0
  for (;;) {
    const runs = runsAt(lines, distanceMm, closed, end)
    if (!runs) return null
    const first = firstToGo(lines, passedMm, distanceMm, closed, end)
    if (!first) return isRow(runs, sides, distanceMm, closed) ? { lines, runs } : null
    passedMm = first.atMm
    lines = lines.filter(line => !first.gone.has(line))
    if (lines.length < (closed ? 3 : 1)) return null
  }
}

/** Places of a ring and of a line are the same within this, in mm: the package works out on a grid. */
const ON_LINE_MM = 1e-3

/** The one ring that is left, by the sides it runs beside; null: none is left, or several are. */
function withoutArms(
  all: readonly Line[],
  sides: readonly Side[],
  distanceMm: number,
  pointsMm: readonly Point[],
): Row | null {
  const [ring, ...others] = innerRings({ pointsMm, closed: true }, distanceMm)
  if (!ring || others.length > 0) return null
  const beside = sidesOf(ring, true)
    .filter(([a, b]) => apart(a, b) > 2 * ON_LINE_MM)
    .map(side => all.find(line => runsBeside(line, side, distanceMm)))
  const lines = beside.flatMap((line, i) => (line && line !== beside.at(i - 1) ? [line] : []))
  if (lines.length < 3 || new Set(lines).size < lines.length) return null
  const runs = runsAt(lines, distanceMm, true, pointsMm.at(-1)!)
  return runs && isRow(runs, sides, distanceMm, true) ? { lines, runs } : null
}

function runsBeside({ from, along, inward }: Line, [a, b]: Side, distanceMm: number): boolean {
  const asideMm = ({ x, y }: Point) => (x - from.x) * inward.x + (y - from.y) * inward.y
  const isForward = (b.x - a.x) * along.x + (b.y - a.y) * along.y > 0
  return isForward && [a, b].every(place => Math.abs(asideMm(place) - distanceMm) < ON_LINE_MM)
}

const isRow = (
  runs: readonly (readonly [Point, Point])[],
  sides: readonly Side[],
  distanceMm: number,
  closed: boolean,
) => !crossingSides(runs, closed) && keepsAway(runs, sides, distanceMm)

/** The sides that first come down to nothing between two distances; null: none do. */
function firstToGo(lines: readonly Line[], fromMm: number, toMm: number, closed: boolean, end: Point) {
  const [before, after] = [runsAt(lines, fromMm, closed, end), runsAt(lines, toMm, closed, end)]
  if (!before || !after) return null
  let atMm = Infinity
  const goes = lines.map((line, i) => {
    const [was, is] = [lengthAlong(line, before[i]!), lengthAlong(line, after[i]!)]
    if (is > NOTHING_MM) return Infinity
    // A length changes evenly with the distance.
    const share = was - is <= NOTHING_MM ? 0 : Math.max(0, was) / (was - is)
    const goesAt = fromMm + share * (toMm - fromMm)
    atMm = Math.min(atMm, goesAt)
    return goesAt
  })
  if (atMm === Infinity) return null
  return { atMm, gone: new Set(lines.filter((_, i) => goes[i]! <= atMm + 1e-7)) }
}

function lengthAlong({ along }: Line, [a, b]: readonly [Point, Point]): number {
  return (b.x - a.x) * along.x + (b.y - a.y) * along.y
}

/** Where each line starts and ends once all have moved in; null where two neighbours never meet. */
function runsAt(
  lines: readonly Line[],
  distanceMm: number,
  closed: boolean,
  end: Point,
): (readonly [Point, Point])[] | null {
  const corners: (Point | null)[] = lines.map((line, i) => {
    if (i === 0 && !closed) return movedIn(line.from, line, distanceMm)
    return meetingPoint(lines.at(i - 1)!, line, distanceMm)
  })
  corners.push(closed ? corners[0]! : movedIn(end, lines.at(-1)!, distanceMm))
  if (corners.includes(null)) return null
  return lines.map((_, i) => [corners[i]!, corners[i + 1]!] as const)
}

const movedIn = ({ x, y }: Point, { inward }: Line, by: number): Point => ({
  x: x + by * inward.x,
  y: y + by * inward.y,
})

function meetingPoint(a: Line, b: Line, distanceMm: number): Point | null {
  const turn = a.along.x * b.along.y - a.along.y * b.along.x
  const [p, q] = [movedIn(a.from, a, distanceMm), movedIn(b.from, b, distanceMm)]
  if (Math.abs(turn) < 1e-12) {
    // Straight on, they share a point; back to back or a step apart, they have none.
    const aside = (q.x - p.x) * a.inward.x + (q.y - p.y) * a.inward.y
    const isStraightOn = a.along.x * b.along.x + a.along.y * b.along.y > 0
    return isStraightOn && Math.abs(aside) < 1e-6 ? q : null
  }
  const along = ((q.x - p.x) * b.along.y - (q.y - p.y) * b.along.x) / turn
  return { x: p.x + along * a.along.x, y: p.y + along * a.along.y }
}

/** Wherever the row turns it is no nearer to the edge than asked: else it has run through itself. */
function keepsAway(
  runs: readonly (readonly [Point, Point])[],
  sides: readonly Side[],
  distanceMm: number,
): boolean {
  const leastMm = distanceMm - 1e-6
  return runs.every(([from, to]) =>
    sides.every(side => farFrom(from, side, leastMm) && farFrom(to, side, leastMm)),
  )
}
const farFrom = (place: Point, [a, b]: Side, leastMm: number) => nearestOn(place, a, b).apart >= leastMm

function innerOf(lines: readonly Line[], runs: readonly (readonly [Point, Point])[], count: number): Inner {
  const sidesMm = Array.from({ length: count }, () => 0)
  const all: (readonly [Point, Point] | null)[] = Array.from({ length: count }, () => null)
  lines.forEach((line, i) => {
    sidesMm[line.index] = lengthAlong(line, runs[i]!)
    all[line.index] = runs[i]!
  })
  return { vanished: false, sidesMm, runs: all }
}

function nothing(count: number): Inner {
  return {
    vanished: true,
    sidesMm: Array.from({ length: count }, () => 0),
    runs: Array.from({ length: count }, () => null),
  }
}
