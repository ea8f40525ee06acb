import { describe, expect, it } from 'vitest'
import { formatCloth } from '#core/units'

// Worked by hand.
describe('a length of cloth', () => {
  it.each([
    [92.73, 'mm', '92.5'],
    [92.8, 'mm', '93'],
    [0.2, 'mm', '0'],
    [92.73, 'inch', '3 5/8'],
    [25.4, 'inch', '1'],
    [12.7, 'inch', '1/2'],
    [6.35, 'inch', '1/4'],
    [30.2, 'inch', '1 1/4'],
    [-6.35, 'inch', '−1/4'],
    [0.5, 'inch', '0'],
  ] as const)('of %s mm reads in %s as %s', (mm, unit, words) => {
    expect(formatCloth(mm, unit)).toBe(words)
  })
})
