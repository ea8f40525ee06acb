import { checkLine, DASHED, line, type Mark, type Paper, PAPERS, type Sheet, text } from '#core/paper'

const MARGIN_MM = 15
/** Rows as far apart as a presser foot is wide, so that none is sewn over the last. */
export const STRIP_ROW_MM = 12
const HEAD_MM = 14

export interface Strip {
  readonly title: string
  readonly date: string
  /** What the dial stood at, row by row; rows past them are left open. */
  readonly numbers: readonly string[]
  /** Rows drawn at least. */
  readonly least: number
}

/**
 * A strip to pin to the cloth: a line a row at true distance, its number and the dial's at the left, room to
 * write at the right.
 *
 * @returns as many pages as the rows take, each with a check line.
 *
 * @example
 * stripSheets({ title: 'Flat hem', date: '1 June 2026', numbers: ['4', '3.2'], least: 8 }, 'a4').length // 1
 */
export function stripSheets({ title, date, numbers, least }: Strip, paper: Paper): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const perPage = Math.floor((tallMm - 2 * MARGIN_MM - HEAD_MM - STRIP_ROW_MM) / STRIP_ROW_MM)
  const count = Math.max(least, numbers.length)
  return Array.from({ length: Math.ceil(count / perPage) }, (_, page) => {
    const first = page * perPage
    const rows = Array.from({ length: Math.min(perPage, count - first) }, (_, i) => i)
    const y = MARGIN_MM + 4
    return {
      wideMm,
      tallMm,
      marks: [
        text({ x: MARGIN_MM, y, text: title, sizeMm: 5, mostMm: 110, bold: true }),
        text({ x: wideMm - MARGIN_MM, y, text: date, sizeMm: 3.5, mostMm: 60, anchor: 'end' }),
        ...rows.flatMap(i => rowOf(i, first + i, numbers[first + i], wideMm)),
        ...checkLine(MARGIN_MM, tallMm - MARGIN_MM),
      ],
    }
  })
}

/** @param place - on this page, from 0. @param row - of the whole strip, from 0. */
function rowOf(place: number, row: number, number: string | undefined, wideMm: number): Mark[] {
  const y = MARGIN_MM + HEAD_MM + (place + 1) * STRIP_ROW_MM
  const words = number === undefined ? 'T' : `T ${number}`
  return [
    text({ x: MARGIN_MM, y: y - 1, text: `${row + 1}`, sizeMm: 4, mostMm: 10, bold: true }),
    text({ x: MARGIN_MM + 12, y: y - 1, text: words, sizeMm: 5, mostMm: 26, bold: true }),
    line({ x1: MARGIN_MM + 42, y1: y, x2: wideMm - MARGIN_MM, y2: y, dashMm: DASHED }),
  ]
}
