import type { Point } from '#core/plane'
/** A camera over a table. */
export interface Camera {
  readonly focalPx: number
  readonly awayMm: number
  /** From square on. */
  readonly tiltDeg: number
  /** About its own axis. */
  readonly turnDeg: number
  /** What it looks at, in mm on the table. */
  readonly atMm: Point
  /** Where that lies in the picture. */
  readonly middlePx: Point
  /** So much farther out a lens shows what a pinhole would show in a corner, as a share; negative: nearer. */
  readonly bend?: number
}

/**
 * Where a camera sees a place of the table, worked out from its pose and lens alone.
 *
 * @example
 * seenFrom({ focalPx: 2000, awayMm: 200, tiltDeg: 0, turnDeg: 0, atMm, middlePx })(place) // 10 px a mm
 */
export function seenFrom(camera: Camera): (mm: Point) => Point {
  const { focalPx, awayMm, atMm, middlePx } = camera
  const [tilt, turn] = radians(camera)
  return ({ x, y }) => {
    const [cx, cy] = [x - atMm.x, y - atMm.y]
    const across = cx * Math.cos(turn) - cy * Math.sin(turn)
    const along = cx * Math.sin(turn) + cy * Math.cos(turn)
    const deep = awayMm + along * Math.sin(tilt)
    const straight = { x: (focalPx * across) / deep, y: (focalPx * along * Math.cos(tilt)) / deep }
    const seen = bent(camera, straight)
    return { x: middlePx.x + seen.x, y: middlePx.y + seen.y }
  }
}

/**
 * The place of the table that is seen at a place of the picture: the same camera, the other way.
 *
 * @example
 * tableAt(camera)(seenFrom(camera)({ x: 3, y: 4 })) // { x: 3, y: 4 }
 */
export function tableAt(camera: Camera): (px: Point) => Point {
  const { focalPx, awayMm, atMm, middlePx } = camera
  const [tilt, turn] = radians(camera)
  return ({ x, y }) => {
    const straight = unbent(camera, { x: x - middlePx.x, y: y - middlePx.y })
    const [u, v] = [straight.x / focalPx, straight.y / focalPx]
    const along = (v * awayMm) / (Math.cos(tilt) - v * Math.sin(tilt))
    const across = u * (awayMm + along * Math.sin(tilt))
    return {
      x: atMm.x + across * Math.cos(turn) + along * Math.sin(turn),
      y: atMm.y - across * Math.sin(turn) + along * Math.cos(turn),
    }
  }
}

/** What lens bends, in squares of the distance from the middle: the first term of the usual radial series. */
const bendAt = ({ bend = 0, middlePx }: Camera, seen: Point): number =>
  1 + (bend * (seen.x ** 2 + seen.y ** 2)) / (middlePx.x ** 2 + middlePx.y ** 2)

/** From where a lens shows something to where a pinhole would, both from the middle. */
function unbent(camera: Camera, seen: Point): Point {
  const by = bendAt(camera, seen)
  return { x: seen.x / by, y: seen.y / by }
}

/** Steps until the other way round is exact: a lens bends by some hundredths. */
const STEPS_BACK = 30
function bent(camera: Camera, straight: Point): Point {
  let seen = straight
  for (let i = 0; i < STEPS_BACK && camera.bend; i++) {
    const by = bendAt(camera, seen)
    seen = { x: straight.x * by, y: straight.y * by }
  }
  return seen
}

const radians = ({ tiltDeg, turnDeg }: Camera): readonly [number, number] => [
  (tiltDeg * Math.PI) / 180,
  (turnDeg * Math.PI) / 180,
]
