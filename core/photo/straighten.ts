import { CoreError, requireInRange } from '#core/errors'
import type { PlaneMap } from '#core/measure'
import type { ColourImage } from './image'

/** What of the plane is shown, in mm from the rectangle's first corner. */
export interface PlaneWindow {
  readonly x: number
  readonly y: number
  readonly wideMm: number
  readonly tallMm: number
}

/** More pixels are not made: 24 million take some 100 MB. */
const MOST_PX = 24e6

/**
 * The plane as it would be seen from straight above.
 *
 * @param map - how the picture shows the plane.
 * @param shown - the part of it to show, at most 2 m a side.
 * @param pxPerMm - 0.1 to 200.
 * @returns As many pixels as that takes; what lies outside the picture is left clear.
 * @throws {CoreError} `out-of-range`; `bad-raster` for more than 24 million pixels.
 *
 * @example
 * straightened(photo, map, { x: 0, y: 0, wideMm: 85.6, tallMm: 53.98 }, 10).width // 856
 */
export function straightened(
  { width, height, data }: ColourImage,
  { mmToPx }: Pick<PlaneMap, 'mmToPx'>,
  shown: PlaneWindow,
  pxPerMm: number,
): ColourImage {
  requireInRange(shown.wideMm, 'wideMm', 0.1, 2000)
  requireInRange(shown.tallMm, 'tallMm', 0.1, 2000)
  requireInRange(pxPerMm, 'pxPerMm', 0.1, 200)
  const wide = Math.max(1, Math.round(shown.wideMm * pxPerMm))
  const tall = Math.max(1, Math.round(shown.tallMm * pxPerMm))
  if (wide * tall > MOST_PX) throw new CoreError('bad-raster', 'That is too large', { cells: wide * tall })
  const out = new Uint8ClampedArray(4 * wide * tall)
  const [a, b, c, d, e, f, g, h, i] = mmToPx as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ]
  const step = 1 / pxPerMm
  for (let row = 0, k = 0; row < tall; row++) {
    const y = shown.y + (row + 0.5) * step
    for (let column = 0; column < wide; column++, k += 4) {
      const x = shown.x + (column + 0.5) * step
      const w = g * x + h * y + i
      const u = (a * x + b * y + c) / w - 0.5
      const v = (d * x + e * y + f) / w - 0.5
      if (!(u >= 0 && v >= 0 && u <= width - 1 && v <= height - 1)) continue
      const left = u | 0
      const top = v | 0
      const fx = u - left
      const fy = v - top
      const at = 4 * (top * width + left)
      const right = left < width - 1 ? 4 : 0
      const low = top < height - 1 ? 4 * width : 0
      for (let channel = 0; channel < 3; channel++) {
        const p = at + channel
        const above = data[p]! + (data[p + right]! - data[p]!) * fx
        const below = data[p + low]! + (data[p + low + right]! - data[p + low]!) * fx
        out[k + channel] = above + (below - above) * fy
      }
      out[k + 3] = 255
    }
  }
  return { width: wide, height: tall, data: out }
}
