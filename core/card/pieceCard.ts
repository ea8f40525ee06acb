import {
  brokenLine,
  checkLine,
  line,
  type Mark,
  type Paper,
  PAPERS,
  rect,
  type Sheet,
  text,
} from '#core/paper'
import { CARD_TALL_MM, CARD_WIDE_MM } from './cardSheet'

/** The few numbers of a planned piece, to stand beside the machine. */
export interface PieceCard {
  readonly title: string
  /** To dial in: what, and its number in the reader's unit. */
  readonly dials: readonly { readonly label: string; readonly value: string }[]
  /** What to do in order: “leg 2: 38 at 3.1, then turn”. */
  readonly lines: readonly string[]
  readonly caution: string
}

const MARGIN_MM = 12
const PAD_MM = 6
const INNER_MM = CARD_WIDE_MM - 2 * PAD_MM
const LEFT = MARGIN_MM + PAD_MM
const LINE_MM = 5.4
const FIRST_LINE_MM = 46
const MOST_LINES = 9
/** What fits a line at a size that is read from a metre away. */
const MOST_CHARS = 58

/**
 * The card of a piece: as many as its lines take, each at A6 on a page of its own.
 *
 * @example
 * pieceCardSheets({ title: 'Pocket', dials: [{ label: 'Length', value: '3' }], lines, caution }, 'a4').length
 */
export function pieceCardSheets(card: PieceCard, paper: Paper): Sheet[] {
  const lines = card.lines.flatMap(words => brokenLine(words, MOST_CHARS))
  const pages = Math.max(1, Math.ceil(lines.length / MOST_LINES))
  return Array.from({ length: pages }, (_, page) => ({
    ...PAPERS[paper],
    marks: cardMarks(card, lines.slice(page * MOST_LINES, (page + 1) * MOST_LINES), page, pages, paper),
  }))
}

function cardMarks(
  { title, dials, caution }: PieceCard,
  lines: readonly string[],
  page: number,
  pages: number,
  paper: Paper,
): Mark[] {
  const wide = INNER_MM / Math.max(1, dials.length)
  const heading = pages === 1 ? title : `${title}, ${page + 1} of ${pages}`
  return [
    rect({ x: MARGIN_MM, y: MARGIN_MM, wideMm: CARD_WIDE_MM, tallMm: CARD_TALL_MM }),
    text({ x: LEFT, y: MARGIN_MM + 10, text: heading, sizeMm: 5.5, mostMm: INNER_MM, bold: true }),
    line({ x1: LEFT, y1: MARGIN_MM + 13, x2: LEFT + INNER_MM, y2: MARGIN_MM + 13 }),
    ...dials.flatMap(({ label, value }, i) => {
      const x = LEFT + i * wide
      return [
        text({ x, y: MARGIN_MM + 19, text: label, sizeMm: 3.6, mostMm: wide - 2 }),
        text({ x, y: MARGIN_MM + 33, text: value, sizeMm: 13, mostMm: wide - 3, bold: true }),
      ]
    }),
    line({ x1: LEFT, y1: MARGIN_MM + 38, x2: LEFT + INNER_MM, y2: MARGIN_MM + 38 }),
    ...lines.map((words, i) =>
      text({
        x: LEFT,
        y: MARGIN_MM + FIRST_LINE_MM + i * LINE_MM,
        text: words,
        sizeMm: 4.2,
        mostMm: INNER_MM,
      }),
    ),
    text({
      x: LEFT,
      y: MARGIN_MM + CARD_TALL_MM - PAD_MM,
      text: caution,
      sizeMm: 3.6,
      mostMm: INNER_MM,
      bold: true,
    }),
    ...checkLine(MARGIN_MM, MARGIN_MM + CARD_TALL_MM + 12, paper),
  ]
}
