import { type BuildUp, layThread } from '#core/buildup'
import { bladeOffsetsMm, type Needle } from '#core/needle'
import { rightSide, SEGMENT_NUMBERS, type SewnPicture, type SewnThread, underSide } from '#core/sewn'
import { seamDropsMm, type StitchShape } from '#core/stitch'

/** A row as it is drawn and laid thread on thread. */
export interface PicturedRow {
  readonly shape: StitchShape
  readonly widthMm: number
  /** As it is sewn: what makes patterns end whole. */
  readonly lengthMm: number
  readonly mirror: boolean
  readonly needle: Needle
  /** One a blade, left to right. */
  readonly threads: readonly SewnThread[]
  readonly bobbin: SewnThread
  /** From the left edge of the band. */
  readonly centreMm: number
}

/** One thread of a row, from hole to hole: x from the band's left edge, y along it, in mm. */
export interface RowThread {
  readonly row: number
  /** Which blade from the left; −1: the bobbin. */
  readonly blade: number
  readonly hex: string
  readonly diameterMm: number
  readonly pointsMm: readonly { readonly x: number; readonly y: number }[]
}

/** Wide enough for any stitch that is held at an end of the swing. */
const MOST_WIDTH_MM = 100

/** About its own middle, whichever end of the swing the machine holds it at. */
function settingOf({ shape, widthMm, lengthMm, mirror }: PicturedRow, positionMm: number) {
  const xs = shape.drops.map(({ x }) => x)
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2
  const drops = shape.drops.map(({ x, y }) => ({ x: x - middle, y }))
  return { ...shape, drops, alignment: 'centre' as const, widthMm, lengthMm, mirror, positionMm }
}

/**
 * Every thread of a band as it will be seen, over a length of it.
 *
 * @param bandMm - how wide the band is.
 * @param under - sewn wrong side up: what the bobbin lays is seen, mirrored.
 * @throws {CoreError} as `seamDropsMm`.
 *
 * @example
 * rowThreads(rows, 16, 60, false).length // one for each needle of each row
 */
export function rowThreads(
  rows: readonly PicturedRow[],
  bandMm: number,
  seamMm: number,
  under: boolean,
): RowThread[] {
  return rows.flatMap((row, i) => {
    const setting = settingOf(row, 0)
    const drops = seamDropsMm(setting, setting, MOST_WIDTH_MM, seamMm)
    const offsets = bladeOffsetsMm(row.needle)
    if (under) {
      const pointsMm = drops.flatMap(({ xMm, yMm }) =>
        offsets.map(offset => ({ x: bandMm - (row.centreMm + xMm + offset), y: yMm })),
      )
      return [threadOf(row.bobbin, i, -1, pointsMm)]
    }
    return offsets.map((offset, blade) => {
      const pointsMm = drops.map(({ xMm, yMm }) => ({ x: row.centreMm + xMm + offset, y: yMm }))
      return threadOf(row.threads[blade] ?? row.threads.at(-1) ?? row.bobbin, i, blade, pointsMm)
    })
  })
}

const threadOf = (
  { colours, diameterMm }: SewnThread,
  row: number,
  blade: number,
  pointsMm: RowThread['pointsMm'],
): RowThread => ({ row, blade, hex: colours[0]!.hex, diameterMm, pointsMm })

/** Blades a row has at most: each thread of a picture has a number of its own. */
const MOST_BLADES = 3

/**
 * All rows of a band in one picture, for counting how thread lies on thread.
 *
 * @throws {CoreError} as `rightSide`.
 *
 * @example
 * layThread(bandPicture(rows, 40, false), 3).mostLayers
 */
export function bandPicture(rows: readonly PicturedRow[], seamMm: number, under: boolean): SewnPicture {
  const pictures = rows.map(row => {
    const input = {
      stitch: settingOf(row, row.centreMm),
      maxWidthMm: MOST_WIDTH_MM,
      needle: row.needle,
      threads: row.threads,
      bobbin: row.bobbin,
      seamMm,
      clothThicknessMm: 0,
    }
    return under ? underSide(input) : rightSide(input)
  })
  const styles = pictures.flatMap((picture, i) =>
    picture.styles.map(style => ({ ...style, thread: MOST_BLADES * i + Math.max(0, style.thread) })),
  )
  let before = 0
  const segments = pictures.flatMap(picture => {
    const numbers = Array.from(picture.segments, (n, k) =>
      k % SEGMENT_NUMBERS === SEGMENT_NUMBERS - 1 ? n + before : n,
    )
    before += picture.styles.length
    return numbers
  })
  return {
    seamMm,
    leftMm: Math.min(...pictures.map(({ leftMm }) => leftMm)),
    rightMm: Math.max(...pictures.map(({ rightMm }) => rightMm)),
    styles,
    segments: Float32Array.from(segments),
    holes: new Float32Array(),
  }
}

/** So much of a band tells how it lies everywhere, in mm. */
const SAMPLE_MM = 24
/** Cells of the raster, in mm: fine beside a thread, and no round part of a stitch. */
const CELL_MM = 0.087

/**
 * How thread lies on thread where rows overlap.
 *
 * @returns layers at most, and on average where the columns of two needles overlap; null there: none do.
 *
 * @example
 * bandBuildUp(rows, false).muddy // true where two closed columns share a millimetre
 */
export function bandBuildUp(
  rows: readonly PicturedRow[],
  under: boolean,
): Pick<BuildUp, 'mostLayers' | 'overlapMeanLayers' | 'muddy'> {
  const reachMm = Math.max(...rows.map(({ lengthMm }) => 2 * lengthMm))
  const { mostLayers, overlapMeanLayers, muddy } = layThread(
    bandPicture(rows, SAMPLE_MM, under),
    reachMm,
    CELL_MM,
  )
  return { mostLayers, overlapMeanLayers, muddy }
}
