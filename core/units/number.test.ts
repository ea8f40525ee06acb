import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import { formatNumber, formatShort, parseDecimal, setNumberLocale } from '#core/units'

// The locale is the app’s, set once: each test leaves it as it was.
afterEach(() => setNumberLocale('en'))

describe('formatNumber', () => {
  it.each([
    [2.5, 1, '2.5'],
    [2, 1, '2.0'],
    [12345.678, 2, '12345.68'],
    [0.125, 0, '0'],
    [-0.04, 1, '0.0'],
    [-2.55, 1, '−2.6'],
    [Number.NaN, 1, '?'],
    [Infinity, 1, '?'],
  ])('writes %d with %d decimals as %s', (value, decimals, text) => {
    expect(formatNumber(value, decimals)).toBe(text)
  })

  it('takes the decimal mark of the locale', () => {
    // Source: CLDR, as Intl ships it: German writes a comma, Swiss German a point.
    setNumberLocale('de')
    expect([formatNumber(2.5, 1), formatShort(0.1)]).toEqual(['2,5', '0,1'])
    setNumberLocale('de-CH')
    expect(formatNumber(2.5, 1)).toBe('2.5')
  })
  it('keeps the digits 0 to 9 in every locale, without thousands marks', () => {
    for (const tag of ['ar-EG', 'hi-IN', 'fa', 'en-GB', 'fr']) {
      setNumberLocale(tag)
      expect(formatNumber(12345.5, 1)).toMatch(/^12345[.,٫]5$/)
    }
    expect(() => setNumberLocale('no tag')).toThrow(RangeError)
  })
  it('shows no more decimals than there are, and at least as many as asked for', () => {
    expect([formatNumber(2, 2, 1), formatNumber(2.25, 2, 1), formatNumber(2.5, 2)]).toEqual([
      '2.0',
      '2.25',
      '2.50',
    ])
    expect([formatShort(4), formatShort(2.8), formatShort(0.12345), formatShort(-1.5)]).toEqual([
      '4',
      '2.8',
      '0.123',
      '−1.5',
    ])
  })

  it('comes back within half of its last place', () => {
    const number = fc.double({ min: -1e4, max: 1e4, noNaN: true })
    fc.assert(
      fc.property(number, fc.integer({ min: 0, max: 6 }), (value, decimals) => {
        const back = parseDecimal(formatNumber(value, decimals))
        expect(Math.abs(back - value)).toBeLessThanOrEqual(0.5 * 10 ** -decimals + 1e-9)
      }),
    )
  })
})

describe('parseDecimal', () => {
  it.each([
    ['2,5', 2.5],
    [' 3 ', 3],
    ['.5', 0.5],
    ['4.', 4],
    ['−1,25', -1.25],
    ['+2', 2],
    ['1E-3', 0.001],
  ])('reads %j', (text, value) => expect(parseDecimal(text)).toBe(value))

  it.each(['', ' ', 'wide', '0x10', '1,2,3', '--1', 'Infinity', '.'])('takes %j for no number', text =>
    expect(parseDecimal(text)).toBeNaN(),
  )
})
