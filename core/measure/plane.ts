import { Matrix, solve } from 'ml-matrix'
import { CoreError, requireInRange } from '#core/errors'
import { apart, type Point } from '#core/plane'

/** A rectangle of known size in a picture: its corners in order round it, the first side being its width. */
export interface SeenRectangle {
  readonly cornersPx: readonly Point[]
  readonly wideMm: number
  readonly tallMm: number
}

/** How a picture shows a plane: there and back. */
export interface PlaneMap {
  /** From the rectangle's first corner: x along its width, y along its height. */
  readonly toMm: (px: Point) => Point
  readonly toPx: (mm: Point) => Point
  /** The same way as nine numbers, row by row, for whoever goes it millions of times. */
  readonly mmToPx: readonly number[]
}

const MOST_PX = 100_000
const MOST_MM = 10_000
/** Corners whose triangle is flatter than this lie in a line, as a share of its longest side squared. */
const FLAT = 1e-6

/**
 * The projective map between a picture and the plane a rectangle lies in, from its four corners.
 *
 * Linear equations for the eight numbers of the map, solved in coordinates about the corners' middle and of
 * their own size. Source: Hartley and Zisserman, Multiple View Geometry, chapter 4 (from memory).
 *
 * @throws {CoreError} `bad-corners` for corners that are not four, repeated, in a line or crossed;
 *   `non-finite`, `out-of-range`.
 *
 * @example
 * planeMap({ cornersPx, wideMm: 85.6, tallMm: 53.98 }).toMm({ x: 400, y: 270 }) // { x: 40, y: 27 }
 */
export function planeMap(seen: SeenRectangle): PlaneMap {
  checkRectangle(seen)
  return mapOf(seen)
}

/** Without looking whether the corners can be those of a rectangle. */
export function mapOf({ cornersPx, wideMm, tallMm }: SeenRectangle): PlaneMap {
  const cornersMm = [
    { x: 0, y: 0 },
    { x: wideMm, y: 0 },
    { x: wideMm, y: tallMm },
    { x: 0, y: tallMm },
  ]
  const mmToPx = projection(cornersMm, cornersPx)
  return { toMm: through(projection(cornersPx, cornersMm)), toPx: through(mmToPx), mmToPx }
}

/** Where a projection takes a place. */
const through =
  ([a, b, c, d, e, f, g, h, i]: readonly number[]) =>
  ({ x, y }: Point): Point => {
    const w = g! * x + h! * y + i!
    return { x: (a! * x + b! * y + c!) / w, y: (d! * x + e! * y + f!) / w }
  }

/** Nine numbers, row by row. */
function projection(from: readonly Point[], to: readonly Point[]): readonly number[] {
  const [own, other] = [frameOf(from), frameOf(to)]
  const rows: number[][] = []
  const wanted: number[] = []
  from.forEach((place, i) => {
    const { x, y } = own.into(place)
    const { x: u, y: v } = other.into(to[i]!)
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y])
    wanted.push(u, v)
  })
  const h = solve(new Matrix(rows), Matrix.columnVector(wanted)).to1DArray()
  const framed = new Matrix([h.slice(0, 3), h.slice(3, 6), [h[6]!, h[7]!, 1]])
  return other.outOfMatrix.mmul(framed).mmul(own.intoMatrix).to1DArray()
}

/** About the places' own middle and of their own size, so that the equations are well behaved. */
function frameOf(places: readonly Point[]) {
  const middle = {
    x: places.reduce((sum, { x }) => sum + x, 0) / places.length,
    y: places.reduce((sum, { y }) => sum + y, 0) / places.length,
  }
  const size = Math.max(...places.map(({ x, y }) => Math.hypot(x - middle.x, y - middle.y)))
  return {
    into: ({ x, y }: Point): Point => ({ x: (x - middle.x) / size, y: (y - middle.y) / size }),
    intoMatrix: new Matrix([
      [1 / size, 0, -middle.x / size],
      [0, 1 / size, -middle.y / size],
      [0, 0, 1],
    ]),
    outOfMatrix: new Matrix([
      [size, 0, middle.x],
      [0, size, middle.y],
      [0, 0, 1],
    ]),
  }
}

function checkRectangle({ cornersPx, wideMm, tallMm }: SeenRectangle): void {
  requireInRange(wideMm, 'rectangleMm.wideMm', 0.1, MOST_MM)
  requireInRange(tallMm, 'rectangleMm.tallMm', 0.1, MOST_MM)
  if (cornersPx.length !== 4) throw badCorners('must be four, in order round the rectangle')
  cornersPx.forEach(({ x, y }, i) => {
    requireInRange(x, `cornersPx.${i}.x`, -MOST_PX, MOST_PX)
    requireInRange(y, `cornersPx.${i}.y`, -MOST_PX, MOST_PX)
  })
  const turns = cornersPx.map((corner, i) => {
    const [next, after] = [cornersPx[(i + 1) % 4]!, cornersPx[(i + 2) % 4]!]
    const area = (next.x - corner.x) * (after.y - corner.y) - (next.y - corner.y) * (after.x - corner.x)
    const longest = Math.max(apart(corner, next), apart(next, after))
    return Math.abs(area) <= FLAT * longest ** 2 ? 0 : Math.sign(area)
  })
  if (turns.includes(0)) throw badCorners('lie in a line, or two of them on each other')
  if (turns.some(turn => turn !== turns[0])) throw badCorners('cross: mark them in order round the rectangle')
}

const badCorners = (what: string) =>
  new CoreError('bad-corners', `The corners ${what}`, { field: 'cornersPx' })

/**
 * How far the camera looked from square on, in degrees: a square of the plane at the rectangle's middle is
 * seen so much narrower one way than the other.
 *
 * Exact for a camera far away; near by the middle's own foreshortening, which is what spoils a measure there.
 *
 * @example
 * obliqueDeg(seen) // 0 where a card is seen as a rectangle of its own proportions
 */
export function obliqueDeg({ wideMm, tallMm }: SeenRectangle, { toPx }: PlaneMap): number {
  const middle = { x: wideMm / 2, y: tallMm / 2 }
  const stepMm = Math.min(wideMm, tallMm) / 1000
  const at = toPx(middle)
  const [right, up] = [toPx({ ...middle, x: middle.x + stepMm }), toPx({ ...middle, y: middle.y + stepMm })]
  const [a, c, b, d] = [right.x - at.x, right.y - at.y, up.x - at.x, up.y - at.y]
  // Singular values of a 2 × 2 matrix.
  const sum = a * a + b * b + c * c + d * d
  const root = Math.sqrt(Math.max(0, sum * sum - 4 * (a * d - b * c) ** 2))
  const share = Math.sqrt(Math.max(0, sum - root) / (sum + root))
  return (Math.acos(Math.min(1, share)) * 180) / Math.PI
}
