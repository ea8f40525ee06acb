import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ID_1, measureSpans, planeMap, type SeenRectangle, type Span } from '#core/measure'
import type { Point } from '#core/plane'
import { seenFrom } from '#core/simulated'

/** What a length must not depend on: laws of the plane, that hold whatever the numbers are. */
const CORNERS: readonly Point[] = [
  { x: 0, y: 0 },
  { x: ID_1.wideMm, y: 0 },
  { x: ID_1.wideMm, y: ID_1.tallMm },
  { x: 0, y: ID_1.tallMm },
]
const poses = fc.record({
  focalPx: fc.integer({ min: 800, max: 4000 }),
  awayMm: fc.integer({ min: 180, max: 500 }),
  tiltDeg: fc.integer({ min: 0, max: 45 }),
  turnDeg: fc.integer({ min: 0, max: 359 }),
})
const places = fc.record({ x: fc.integer({ min: 0, max: 85 }), y: fc.integer({ min: 0, max: 54 }) })
const pairs = fc.tuple(places, places).filter(([a, b]) => Math.hypot(a.x - b.x, a.y - b.y) > 3)

function seenBy(pose: { focalPx: number; awayMm: number; tiltDeg: number; turnDeg: number }) {
  const see = seenFrom({ ...pose, atMm: { x: 43, y: 27 }, middlePx: { x: 1000, y: 750 } })
  const rectangle: SeenRectangle = { ...ID_1, cornersPx: CORNERS.map(see) }
  return { see, rectangle }
}
const measured = (rectangle: SeenRectangle, span: Span) => measureSpans(rectangle, [span]).lengths[0]!
const law = (holds: (rectangle: SeenRectangle, span: Span, mm: number) => void) =>
  fc.assert(
    fc.property(poses, pairs, (pose, [a, b]) => {
      const { see, rectangle } = seenBy(pose)
      holds(rectangle, [see(a), see(b)], Math.hypot(a.x - b.x, a.y - b.y))
    }),
    { numRuns: 60 },
  )

describe('a length beside a rectangle', () => {
  it('is what it is on the table, from wherever it is seen', () =>
    law((rectangle, span, mm) => expect(measured(rectangle, span).mm).toBeCloseTo(mm, 6)))
  it('is the same from either end, and as sure', () =>
    law((rectangle, [from, to]) => {
      const [there, back] = [measured(rectangle, [from, to]), measured(rectangle, [to, from])]
      expect(back.mm).toBeCloseTo(there.mm, 9)
      expect(back.spreadMm / there.spreadMm).toBeCloseTo(1, 6)
    }))
  it('is the same whichever corner one begins with, going the same way round', () =>
    law((rectangle, span) => {
      const { cornersPx, wideMm, tallMm } = rectangle
      const third = { cornersPx: [2, 3, 0, 1].map(i => cornersPx[i]!), wideMm, tallMm }
      const second = { cornersPx: [1, 2, 3, 0].map(i => cornersPx[i]!), wideMm: tallMm, tallMm: wideMm }
      for (const other of [third, second]) {
        expect(measured(other, span).mm).toBeCloseTo(measured(rectangle, span).mm, 6)
        expect(measured(other, span).spreadMm / measured(rectangle, span).spreadMm).toBeCloseTo(1, 4)
      }
    }))
  it('is the same in a picture that is turned, mirrored or moved', () =>
    law((rectangle, span) => {
      const ways: readonly ((place: Point) => Point)[] = [
        ({ x, y }) => ({ x: 1500 - y, y: x }),
        ({ x, y }) => ({ x: 2000 - x, y }),
        ({ x, y }) => ({ x: x + 37, y: y - 12 }),
      ]
      for (const way of ways) {
        const other = { ...rectangle, cornersPx: rectangle.cornersPx.map(way) }
        const found = measured(other, span.map(way) as unknown as Span)
        expect(found.mm).toBeCloseTo(measured(rectangle, span).mm, 6)
        expect(found.spreadMm / measured(rectangle, span).spreadMm).toBeCloseTo(1, 4)
      }
    }))
  it('is the same, and half as unsure, in a picture of twice as many pixels', () =>
    law((rectangle, span) => {
      const twice = ({ x, y }: Point) => ({ x: 2 * x, y: 2 * y })
      const other = { ...rectangle, cornersPx: rectangle.cornersPx.map(twice) }
      const found = measured(other, span.map(twice) as unknown as Span)
      expect(found.mm).toBeCloseTo(measured(rectangle, span).mm, 6)
      expect((2 * found.spreadMm) / measured(rectangle, span).spreadMm).toBeCloseTo(1, 4)
    }))
  it('is twice as long beside a rectangle twice as large', () =>
    law((rectangle, span) => {
      const { cornersPx, wideMm, tallMm } = rectangle
      const found = measured({ cornersPx, wideMm: 2 * wideMm, tallMm: 2 * tallMm }, span)
      expect(found.mm / measured(rectangle, span).mm).toBeCloseTo(2, 6)
    }))
  it('is never less than its way round a third place', () =>
    fc.assert(
      fc.property(poses, pairs, places, (pose, [a, b], c) => {
        const { see, rectangle } = seenBy(pose)
        const { toMm } = planeMap(rectangle)
        const far = (from: Point, to: Point) => {
          const [p, q] = [toMm(see(from)), toMm(see(to))]
          return Math.hypot(p.x - q.x, p.y - q.y)
        }
        expect(far(a, b)).toBeLessThanOrEqual(far(a, c) + far(c, b) + 1e-6)
      }),
      { numRuns: 60 },
    ))
})
