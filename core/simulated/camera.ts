/** A place in a picture, in px, or on the table, in mm. */
interface Place {
  readonly x: number
  readonly y: number
}

/** A camera over a table. */
export interface Camera {
  readonly focalPx: number
  readonly awayMm: number
  /** From square on. */
  readonly tiltDeg: number
  /** About its own axis. */
  readonly turnDeg: number
  /** What it looks at, in mm on the table. */
  readonly atMm: Place
  /** Where that lies in the picture. */
  readonly middlePx: Place
}

/**
 * Where a camera sees a place of the table: a pinhole, worked out from its pose alone.
 *
 * @example
 * seenFrom({ focalPx: 2000, awayMm: 200, tiltDeg: 0, turnDeg: 0, atMm, middlePx })(place) // 10 px a mm
 */
export function seenFrom(camera: Camera): (mm: Place) => Place {
  const { focalPx, awayMm, atMm, middlePx } = camera
  const [tilt, turn] = radians(camera)
  return ({ x, y }) => {
    const [cx, cy] = [x - atMm.x, y - atMm.y]
    const across = cx * Math.cos(turn) - cy * Math.sin(turn)
    const along = cx * Math.sin(turn) + cy * Math.cos(turn)
    const deep = awayMm + along * Math.sin(tilt)
    return {
      x: middlePx.x + (focalPx * across) / deep,
      y: middlePx.y + (focalPx * along * Math.cos(tilt)) / deep,
    }
  }
}

/**
 * The place of the table that is seen at a place of the picture: the same camera, the other way.
 *
 * @example
 * tableAt(camera)(seenFrom(camera)({ x: 3, y: 4 })) // { x: 3, y: 4 }
 */
export function tableAt(camera: Camera): (px: Place) => Place {
  const { focalPx, awayMm, atMm, middlePx } = camera
  const [tilt, turn] = radians(camera)
  return ({ x, y }) => {
    const [u, v] = [(x - middlePx.x) / focalPx, (y - middlePx.y) / focalPx]
    const along = (v * awayMm) / (Math.cos(tilt) - v * Math.sin(tilt))
    const across = u * (awayMm + along * Math.sin(tilt))
    return {
      x: atMm.x + across * Math.cos(turn) + along * Math.sin(turn),
      y: atMm.y - across * Math.sin(turn) + along * Math.cos(turn),
    }
  }
}

const radians = ({ tiltDeg, turnDeg }: Camera): readonly [number, number] => [
  (tiltDeg * Math.PI) / 180,
  (turnDeg * Math.PI) / 180,
]
