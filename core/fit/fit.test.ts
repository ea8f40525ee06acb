import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  evenFit,
  farPoint,
  type FitPlan,
  fitPlans,
  lengthMarks,
  placesAlong,
  planWords,
  stitchEnds,
} from '#core/fit'

const FINE = lengthMarks({ minMm: 0.5, maxMm: 7, stepMm: 0.1 })
const point = ({ deviationMm, marks, missMm }: FitPlan) =>
  [deviationMm, marks, Math.abs(missMm)].map(value => Math.round(value * 1e5) / 1e5)

describe('marks of the dial', () => {
  it('go from the least by the step, and end on the last where it lies on one', () => {
    expect(lengthMarks({ minMm: 0.5, maxMm: 1, stepMm: 0.1 })).toEqual([0.5, 0.6, 0.7, 0.8, 0.9, 1])
    expect(lengthMarks({ minMm: 1, maxMm: 2, stepMm: 0.3 })).toEqual([1, 1.3, 1.6, 1.9])
  })
  it.each([
    [{ minMm: Number.NaN, maxMm: 5, stepMm: 0.1 }, 'dial.minMm'],
    [{ minMm: 3, maxMm: 2, stepMm: 0.1 }, 'dial.maxMm'],
    [{ minMm: 1, maxMm: 5, stepMm: 0 }, 'dial.stepMm'],
    [{ minMm: 0.5, maxMm: 100, stepMm: 0.001 }, 'dial.stepMm'],
  ])('refuse %j by its field', (dial, field) =>
    expect(() => lengthMarks(dial)).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    ),
  )
})

describe('whole stitches on a side', () => {
  // Worked by hand for a quilted edge: 43 mm in stitches of 5 and 6 (common practice).
  it('mix two marks where one does not come out', () => {
    const plans = fitPlans(43, 5, [5, 6], 0.25)
    expect(plans).toEqual([
      {
        parts: [
          { count: 5, lengthMm: 5 },
          { count: 3, lengthMm: 6 },
        ],
        stitches: 8,
        marks: 2,
        deviationMm: 1,
        missMm: 0,
      },
    ])
    expect(planWords(plans[0]!)).toBe('5 × 5, 3 × 6')
  })
  // Enumerated by hand.
  it.each([
    [
      43,
      5,
      FINE,
      [
        [0.2, 1, 0.2],
        [0.3, 2, 0],
        [0.7, 1, 0],
      ],
    ],
    [
      87.3,
      3,
      lengthMarks({ minMm: 0.5, maxMm: 5, stepMm: 0.1 }),
      [
        [0.1, 2, 0],
        [0.5, 1, 0.2],
        [0.7, 1, 0.1],
        [2.1, 1, 0],
      ],
    ],
  ])('on %f mm at %f have the front found by hand', (side, wanted, marks, front) =>
    expect(fitPlans(side, wanted, marks, 0.25).map(point)).toEqual(front),
  )
  it('take whatever lands near enough, and the least even count is one', () => {
    expect(fitPlans(10, 5, [4.9], 0.2)[0]).toMatchObject({ stitches: 2, missMm: 0.2 })
    expect(fitPlans(10, 5, [4.9], 0.19)).toEqual([])
    expect(evenFit(1, 5)).toEqual({ stitches: 1, lengthMm: 1 })
    expect(evenFit(43, 5)).toEqual({ stitches: 9, lengthMm: 43 / 9 })
  })

  /** Every plan there is, without any cleverness. */
  function allPlans(side: number, wanted: number, marks: readonly number[], most: number) {
    const found: [number, number, number][] = []
    const take = (used: number[], sewn: number) => {
      const miss = Math.abs(side - sewn)
      if (miss <= most + 1e-9)
        found.push([Math.max(...used.map(mm => Math.abs(mm - wanted))), used.length, miss])
    }
    for (const a of marks)
      for (let n = 1; n * a <= side + most + 1e-9; n++) {
        take([a], n * a)
        for (const b of marks)
          if (b > a) for (let m = 1; n * a + m * b <= side + most + 1e-9; m++) take([a, b], n * a + m * b)
      }
    return found
  }
  const beats = (a: number[], b: number[]) =>
    a.every((value, i) => value <= b[i]! + 1e-6) && a.some((value, i) => value < b[i]! - 1e-6)
  it('are the Pareto front of all there is (against brute force)', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 600 }),
        fc.integer({ min: 5, max: 60 }),
        fc.integer({ min: 3, max: 20 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 1, max: 7 }),
        fc.constantFrom(0, 0.05, 0.25, 1),
        (sideTenths, wantedTenths, minTenths, count, stepTenths, most) => {
          const [side, wanted] = [sideTenths / 10, wantedTenths / 10]
          const marks = lengthMarks({
            minMm: minTenths / 10,
            maxMm: (minTenths + count * stepTenths) / 10,
            stepMm: stepTenths / 10,
          })
          const all = allPlans(side, wanted, marks, most)
          const front = all.filter(plan => !all.some(other => beats(other, plan)))
          const unique = new Set(
            front.map(plan => plan.map(value => Math.round(value * 1e5) / 1e5).join(' ')),
          )
          const plans = fitPlans(side, wanted, marks, most)
          expect(new Set(plans.map(plan => point(plan).join(' ')))).toEqual(unique)
          expect(plans.length).toBe(unique.size)
          for (const plan of plans) {
            const sewn = plan.parts.reduce((sum, { count, lengthMm }) => sum + count * lengthMm, 0)
            expect(side - sewn).toBeCloseTo(plan.missMm, 6)
            expect(plan.parts.every(({ count }) => Number.isInteger(count) && count >= 1)).toBe(true)
          }
        },
      ),
      { numRuns: 150 },
    ))
  it.each([
    [Number.NaN, 3],
    [0, 3],
    [-4, 3],
    [1e9, 3],
    [40, 0],
    [40, Number.POSITIVE_INFINITY],
  ])('refuse a side of %f and a wanted length of %f', (side, wanted) =>
    expect(() => fitPlans(side, wanted, [3], 0.25)).toThrow(/must be between|is not a number/),
  )
})

describe('where the stitches land', () => {
  it('follows the parts in turn and the way round its bends', () => {
    const ends = stitchEnds(fitPlans(43, 5, [5, 6])[0], evenFit(43, 5))
    expect(ends).toEqual([5, 10, 15, 20, 25, 31, 37, 43])
    const way = [
      { x: 0, y: 0 },
      { x: 20, y: 0 },
      { x: 20, y: 23 },
    ]
    expect(placesAlong(way, [0, 20, 25, 43, 60])).toEqual([
      { x: 0, y: 0 },
      { x: 20, y: 0 },
      { x: 20, y: 5 },
      { x: 20, y: 23 },
      { x: 20, y: 23 },
    ])
  })
})

describe('the feed', () => {
  it('says where the far point of a side lands, as far off as the feed may be', () =>
    expect(farPoint(100, { factor: 0.95, giveOrTake: 0.019 })).toEqual({ leastMm: 98, mostMm: 102 }))
})
