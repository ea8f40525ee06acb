import { type Drawing, line, type Mark, path, type PathStep, text } from '#core/paper'
import type { LaidRow } from './band'
import type { RowLeg } from './corners'
import { type PicturedRow, rowThreads } from './sewnBand'

/** A side of a band as it is printed: everything about one length from corner to corner. */
export interface BandLegSheet {
  readonly title: string
  readonly bandMm: number
  readonly rows: readonly (Pick<LaidRow, 'centreMm' | 'spanMm'> & { readonly leg: RowLeg })[]
  readonly pictured: readonly PicturedRow[]
  /** Sewn wrong side up: printed as it lies under the needle, mirrored. */
  readonly under: boolean
}

const PAD_MM = 10
const HEAD_MM = 16
/** Longer than this, stitches are drawn for the beginning alone, and the sheet says so. */
const STITCHED_MM = 600
const KEY_MM = 6
const TICK_MM = 1.6

/**
 * One side of a band at true size: the line each row's middle follows, a tick where each pattern begins, and
 * its stitches. It runs from left to right.
 *
 * @example
 * tiledSheets(bandDrawing(leg), 'a4').length
 */
export function bandDrawing({ title, bandMm, rows, pictured, under }: BandLegSheet): Drawing {
  const longMm = Math.max(...rows.map(({ leg }) => leg.lengthMm))
  const at = (alongMm: number, acrossMm: number) => ({
    x: PAD_MM + alongMm,
    y: HEAD_MM + (under ? bandMm - acrossMm : acrossMm),
  })
  const marks: Mark[] = [
    text({ x: PAD_MM, y: 8, text: title, sizeMm: 4, bold: true, mostMm: longMm }),
    ...(under ? [text({ x: PAD_MM, y: 13, text: 'Wrong side, mirrored', sizeMm: 3, mostMm: longMm })] : []),
    ...stitchMarks(pictured, bandMm, Math.min(STITCHED_MM, longMm), at),
    ...rows.flatMap(({ centreMm, leg }) => rowMarks(centreMm, leg, at)),
    text({ x: PAD_MM, y: HEAD_MM + bandMm + KEY_MM, text: keyWords(longMm), sizeMm: 3, mostMm: longMm }),
  ]
  return { title, wideMm: longMm + 2 * PAD_MM, tallMm: HEAD_MM + bandMm + KEY_MM + PAD_MM, marks }
}

const keyWords = (longMm: number) =>
  'Dashed: the middle of a row. Tick: a pattern begins.'
  + (longMm > STITCHED_MM ? ` Stitches are drawn for the first ${STITCHED_MM} mm.` : '')

type Place = (alongMm: number, acrossMm: number) => { readonly x: number; readonly y: number }

function rowMarks(centreMm: number, leg: RowLeg, at: Place): Mark[] {
  const { x: x1, y } = at(0, centreMm)
  const { x: x2 } = at(leg.lengthMm - leg.bareMm, centreMm)
  const sewnMm = leg.lengthMm - leg.bareMm
  const ticks = Array.from({ length: leg.repeats + 1 }, (_, i) => {
    const { x } = at((sewnMm * i) / Math.max(1, leg.repeats), centreMm)
    return line({ x1: x, y1: y - TICK_MM, x2: x, y2: y + TICK_MM, lineMm: 0.2 })
  })
  return [line({ x1, y1: y, x2, y2: y, lineMm: 0.15, dashMm: [1.5, 1.5] }), ...ticks]
}

/** Threads of the first stretch, cut off where it begins and ends. */
function stitchMarks(rows: readonly PicturedRow[], bandMm: number, seamMm: number, at: Place): Mark[] {
  const { x, y } = at(0, 0)
  const { y: foot } = at(0, bandMm)
  const threads = rowThreads(rows, bandMm, seamMm, false).map(({ pointsMm, hex, diameterMm }) => {
    const steps = pointsMm.map((point, i): PathStep => {
      const place = at(point.y, point.x)
      return [i === 0 ? 'M' : 'L', place.x, place.y]
    })
    return path({ steps, ink: hex, lineMm: diameterMm, ends: 'round' })
  })
  const OVER_MM = 1
  return [
    {
      kind: 'window',
      x,
      y: Math.min(y, foot) - OVER_MM,
      wideMm: seamMm,
      tallMm: Math.abs(foot - y) + 2 * OVER_MM,
      marks: threads,
    },
  ]
}
