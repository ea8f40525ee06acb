import { CoreError } from '#core/errors'

/** A picture without colours: one value a pixel, 0 to 255, row by row from the top left. */
export interface GrayImage {
  readonly width: number
  readonly height: number
  readonly data: ArrayLike<number>
}

/** A picture with colours: red, green, blue, opacity a pixel, as a canvas gives it. */
export interface ColourImage {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray<ArrayBuffer>
}

/** Source of the weights: ITU-R BT.601 (from memory). */
const RED = 0.299
const GREEN = 0.587
const BLUE = 0.114

/**
 * A picture's brightness.
 *
 * @throws {CoreError} `bad-raster`: not as many values as it has pixels.
 *
 * @example
 * grayOf({ width: 1, height: 1, data: new Uint8ClampedArray([255, 255, 255, 255]) }).data[0] // 255
 */
export function grayOf({ width, height, data }: ColourImage): GrayImage {
  const cells = width * height
  if (data.length !== 4 * cells)
    throw new CoreError('bad-raster', 'A picture has four values a pixel', { cells })
  const gray = new Uint8ClampedArray(cells)
  for (let i = 0, k = 0; i < cells; i++, k += 4)
    gray[i] = RED * data[k]! + GREEN * data[k + 1]! + BLUE * data[k + 2]!
  return { width, height, data: gray }
}

/**
 * Brightness between pixels, straight between the four nearest; beyond the picture as at its edge.
 *
 * @param x - in px from the left edge: the first pixel's middle lies at 0.5.
 */
export function brightnessAt({ width, height, data }: GrayImage, x: number, y: number): number {
  const u = Math.min(width - 1, Math.max(0, x - 0.5))
  const v = Math.min(height - 1, Math.max(0, y - 0.5))
  const [left, top] = [Math.floor(u), Math.floor(v)]
  const [right, low] = [Math.min(width - 1, left + 1), Math.min(height - 1, top + 1)]
  const [fx, fy] = [u - left, v - top]
  const above = data[top * width + left]! * (1 - fx) + data[top * width + right]! * fx
  const below = data[low * width + left]! * (1 - fx) + data[low * width + right]! * fx
  return above * (1 - fy) + below * fy
}
