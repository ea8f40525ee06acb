import { CoreError } from '#core/errors'
import { SEGMENT_NUMBERS, type SewnPicture } from '#core/sewn'

/**
 * Side of a raster cell, in mm. No stitch length is a round number of cells: on a raster of 0.05 every stitch
 * of 0.3 would fall on cells in the same way, and the areas come out up to twice too large.
 */
const RASTER_MM = 0.043
/**
 * Where two columns overlap with more layers than this on average, their colours turn muddy. A guess, no
 * published source: thread lies flatter and wider than its round diameter, so three quarters of a layer as
 * computed already closes the cloth.
 */
export const MUDDY_MEAN_LAYERS = 0.75
const MOST_CELLS = 8_000_000
const MOST_LAYERS = 255

/** How many threads lie on each other, cell by cell. */
export interface BuildUp {
  readonly columns: number
  readonly rows: number
  readonly cellMm: number
  /** x of the raster's left edge; its top edge is y = 0. */
  readonly leftMm: number
  /** Row by row; counts stop at 255. */
  readonly layers: Uint8Array
  readonly mostLayers: number
  /** Mean layers where the columns of two needles overlap; null when they do not. */
  readonly overlapMeanLayers: number | null
  /** Area of that overlap as a share of all cells under any column, 0 to 1. */
  readonly overlapShare: number
  readonly muddy: boolean
}

/**
 * Counts thread layers on a raster.
 *
 * A cell counts a segment when its centre lies within half a diameter of it, ends cut square, so that a
 * thread is not counted twice where it goes into the cloth. A needle's column is, row by row, from its
 * leftmost to its rightmost thread within one swing up or down the seam.
 *
 * @param picture - the right side.
 * @param reachMm - how far up and down the seam a column is looked for: about one swing.
 * @param cellMm - raster, in mm.
 * @throws {CoreError} `bad-raster` when there would be no cell or more than 8 million.
 *
 * @example
 * layThread(rightSide(input), 2 * input.stitch.lengthMm).mostLayers // 3
 */
export function layThread(picture: SewnPicture, reachMm: number, cellMm: number = RASTER_MM): BuildUp {
  const { segments, styles, seamMm, leftMm } = picture
  const columns = Math.ceil((picture.rightMm - leftMm) / cellMm) + 1
  const rows = Math.ceil(seamMm / cellMm)
  if (!(columns * rows > 0 && columns * rows <= MOST_CELLS)) {
    throw new CoreError('bad-raster', 'The raster has no cell or too many', { cells: columns * rows })
  }
  const threads = Math.max(0, ...styles.map(({ thread }) => thread)) + 1
  const layers = new Uint8Array(columns * rows)
  const columnsOf = Array.from({ length: threads }, () => emptyExtents(rows))

  for (let i = 0; i < segments.length; i += SEGMENT_NUMBERS) {
    const { diameterMm, thread } = styles[segments[i + 4]!]!
    cover(segments, i, diameterMm / 2, { columns, rows, cellMm, leftMm }, (row, column) => {
      const cell = row * columns + column
      if (layers[cell]! < MOST_LAYERS) layers[cell]!++
      const extents = columnsOf[Math.max(0, thread)]!
      if (column < extents.from[row]!) extents.from[row] = column
      if (column > extents.to[row]!) extents.to[row] = column
    })
  }
  const reach = Math.max(1, Math.round(reachMm / cellMm))
  return {
    columns,
    rows,
    cellMm,
    leftMm,
    layers,
    mostLayers: layers.reduce((most, n) => Math.max(most, n), 0),
    ...overlapOf(
      columnsOf.map(extents => widened(extents, reach)),
      layers,
      columns,
    ),
  }
}

interface Extents {
  readonly from: Int32Array
  readonly to: Int32Array
}
interface Grid {
  readonly columns: number
  readonly rows: number
  readonly cellMm: number
  readonly leftMm: number
}

function emptyExtents(rows: number): Extents {
  return { from: new Int32Array(rows).fill(2 ** 30), to: new Int32Array(rows).fill(-1) }
}

function cover(
  s: Float32Array,
  i: number,
  radius: number,
  { columns, rows, cellMm, leftMm }: Grid,
  mark: (row: number, column: number) => void,
): void {
  const x1 = s[i]!,
    y1 = s[i + 1]!
  const dx = s[i + 2]! - x1,
    dy = s[i + 3]! - y1
  const squared = dx * dx + dy * dy
  const firstRow = Math.max(0, Math.floor((Math.min(y1, y1 + dy) - radius) / cellMm))
  const lastRow = Math.min(rows - 1, Math.ceil((Math.max(y1, y1 + dy) + radius) / cellMm))
  const firstColumn = Math.max(0, Math.floor((Math.min(x1, x1 + dx) - radius - leftMm) / cellMm))
  const lastColumn = Math.min(columns - 1, Math.ceil((Math.max(x1, x1 + dx) + radius - leftMm) / cellMm))
  for (let row = firstRow; row <= lastRow; row++) {
    const py = (row + 0.5) * cellMm - y1
    for (let column = firstColumn; column <= lastColumn; column++) {
      const px = leftMm + (column + 0.5) * cellMm - x1
      const along = px * dx + py * dy
      const across = px * dy - py * dx
      if (along >= 0 && along < squared && across * across <= radius * radius * squared) mark(row, column)
    }
  }
}

function widened({ from, to }: Extents, reach: number): Extents {
  const wide = emptyExtents(from.length)
  for (let row = 0; row < from.length; row++) {
    const last = Math.min(from.length - 1, row + reach)
    for (let near = Math.max(0, row - reach); near <= last; near++) {
      if (from[near]! < wide.from[row]!) wide.from[row] = from[near]!
      if (to[near]! > wide.to[row]!) wide.to[row] = to[near]!
    }
  }
  return wide
}

function overlapOf(columnsOf: readonly Extents[], layers: Uint8Array, columns: number) {
  const rows = layers.length / columns
  // One more a needle's column from where it begins, one less after where it ends.
  const change = new Int8Array(columns + 1)
  let cells = 0,
    sum = 0,
    covered = 0
  for (let row = 0; row < rows; row++) {
    change.fill(0)
    for (const { from, to } of columnsOf) {
      if (to[row]! < 0) continue
      change[from[row]!]!++
      change[to[row]! + 1]!--
    }
    let inside = 0
    for (let column = 0; column < columns; column++) {
      inside += change[column]!
      if (inside > 0) covered++
      if (inside < 2) continue
      cells++
      sum += layers[row * columns + column]!
    }
  }
  const overlapMeanLayers = cells === 0 ? null : sum / cells
  return {
    overlapMeanLayers,
    overlapShare: covered === 0 ? 0 : cells / covered,
    muddy: overlapMeanLayers !== null && overlapMeanLayers > MUDDY_MEAN_LAYERS,
  }
}
