import type { BenchCard, CardFieldId } from '#core/card'
import { checkLine, type Mark, type Paper, PAPERS, rect, type Sheet, text } from './sheet'

/** To pin to a swatch: two pins wide, one thumb tall. */
export const LABEL_WIDE_MM = 60
export const LABEL_TALL_MM = 32
const MARGIN_MM = 12
const PAD_MM = 3

/** What one label says: the fields of a card, under a title. */
export interface Label {
  readonly card: Pick<BenchCard, 'fields'>
  readonly title: string
  readonly date: string
}

/** Labels, as many to a page as fit; the check line at the foot of each. */
export function labelSheets(labels: readonly Label[], paper: Paper): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const across = Math.floor((wideMm - 2 * MARGIN_MM) / LABEL_WIDE_MM)
  const down = Math.floor((tallMm - 3 * MARGIN_MM) / LABEL_TALL_MM)
  const perPage = across * down
  return Array.from({ length: Math.ceil(labels.length / perPage) }, (_, page) => ({
    wideMm,
    tallMm,
    marks: [
      ...labels
        .slice(page * perPage, (page + 1) * perPage)
        .map((one, i) =>
          label(
            one,
            MARGIN_MM + (i % across) * LABEL_WIDE_MM,
            MARGIN_MM + Math.floor(i / across) * LABEL_TALL_MM,
            page * perPage + i + 1,
          ),
        )
        .flat(),
      ...checkLine(MARGIN_MM, tallMm - MARGIN_MM),
    ],
  }))
}

function label({ card, title, date }: Label, x: number, y: number, number: number): Mark[] {
  const of = (id: CardFieldId) => card.fields.find(one => one.id === id)
  const both = (id: CardFieldId) => [of(id)?.value, of(id)?.note].filter(Boolean).join(' ')
  const inner = LABEL_WIDE_MM - 2 * PAD_MM
  const threads = (['left', 'middle', 'right'] as const).flatMap(id => of(id)?.value ?? [])
  return [
    rect(x, y, LABEL_WIDE_MM, LABEL_TALL_MM, 0.15),
    text(x + PAD_MM, y + 5.5, title, 3.2, inner - 8, true),
    text(x + LABEL_WIDE_MM - PAD_MM, y + 5.5, `no. ${number}`, 2.6, 10, false, 'end'),
    text(
      x + PAD_MM,
      y + 12,
      `T ${of('tension')?.value ?? ''}  W ${of('width')?.value ?? ''}  L ${of('length')?.value ?? ''}`,
      5,
      inner,
      true,
    ),
    text(x + PAD_MM, y + 16.5, `tension ${of('tension')?.note ?? ''}; ${both('needle')}`, 2.8, inner),
    text(x + PAD_MM, y + 20.5, threads.join(' / '), 2.8, inner),
    text(x + PAD_MM, y + 24.5, `bobbin ${both('bobbin')}`, 2.8, inner),
    text(x + PAD_MM, y + 29, `${both('foot')}; ${date}`, 2.8, inner),
  ]
}
