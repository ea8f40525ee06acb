import { requireInRange } from '#core/errors'
import { between, type Point } from '#core/plane'

/** A frond of a plume, as one measures it. */
export interface Vane {
  readonly lengthMm: number
  /** How far its middle bows out to the tip of the stem, in mm. */
  readonly bowMm: number
}

/** A stem with fronds along it, to both sides. */
export interface Plume {
  readonly stemMm: number
  /** How far the stem bows to the right, in mm. */
  readonly stemBowMm: number
  /** From its foot to its tip. */
  readonly vanes: readonly Vane[]
  /** How far each frond leans out of the stem, in degrees. */
  readonly leanDeg: number
  /** Left and right from one place, or by turns. */
  readonly sides: 'pairs' | 'turns'
}

const CHORDS = 24

/**
 * A plume as ways: its stem from foot to tip, then its fronds from the stem outwards.
 *
 * @param plume - stem 10 to 2000 mm, 1 to 60 fronds of 2 to 1000 mm.
 * @throws {CoreError} `out-of-range`.
 *
 * @example
 * const vanes = [{ lengthMm: 30, bowMm: 4 }]
 * plumeWays({ stemMm: 120, stemBowMm: 10, vanes, leanDeg: 50, sides: 'turns' }).length // 2
 */
export function plumeWays({ stemMm, stemBowMm, vanes, leanDeg, sides }: Plume): Point[][] {
  requireInRange(stemMm, 'stemMm', 10, 2000)
  requireInRange(stemBowMm, 'stemBowMm', -stemMm / 2, stemMm / 2)
  requireInRange(leanDeg, 'leanDeg', 5, 90)
  requireInRange(vanes.length, 'vanes', 1, 60)
  const stem = bowed({ x: 0, y: 0 }, { x: 0, y: stemMm }, stemBowMm)
  const places = sides === 'pairs' ? Math.ceil(vanes.length / 2) : vanes.length
  const grown = vanes.map(({ lengthMm, bowMm }, i) => {
    requireInRange(lengthMm, `vanes.${i}.lengthMm`, 2, 1000)
    requireInRange(bowMm, `vanes.${i}.bowMm`, -lengthMm / 2, lengthMm / 2)
    const place = sides === 'pairs' ? Math.floor(i / 2) : i
    const { at, heading } = onStem(stem, (place + 1) / (places + 1))
    const side = i % 2 === 0 ? 1 : -1
    const angle = heading + (side * (leanDeg * Math.PI)) / 180
    const tip = { x: at.x + lengthMm * Math.cos(angle), y: at.y + lengthMm * Math.sin(angle) }
    return bowed(at, tip, side * bowMm)
  })
  return [stem, ...grown]
}

/** From end to end in a shallow round whose middle lies so far to the right of the straight way. */
function bowed(a: Point, b: Point, bowMm: number): Point[] {
  if (bowMm === 0) return [a, b]
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const length = Math.hypot(dx, dy)
  return Array.from({ length: CHORDS + 1 }, (_, i) => {
    const share = i / CHORDS
    const off = (4 * bowMm * share * (1 - share)) / length
    return { x: a.x + share * dx + off * dy, y: a.y + share * dy - off * dx }
  })
}

function onStem(stem: readonly Point[], share: number): { at: Point; heading: number } {
  const place = share * (stem.length - 1)
  const i = Math.min(stem.length - 2, Math.floor(place))
  const [a, b] = [stem[i]!, stem[i + 1]!]
  const on = place - i
  return {
    at: between(a, b, on),
    heading: Math.atan2(b.y - a.y, b.x - a.x),
  }
}
