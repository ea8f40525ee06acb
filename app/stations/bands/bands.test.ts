import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { answerForBand } from '#shared/inputs'
import { type BandPiece, DEFAULT_SETTINGS } from '#shared/records'
import { bandCsv, type BandPaper, bandPrints } from './bandPrints'
import { endWords, guideWords, holdWords, noteWords } from './bandWords'

const mm = (value: number) => `${value} mm`
const { records } = demoBackup
const tables = Object.fromEntries(
  Object.entries(records).map(([table, list]) => [table, new Map(list.map(record => [record.id, record]))]),
) as never as Parameters<typeof answerForBand>[2]
const { plan, setup } = records.pieces.find(({ id }) => id === 'demo-piece-collarband')!
const band = plan as BandPiece
const answer = answerForBand(band, setup, tables, DEFAULT_SETTINGS)!
const names = ['Zigzag', 'Satin, "leaf"', 'Zigzag']
const paper: BandPaper = {
  title: 'Collar band',
  fileName: 'collar-band',
  answer,
  plan: band,
  names,
  tension: 3.2,
  length: mm,
  bare: String,
}

describe('what is saved of a band', () => {
  it('has a line for each row on each side, which a spreadsheet reads back', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(bandCsv(answer, names), {
      header: true,
      skipEmptyLines: true,
    })
    expect(errors).toEqual([])
    expect(data).toHaveLength(answer.rows.reduce((sum, { legs }) => sum + legs.length, 0))
    expect(data[0]).toMatchObject({ row: '1', leg: '1', stitch: 'Zigzag', width_mm: '4', gap_mm: '0' })
    const second = data.find(({ row }) => row === '2')!
    expect(second.stitch).toBe('Satin, "leaf"')
    // Worked by hand in shared/inputs/band.test.ts: the middle row lies 7.5 in, at two corners.
    expect(second.long_mm).toBe('132.5')
  })
})

describe('what is printed of a band', () => {
  const sheets = (label: string) =>
    bandPrints(paper)
      .find(one => one.label.startsWith(label))!
      .sheets('a4')
  const words = async (label: string) =>
    (await sheets(label))
      .flatMap(({ marks }) => marks)
      .flatMap(mark => ('text' in mark ? [mark.text] : []))
      .join(' ')
      .replace(/\s+/g, ' ')
  it('waits until there is a band', () =>
    expect(bandPrints({ ...paper, answer: null }).every(({ disabled }) => disabled)).toBe(true))
  it('is one drawing a side', async () => {
    const drawn = await sheets('Band with every pattern as SVG')
    expect(drawn).toHaveLength(answer.rows[0]!.legs.length)
  })
  it('says on the card what to dial, how each row goes, and the caution', async () => {
    const card = await words('Bench card')
    expect(card).toContain('3.2')
    expect(card).toContain('Row 1, side 1, Zigzag')
    expect(card).toContain('The machine’s own manual first.')
  })
})

describe('what is said of a band', () => {
  it.each([
    [{ bareMm: 2, missMm: 0 }, '2 mm bare'],
    [{ bareMm: 0, missMm: 0.04 }, 'ends whole'],
    [{ bareMm: 0, missMm: 1.234 }, '1.23 mm to draw out'],
    [{ bareMm: 0, missMm: -1.2 }, '1.2 mm to hold back'],
  ])('how a side ends: %o', (leg, said) => expect(endWords(leg as never, mm)).toBe(said))
  it.each([
    [{ edgeMm: -3.5, insideRimMm: 0.5 }, 'Keep the last row 3.5 mm left of the foot’s centre.'],
    [
      { edgeMm: 3, insideRimMm: -1 },
      'Keep the last row 3 mm right of the foot’s centre, 1 mm under the foot.',
    ],
    [
      { edgeMm: -3, insideRimMm: null },
      'Keep the last row 3 mm left of the foot’s centre. The foot’s opening is not measured.',
    ],
  ])('where the row before lies: %o', (guide, said) => expect(guideWords(guide, mm)).toBe(said))
  it.each([
    [{ code: 'stretched', row: 1, leg: 0, stretch: -0.034 }, /row 2 by −3\.4 %/],
    [{ code: 'needles', count: 2 }, /^2 needles/],
    [{ code: 'hidden-edge', row: 2, underMm: 1.5 }, /row 3 the last row is 1\.5 mm under/],
    [{ code: 'dense-on-sheer', row: 0 }, /row 1\. .*stabilizer.*common practice/],
  ] as const)('what is to be minded: %o', (note, said) => expect(noteWords(note, mm)).toMatch(said))
  it('how it lies on a ribbon, and over a cord', () => {
    expect(holdWords('edge', false)).toContain('where it may miss')
    expect(holdWords('over', true)).toBe('over the cord, held on both sides')
    expect(holdWords('holds', true)).toContain('not over the cord')
  })
})
