import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatLength, formatLengthDown, lengthWithUnit, MM_PER_INCH, parseLength } from '#core/units'

describe('inches', () => {
  // Source: international inch, 1959: 25.4 mm exactly.
  it.each([
    ['1/8', 3.175],
    ['1/4', 6.35],
    ['1/2', 12.7],
    ['5/8', 15.875],
    ['1', 25.4],
    ['1 5/8', 41.275],
  ])('reads and writes %s as %d mm', (text, mm) => {
    expect(parseLength(text, 'inch')).toBeCloseTo(mm, 12)
    expect(formatLength(mm, 'inch')).toBe(text)
  })

  it('falls back to decimals off the ruler marks', () => {
    expect(formatLength(4.5, 'inch')).toBe('0.177')
  })
})

describe('formatLength', () => {
  it.each([
    [4, '4.0'],
    [0.675, '0.68'],
    [-0.325, '−0.33'],
    [12.7, '12.7'],
    [-0.001, '0.0'],
  ])('writes %d mm as %s', (mm, text) => expect(formatLength(mm, 'mm')).toBe(text))

  it('says so when nothing was measured', () => expect(formatLength(null, 'mm')).toBe('not measured'))

  it('never shows NaN as a number', () => expect(formatLength(Number.NaN, 'mm')).toBe('?'))
})

describe('formatLengthDown', () => {
  it('never promises more room than there is', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 12, noNaN: true }), mm => {
        expect(Number(formatLengthDown(mm, 'mm'))).toBeLessThanOrEqual(mm + 1e-6)
      }),
    )
  })

  it('never promises more in inches either, where a ruler mark lies just above', () => {
    // 6.34 mm is a hair under a quarter inch.
    expect(formatLengthDown(6.34, 'inch')).toBe('0.249')
    expect(formatLength(6.34, 'inch')).toBe('1/4')
    expect(formatLengthDown(6.35, 'inch')).toBe('1/4')
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), mm => {
        expect(parseLength(formatLengthDown(mm, 'inch'), 'inch')!).toBeLessThanOrEqual(mm + 1e-4)
      }),
    )
  })

  it('keeps a limit that is a hair below its written value', () => {
    expect(formatLengthDown(4.1 - 0.4 - 0.25 + 1.05, 'mm')).toBe('4.5')
  })
})

describe('parseLength', () => {
  it.each([
    ['4.5', 4.5],
    ['4,5', 4.5],
    [' 6.35 mm ', 6.35],
    ['1 cm', 10],
    ['0.25"', 6.35],
    ['-1.5', -1.5],
    ['1/4 in', 6.35],
    ['½ in', 12.7],
    ['1½', 38.1],
    ['1 ⅝', 41.275],
    ['2.5″', 63.5],
    ['1⁄4 in', 6.35],
    ['４.５', 4.5],
  ])('reads %s', (text, mm) => expect(parseLength(text, 'mm')).toBeCloseTo(mm, 12))

  it.each(['', 'wide', '4..5', '1/0', '1e9', 'NaN', 'Infinity', '4 5', '1 5/4', '1 4/4', '9'.repeat(400)])(
    'does not take %s for a length',
    text => expect(parseLength(text, 'mm')).toBeNull(),
  )

  it('takes a bare number in the unit shown', () => {
    expect(parseLength('0.5', 'inch')).toBeCloseTo(MM_PER_INCH / 2, 12)
  })

  it('reads back what formatLength wrote, to the shown precision', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.constantFrom('mm' as const, 'inch' as const),
        (mm, unit) => {
          expect(Math.abs(parseLength(formatLength(mm, unit), unit)! - mm)).toBeLessThan(0.021)
        },
      ),
    )
  })
})

describe('at the edges', () => {
  it('says so where a limit was not measured or is no number', () => {
    expect(formatLengthDown(null, 'mm')).toBe('not measured')
    expect([formatLength(Number.NaN, 'inch'), formatLengthDown(Infinity, 'inch')]).toEqual(['?', '?'])
  })
  it('writes an inch below nothing with its sign, and nothing without', () => {
    expect([formatLength(-6.35, 'inch'), formatLength(0, 'inch'), formatLength(-0.01, 'inch')]).toEqual([
      '−1/4',
      '0',
      '0',
    ])
  })
  it('takes a length within half a chalk line of a mark for that mark, and no farther', () => {
    expect(formatLength(6.35 + 0.019, 'inch')).toBe('1/4')
    expect(formatLength(6.35 + 0.021, 'inch')).toBe('0.251')
  })
  it('reads no length with nothing under the fraction', () => expect(parseLength('1/0', 'inch')).toBeNull())
  it('takes a fraction for inches, whatever is shown, unless it says otherwise', () => {
    expect(parseLength('1/4', 'mm')).toBeCloseTo(6.35, 12)
    expect(parseLength('1/2 cm', 'mm')).toBe(5)
    expect(parseLength('1/2 mm', 'inch')).toBe(0.5)
  })
  it('puts the unit behind, but not behind what was not measured', () => {
    expect([lengthWithUnit(6.35, 'inch'), lengthWithUnit(4.5, 'mm'), lengthWithUnit(null, 'mm')]).toEqual([
      '1/4 in',
      '4.5 mm',
      'not measured',
    ])
  })
})
