import { describe, expect, it } from 'vitest'
import { newestFirst, rangeProblem } from '#shared/fields'

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

describe('a number out of its range', () => {
  it.each([0.01, 3, 10_000])('is none at %d m of seam', value =>
    expect(rangeProblem('Seam', 'seamM', value, 'm')).toBeNull(),
  )
  it.each([0, 10_001, Number.NaN, Number.POSITIVE_INFINITY])('is named with its mend at %d', value =>
    expect(rangeProblem('Seam', 'seamM', value, 'm')).toBe('Seam goes from 0.01 to 10000 m.'),
  )
})
