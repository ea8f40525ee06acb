import { checkLine, line, type Mark, type Paper, PAPERS, type Sheet, text } from './sheet'

const MARGIN_MM = 15
/** Rows as far apart as a presser foot is wide, so that none is sewn over the last. */
export const STRIP_ROW_MM = 12
const HEAD_MM = 14

/**
 * A strip to pin to the cloth: a line a row at true distance, its number and the dial's at the left, room to
 * write at the right.
 *
 * @param numbers - what the dial stood at, row by row; rows past them are left open.
 * @param least - rows drawn at least.
 */
export function stripSheets({
  title,
  date,
  paper,
  numbers,
  least,
}: {
  readonly title: string
  readonly date: string
  readonly paper: Paper
  readonly numbers: readonly string[]
  readonly least: number
}): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const perPage = Math.floor((tallMm - 2 * MARGIN_MM - HEAD_MM - STRIP_ROW_MM) / STRIP_ROW_MM)
  const count = Math.max(least, numbers.length)
  return Array.from({ length: Math.ceil(count / perPage) }, (_, page) => ({
    wideMm,
    tallMm,
    marks: [
      text(MARGIN_MM, MARGIN_MM + 4, title, 5, 110, true),
      text(wideMm - MARGIN_MM, MARGIN_MM + 4, date, 3.5, 60, false, 'end'),
      ...Array.from({ length: Math.min(perPage, count - page * perPage) }, (_, i): Mark[] => {
        const y = MARGIN_MM + HEAD_MM + (i + 1) * STRIP_ROW_MM
        const row = page * perPage + i
        return [
          text(MARGIN_MM, y - 1, `${row + 1}`, 4, 10, true),
          text(MARGIN_MM + 12, y - 1, numbers[row] === undefined ? 'T' : `T ${numbers[row]}`, 5, 26, true),
          line(MARGIN_MM + 42, y, wideMm - MARGIN_MM, y, 0.3, true),
        ]
      }).flat(),
      ...checkLine(MARGIN_MM, tallMm - MARGIN_MM),
    ],
  }))
}
