import { linearRegression, median as reference } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { seeded } from '#core/simulated'
import { leastSquares, median } from './fitting'

/** Held against simple-statistics, a reference library from the registry. */
describe('fitting', () => {
  const random = seeded(3)
  const drawn = (count: number) => Array.from({ length: count }, () => 20 * random() - 10)
  it('finds the line a reference library finds', () => {
    for (let round = 0; round < 40; round++) {
      const xs = drawn(2 + round)
      const seen = xs.map(x => [x, 3 - 0.7 * x + random()] as const)
      const theirs = linearRegression(seen.map(([x, y]) => [x, y]))
      const ours = leastSquares(seen)
      expect(ours.slope).toBeCloseTo(theirs.m, 9)
      expect(ours.at0).toBeCloseTo(theirs.b, 9)
    }
  })
  it('takes a level line where all was seen at one place', () =>
    expect(
      leastSquares([
        [2, 1],
        [2, 5],
      ]),
    ).toEqual({ at0: 3, slope: 0 }))
  it('finds the middle a reference library finds, and leaves the values in their order', () => {
    for (let count = 1; count < 30; count++) {
      const values = drawn(count)
      const before = [...values]
      expect(median(values)).toBeCloseTo(reference(values), 12)
      expect(values).toEqual(before)
    }
  })
})
