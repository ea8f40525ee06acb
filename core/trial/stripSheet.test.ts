import { describe, expect, it } from 'vitest'
import { DASHED, type Mark } from '#core/paper'
import { STRIP_ROW_MM, stripSheets } from '#core/trial'

const strip = { title: 'Flat hem', date: '1 June 2026', numbers: ['4', '3.2'], least: 8 }
const words = (marks: readonly Mark[]) => marks.flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
const rowLines = (marks: readonly Mark[]) =>
  marks.flatMap(mark => (mark.kind === 'line' && mark.dashMm === DASHED ? [mark] : []))

describe('the strip on paper', () => {
  const [page, ...more] = stripSheets(strip, 'a4')
  it('names seam and day, numbers its rows and leaves room after the sewn ones', () => {
    expect(more).toEqual([])
    const all = words(page!.marks)
    expect(all).toEqual(
      expect.arrayContaining(['Flat hem', '1 June 2026', '1', 'T 4', '2', 'T 3.2', '8', 'T']),
    )
    expect(all.filter(word => word === 'T')).toHaveLength(6)
  })
  it('has its rows as far apart as a presser foot is wide, beside its boxes to write in', () => {
    const lines = rowLines(page!.marks)
    expect(lines).toHaveLength(8)
    for (const [i, { x1, y1, x2, y2 }] of lines.entries()) {
      expect([x1, x2, y2]).toEqual([15 + 42, 210 - 15 - 60 - 3, y1])
      expect(y1).toBe(15 + 14 + (i + 1) * STRIP_ROW_MM)
    }
  })
  it('puts its words above the line, the date at the right edge', () => {
    const texts = page!.marks.flatMap(mark => (mark.kind === 'text' ? [mark] : []))
    const at = (word: string) => texts.find(({ text }) => text === word)!
    expect(at('Flat hem')).toMatchObject({ x: 15, y: 19 })
    expect(at('1 June 2026')).toMatchObject({ x: 195, y: 19, anchor: 'end' })
    expect(at('1')).toMatchObject({ x: 15, y: 40 })
    expect(at('T 4')).toMatchObject({ x: 27, y: 40 })
    expect(at('2').y).toBe(52)
  })
  it('has boxes to write what was read and a note beside each row', () => {
    expect(words(page!.marks)).toEqual(expect.arrayContaining(['balance', 'tuck', 'note']))
    const upright = page!.marks.flatMap(mark =>
      mark.kind === 'line' && mark.x1 === mark.x2 && mark.dashMm !== DASHED ? [mark] : [],
    )
    for (const { y1 } of rowLines(page!.marks))
      expect(upright.filter(({ y2 }) => Math.abs(y2 - y1) < 1e-9)).toHaveLength(4)
    for (const { x1 } of upright) expect(x1).toBeLessThanOrEqual(210 - 15)
  })
  it('goes on on as many pages as it takes, every row once and all on the paper', () => {
    const numbers = Array.from({ length: 50 }, (_, i) => `${i / 10}`)
    const pages = stripSheets({ ...strip, numbers }, 'letter')
    // 279.4 mm less margins, head and the check line leave 18 rows a page.
    expect(pages.map(({ marks }) => rowLines(marks).length)).toEqual([18, 18, 14])
    expect(pages.flatMap(({ marks }) => words(marks).filter(word => /^T /.test(word)))).toEqual(
      numbers.map(number => `T ${number}`),
    )
    for (const { marks, tallMm } of pages)
      for (const { y1 } of rowLines(marks)) expect(y1).toBeLessThan(tallMm - 15)
  })
  it('has a check line of 50 mm at the foot of each page', () => {
    const solid = page!.marks.flatMap(mark => (mark.kind === 'line' && mark.dashMm !== DASHED ? [mark] : []))
    expect(solid.some(({ x1, x2, y1 }) => x2 - x1 === 50 && Math.abs(y1 - (297 - 15)) < 5)).toBe(true)
  })
})
