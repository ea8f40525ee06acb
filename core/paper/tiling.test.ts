import { Window } from 'happy-dom'
import { describe, expect, it } from 'vitest'
import {
  circle,
  type Drawing,
  line,
  type Mark,
  moved,
  OVERLAP_MM,
  PAGE_MARGIN_MM,
  PAPERS,
  path,
  rect,
  type Sheet,
  sheetSvg,
  text,
  tiledSheets,
} from '#core/paper'

const drawing = (wideMm: number, tallMm: number, marks: Mark[] = []): Drawing => ({
  title: 'Hem',
  wideMm,
  tallMm,
  marks,
})
const windowOf = ({ marks }: Sheet) => marks.find(mark => mark.kind === 'window')!
const OPEN_WIDE = 210 - 2 * PAGE_MARGIN_MM
const OPEN_TALL = 297 - 2 * PAGE_MARGIN_MM - 12
const crossesOn = (sheet: Sheet) => {
  const { x, y, wideMm, tallMm, marks } = windowOf(sheet)
  return marks.flatMap(mark =>
    mark.kind === 'circle' && mark.x > x && mark.x < x + wideMm && mark.y > y && mark.y < y + tallMm
      ? [{ x: mark.x - x, y: mark.y - y }]
      : [],
  )
}
const placeOf = ({ marks }: Sheet) =>
  marks.flatMap(mark => (mark.kind === 'text' && mark.text.startsWith('Hem') ? [mark.text] : []))[0]

describe('a drawing on pages', () => {
  it('takes one page, without crosses or a place, while it fits', () => {
    const [sheet, ...more] = tiledSheets(drawing(OPEN_WIDE, OPEN_TALL), 'a4')
    expect(more).toEqual([])
    expect(crossesOn(sheet!)).toEqual([])
    expect(placeOf(sheet!)).toBe('Hem')
  })
  it('takes one more from a hair over', () =>
    expect(tiledSheets(drawing(OPEN_WIDE + 0.01, OPEN_TALL), 'a4')).toHaveLength(2))
  // Arithmetic: each further page adds what is open less the overlap.
  it.each([1, 2, 3, 4])('reaches as far as %d pages side by side do, and no farther', count => {
    const reach = count * OPEN_WIDE - (count - 1) * OVERLAP_MM
    expect(tiledSheets(drawing(reach, 10), 'a4')).toHaveLength(count)
    expect(tiledSheets(drawing(reach + 1, 10), 'a4')).toHaveLength(count + 1)
  })
  it('shows every point of the drawing at its true distance, the overlap on both pages', () => {
    const [first, second] = tiledSheets(
      drawing(300, 50, [line({ x1: 0, y1: 20, x2: 300, y2: 20, lineMm: 0.9 })]),
      'a4',
    )
    const seen = [first!, second!].map(sheet => {
      const { x, marks } = windowOf(sheet)
      const drawn = marks.find(mark => mark.kind === 'line' && mark.lineMm === 0.9)
      return drawn?.kind === 'line' ? drawn.x1 - x : Number.NaN
    })
    expect(seen).toEqual([0, -(OPEN_WIDE - OVERLAP_MM)])
  })
  it('has each register cross at the same place of the drawing on both pages', () => {
    const sheets = tiledSheets(drawing(300, 400), 'a4')
    expect(sheets.map(placeOf)).toEqual([
      'Hem, row 1 of 2, column 1 of 2',
      'Hem, row 1 of 2, column 2 of 2',
      'Hem, row 2 of 2, column 1 of 2',
      'Hem, row 2 of 2, column 2 of 2',
    ])
    const onDrawing = sheets.map((sheet, i) =>
      crossesOn(sheet).map(({ x, y }) => {
        const across = x + (i % 2) * (OPEN_WIDE - OVERLAP_MM)
        const down = y + Math.floor(i / 2) * (OPEN_TALL - OVERLAP_MM)
        return `${across.toFixed(3)} ${down.toFixed(3)}`
      }),
    )
    const shared = (a: number, b: number) => onDrawing[a]!.filter(place => onDrawing[b]!.includes(place))
    for (const [a, b] of [
      [0, 1],
      [2, 3],
      [0, 2],
      [1, 3],
    ] as const)
      expect(shared(a, b).length, `pages ${a} and ${b}`).toBeGreaterThanOrEqual(2)
  })
  it.each(['a4', 'letter'] as const)('keeps all else on %s, with a line to hold a ruler to', paper => {
    for (const sheet of tiledSheets(drawing(500, 500), paper)) {
      expect([sheet.wideMm, sheet.tallMm]).toEqual([PAPERS[paper].wideMm, PAPERS[paper].tallMm])
      const level = sheet.marks.flatMap(mark =>
        mark.kind === 'line' && mark.y1 === mark.y2 ? [mark.x2 - mark.x1] : [],
      )
      // 2 inches are 50.8 mm (international inch, 1959).
      expect(level).toEqual([paper === 'a4' ? 50 : 50.8])
      const { y, tallMm } = windowOf(sheet)
      for (const mark of sheet.marks)
        if (mark.kind === 'text') expect(mark.y - mark.sizeMm).toBeGreaterThan(y + tallMm)
    }
  })
  it.each([0, Number.NaN, 10_001])('refuses a width of %d mm', wideMm =>
    expect(() => tiledSheets(drawing(wideMm, 10), 'a4')).toThrow(
      expect.objectContaining({ code: Number.isNaN(wideMm) ? 'non-finite' : 'out-of-range' }),
    ),
  )
  it('refuses more pages than anybody tapes together', () =>
    expect(() => tiledSheets(drawing(9000, 9000), 'a4')).toThrow(
      expect.objectContaining({ code: 'too-many' }),
    ))
})

describe('marks', () => {
  const all: Mark[] = [
    line({ x1: 0, y1: 1, x2: 2, y2: 3 }),
    rect({ x: 1, y: 2, wideMm: 3, tallMm: 4, fill: '#2f5d50', lineMm: 0 }),
    circle({ x: 5, y: 6, radiusMm: 2, ink: '#bb3344', opacity: 0.5 }),
    path({ steps: [['M', 0, 0], ['L', 1, 2], ['C', 1, 2, 3, 4, 5, 6], ['Z']], ends: 'round' }),
    text({ x: 3, y: 4, text: 'A & B', sizeMm: 3, mostMm: 20 }),
  ]
  it('move with everything they hold, and keep their size', () => {
    const there = moved([{ kind: 'window', x: 0, y: 0, wideMm: 9, tallMm: 9, marks: all }], 10, 20)
    expect(there).toMatchObject([
      {
        x: 10,
        y: 20,
        wideMm: 9,
        tallMm: 9,
        marks: [
          { x1: 10, y1: 21, x2: 12, y2: 23 },
          { x: 11, y: 22, wideMm: 3, tallMm: 4 },
          { x: 15, y: 26, radiusMm: 2 },
          { steps: [['M', 10, 20], ['L', 11, 22], ['C', 11, 22, 13, 24, 15, 26], ['Z']] },
          { x: 13, y: 24 },
        ],
      },
    ])
    expect(moved(there, -10, -20)).toMatchObject([{ x: 0, y: 0, marks: all }])
  })
  it('come out as SVG in their own shape, ink and cut', () => {
    const svg = sheetSvg(
      {
        wideMm: 20,
        tallMm: 20,
        marks: [
          { kind: 'window', x: 0, y: 0, wideMm: 9, tallMm: 9, marks: all },
          { kind: 'window', x: 9, y: 0, wideMm: 9, tallMm: 9, marks: [] },
        ],
      },
      'All',
    )
    const root = new new Window().DOMParser().parseFromString(svg, 'image/svg+xml').documentElement
    const has = (selector: string) => root.querySelector(selector) !== null
    expect(has('rect[fill="#2f5d50"][stroke="none"]')).toBe(true)
    expect(has('circle[r="2"][stroke="#bb3344"][stroke-opacity="0.5"]')).toBe(true)
    expect(has('path[d="M0 0L1 2C1 2 3 4 5 6Z"][stroke-linecap="round"]')).toBe(true)
    expect(root.querySelector('text')!.textContent).toBe('A & B')
    const ids = [...root.querySelectorAll('clipPath')].map(clip => clip.id)
    expect(new Set(ids).size).toBe(2)
    expect(svg).toContain(`clip-path="url(#${ids[0]})"`)
  })
  it('let nothing but a colour into the file', () => {
    const bad = 'red"/><script>'
    const marks = [rect({ x: 0, y: 0, wideMm: 1, tallMm: 1, ink: bad, fill: bad })]
    expect(sheetSvg({ wideMm: 5, tallMm: 5, marks }, 'Bad')).not.toContain('script')
  })
})
