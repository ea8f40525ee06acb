import { describe, expect, it } from 'vitest'
import { lineThrough } from './fitting'

describe('the line through what was seen', () => {
  it('has the slope and the height of a straight row', () => {
    const { at0, slope } = lineThrough([
      [-2, 4.4],
      [0, 3],
      [5, -0.5],
    ])
    expect(at0).toBeCloseTo(3, 12)
    expect(slope).toBeCloseTo(-0.7, 12)
  })
  it('lies level where all was seen at one place', () =>
    expect(
      lineThrough([
        [2, 1],
        [2, 5],
      ]),
    ).toEqual({ at0: 3, slope: 0 }))
})
