import { brokenLine, line, type Mark, PAPERS, type Paper, type Sheet, text } from '#core/paper'

/** One item as it is printed: what is changed before it, and what to dial and count. */
export interface ProjectSheetItem {
  readonly head: string
  readonly lines: readonly string[]
}

const MARGIN_MM = 15
const HEAD_MM = 26
const LINE_MM = 5.2
const MOST_CHARS = 88
const FOOT_MM = 18

/** Order, settings and counts of a project, on as many pages as it takes. */
export function projectSheets(
  title: string,
  about: string,
  items: readonly ProjectSheetItem[],
  paper: Paper,
): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const rows = items.flatMap(({ head, lines }) => [
    { words: head, isHead: true },
    ...lines.flatMap(words => brokenLine(words, MOST_CHARS)).map(words => ({ words, isHead: false })),
  ])
  const each = Math.floor((tallMm - HEAD_MM - FOOT_MM) / LINE_MM)
  const pages = Math.max(1, Math.ceil(rows.length / each))
  return Array.from({ length: pages }, (_, page) => {
    const mostMm = wideMm - 2 * MARGIN_MM
    const marks: Mark[] = [
      text({ x: MARGIN_MM, y: 15, text: title, sizeMm: 6, bold: true, mostMm }),
      text({ x: MARGIN_MM, y: 21, text: about, sizeMm: 3.5, mostMm }),
      ...rows.slice(page * each, (page + 1) * each).flatMap(({ words, isHead }, i): Mark[] => {
        const y = HEAD_MM + (i + 1) * LINE_MM
        const x = isHead ? MARGIN_MM : MARGIN_MM + 6
        const written = text({
          x,
          y,
          text: words,
          sizeMm: isHead ? 4 : 3.5,
          bold: isHead,
          mostMm: mostMm - 6,
        })
        const rule = line({ x1: MARGIN_MM, y1: y - 4.4, x2: wideMm - MARGIN_MM, y2: y - 4.4, lineMm: 0.15 })
        return isHead && i > 0 ? [rule, written] : [written]
      }),
      text({
        x: wideMm - MARGIN_MM,
        y: tallMm - 10,
        text: `${page + 1} of ${pages}`,
        sizeMm: 3,
        anchor: 'end',
        mostMm,
      }),
    ]
    return { wideMm, tallMm, marks }
  })
}
