import { describe, expect, it } from 'vitest'
import {
  WIDE_GAP_SCHOOLS,
  TRIPLE_GAP_SCHOOLS,
  MARGIN_SCHOOLS,
  DEFAULT_SCHOOLS,
  isStraightOnly,
  marginOfMm,
} from '#core/schools'

describe('schools', () => {
  // Common practice: half a millimetre off for swing is careful, a whole one is also used.
  it.each([
    ['bare', 0],
    ['careful', 0.5],
    ['roomy', 1],
    ['own', 0.75],
  ] as const)('the margin of %s is %d', (margin, mm) => {
    expect(marginOfMm({ ...DEFAULT_SCHOOLS, margin })).toBe(mm)
  })

  // Common practice: straight stitch only from 5.0 up.
  it.each([
    ['twin', 4.9, false],
    ['twin', 5, true],
    ['triple', 6, true],
    ['single', 0, false],
  ] as const)('%s of gap %d: straight only %s', (construction, gapMm, only) => {
    expect(isStraightOnly({ construction, gapMm }, DEFAULT_SCHOOLS)).toBe(only)
    expect(isStraightOnly({ construction, gapMm }, { wideGap: 'arithmetic' })).toBe(false)
  })

  it('give a reason each', () => {
    for (const { why } of [...MARGIN_SCHOOLS, ...TRIPLE_GAP_SCHOOLS, ...WIDE_GAP_SCHOOLS])
      expect(why.length).toBeGreaterThan(30)
  })
})
