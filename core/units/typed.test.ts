import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatLength, parseLength, readLength, readNumber } from '#core/units'

// Source: international inch, 1959: 25.4 mm exactly.
describe('a typed length', () => {
  it.each([
    ['1/2', 12.7, 12.7],
    ['12 1/2', 317.5, 317.5],
    ['12½', 317.5, 317.5],
    ['2,5', 2.5, 63.5],
    ['.5', 0.5, 12.7],
    ['4.', 4, 101.6],
    ['2*1.2', 2.4, 60.96],
    ['2 × 1,2', 2.4, 60.96],
    ['11/24', 11 / 24, (11 / 24) * 25.4],
    ['9/2', 4.5, 114.3],
    ['60 - 2*6', 48, 1219.2],
    ['-3+5', 2, 50.8],
    ['120:8', 15, 381],
    ['3*1/4', 19.05, 19.05],
    ['1 in + 2 mm', 27.4, 27.4],
    ['3 x 5 mm', 15, 15],
    ['10 mm / 4', 2.5, 2.5],
  ])('%s is %d mm, or %d mm where inches are shown', (text, mm, inches) => {
    expect(parseLength(text, 'mm')).toBeCloseTo(mm, 10)
    expect(parseLength(text, 'inch')).toBeCloseTo(inches, 10)
  })
  it.each([
    '-',
    '.',
    ',',
    '+',
    '/',
    '4/',
    '*3',
    '2**3',
    '3 mm * 2 mm',
    '3 / 2 mm',
    '4 mm mm',
    '5/0',
    '1 5/4',
    '2(3)',
    '1'.repeat(61),
  ])('%s is none', text => {
    expect([parseLength(text, 'mm'), parseLength(text, 'inch')]).toEqual([null, null])
  })
  it('is said back where it is more than a number in the unit shown', () => {
    const said = (text: string, unit: 'mm' | 'inch') => readLength(text, unit)?.said
    expect(said('2.4', 'mm')).toBeNull()
    expect(said('2.4 mm', 'mm')).toBeNull()
    expect(said('1/4', 'inch')).toBeNull()
    expect(said('1/4', 'mm')).toBe('1/4 in')
    expect(said('1.2 cm', 'mm')).toBe('1.2 cm')
    expect(said('2*1.2', 'mm')).toBe('2 × 1.2')
    expect(said('11/24', 'inch')).toBe('11 ÷ 24')
    expect(said('-3+5', 'mm')).toBe('−3 + 5')
  })
  it('adds, takes away and divides as arithmetic does', () => {
    const whole = fc.integer({ min: 1, max: 999 })
    fc.assert(
      fc.property(whole, whole, whole, (a, b, c) => {
        expect(parseLength(`${a} + ${b}*${c}`, 'mm')).toBeCloseTo(a + b * c, 6)
        expect(parseLength(`${a}.5 - ${b} : ${c}`, 'mm')).toBeCloseTo(a + 0.5 - b / c, 6)
      }),
    )
  })
  it('is finite or none, whatever is typed', () => {
    const letters = fc.constantFrom(...'0123456789.,-+*/x: "½mincm'.split(''))
    fc.assert(
      fc.property(fc.array(letters, { maxLength: 14 }), fc.constantFrom('mm', 'inch'), (typed, unit) => {
        const mm = parseLength(typed.join(''), unit as 'mm')
        expect(mm === null || Number.isFinite(mm)).toBe(true)
      }),
      { numRuns: 3000 },
    )
  })
  it('reads what the app itself writes, a minus too', () => {
    expect(parseLength(formatLength(-6.35, 'inch'), 'inch')).toBeCloseTo(-6.35, 10)
    expect(parseLength(formatLength(-41.275, 'inch'), 'inch')).toBeCloseTo(-41.275, 10)
  })
})

describe('a typed number', () => {
  it.each([
    ['1/2', 0.5],
    ['4½', 4.5],
    ['12 1/2', 12.5],
    ['2,5', 2.5],
    ['3*4', 12],
    ['7/3', 7 / 3],
    ['-1', -1],
  ])('%s is %d', (text, value) => expect(readNumber(text)?.value).toBeCloseTo(value, 10))
  it.each(['', '-', 'abc', '4 mm', '1/0', '9'.repeat(400)])('%s is none', text =>
    expect(readNumber(text)).toBeNull(),
  )
  it('is said back only where something was worked out', () => {
    expect([readNumber('4.5')!.said, readNumber('1/2')!.said, readNumber('3*4')!.said]).toEqual([
      null,
      null,
      '3 × 4',
    ])
  })
})
