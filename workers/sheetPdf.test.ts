import { wedgeSheets } from '#core/measure'
import { describe, expect, it } from 'vitest'
import { cardSheet, labelSheets } from '#core/card'
import { circle, line, path, rect, tiledSheets } from '#core/paper'
import { measurePdf } from '~/../tests/unit/pdf'
import { sheetsToPdf } from './sheetPdf'

const CARD = {
  fields: [
    { id: 'width', label: 'Width', value: '4.0', note: 'safe up to 4.5, rule' },
    { id: 'length', label: 'Length', value: '2.5', note: 'Honeycomb' },
    { id: 'tension', label: 'Tension', value: '2.8', note: 'home is 4' },
    { id: 'left', label: 'L', value: 'Grün 40', note: '' },
    { id: 'right', label: 'R', value: '金 metallic', note: '' },
  ],
  caution: { severity: 'warn', message: 'Not turned through yet: turn the handwheel toward you first.' },
} as const
const read = async (sheets: Parameters<typeof sheetsToPdf>[0]) =>
  measurePdf(new Uint8Array(await sheetsToPdf(sheets).arrayBuffer()))
const HEAD = { title: 'Attic seven', date: '1 June 2026' } as const

describe('a PDF at true size', () => {
  it('has pages of A4 by ISO 216, and of letter by its 8.5 × 11 inches', async () => {
    const [a4] = await read([cardSheet(CARD, { ...HEAD, paper: 'a4' })])
    expect([a4!.wideMm, a4!.tallMm].map(Math.round)).toEqual([210, 297])
    const [letter] = await read([cardSheet(CARD, { ...HEAD, paper: 'letter' })])
    expect([letter!.wideMm / 25.4, letter!.tallMm / 25.4].map(inch => inch.toFixed(2))).toEqual([
      '8.50',
      '11.00',
    ])
  })
  it('has a check line of 50 mm on each page, and labels of 57 × 37 mm', async () => {
    const pages = await read(
      labelSheets(
        Array.from({ length: 30 }, () => ({ card: CARD, ...HEAD })),
        'a4',
      ),
    )
    expect(pages.length).toBe(2)
    expect(pages.flatMap(({ frames }) => frames)).toHaveLength(30)
    for (const page of pages) {
      expect(page.lines.filter(({ lengthMm }) => Math.abs(lengthMm - 50) < 0.02)).toHaveLength(1)
      for (const { wideMm, tallMm } of page.frames)
        expect([wideMm.toFixed(1), tallMm.toFixed(1)]).toEqual(['57.0', '37.0'])
    }
  })
  it('says what the card says; letters it cannot print become a question mark, never garbage', async () => {
    const [{ texts }] = (await read([cardSheet(CARD, { ...HEAD, paper: 'a4' })])) as [
      Awaited<ReturnType<typeof read>>[number],
    ]
    for (const said of ['4.0', '2.5', '2.8', 'Grün 40', '? metallic', 'Attic seven'])
      expect(texts).toContain(said)
    expect(texts.join(' ')).toContain('Not turned through yet')
  })
  it('draws every kind of mark, and a drawing over pages at its true size', async () => {
    const marks = [
      rect({ x: 0, y: 0, wideMm: 80, tallMm: 33, fill: '#2f5d50', lineMm: 0 }),
      circle({ x: 20, y: 20, radiusMm: 3, ink: '#bb3344', opacity: 0.5 }),
      path({ steps: [['M', 0, 0], ['L', 70, 0], ['C', 70, 10, 60, 20, 50, 20], ['Z']], fill: '#eadfcb' }),
      line({ x1: 0, y1: 30, x2: 300, y2: 30 }),
    ]
    const pages = await read(tiledSheets({ title: 'Hem', wideMm: 300, tallMm: 50, marks }, 'a4'))
    expect(pages).toHaveLength(2)
    for (const page of pages) {
      const lengths = page.lines.map(({ lengthMm }) => Math.round(lengthMm * 100) / 100)
      expect(lengths).toEqual(expect.arrayContaining([70, 300, 50]))
      expect(page.frames.map(({ wideMm, tallMm }) => [wideMm.toFixed(1), tallMm.toFixed(1)])).toEqual(
        expect.arrayContaining([['80.0', '33.0']]),
      )
      expect(page.texts).toContain('50 mm. If a ruler says otherwise, print at 100 %.')
    }
  })
  it('prints the wedge gauge as wide as its numbers say, and a frame to lay things in', async () => {
    const [page] = await read(wedgeSheets('a4'))
    const across = page!.lines.map(({ lengthMm }) => lengthMm)
    // Lines with a number go all across the wedge: every half millimetre from 3 to 12, twice at 6 and 9.
    for (let mm = 3; mm <= 12; mm += 0.5)
      expect(
        across.some(lengthMm => Math.abs(lengthMm - mm) < 0.02),
        String(mm),
      ).toBe(true)
    expect(across.filter(lengthMm => Math.abs(lengthMm - 50) < 0.02)).toHaveLength(1)
    // A line 1 mm thick, drawn along its middle.
    expect(page!.frames.map(({ wideMm, tallMm }) => [wideMm.toFixed(1), tallMm.toFixed(1)])).toContainEqual([
      '119.0',
      '79.0',
    ])
  })
  it('leaves a window as opaque as it was before it', async () => {
    const level = (opacity: number) => line({ x1: 10, y1: 10, x2: 60, y2: 10, opacity })
    const window = {
      kind: 'window',
      x: 0,
      y: 0,
      wideMm: 90,
      tallMm: 90,
      marks: [level(0.2), level(0.5)],
    } as const
    const marks = [level(1), window, level(0.5), window, level(1)]
    const [page] = await read([{ wideMm: 100, tallMm: 100, marks }])
    expect(page!.opacities).toEqual([1, 0.2, 0.5, 0.5, 0.2, 0.5, 1])
  })
})
