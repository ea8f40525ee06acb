import fc from 'fast-check'
import { expect, it } from 'vitest'
import { dialProblem, guessedStep, isOnDial, isStepOf, markAt, shareOf, stepRange } from '#core/dial'

const DIAL = { min: 0, home: 4, max: 9 }
// Common practice: compared by offset from normal tension as a share of the way to the end stop.
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

it.each([
  [{ min: 0, home: 4, max: 9 }, null],
  [{ min: -4, home: 0, max: 4 }, null],
  [{ min: 0, home: 0, max: 1 }, null],
  [{ min: 0, home: 0.2, max: 0.4 }, 'max'],
  [{ min: 9, home: 4, max: 0 }, 'max'],
  [{ min: 0, home: 10, max: 9 }, 'home'],
  [{ min: 0, home: -1, max: 9 }, 'home'],
  [{ min: 0, home: 4, max: 1e308 }, 'max'],
  [{ min: -1e308, home: 4, max: 9 }, 'min'],
  [{ min: 0, home: Number.NaN, max: 9 }, 'home'],
])('finds what is wrong with %j: %s', (dial, field) => expect(dialProblem(dial)?.field ?? null).toBe(field))

it.each([
  [0, true],
  [9, true],
  [9.1, false],
  [-0.1, false],
  [Number.NaN, false],
])('%d lies on a dial of 0 to 9: %s', (tension, is) => expect(isOnDial(tension, DIAL)).toBe(is))
