import { CoreError, requireInRange } from '#core/errors'
import { circle, line, type Mark, moved, text } from './marks'
import { checkLine, type Paper, PAPERS, type Sheet } from './sheet'

/** What printers leave white at an edge, in mm; with room to spare. Common practice. */
export const PAGE_MARGIN_MM = 12
/** Two neighbouring pages show this much of the same drawing, in mm: enough for tape. */
export const OVERLAP_MM = 15
/** For the check line and the page's place. */
const FOOT_MM = 12
const CROSS_MM = 4
const MOST_PAGES = 100

/** Something larger than a page may be, at true size. */
export interface Drawing {
  readonly title: string
  readonly wideMm: number
  readonly tallMm: number
  /** In mm from the drawing's own top left corner. */
  readonly marks: readonly Mark[]
}

/**
 * A drawing at true size on as many pages as it takes.
 *
 * Neighbours share a strip of 15 mm. In its middle stand register crosses, at the same place of the drawing
 * on both pages: laid over each other, the pages fit. Each page has a check line and says where it
 * belongs.
 *
 * @param drawing - 1 to 10 000 mm wide and tall.
 * @throws {CoreError} `out-of-range`; `too-many` over 100 pages.
 *
 * @example
 * tiledSheets({ title: 'Hem', wideMm: 400, tallMm: 100, marks }, 'a4').length // 3
 */
export function tiledSheets(drawing: Drawing, paper: Paper): Sheet[] {
  requireInRange(drawing.wideMm, 'wideMm', 1, 10_000)
  requireInRange(drawing.tallMm, 'tallMm', 1, 10_000)
  const { wideMm, tallMm } = PAPERS[paper]
  const openWide = wideMm - 2 * PAGE_MARGIN_MM
  const openTall = tallMm - 2 * PAGE_MARGIN_MM - FOOT_MM
  const columns = tilesFor(drawing.wideMm, openWide)
  const rows = tilesFor(drawing.tallMm, openTall)
  if (columns * rows > MOST_PAGES)
    throw new CoreError('too-many', `That is ${columns * rows} pages; print a smaller piece.`, {
      field: 'wideMm',
      most: MOST_PAGES,
    })
  const marks = [...drawing.marks, ...registerCrosses(columns, rows, openWide, openTall)]
  return Array.from({ length: columns * rows }, (_, page) => {
    const [column, row] = [page % columns, Math.floor(page / columns)]
    const where = `, row ${row + 1} of ${rows}, column ${column + 1} of ${columns}`
    const place = columns * rows === 1 ? '' : where
    const right = PAGE_MARGIN_MM - column * (openWide - OVERLAP_MM)
    const down = PAGE_MARGIN_MM - row * (openTall - OVERLAP_MM)
    return pageOf(moved(marks, right, down), `${drawing.title}${place}`, paper)
  })
}

/** One page: what shows of the drawing, with its place and the check line below. */
function pageOf(marks: readonly Mark[], title: string, paper: Paper): Sheet {
  const { wideMm, tallMm } = PAPERS[paper]
  const openWide = wideMm - 2 * PAGE_MARGIN_MM
  return {
    wideMm,
    tallMm,
    marks: [
      {
        kind: 'window',
        x: PAGE_MARGIN_MM,
        y: PAGE_MARGIN_MM,
        wideMm: openWide,
        tallMm: tallMm - 2 * PAGE_MARGIN_MM - FOOT_MM,
        marks,
      },
      text({
        x: PAGE_MARGIN_MM,
        y: tallMm - PAGE_MARGIN_MM - 6,
        text: title,
        sizeMm: 3.6,
        mostMm: openWide,
        bold: true,
      }),
      ...checkLine(PAGE_MARGIN_MM, tallMm - PAGE_MARGIN_MM, paper),
    ],
  }
}

/** Pages side by side so that each shows `OVERLAP_MM` of its neighbour. */
function tilesFor(lengthMm: number, openMm: number): number {
  // The nudge keeps a drawing that fits exactly from asking for one page more.
  return Math.max(1, Math.ceil((lengthMm - OVERLAP_MM - 1e-6) / (openMm - OVERLAP_MM)))
}

/** Two to each seam between neighbours, in the drawing's own places. */
function registerCrosses(columns: number, rows: number, openWide: number, openTall: number): Mark[] {
  const [stepX, stepY] = [openWide - OVERLAP_MM, openTall - OVERLAP_MM]
  const marks: Mark[] = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [left, top] = [column * stepX, row * stepY]
      const [right, foot] = [left + openWide - OVERLAP_MM / 2, top + openTall - OVERLAP_MM / 2]
      if (column < columns - 1)
        for (const share of [0.25, 0.75]) marks.push(...cross(right, top + share * openTall))
      if (row < rows - 1)
        for (const share of [0.25, 0.75]) marks.push(...cross(left + share * openWide, foot))
    }
  return marks
}

function cross(x: number, y: number): Mark[] {
  return [
    line({ x1: x - CROSS_MM, y1: y, x2: x + CROSS_MM, y2: y, lineMm: 0.2 }),
    line({ x1: x, y1: y - CROSS_MM, x2: x, y2: y + CROSS_MM, lineMm: 0.2 }),
    circle({ x, y, radiusMm: CROSS_MM / 2, lineMm: 0.2 }),
  ]
}
