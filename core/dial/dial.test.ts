import fc from 'fast-check'
import { expect, it } from 'vitest'
import { markAt, shareOf } from '#core/dial'

const DIAL = { min: 0, home: 4, max: 9 }
// Common practice: compared by offset from home as a share of the way to the end stop.
it.each([
  [0, -1],
  [2, -0.5],
  [4, 0],
  [6.5, 0.5],
  [9, 1],
] as const)('%d on a dial of 0 to 9 with home 4 is a share of %d', (value, share) => {
  expect(shareOf(value, DIAL)).toBeCloseTo(share, 9)
  expect(markAt(share, DIAL)).toBeCloseTo(value, 9)
})
it('carries every number over and back', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 9, noNaN: true }), value => {
      expect(markAt(shareOf(value, DIAL), DIAL)).toBeCloseTo(value, 9)
    }),
  )
})
it('knows no share where home is an end', () => expect(shareOf(0, { min: 0, home: 0, max: 9 })).toBe(0))
