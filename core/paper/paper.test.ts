import fc from 'fast-check'
import { Window } from 'happy-dom'
import { describe, expect, it } from 'vitest'
import {
  type BenchCard,
  CARD_TALL_MM,
  CARD_WIDE_MM,
  cardSheet,
  LABEL_TALL_MM,
  LABEL_WIDE_MM,
  labelSheets,
} from '#core/card'
import {
  CHECK_LINE_MM,
  fitted,
  LEAST_LETTER_MM,
  type Mark,
  PAPERS,
  type Sheet,
  sheetSvg,
  text,
} from '#core/paper'
import { STRIP_ROW_MM, stripSheets } from '#core/trial'

const card: BenchCard = {
  fields: [
    { id: 'width', label: 'Width', value: '4.0', note: 'safe to 4.5' },
    { id: 'length', label: 'Length', value: '2.5', note: 'Honeycomb' },
    { id: 'tension', label: 'Tension', value: '2.8', note: 'normal is 4' },
    ...(
      [
        'mode',
        'needle',
        'foot',
        'plate',
        'speed',
        'left',
        'middle',
        'right',
        'bobbin',
        'position',
        'pressure',
      ] as const
    ).map(id => ({ id, label: id, value: 'value', note: 'note' })),
  ],
  caution: { severity: 'note', message: 'Slow first.' },
}
const OPTIONS = { title: 'Sailor collar', date: '25 November 2026', paper: 'a4' } as const
const copies = (count: number) =>
  Array.from({ length: count }, () => ({ card, title: OPTIONS.title, date: OPTIONS.date }))
const texts = ({ marks }: Sheet) => marks.flatMap(mark => (mark.kind === 'text' ? [mark] : []))
/** Extent of a mark as drawn; text reaches no farther than it may. */
function reach(mark: Mark): [number, number, number, number] {
  if (mark.kind === 'line') return [mark.x1, mark.y1, mark.x2, mark.y2]
  if (mark.kind === 'rect') return [mark.x, mark.y, mark.x + mark.wideMm, mark.y + mark.tallMm]
  if (mark.kind !== 'text') throw new Error(`no such mark on these sheets: ${mark.kind}`)
  const left = mark.anchor === 'end' ? mark.x - mark.mostMm : mark.x
  return [left, mark.y - mark.sizeMm, left + mark.mostMm, mark.y]
}
const rects = (sheet: Sheet) => sheet.marks.filter(mark => mark.kind === 'rect')
const inside = (mark: Mark, x: number, y: number, wide: number, tall: number) => {
  const [x1, y1, x2, y2] = reach(mark)
  return x1 >= x - 1e-9 && y1 >= y - 1e-9 && x2 <= x + wide + 1e-9 && y2 <= y + tall + 1e-9
}

describe.each(['a4', 'letter'] as const)('on %s', paper => {
  const sheets = [
    cardSheet(card, { ...OPTIONS, paper }),
    ...labelSheets(copies(40), paper),
    ...stripSheets(
      {
        title: 'Decorative satin',
        date: OPTIONS.date,
        numbers: Array.from({ length: 45 }, (_, i) => `${i / 10}`),
        least: 8,
      },
      paper,
    ),
  ]
  it('keeps everything on the page, with a line of exactly 50 mm, on letter paper 2 inches', () => {
    const longMm = paper === 'a4' ? 50 : 50.8
    for (const sheet of sheets) {
      expect([sheet.wideMm, sheet.tallMm]).toEqual([PAPERS[paper].wideMm, PAPERS[paper].tallMm])
      for (const mark of sheet.marks)
        expect(inside(mark, 5, 5, sheet.wideMm - 10, sheet.tallMm - 10), JSON.stringify(mark)).toBe(true)
      const level = sheet.marks.filter(
        mark => mark.kind === 'line' && mark.y1 === mark.y2 && Math.abs(mark.x2 - mark.x1 - longMm) < 1e-9,
      )
      expect(level).toHaveLength(1)
    }
  })
})

describe('the card', () => {
  const sheet = cardSheet(card, OPTIONS)
  // ISO 216: A6 is 105 × 148 mm.
  it('is an A6 card with all its fields inside the cut line, none over another', () => {
    expect(rects(sheet)).toMatchObject([{ wideMm: 148, tallMm: 105 }])
    const onCard = texts(sheet).filter(({ y }) => y < 12 + CARD_TALL_MM)
    for (const mark of onCard) expect(inside(mark, 12, 12, CARD_WIDE_MM, CARD_TALL_MM), mark.text).toBe(true)
    for (const a of onCard)
      for (const b of onCard) {
        const [[ax1, ay1, ax2, ay2], [bx1, by1, bx2, by2]] = [reach(a), reach(b)]
        if (a !== b)
          expect(
            ax1 < bx2 - 1e-6 && bx1 < ax2 - 1e-6 && ay1 < by2 - 1e-6 && by1 < ay2 - 1e-6,
            `${a.text} over ${b.text}`,
          ).toBe(false)
      }
  })
  it('sets the numbers to dial in far larger than the rest', () => {
    const size = (said: string) => texts(sheet).find(({ text }) => text === said)!.sizeMm
    expect(size('2.8')).toBeGreaterThan(4 * size('value, note'))
  })
})

describe('labels', () => {
  it('are numbered through and part over pages', () => {
    const sheets = labelSheets(copies(40), 'a4')
    expect(sheets.map(sheet => rects(sheet).length)).toEqual([21, 19])
    expect(
      sheets
        .flatMap(texts)
        .filter(({ text }) => text.startsWith('no. '))
        .map(({ text }) => text)
        .at(-1),
    ).toBe('no. 40')
  })
  it('keep their text inside', () => {
    const [sheet] = labelSheets(copies(1), 'a4')
    for (const mark of texts(sheet!).filter(({ y }) => y < 60))
      expect(inside(mark, 12, 12, LABEL_WIDE_MM, LABEL_TALL_MM), mark.text).toBe(true)
  })
})

describe('the strip', () => {
  const lines = (sheet: Sheet) =>
    sheet.marks.flatMap(mark => (mark.kind === 'line' && mark.dashMm ? [mark.y1] : []))
  it(
    'has a line a foot’s width apart for every row, each with its number and the dial’s, and some '
      + 'left open',
    () => {
      const [sheet, ...more] = stripSheets(
        {
          title: 'Flat hem',
          date: OPTIONS.date,
          numbers: ['4', '3.2'],
          least: 8,
        },
        'a4',
      )
      expect(more).toEqual([])
      const ys = lines(sheet!)
      expect(ys).toHaveLength(8)
      for (const [i, y] of ys.slice(1).entries()) expect(y - ys[i]!).toBeCloseTo(STRIP_ROW_MM, 9)
      expect(texts(sheet!).map(({ text }) => text)).toEqual(
        expect.arrayContaining(['1', 'T 4', '2', 'T 3.2', '3', 'T']),
      )
    },
  )
  it('goes on over pages without losing or repeating a row', () => {
    const sheets = stripSheets(
      {
        title: 'Flat hem',
        date: OPTIONS.date,
        numbers: Array.from({ length: 45 }, (_, i) => String(i)),
        least: 8,
      },
      'letter',
    )
    expect(sheets.length).toBeGreaterThan(1)
    expect(
      sheets
        .flatMap(texts)
        .filter(({ text }) => text.startsWith('T '))
        .map(({ text }) => text),
    ).toEqual(Array.from({ length: 45 }, (_, i) => `T ${i}`))
  })
})

describe('a sheet as SVG', () => {
  const parse = (svg: string) =>
    new new Window().DOMParser().parseFromString(svg, 'image/svg+xml').documentElement
  it('is as large as the paper, with a line of 50 units that are millimetres', () => {
    const [sheet] = stripSheets(
      {
        title: 'Hem & <cuff>',
        date: OPTIONS.date,
        numbers: ['4'],
        least: 2,
      },
      'a4',
    )
    const svg = parse(sheetSvg(sheet!, 'Strip'))
    expect(['width', 'height', 'viewBox'].map(name => svg.getAttribute(name))).toEqual([
      '210mm',
      '297mm',
      '0 0 210 297',
    ])
    const spans = [...svg.querySelectorAll('path')]
      .map(path =>
        path
          .getAttribute('d')!
          .match(/[\d.]+/g)!
          .map(Number),
      )
      .filter(([x1, y1, x2, y2]) => y1 === y2 && Math.abs(x2! - x1! - CHECK_LINE_MM) < 1e-9)
    expect(spans).toHaveLength(1)
    expect([...svg.querySelectorAll('text')].map(text => text.textContent)).toContain('Hem & <cuff>')
  })
  it('sets long words smaller', () => {
    const size = (said: string) =>
      Number(
        sheetSvg(
          { wideMm: 100, tallMm: 50, marks: [text({ x: 5, y: 20, text: said, sizeMm: 5, mostMm: 30 })] },
          'Words',
        ).match(/font-size="([\d.]+)"/)![1],
      )
    expect(size('short')).toBe(5)
    expect(size('a good deal too long for its place')).toBeCloseTo(LEAST_LETTER_MM, 2)
  })
})

describe('letters on paper', () => {
  const wideAt = (words: string, sizeMm: number) => 0.5 * sizeMm * [...words].length
  it('are never under 7 pt and never wider than their room, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.string({ minLength: 1, maxLength: 80 }),
        fc.double({ min: LEAST_LETTER_MM, max: 20, noNaN: true }),
        fc.double({ min: 6, max: 200, noNaN: true }),
        (words, sizeMm, mostMm) => {
          const set = fitted(words, sizeMm, mostMm, wideAt)
          expect(set.sizeMm).toBeGreaterThanOrEqual(LEAST_LETTER_MM)
          expect(wideAt(set.words, set.sizeMm)).toBeLessThanOrEqual(mostMm + 1e-9)
        },
      ),
    )
  })
  it('are set smaller before anything is cut, and a cut is seen', () => {
    expect(fitted('Attic seven', 5, 20, wideAt).words).toBe('Attic seven')
    expect(fitted('Attic seven', 5, 10, wideAt)).toEqual({ words: 'Attic s…', sizeMm: LEAST_LETTER_MM })
  })
})
