import fc from 'fast-check'
import { expect, it } from 'vitest'
import { guessedStep, isStepOf, markAt, shareOf, stepRange } from '#core/dial'

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

it.each([
  [10, false],
  [4.6, false],
  [4.5, true],
  [0.1, true],
  [0.009, true],
  [0.005, false],
  [0, false],
  [Number.NaN, false],
] as const)('a dial of 0 to 9 can be set by %d: %s', (step, can) => expect(isStepOf(DIAL, step)).toBe(can))

it('guesses a step every dial can be set by', () => {
  expect(guessedStep(DIAL)).toBe(0.5)
  for (const max of [0.4, 1, 9, 100, 1000]) {
    const dial = { min: 0, home: max / 2, max }
    expect(isStepOf(dial, guessedStep(dial))).toBe(true)
    expect(stepRange(dial)).toEqual([max / 1000, max / 2])
  }
})
