import { brokenLine, checkLine, line, type Mark, PAPERS, type Paper, type Sheet, text } from '#core/paper'

/** One item as it is printed: what is changed before it, and what to dial and count. */
export interface ProjectSheetItem {
  readonly head: string
  readonly lines: readonly string[]
}

const MARGIN_MM = 15
const HEAD_MM = 26
const LINE_MM = 5.2
/** Above the head of an item, for the line between two. */
const APART_MM = 4
const MOST_CHARS = 88
const FOOT_MM = 24

interface Row {
  readonly words: string
  readonly isHead: boolean
}

/** Order, settings and counts of a project, on as many pages as it takes. */
export function projectSheets(
  title: string,
  about: string,
  items: readonly ProjectSheetItem[],
  paper: Paper,
): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const mostMm = wideMm - 2 * MARGIN_MM
  const pages = paged(items.map(rowsOf), tallMm - HEAD_MM - FOOT_MM)
  return pages.map((rows, page) => {
    let y = HEAD_MM
    const marks = rows.flatMap((row, i): Mark[] => {
      y += heightOf(row)
      const ruleY = y - LINE_MM - APART_MM / 2 + 1
      const rule = line({ x1: MARGIN_MM, y1: ruleY, x2: wideMm - MARGIN_MM, y2: ruleY, lineMm: 0.15 })
      return row.isHead && i > 0 ? [rule, written(row, y, mostMm)] : [written(row, y, mostMm)]
    })
    const foot = { y: tallMm - 10, sizeMm: 3, mostMm }
    return {
      wideMm,
      tallMm,
      marks: [
        text({ x: MARGIN_MM, y: 15, text: title, sizeMm: 6, bold: true, mostMm }),
        text({ x: MARGIN_MM, y: 21, text: about, sizeMm: 3.5, mostMm }),
        ...marks,
        ...checkLine(MARGIN_MM, tallMm - 14, paper),
        text({ ...foot, x: wideMm - MARGIN_MM, text: `${page + 1} of ${pages.length}`, anchor: 'end' }),
      ],
    }
  })
}

const rowsOf = ({ head, lines }: ProjectSheetItem): Row[] => [
  { words: head, isHead: true },
  ...lines.flatMap(words => brokenLine(words, MOST_CHARS)).map(words => ({ words, isHead: false })),
]
const heightOf = ({ isHead }: Row) => LINE_MM + (isHead ? APART_MM : 0)

/** Items on pages; none is parted that has room on one. */
function paged(items: readonly (readonly Row[])[], roomMm: number): Row[][] {
  const pages: Row[][] = [[]]
  let usedMm = 0
  for (const rows of items) {
    const tallMm = rows.reduce((sum, row) => sum + heightOf(row), 0)
    const isFresh = pages.at(-1)!.length === 0
    if (!isFresh && usedMm + tallMm > roomMm && tallMm <= roomMm) {
      pages.push([])
      usedMm = 0
    }
    for (const row of rows) {
      if (usedMm + heightOf(row) > roomMm) {
        pages.push([])
        usedMm = 0
      }
      pages.at(-1)!.push(row)
      usedMm += heightOf(row)
    }
  }
  return pages
}

function written({ words, isHead }: Row, y: number, mostMm: number): Mark {
  return text({
    x: isHead ? MARGIN_MM : MARGIN_MM + 6,
    y,
    text: words,
    sizeMm: isHead ? 4 : 3.5,
    bold: isHead,
    mostMm: mostMm - 6,
  })
}
