import { describe, expect, it } from 'vitest'
import { leastSure, drawnDiameter, threadDiameterMm } from '#core/thread'

describe('threadDiameterMm', () => {
  it('agrees with Peirce for cotton of Ne 25', () => {
    // Source: F. T. Peirce, J. Textile Inst. 28 (1937) T45, d[in] = 1/(28·√Ne) (from memory): 1/140 in =
    // 0.1814 mm at 23.62 tex.
    expect(Math.abs(threadDiameterMm(23.62, 'cotton') / 0.1814 - 1)).toBeLessThan(0.01)
  })

  it('gives back a cylinder: 0.10 mm of nylon weighs 8.95 tex', () => {
    // Source: cylinder volume, 1.14 g/cm³.
    expect(threadDiameterMm(8.95, 'monofilament')).toBeCloseTo(0.1, 4)
  })

  it('doubles when the mass is four times', () => {
    expect(threadDiameterMm(100, 'rayon')).toBeCloseTo(2 * threadDiameterMm(25, 'rayon'), 12)
  })

  it.each([0, -1, Number.NaN, Infinity, 1e9])('refuses %d tex', tex => {
    expect(() => threadDiameterMm(tex, 'cotton')).toThrow(expect.objectContaining({ name: 'CoreError' }))
  })
})

describe('drawnDiameter', () => {
  it('says where the number comes from', () => {
    expect(drawnDiameter({ kind: 'film', tex: 20, diameterMm: 0.4 })).toEqual({ mm: 0.4, source: 'measured' })
    expect(drawnDiameter({ kind: 'cotton', tex: 25, diameterMm: null }).source).toBe('rule')
    expect(drawnDiameter(null).source).toBe('guess')
  })
})

describe('several numbers together', () => {
  it('are as sure as the least sure of them', () => {
    expect(leastSure(['measured', 'rule', 'guess'])).toBe('guess')
    expect(leastSure(['rule', 'measured'])).toBe('rule')
    expect(leastSure(['measured', 'measured'])).toBe('measured')
    expect(leastSure([])).toBe('guess')
  })
})
