import { describe, expect, it } from 'vitest'
import { colourLook, bobbinMatches, colourDifference, labDifference, leadingColour } from '#core/colour'

describe('colour difference', () => {
  // Source: Sharma, Wu, Dalal 2005, table of test pairs (from memory).
  it.each([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1.0],
    [[50, 0, 0], [50, -1, 2], 2.3669],
    [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082],
  ] as const)('of %j and %j is %d', ([l, a, b], [l2, a2, b2], expected) => {
    expect(labDifference({ l, a, b }, { l: l2, a: a2, b: b2 })).toBeCloseTo(expected, 4)
    expect(labDifference({ l: l2, a: a2, b: b2 }, { l, a, b })).toBeCloseTo(expected, 4)
  })

  it('puts a near navy before a red', () => {
    expect(colourDifference('#22304f', '#22304f')).toBe(0)
    expect(colourDifference('#22304f', '#2b4c7e')).toBeLessThan(colourDifference('#22304f', '#a8382b'))
  })

  it.each(['red', '#12', '', 'NaN'])('refuses %j', hex =>
    expect(() => colourDifference('#22304f', hex)).toThrow(expect.objectContaining({ code: 'bad-colour' })),
  )

  it('matches a variegated thread by its longest run', () => {
    expect(
      leadingColour([
        { hex: '#111111', runMm: 20 },
        { hex: '#222222', runMm: 40 },
        { hex: '#333333', runMm: 40 },
      ]),
    ).toBe('#222222')
    expect(leadingColour([])).toBeNull()
  })
})

describe('two threads side by side', () => {
  it.each([
    [0, 'matches'],
    [2, 'matches'],
    [2.01, 'near'],
    [6, 'near'],
    [6.01, 'shows'],
  ] as const)('at a difference of %d: %s', (deltaE, look) => {
    expect(colourLook(deltaE)).toBe(look)
  })
  it('match when the bobbin shows beside none of them', () => {
    expect(bobbinMatches('#222222', ['#222222', '#242424'])).toBe(true)
    expect(bobbinMatches('#222222', ['#222222', '#ffffff'])).toBe(false)
    expect(bobbinMatches('#222222', [])).toBeNull()
  })
})
