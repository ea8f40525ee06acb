import { expect, it } from 'vitest'
import { farOf, farWithUnit, M_PER_YARD, metresOf } from '#core/units'

// International yard and pound agreement of 1959: one yard is 0.9144 m.
it('goes by the international yard', () => {
  expect(M_PER_YARD).toBe(0.9144)
  expect(farOf(100, 'inch')).toBeCloseTo(109.361, 3)
  expect(metresOf(farOf(3.2, 'inch'), 'inch')).toBeCloseTo(3.2, 12)
  expect(farOf(3.2, 'mm')).toBe(3.2)
})
it.each([
  [3.62, 'mm', '3.6 m'],
  [3.62, 'inch', '4.0 yd'],
  [320, 'mm', '320 m'],
  [36.1, 'mm', '37 m'],
  [320, 'inch', '350 yd'],
] as const)('%d m in %s reads %s', (metres, unit, words) => expect(farWithUnit(metres, unit)).toBe(words))
