import fc from 'fast-check'
import { median as theirMedian } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import {
  apart,
  between,
  doSegmentsCross,
  heading,
  leastSquares,
  median,
  moved,
  nearestOn,
  type Point,
  radiusThrough,
  segmentsApart,
  turnAt,
  turnOfWays,
} from '#core/plane'

const place = fc.record({
  x: fc.double({ min: -500, max: 500, noNaN: true }),
  y: fc.double({ min: -500, max: 500, noNaN: true }),
})
const at = (x: number, y: number): Point => ({ x, y })

describe('places', () => {
  it('lie apart as Pythagoras says, either way round', () => {
    expect(apart(at(0, 0), at(3, 4))).toBe(5)
    fc.assert(fc.property(place, place, (a, b) => apart(a, b) === apart(b, a)))
  })
  it('are reached by their heading, and by their share of the way', () => {
    fc.assert(
      fc.property(place, place, (a, b) => {
        expect(apart(moved(a, heading(a, b), apart(a, b)), b)).toBeLessThan(1e-9)
        expect(apart(a, between(a, b, 0.25))).toBeCloseTo(apart(a, b) / 4, 9)
      }),
    )
  })
  it('that are one have no heading', () => expect(heading(at(2, 2), at(2, 2))).toEqual(at(0, 0)))
})

describe('a segment', () => {
  it.each([
    ['beside it', at(2, 3), 0.25, 3],
    ['on its line before it', at(-4, 0), 0, 4],
    ['past its end', at(11, 4), 1, 5],
    ['on it', at(4, 0), 0.5, 0],
  ])('is nearest to a place %s', (_, where, share, far) =>
    expect(nearestOn(where, at(0, 0), at(8, 0))).toEqual({ share, apart: far }),
  )
  it('without length is its end', () =>
    expect(nearestOn(at(3, 4), at(0, 0), at(0, 0))).toEqual({ share: 0, apart: 5 }))
  it('has no place nearer than the one that is found', () => {
    fc.assert(
      fc.property(place, place, place, fc.double({ min: 0, max: 1, noNaN: true }), (p, a, b, share) => {
        expect(nearestOn(p, a, b).apart).toBeLessThanOrEqual(apart(p, between(a, b, share)) + 1e-9)
      }),
    )
  })
  it('crosses another only properly', () => {
    expect(doSegmentsCross(at(0, 0), at(4, 4), at(0, 4), at(4, 0))).toBe(true)
    expect(doSegmentsCross(at(0, 0), at(4, 0), at(4, 0), at(4, 4))).toBe(false)
    expect(doSegmentsCross(at(0, 0), at(4, 0), at(1, 0), at(3, 0))).toBe(false)
  })
  it('lies apart from another by their nearest places', () => {
    expect(segmentsApart(at(0, 0), at(4, 0), at(2, 1), at(2, 5))).toBe(1)
    expect(segmentsApart(at(0, 0), at(4, 4), at(0, 4), at(4, 0))).toBe(0)
    expect(segmentsApart(at(0, 0), at(0, 0), at(3, 4), at(3, 9))).toBe(5)
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(place, place, place, place, share, share, (a, b, c, d, one, other) => {
        expect(segmentsApart(a, b, c, d)).toBeLessThanOrEqual(
          apart(between(a, b, one), between(c, d, other)) + 1e-9,
        )
      }),
    )
  })
})

describe('a turn', () => {
  it.each([
    ['left', at(5, 5), Math.PI / 2],
    ['right', at(5, -5), -Math.PI / 2],
    ['nowhere', at(9, 0), 0],
    ['back', at(0, 0), Math.PI],
  ])('goes %s', (_, after, rad) => expect(turnAt(at(0, 0), at(5, 0), after)).toBeCloseTo(rad, 12))
  it('is the same for ways of any length', () =>
    expect(turnOfWays(at(0.001, 0), at(700, 700))).toBeCloseTo(Math.PI / 4, 12))
  it('adds up to once round on a regular outline', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 40 }), count => {
        const points = ringOf(count, 10)
        const sum = points.reduce(
          (total, here, i) => total + turnAt(points.at(i - 1)!, here, points[(i + 1) % count]!),
          0,
        )
        expect(sum).toBeCloseTo(2 * Math.PI, 9)
      }),
    )
  })
})

describe('a radius', () => {
  it('is that of the circle the three places lie on, however far apart they are', () => {
    const onCircle = (rad: number) => at(3 + 7 * Math.cos(rad), -2 + 7 * Math.sin(rad))
    const angle = fc.double({ min: 0.05, max: 2, noNaN: true })
    fc.assert(
      fc.property(angle, angle, (one, other) => {
        expect(radiusThrough(onCircle(0), onCircle(one), onCircle(one + other))).toBeCloseTo(7, 6)
      }),
    )
  })
  it('has no end on a straight way', () => expect(radiusThrough(at(0, 0), at(1, 0), at(2, 0))).toBe(Infinity))
})

describe('a middle and a line', () => {
  it('is the middle one, of an even number the mean of two, of none no number', () => {
    expect(median([5, 1, 2])).toBe(2)
    expect(median([4, 1, 2, 9])).toBe(3)
    expect(median([])).toBeNaN()
    // Against simple-statistics' own, which takes a list it may reorder: ours stays as it was.
    const given = Object.freeze([3, 1, 2])
    expect(median(given)).toBe(theirMedian([3, 1, 2]))
  })
  it('lies so that no other line is off by less', () => {
    const points = fc.array(
      fc.record({ x: fc.integer({ min: 0, max: 90 }), y: fc.integer({ min: -3, max: 3 }) }),
      {
        minLength: 2,
        maxLength: 20,
      },
    )
    const offBy = (list: readonly Point[], slope: number, at0: number) =>
      list.reduce((sum, { x, y }) => sum + (y - at0 - slope * x) ** 2, 0)
    fc.assert(
      fc.property(points, list => {
        const fit = leastSquares(list)
        if (!fit) {
          expect(new Set(list.map(({ x }) => x)).size).toBe(1)
          return
        }
        const best = offBy(list, fit.slope, fit.at0)
        for (const by of [-0.01, 0.01]) {
          expect(best).toBeLessThanOrEqual(offBy(list, fit.slope + by, fit.at0) + 1e-9)
          expect(best).toBeLessThanOrEqual(offBy(list, fit.slope, fit.at0 + by) + 1e-9)
        }
      }),
    )
  })
  it('is none where x is everywhere the same, or a number is none', () => {
    expect(leastSquares([])).toBeNull()
    expect(leastSquares([at(0.1, 3)])).toBeNull()
    expect(leastSquares([at(0.1, 3), at(0.1, 5), at(0.1, 9)])).toBeNull()
    expect(leastSquares([at(0, Number.NaN), at(1, 1)])).toBeNull()
  })
})

function ringOf(count: number, radius: number): Point[] {
  return Array.from({ length: count }, (_, i) =>
    at(radius * Math.cos((2 * Math.PI * i) / count), radius * Math.sin((2 * Math.PI * i) / count)),
  )
}
