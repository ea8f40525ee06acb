import { expect, it } from 'vitest'
import { stackMm } from '#core/seam'

// Sums by hand.
it.each([
  ['two layers', [{ count: 2, thicknessMm: 0.45 }], 0.9],
  [
    'a quilt sandwich',
    [
      { count: 1, thicknessMm: 0.3 },
      { count: 1, thicknessMm: 3.2 },
      { count: 1, thicknessMm: 0.3 },
    ],
    3.8,
  ],
] as const)('adds up %s', (_, stack, mm) => expect(stackMm(stack)).toBeCloseTo(mm, 9))
it('is not measured while one of its layers is not, or while there is nothing', () => {
  expect(
    stackMm([
      { count: 1, thicknessMm: 0.3 },
      { count: 1, thicknessMm: null },
    ]),
  ).toBeNull()
  expect(stackMm([])).toBeNull()
})
