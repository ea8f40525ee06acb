import { checkLine, line, type Mark, type Paper, PAPERS, qrMark, rect, type Sheet, text } from '#core/paper'
import { type BenchCard, type CardField, type CardFieldId, printedNote } from './card'

/** A6, as it stands beside the machine. Source: ISO 216. */
export const CARD_WIDE_MM = 148
export const CARD_TALL_MM = 105
const MARGIN_MM = 12
const PAD_MM = 6
const INNER_MM = CARD_WIDE_MM - 2 * PAD_MM
const LEFT = MARGIN_MM + PAD_MM
const RIGHT = MARGIN_MM + CARD_WIDE_MM - PAD_MM
/** The numbers to dial in, as large as they go. */
const DIALS: readonly CardFieldId[] = ['width', 'length', 'tension']
const DIAL_WIDE_MM = INNER_MM / DIALS.length
const ROW_TALL_MM = 7

/** Of a code that says the whole plan. */
const CODE_MM = 44

export interface CardHeading {
  readonly title: string
  readonly date: string
  readonly paper: Paper
  /** A link that holds the plan, printed as a code; left out where it would be too fine to read. */
  readonly code?: string
}

/**
 * The bench card on a page, to cut out: the numbers to dial in as large as they go.
 *
 * @param heading - title and date are plain text.
 * @returns one page of the paper asked for, with the card at A6 and a check line.
 *
 * @example
 * sheetSvg(cardSheet(benchCard(input), { title: 'Attic seven', date: '1 June 2026', paper: 'a4' }), 'Card')
 */
export function cardSheet(card: BenchCard, { title, date, paper, code }: CardHeading): Sheet {
  const drawn = code ? qrMark(code, RIGHT - CODE_MM, MARGIN_MM + 48, CODE_MM) : null
  const rowsMm = drawn ? INNER_MM - CODE_MM : INNER_MM
  const rest = card.fields.filter(({ id }) => !DIALS.includes(id))
  return {
    ...PAPERS[paper],
    marks: [
      rect({ x: MARGIN_MM, y: MARGIN_MM, wideMm: CARD_WIDE_MM, tallMm: CARD_TALL_MM }),
      ...headOf(title, date),
      ...DIALS.flatMap((id, place) =>
        dialOf(
          card.fields.find(field => field.id === id),
          place,
        ),
      ),
      rule(47),
      ...rest.flatMap((field, i) => rowOf(field, i, rowsMm)),
      ...(drawn ? [drawn] : []),
      text({
        x: LEFT,
        y: MARGIN_MM + CARD_TALL_MM - PAD_MM,
        text: card.caution.message,
        sizeMm: 4.4,
        mostMm: INNER_MM,
        bold: true,
      }),
      ...checkLine(MARGIN_MM, MARGIN_MM + CARD_TALL_MM + 12, paper),
    ],
  }
}

/** A line across the card, so far down from its upper edge. */
function rule(downMm: number): Mark {
  return line({ x1: LEFT, y1: MARGIN_MM + downMm, x2: RIGHT, y2: MARGIN_MM + downMm })
}

function headOf(title: string, date: string): Mark[] {
  const y = MARGIN_MM + 10
  return [
    text({ x: LEFT, y, text: title, sizeMm: 5.5, mostMm: INNER_MM - 40, bold: true }),
    text({ x: RIGHT, y, text: date, sizeMm: 3.4, mostMm: 36, anchor: 'end' }),
    rule(13),
  ]
}

/** @param place - from the left, from 0. */
function dialOf(field: CardField | undefined, place: number): Mark[] {
  if (!field) return []
  const x = LEFT + place * DIAL_WIDE_MM
  const mostMm = DIAL_WIDE_MM - 3
  return [
    text({ x, y: MARGIN_MM + 20, text: field.label, sizeMm: 4, mostMm }),
    text({ x, y: MARGIN_MM + 38, text: field.instead ?? field.value, sizeMm: 18, mostMm, bold: true }),
    text({
      x,
      y: MARGIN_MM + 44,
      text: field.instead ? `not ${field.value}: ${printedNote(field)}` : printedNote(field),
      sizeMm: 3.4,
      mostMm,
    }),
  ]
}

/** The rest in two columns, row by row. */
function rowOf(field: CardField, index: number, wideMm: number): Mark[] {
  const x = LEFT + (index % 2) * (wideMm / 2)
  const y = MARGIN_MM + 54 + Math.floor(index / 2) * ROW_TALL_MM
  const { label, value } = field
  const note = printedNote(field)
  return [
    text({ x, y, text: label, sizeMm: 3.4, mostMm: 22 }),
    text({
      x: x + 24,
      y,
      text: [value, note].filter(Boolean).join(field.note ? ', ' : ' '),
      sizeMm: 4.2,
      mostMm: wideMm / 2 - 26,
      bold: true,
    }),
  ]
}
