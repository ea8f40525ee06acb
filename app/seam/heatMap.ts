import type { BuildUp } from '#core/buildup'
import type { View } from './drawSewn'

/** Layers to colour, light to dark, in one hue so that it reads without colour too. Index 0 is bare cloth. */
export const LAYER_INKS = ['#f7f1e6', '#e9c4d3', '#c9799a', '#9d4a70', '#77294f', '#43162c'] as const

/** Paints the raster of layers at the view's scale. */
export function drawHeatMap(
  context: CanvasRenderingContext2D,
  { columns, rows, layers, cellMm, leftMm }: BuildUp,
  { pxPerMm, middlePx }: View,
): void {
  const image = new ImageData(columns, rows)
  const inks = LAYER_INKS.map(hex => [1, 3, 5].map(i => Number.parseInt(hex.slice(i, i + 2), 16)))
  for (const [cell, count] of layers.entries()) {
    const [r, g, b] = inks[Math.min(count, inks.length - 1)]!
    image.data.set([r!, g!, b!, 255], cell * 4)
  }
  const buffer = new OffscreenCanvas(columns, rows)
  buffer.getContext('2d')!.putImageData(image, 0, 0)
  context.imageSmoothingEnabled = false
  context.drawImage(
    buffer,
    middlePx + leftMm * pxPerMm,
    0,
    columns * cellMm * pxPerMm,
    rows * cellMm * pxPerMm,
  )
}
