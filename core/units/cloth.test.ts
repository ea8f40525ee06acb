import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatCloth, formatPlace, MM_PER_INCH, parseLength, stitchesPerInch } from '#core/units'

// Worked by hand.
describe('a length of cloth', () => {
  it.each([
    [92.73, 'mm', '92.5'],
    [92.8, 'mm', '93'],
    [0.2, 'mm', '0'],
    [92.73, 'inch', '3 5/8'],
    [25.4, 'inch', '1'],
    [12.7, 'inch', '1/2'],
    [6.35, 'inch', '1/4'],
    [30.2, 'inch', '1 1/4'],
    [-6.35, 'inch', '−1/4'],
  ] as const)('of %s mm is cut in %s as %s', (mm, unit, words) => {
    expect(formatCloth(mm, unit)).toBe(words)
  })
  it('is marked in sixteenths, and set between two things in thirty-seconds', () => {
    expect(formatCloth(92.73, 'inch', 'mark')).toBe('3 5/8')
    expect(formatCloth(17.5, 'inch', 'mark')).toBe('11/16')
    expect(formatCloth(17.5, 'inch', 'between')).toBe('11/16')
    expect(formatCloth(18.2, 'inch', 'between')).toBe('23/32')
    expect(formatCloth(null, 'inch', 'mark')).toBe('not measured')
    expect(formatCloth(Number.NaN, 'inch', 'mark')).toBe('?')
  })
  it('that is there is never called nothing', () => {
    expect(formatCloth(0.8, 'inch')).toBe('1/32')
    expect(formatCloth(0.2, 'inch', 'mark')).toBe('under 1/32')
    expect(formatCloth(0, 'inch', 'mark')).toBe('0')
  })
  it('says in inches what lies within half its finest mark, in fractions only', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 3000, noNaN: true }),
        fc.constantFrom(['cut', 8] as const, ['mark', 16] as const, ['between', 32] as const),
        (mm, [use, parts]) => {
          const words = formatCloth(mm, 'inch', use)
          expect(words).toMatch(/^\d+(?: \d+\/\d+)?$|^\d+\/\d+$/)
          expect(Math.abs(parseLength(words, 'inch')! - mm)).toBeLessThanOrEqual(
            MM_PER_INCH / parts / 2 + 1e-9,
          )
        },
      ),
    )
  })
  it('lies on quarter inches where tucks are a quarter inch apart', () => {
    const places = [3, 4, 5, 6].map(i => formatPlace(i * 6.35, 'inch'))
    expect(places).toEqual(['3/4', '1', '1 1/4', '1 1/2'])
    expect(formatPlace(19.05, 'mm')).toBe('19.1')
  })
})

// An inch over the length; rounding is ours.
describe('stitches per inch', () => {
  it.each([
    [2.5, '10 stitches per inch'],
    [2.54, '10 stitches per inch'],
    [3, '8.5 stitches per inch'],
    [0.5, '51 stitches per inch'],
  ])('of %d mm are %s', (mm, words) => expect(stitchesPerInch(mm)).toBe(words))
})
