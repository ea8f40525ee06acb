import * as fc from 'fast-check'
import PerspT from 'perspective-transform'
import { describe, expect, it } from 'vitest'
import { measureSpans, planeMap, type SeenRectangle, type Span, warningWords } from '#core/measure'
import type { Point } from '#core/plane'
import { normal, seeded, seenFrom } from '#core/simulated'

/** ISO/IEC 7810, ID-1. */
const CARD = { wideMm: 85.6, tallMm: 53.98 }
const corners = ({ wideMm, tallMm }: { wideMm: number; tallMm: number }): Point[] => [
  { x: 0, y: 0 },
  { x: wideMm, y: 0 },
  { x: wideMm, y: tallMm },
  { x: 0, y: tallMm },
]

const camera = (focalPx: number, awayMm: number, tiltDeg: number, turnDeg: number) =>
  seenFrom({
    focalPx,
    awayMm,
    tiltDeg,
    turnDeg,
    atMm: { x: 40, y: 30 },
    middlePx: { x: 1000, y: 750 },
  })
const seenBy = (see: (place: Point) => Point): SeenRectangle => ({
  ...CARD,
  cornersPx: corners(CARD).map(see),
})
const cameras = fc.record({
  focalPx: fc.integer({ min: 800, max: 3000 }),
  awayMm: fc.integer({ min: 150, max: 500 }),
  tiltDeg: fc.integer({ min: 0, max: 50 }),
  turnDeg: fc.integer({ min: 0, max: 359 }),
})
const placeMm = fc.record({ x: fc.integer({ min: -20, max: 105 }), y: fc.integer({ min: -15, max: 70 }) })

describe('the map of a picture to a plane', () => {
  it('is exact for any camera, there and back', () =>
    fc.assert(
      fc.property(cameras, placeMm, ({ focalPx, awayMm, tiltDeg, turnDeg }, place) => {
        const see = camera(focalPx, awayMm, tiltDeg, turnDeg)
        const { toMm, toPx } = planeMap(seenBy(see))
        const back = toMm(see(place))
        expect(Math.hypot(back.x - place.x, back.y - place.y)).toBeLessThan(1e-6)
        const there = toPx(place)
        expect(Math.hypot(there.x - see(place).x, there.y - see(place).y)).toBeLessThan(1e-6)
      }),
    ))
  it('is what another package makes of the same corners', () =>
    fc.assert(
      fc.property(cameras, placeMm, ({ focalPx, awayMm, tiltDeg, turnDeg }, place) => {
        const see = camera(focalPx, awayMm, tiltDeg, turnDeg)
        const flat = (places: readonly Point[]) => places.flatMap(({ x, y }) => [x, y])
        const other = PerspT(flat(corners(CARD).map(see)), flat(corners(CARD)))
        const { x, y } = see(place)
        const [otherX, otherY] = other.transform(x, y) as [number, number]
        const own = planeMap(seenBy(see)).toMm({ x, y })
        expect(Math.hypot(own.x - otherX, own.y - otherY)).toBeLessThan(1e-4)
      }),
    ))
  it.each([
    ['three corners', corners(CARD).slice(0, 3), 'bad-corners'],
    ['two on each other', corners(CARD).with(1, { x: 0, y: 0 }), 'bad-corners'],
    ['all in a line', [0, 1, 2, 3].map(n => ({ x: 100 * n, y: 50 * n })), 'bad-corners'],
    ['three in a line', corners(CARD).with(1, { x: 42.8, y: 26.99 }), 'bad-corners'],
    ['crossed ones', [0, 2, 1, 3].map(i => corners(CARD)[i]!), 'bad-corners'],
    ['NaN', corners(CARD).with(2, { x: Number.NaN, y: 0 }), 'non-finite'],
  ])('refuses %s', (_, cornersPx, code) =>
    expect(() => planeMap({ ...CARD, cornersPx })).toThrow(expect.objectContaining({ code })),
  )
  it('refuses a rectangle of no size', () =>
    expect(() => planeMap({ cornersPx: corners(CARD), wideMm: 0, tallMm: 53.98 })).toThrow(
      expect.objectContaining({
        code: 'out-of-range',
        details: expect.objectContaining({ field: 'rectangleMm.wideMm' }),
      }),
    ))
})

const SQUARE_ON: SeenRectangle = { ...CARD, cornersPx: corners({ wideMm: 856, tallMm: 539.8 }) }
const span = (x: number, y: number, toX: number, toY: number): Span => [
  { x, y },
  { x: toX, y: toY },
]

describe('a length in a picture', () => {
  it('has the spread of the worked example', () => {
    const { lengths, obliqueDeg } = measureSpans(SQUARE_ON, [span(400, 270, 480, 270)])
    expect(lengths[0]!.mm).toBeCloseTo(8, 9)
    expect(lengths[0]!.spreadMm).toBeCloseTo(0.1417, 4)
    expect(obliqueDeg).toBeCloseTo(0, 4)
    expect(measureSpans(SQUARE_ON, [span(400, 270, 480, 270)], 3).lengths[0]!.spreadMm).toBeCloseTo(
      3 * 0.14173,
      4,
    )
  })
  // Reference: the marks themselves are moved by noise, ten thousand times.
  it.each([
    ['square on', camera(2000, 300, 0, 0)],
    ['aslant', camera(1500, 250, 35, 60)],
    ['aslant and near', camera(900, 180, 25, 200)],
  ])('spreads as much as moving all marks does, %s', (_, see) => {
    const seen = seenBy(see)
    const marked: Span = [see({ x: 30, y: 20 }), see({ x: 38, y: 22 })]
    const random = seeded(7)
    const moved = ({ x, y }: Point) => ({ x: x + normal(random), y: y + normal(random) })
    const found = Array.from({ length: 10_000 }, () => {
      const { toMm } = planeMap({ ...seen, cornersPx: seen.cornersPx.map(moved) })
      const [from, to] = marked.map(place => toMm(moved(place))) as [Point, Point]
      return Math.hypot(to.x - from.x, to.y - from.y)
    })
    const mean = found.reduce((sum, mm) => sum + mm, 0) / found.length
    const spread = Math.sqrt(found.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / (found.length - 1))
    const { spreadMm } = measureSpans(seen, [marked]).lengths[0]!
    expect(Math.abs(spreadMm / spread - 1)).toBeLessThan(0.1)
  })
  it('knows how far aslant a far camera looks', () => {
    for (const deg of [0, 10, 30, 45, 60])
      expect(measureSpans(seenBy(camera(90_000, 30_000, deg, 30)), []).obliqueDeg).toBeCloseTo(deg, 0)
  })
  it.each([
    ['small', seenBy(camera(300, 400, 0, 0)), span(990, 750, 1010, 750)],
    ['oblique', seenBy(camera(2000, 300, 55, 0)), span(900, 750, 1100, 750)],
    ['far', SQUARE_ON, span(2000, 100, 2100, 100)],
    ['unsure', SQUARE_ON, span(400, 270, 404, 270)],
  ] as const)('warns when it is %s, with the mend', (code, seen, marked) => {
    const { warnings } = measureSpans(seen, [marked])
    const found = warnings.find(one => one.code === code)!
    expect(warningWords(found)).toMatch(/closer|straight|nearer/)
    expect(measureSpans(SQUARE_ON, [span(100, 100, 700, 400)]).warnings).toEqual([])
  })
  it('is none between a place and itself', () =>
    expect(() => measureSpans(SQUARE_ON, [span(1, 1, 1, 1)])).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field: 'spans.0' }) }),
    ))
})
