import { checkLine, DASHED, line, type Mark, type Paper, PAPERS, type Sheet, text } from '#core/paper'

const MARGIN_MM = 15
/** Rows as far apart as a presser foot is wide, so that none is sewn over the last. */
export const STRIP_ROW_MM = 12
const HEAD_MM = 14
/** Room to write beside each row: what was read, and a note. */
const WRITE_MM = { balance: 18, tuck: 14, note: 28 } as const
const WRITE_WIDE_MM = WRITE_MM.balance + WRITE_MM.tuck + WRITE_MM.note

export interface Strip {
  readonly title: string
  readonly date: string
  /** What the dial stood at, row by row; rows past them are left open. */
  readonly numbers: readonly string[]
  /** Rows drawn at least. */
  readonly least: number
}

/**
 * A strip to pin to the cloth: a line a row at true distance, in the order they are sewn; its number and the
 * dial's at the left, boxes to write in at the right.
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
        ...headings(wideMm),
        ...rows.flatMap(i => rowOf(i, first + i, numbers[first + i], wideMm)),
        ...checkLine(MARGIN_MM, tallMm - MARGIN_MM, paper),
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
    line({ x1: MARGIN_MM + 42, y1: y, x2: wideMm - MARGIN_MM - WRITE_WIDE_MM - 3, y2: y, dashMm: DASHED }),
    ...boxesAt(wideMm, y),
  ]
}

/** Where each box begins, from the left, and what is written in it. */
function columns(wideMm: number): { readonly x: number; readonly name: string }[] {
  const first = wideMm - MARGIN_MM - WRITE_WIDE_MM
  return [
    { x: first, name: 'balance' },
    { x: first + WRITE_MM.balance, name: 'tuck' },
    { x: first + WRITE_MM.balance + WRITE_MM.tuck, name: 'note' },
  ]
}
const headings = (wideMm: number): Mark[] =>
  columns(wideMm).map(({ x, name }) =>
    text({ x: x + 1, y: MARGIN_MM + HEAD_MM - 1, text: name, sizeMm: 3, mostMm: 20 }),
  )
/** One box a row: open above, so that they share their lines. */
function boxesAt(wideMm: number, y: number): Mark[] {
  const top = y - STRIP_ROW_MM + 2
  const right = wideMm - MARGIN_MM
  const sides = [...columns(wideMm).map(({ x }) => x), right]
  return [
    line({ x1: sides[0]!, y1: y, x2: right, y2: y }),
    line({ x1: sides[0]!, y1: top, x2: right, y2: top }),
    ...sides.map(x => line({ x1: x, y1: top, x2: x, y2: y })),
  ]
}
