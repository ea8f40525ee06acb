import type { PlaneMap, Span } from '#core/measure'
import { apart, heading, type Point } from '#core/plane'
import { brightnessAt, type GrayImage } from './image'

/** A narrow piece of a photo along a row, as seen from straight above. */
export interface Strip {
  /** Brightness; `across` values for each step along. */
  readonly data: Float32Array
  readonly along: number
  readonly across: number
  /** From one value to the next, both ways, in mm. */
  readonly stepMm: number
  /** So many mm of it lie before the first mark, and as many behind the second. */
  readonly beforeMm: number
}

/** Finer than this nothing is gained, in steps a pixel. */
const STEPS_A_PX = 2
const LEAST_STEP_MM = 0.02
const MOST_VALUES = 4e6

/**
 * Cuts out the strip along a marked row.
 *
 * @param span - both ends of the row, in px of the photo.
 * @param halfMm - how far it reaches to each side.
 * @param beforeMm - how far it reaches beyond each mark.
 *
 * @example
 * stripAlong(photo, map, [from, to], 4, 3).along // as many steps as half pixels
 */
export function stripAlong(
  image: GrayImage,
  { toMm, toPx }: Pick<PlaneMap, 'toMm' | 'toPx'>,
  [fromPx, endPx]: Span,
  halfMm: number,
  beforeMm: number,
): Strip {
  const [from, end] = [toMm(fromPx), toMm(endPx)]
  const longMm = apart(from, end)
  const way = heading(from, end)
  const wholeMm = longMm + 2 * beforeMm
  const fineMm = Math.max(LEAST_STEP_MM, longMm / apart(fromPx, endPx) / STEPS_A_PX)
  const stepMm = Math.max(fineMm, Math.sqrt((wholeMm * 2 * halfMm) / MOST_VALUES))
  const along = Math.max(2, Math.round(wholeMm / stepMm))
  const across = Math.max(3, 2 * Math.round(halfMm / stepMm) + 1)
  const data = new Float32Array(along * across)
  for (let s = 0; s < along; s++)
    for (let t = 0; t < across; t++) {
      const place = placeOn(from, way, s * stepMm - beforeMm, (t - (across - 1) / 2) * stepMm)
      const px = toPx(place)
      data[s * across + t] = brightnessAt(image, px.x, px.y)
    }
  return { data, along, across, stepMm, beforeMm }
}

/** So far along and to the right of a way, in mm. */
export const placeOn = (from: Point, way: Point, alongMm: number, asideMm: number): Point => ({
  x: from.x + alongMm * way.x - asideMm * way.y,
  y: from.y + alongMm * way.y + asideMm * way.x,
})
