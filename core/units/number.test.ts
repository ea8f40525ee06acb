import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatNumber, parseDecimal } from '#core/units'

describe('formatNumber', () => {
  it.each([
    [2.5, 1, '2.5'],
    [2, 1, '2.0'],
    [12345.678, 2, '12345.68'],
    [0.125, 0, '0'],
    [-0.04, 1, '0.0'],
    [-2.55, 1, '-2.6'],
    [Number.NaN, 1, '?'],
    [Infinity, 1, '?'],
  ])('writes %d with %d decimals as %s', (value, decimals, text) => {
    expect(formatNumber(value, decimals)).toBe(text)
  })

  it('takes the decimal mark of the locale', () => {
    expect(formatNumber(2.5, 1, 'de')).toBe('2,5')
    expect(formatNumber(2.5, 1)).toBe('2.5')
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
