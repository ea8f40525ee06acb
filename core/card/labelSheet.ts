import { checkLine, type Mark, type Paper, PAPERS, qrMark, rect, type Sheet, text } from '#core/paper'
import { type BenchCard, type CardFieldId, printedNote } from './card'

/** To pin to a swatch: two pins wide, one thumb tall. */
export const LABEL_WIDE_MM = 57
export const LABEL_TALL_MM = 37
const MARGIN_MM = 12
const PAD_MM = 3
const INNER_MM = LABEL_WIDE_MM - 2 * PAD_MM

/** Beside what a label says: a code that says all of it; the demo’s longest has 81 modules. */
export const CODE_MM = 36

/** What one label says: the fields of a card, under a title. */
export interface Label {
  readonly card: Pick<BenchCard, 'fields'>
  readonly title: string
  readonly date: string
  /** A link that holds all of it, printed as a code; left out where it would be too fine to read. */
  readonly code?: string
}

/**
 * Labels, as many to a page as fit; the check line at the foot of each.
 *
 * @param tell - hears after each label how many are done. @defaultValue nobody does
 * @returns pages of the paper asked for; none for no labels. Labels are numbered through from 1.
 *
 * @example
 * labelSheets([{ card, title: 'Cape', date: '1 June 2026' }], 'a4').length // 1
 */
export function labelSheets(
  labels: readonly Label[],
  paper: Paper,
  tell: (done: number) => void = () => {},
): Sheet[] {
  const { wideMm, tallMm } = PAPERS[paper]
  const eachMm = LABEL_WIDE_MM + (labels.some(({ code }) => code) ? CODE_MM : 0)
  const across = Math.floor((wideMm - 2 * MARGIN_MM) / eachMm)
  const down = Math.floor((tallMm - 3 * MARGIN_MM) / LABEL_TALL_MM)
  const perPage = across * down
  return Array.from({ length: Math.ceil(labels.length / perPage) }, (_, page) => ({
    wideMm,
    tallMm,
    marks: [
      ...labels.slice(page * perPage, (page + 1) * perPage).flatMap((label, i) => {
        const x = MARGIN_MM + (i % across) * eachMm
        const y = MARGIN_MM + Math.floor(i / across) * LABEL_TALL_MM
        const number = page * perPage + i + 1
        const marks = marksOf(label, x, y, number, eachMm)
        tell(number)
        return marks
      }),
      ...checkLine(MARGIN_MM, tallMm - MARGIN_MM, paper),
    ],
  }))
}

function marksOf(
  { card, title, date, code }: Label,
  x: number,
  y: number,
  number: number,
  eachMm: number,
): Mark[] {
  const field = (id: CardFieldId) => card.fields.find(candidate => candidate.id === id)
  const value = (id: CardFieldId) => field(id)?.value ?? ''
  const whole = (id: CardFieldId) => [field(id)?.value, field(id)?.note].filter(Boolean).join(' ')
  const threads = (['left', 'middle', 'right'] as const).map(value).filter(Boolean)
  const small = (downMm: number, words: string) =>
    text({ x: x + PAD_MM, y: y + downMm, text: words, sizeMm: 2.8, mostMm: INNER_MM })
  const drawn = code ? qrMark(code, x + LABEL_WIDE_MM, y + (LABEL_TALL_MM - CODE_MM) / 2, CODE_MM) : null
  return [
    ...(drawn ? [drawn] : []),
    rect({ x, y, wideMm: eachMm, tallMm: LABEL_TALL_MM, lineMm: 0.15 }),
    text({ x: x + PAD_MM, y: y + 5.5, text: title, sizeMm: 3.2, mostMm: INNER_MM - 8, bold: true }),
    text({
      x: x + LABEL_WIDE_MM - PAD_MM,
      y: y + 5.5,
      text: `no. ${number}`,
      sizeMm: 2.6,
      mostMm: 10,
      anchor: 'end',
    }),
    text({
      x: x + PAD_MM,
      y: y + 12,
      text: `T ${value('tension')}  W ${value('width')}  L ${value('length')}`,
      sizeMm: 5,
      mostMm: INNER_MM,
      bold: true,
    }),
    small(16.5, `tension ${printedNote(field('tension') ?? { note: '' })}; ${whole('needle')}`),
    small(20.5, threads.join(' / ')),
    small(24.5, `bobbin ${whole('bobbin')}`),
    small(29, `${whole('foot')}; ${date}`),
  ]
}
