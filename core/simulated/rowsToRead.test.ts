import fc from 'fast-check'
import { mean } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { rowsToRead } from '#core/simulated'

const SEEDS = fc.integer({ min: 0, max: 2 ** 31 })

describe('rows to practise reading on', () => {
  it('are the same for the same seed, and others for another', () => {
    expect(rowsToRead(20, 3)).toEqual(rowsToRead(20, 3))
    expect(rowsToRead(20, 3)).not.toEqual(rowsToRead(20, 4))
  })
  it('have crossings about their own reading', () =>
    fc.assert(
      fc.property(SEEDS, seed => {
        for (const { truth, crossings } of rowsToRead(20, seed)) {
          expect(mean([...crossings])).toBeCloseTo(truth, 9)
          expect(new Set(crossings).size).toBe(crossings.length)
        }
      }),
    ))
  it('spread any twelve in a row over the whole scale, so that nobody is steady who always says 0', () =>
    fc.assert(
      fc.property(SEEDS, fc.integer({ min: 0, max: 8 }), (seed, from) => {
        const truths = rowsToRead(20, seed)
          .slice(from, from + 12)
          .map(({ truth }) => truth)
        const sorted = truths.toSorted((a, b) => a - b)
        const gaps = [-2.75, ...sorted, 2.75].map((at, i, all) => (i ? at - all[i - 1]! : 0))
        expect(Math.max(...gaps)).toBeLessThan(0.9)
        expect(Math.hypot(...truths) / Math.sqrt(12)).toBeGreaterThan(1.4)
      }),
    ))
})
