import type { BenchCard, CardField, CardFieldId } from '#core/card'
import { checkLine, line, type Mark, type Paper, PAPERS, rect, type Sheet, text } from './sheet'

/** A6, as it stands beside the machine. Source: ISO 216. */
export const CARD_WIDE_MM = 148
export const CARD_TALL_MM = 105
const MARGIN_MM = 12
const PAD_MM = 6
const DIALS: readonly CardFieldId[] = ['width', 'length', 'tension']

/** The bench card on a page, to cut out: the numbers to dial in as large as they go. */
export function cardSheet(
  card: BenchCard,
  { title, date, paper }: { readonly title: string; readonly date: string; readonly paper: Paper },
): Sheet {
  const { wideMm, tallMm } = PAPERS[paper]
  const [x, y] = [MARGIN_MM, MARGIN_MM]
  const inner = CARD_WIDE_MM - 2 * PAD_MM
  const field = (id: CardFieldId) => card.fields.find(one => one.id === id)
  const third = inner / 3
  const dials = DIALS.flatMap((id, i): Mark[] => {
    const one = field(id)
    const left = x + PAD_MM + i * third
    return one
      ? [
          text(left, y + 20, one.label, 4, third - 3),
          text(left, y + 38, one.value, 18, third - 3, true),
          text(left, y + 44, one.note, 3.4, third - 3),
        ]
      : []
  })
  const rest = card.fields.filter(({ id }) => !DIALS.includes(id))
  const rows = rest.flatMap((one, i): Mark[] => {
    const left = x + PAD_MM + (i % 2) * (inner / 2)
    const top = y + 54 + Math.floor(i / 2) * 7
    return [text(left, top, one.label, 3.4, 22), text(left + 24, top, said(one), 4.2, inner / 2 - 26, true)]
  })
  return {
    wideMm,
    tallMm,
    marks: [
      rect(x, y, CARD_WIDE_MM, CARD_TALL_MM),
      text(x + PAD_MM, y + 10, title, 5.5, inner - 40, true),
      text(x + CARD_WIDE_MM - PAD_MM, y + 10, date, 3.4, 36, false, 'end'),
      line(x + PAD_MM, y + 13, x + CARD_WIDE_MM - PAD_MM, y + 13),
      ...dials,
      line(x + PAD_MM, y + 47, x + CARD_WIDE_MM - PAD_MM, y + 47),
      ...rows,
      text(x + PAD_MM, y + CARD_TALL_MM - PAD_MM, card.caution.message, 4.4, inner, true),
      ...checkLine(x, y + CARD_TALL_MM + 12),
    ],
  }
}

function said({ value, note }: CardField): string {
  return note ? `${value}, ${note}` : value
}
