import { describe, expect, it } from 'vitest'
import {
  dialChangesOf,
  edgeAdvice,
  edgeDrawing,
  type EdgeRules,
  type EdgeStretch,
  edgeStrip,
  orderDrawing,
  orderWords,
  placementDrawing,
  planEdge,
  redrawn,
  sewnOrder,
  sideWords,
  templateDrawing,
} from '#core/edge'
import { lengthMarks, PLAIN_SCALE } from '#core/fit'
import type { Mark } from '#core/paper'
import { boundsOf, drawnOutline, formRegion, type Region, signedAreaMm2 } from '#core/shape'
import { formatShort } from '#core/units'

const RULES: EdgeRules = {
  marks: lengthMarks({ minMm: 0.5, maxMm: 7, stepMm: 0.1 }),
  pointDeg: 35,
  clearanceMm: 0.5,
  mostMissMm: 0.25,
}
const square: Region = formRegion({ form: 'rectangle', wideMm: 60, tallMm: 60, count: 4 })
const heart: Region = formRegion({ form: 'heart', wideMm: 50, tallMm: 50, count: 4 })
const edgeOf = (region: Region): EdgeStretch => ({ pointsMm: region[0]!, closed: true, clothOn: 'left' })
const plan = (region: Region, widthMm: number, lengthMm: number, over: Partial<EdgeRules> = {}) =>
  planEdge([edgeOf(region)], { widthMm, lengthMm, bites: 'at' }, { ...RULES, ...over })
const textsOf = (marks: readonly Mark[]) => marks.flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
const pathsOf = (marks: readonly Mark[]) => marks.flatMap(mark => (mark.kind === 'path' ? [mark] : []))
const spanOf = (mark: Extract<Mark, { kind: 'path' }>) =>
  boundsOf([
    mark.steps.flatMap(step =>
      step[0] === 'Z' ? [] : [{ x: step.at(-2) as number, y: step.at(-1) as number }],
    ),
  ])

describe('the sheet of an edge', () => {
  const made = plan(square, 6, 5)
  const sheet = edgeDrawing({
    title: 'Square',
    regions: [square],
    plan: made,
    sides: made.stretches.map(stretch => sideWords(stretch, PLAIN_SCALE, formatShort)),
    starts: [made.stretches[0]!.start],
    backwards: false,
  })
  it('is at true size, with a hole and a bite for every stitch, and the counts of every side', () => {
    const { left, right, foot, top } = spanOf(pathsOf(sheet.marks)[0]!)
    expect([right - left, top - foot]).toEqual([60, 60])
    // A stitch point each, and the round of the arrow.
    expect(sheet.marks.filter(({ kind }) => kind === 'circle')).toHaveLength(48 + 1)
    const bites = sheet.marks
      .filter(mark => mark.kind === 'line')
      .map(line => (line.kind === 'line' ? Math.hypot(line.x2 - line.x1, line.y2 - line.y1) : 0))
    expect(bites.filter(mm => Math.abs(mm - 6) < 1e-9)).toHaveLength(48)
    expect(textsOf(sheet.marks)).toEqual(['1', '2', '3', '4', '1, 2, 3, 4: 12 × 5'])
    // The numbers lie outside, away from the bites.
    for (const mark of sheet.marks)
      if (mark.kind === 'text' && mark.anchor === 'middle')
        expect(mark.x < left || mark.x > right || mark.y < top || mark.y > foot).toBe(true)
  })
  it('leaves a side without a stitch point unnumbered', () => {
    const bare = { ...made, landings: [], tips: [] }
    const drawn = edgeDrawing({
      title: '',
      regions: [square],
      plan: bare,
      sides: [],
      starts: [],
      backwards: false,
    })
    expect(textsOf(drawn.marks)).toEqual([])
  })
  it('turns its arrow round with the way it is sewn', () => {
    const arrow = (backwards: boolean) => {
      const { marks } = edgeDrawing({
        title: '',
        regions: [square],
        plan: made,
        sides: [],
        starts: [made.stretches[0]!.start],
        backwards,
      })
      const line = marks.findLast(mark => mark.kind === 'line')!
      return line.kind === 'line' ? line.x2 - line.x1 : 0
    }
    // It begins below, in the middle: against the clock is to the right.
    expect(arrow(false)).toBeCloseTo(7, 9)
    expect(arrow(true)).toBeCloseTo(-7, 9)
  })
  it('has a strip as long as the edge, with its counts at the points', () => {
    const strip = edgeStrip('Square', made, 0, sideWords(made.stretches[0]!, PLAIN_SCALE, formatShort))
    expect(strip.wideMm).toBe(240)
    expect(textsOf(strip.marks).filter(Boolean)).toEqual(Array(4).fill('12 × 5'))
  })
  it('says what a side helped along by hand asks for, and a length that is off the dial', () => {
    const side = made.stretches[0]!.sides[0]!
    const helped = { ...side, plan: { ...side.plan!, missMm: -0.84 } }
    expect(sideWords({ sides: [helped] }, PLAIN_SCALE, formatShort)).toEqual(['12 × 5, 0.8 held back'])
    const even = { ...side, plan: null, evenMm: 5, stitches: 12 }
    // A zigzag lands at every second drop: 12 stitch points are 24 drops.
    expect(sideWords({ sides: [even] }, { ...PLAIN_SCALE, lengths: 2 }, formatShort)).toEqual([
      '24 × 2.5 even',
    ])
  })
  it('says what to dial where this cloth makes stitches shorter, and what comes out', () => {
    const side = made.stretches[0]!.sides[0]!
    const scale = { ...PLAIN_SCALE, feedFactor: 0.97 }
    const sewn = { ...side, plan: { ...side.plan!, parts: [{ count: 12, lengthMm: 4.947 }] } }
    expect(sideWords({ sides: [sewn] }, scale, formatShort)).toEqual(['12 × 5.1 (sews 4.947)'])
  })
})

describe('the order an edge is sewn in', () => {
  // 60 in twelve and 43 in 5 × 5, 3 × 6 (common practice), begun in the middle of a long side.
  const oblong: Region = formRegion({ form: 'rectangle', wideMm: 60, tallMm: 43, count: 4 })
  const [stretch] = plan(oblong, 3, 5, { marks: [5, 6], mostMissMm: 0.1 }).stretches
  const words = (start: number, backwards: boolean) =>
    orderWords(stretch!, sewnOrder(stretch!, start, backwards), PLAIN_SCALE, formatShort)
  it('begins with the rest of the side it is begun on, and ends with its first part', () =>
    expect(words(4, false)).toBe(
      '8 × 5, turn; 5 × 5, 3 × 6, turn; 12 × 5, turn; 5 × 5, 3 × 6, turn; 4 × 5, end',
    ))
  it('runs back the same way the other way round, from the same place', () =>
    expect(words(4, true)).toBe(
      '4 × 5, turn; 3 × 6, 5 × 5, turn; 12 × 5, turn; 3 × 6, 5 × 5, turn; 8 × 5, end',
    ))
  it('tells every turn of the dial', () => {
    expect(dialChangesOf([sewnOrder(stretch!, 4, false)])).toBe(4)
    expect(dialChangesOf([sewnOrder(plan(square, 3, 5).stretches[0]!, 6, false)])).toBe(0)
  })
  it('of an open stretch goes from end to end; without points it is one leg', () => {
    const open = planEdge(
      [{ pointsMm: oblong[0]!, closed: false, clothOn: 'left' }],
      { widthMm: 3, lengthMm: 5, bites: 'at' },
      { ...RULES, marks: [5, 6], mostMissMm: 0.1 },
    ).stretches[0]!
    const legs = sewnOrder(open, 4, true)
    expect(legs.map(({ side, then }) => [side, then])).toEqual([
      [2, 'turn'],
      [1, 'turn'],
      [0, 'end'],
    ])
    const round = plan(formRegion({ form: 'circle', wideMm: 40, tallMm: 40, count: 4 }), 3, 5).stretches[0]!
    expect(sewnOrder(round, 7, false)).toHaveLength(1)
  })
  it('names inside corners, and takes the first point for a turn too', () => {
    const star = plan(formRegion({ form: 'star', wideMm: 60, tallMm: 60, count: 5 }), 1, 4).stretches[0]!
    const thens = sewnOrder(star, 2, false).map(({ then }) => then)
    expect(thens.filter(then => then === 'inside corner')).toHaveLength(5)
    expect(thens.filter(then => then === 'turn')).toHaveLength(5)
  })
})

describe('templates', () => {
  it('are mirrored for fusible paper, and as large either way', () => {
    const lopsided: Region = [
      [
        { x: 0, y: 0 },
        { x: 40, y: 0 },
        { x: 0, y: 30 },
      ],
    ]
    const [plain] = pathsOf(templateDrawing('T', [lopsided], ['felt'], false).marks)
    const [mirrored] = pathsOf(templateDrawing('T', [lopsided], ['felt'], true).marks)
    const cornerX = (mark: Extract<Mark, { kind: 'path' }>) => mark.steps[0]![1]!
    expect(cornerX(plain!)).toBe(8)
    expect(cornerX(mirrored!)).toBe(48)
    expect(spanOf(plain!)).toEqual(spanOf(mirrored!))
    expect(textsOf(templateDrawing('T', [lopsided], ['felt'], true).marks)).toEqual(['felt'])
  })
  it('are numbered from the lowest where they lie', () => {
    const { marks } = placementDrawing('P', [square, heart], [{ pointsMm: square[0]!, closed: true }])
    expect(textsOf(marks)).toEqual(['1', '2'])
    expect(pathsOf(marks).map(({ dashMm }) => dashMm === null)).toEqual([false, false, true])
  })
  it('come with an order whose long lines are broken', () => {
    const long = `1. Leaf: ${Array(12).fill('14 × 5.0, turn').join('; ')}, end`
    const { marks, tallMm } = orderDrawing('Order', [long])
    const said = textsOf(marks).slice(1)
    expect(said.length).toBeGreaterThan(1)
    expect(said.every(line => line.length <= 90)).toBe(true)
    expect(said.join(' ').replace(/\s+/g, ' ')).toBe(long)
    expect(tallMm).toBeGreaterThan(20)
  })
})

describe('advice', () => {
  const codes = (...[region, width, length, thread = 0.2]: [Region, number, number, number?]) =>
    edgeAdvice(plan(region, width, length), { widthMm: width, lengthMm: length }, thread, 0.5).map(
      ({ code }) => code,
    )
  const narrow = formRegion({ form: 'rectangle', wideMm: 60, tallMm: 2, count: 4 })
  const strip = formRegion({ form: 'rectangle', wideMm: 60, tallMm: 9, count: 4 })
  const round = formRegion({ form: 'circle', wideMm: 20, tallMm: 20, count: 4 })
  it.each<[string, string[], string[]]>([
    ['a bite that has room', codes(square, 3, 5), []],
    ['a bite that touches', codes(strip, 6, 5), ['smaller-bite']],
    ['letters as thin as thread', codes(narrow, 4, 5), ['too-narrow']],
    ['tips that crowd on a round', codes(round, 9, 4), ['longer-stitch']],
    ['a bite longer than the round is wide', codes(round, 10, 4), ['smaller-bite', 'bite-over-round']],
    ['bites that meet at points', codes(square, 6, 5), ['bulk']],
    ['thread as thick as its room', codes(square, 3, 5, 0.6), ['finer-thread']],
    ['a straight stitch', codes(square, 0, 3, 0.6), []],
  ])('for %s', (_, found, wanted) =>
    expect(found.filter(code => code !== 'bulk' || wanted.includes('bulk'))).toEqual(wanted),
  )
})

describe('a form as points one can move', () => {
  it('keeps its corners, and its area to a few hundredths', () => {
    expect(redrawn(square[0]!, 35)).toEqual(square[0]!.map(point => ({ ...point, curved: false })))
    const points = redrawn(heart[0]!, 35)
    expect(points.length).toBeLessThan(20)
    const again = drawnOutline(points, true).pointsMm
    expect(signedAreaMm2(again) / signedAreaMm2(heart[0]!)).toBeCloseTo(1, 1)
  })
})
