import { describe, expect, it } from 'vitest'
import { newestFirst, numberProblem } from '#shared/fields'

describe('newest first', () => {
  it('goes by the moment, whatever zone it is written in', () => {
    const at = ['2026-05-01T23:30:00+02:00', '2026-05-01T22:00:00Z', '2026-05-01T21:00:00Z']
    expect(newestFirst(at, moment => moment)).toEqual([at[1], at[0], at[2]])
  })
  it('goes by the moment when all are written as the app writes them', () => {
    const at = ['2026-05-01T22:00:00.500Z', '2026-05-01T22:00:01.000Z', '2026-05-01T21:59:59.999Z']
    expect(newestFirst(at, moment => moment)).toEqual([at[1], at[0], at[2]])
  })
  it('keeps the order of one moment, and the list it was given', () => {
    const records = [
      { id: 'a', at: '2026-05-01T22:00:00Z' },
      { id: 'b', at: '2026-05-01T22:00:00Z' },
      { id: 'c', at: '2026-05-02T22:00:00Z' },
    ]
    expect(newestFirst(records, record => record.at).map(({ id }) => id)).toEqual(['c', 'a', 'b'])
    expect(records.map(({ id }) => id)).toEqual(['a', 'b', 'c'])
  })
})

describe('a typed number', () => {
  it.each([
    [0.01, 'seamM', false],
    [10_000, 'seamM', false],
    [3, 'copies', true],
    [-4.5, [-5, 5], false],
  ] as const)('is right at %d of %s', (value, limit, whole) =>
    expect(numberProblem(String(value), value, limit, whole)).toBeNull(),
  )
  it.each([
    ['0', 0, 'Type a whole number from 1 to 999.'],
    ['999999', 999_999, 'Type a whole number from 1 to 999.'],
    ['2.5', 2.5, 'Type a whole number from 1 to 999.'],
    [' abc ', null, '“abc” is not a number. Type 1 to 999.'],
    ['-', Number.NaN, 'Type a whole number from 1 to 999.'],
  ])('is named with its mend at %s', (text, value, words) =>
    expect(numberProblem(text, value, 'copies', true)).toBe(words),
  )
})
