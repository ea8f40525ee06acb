import { describe, expect, it } from 'vitest'
import { QUANTITY_NAMES, quantityFact } from '#core/measure'
import { measuredField, measuredTable } from '#shared/inputs'
import { TABLES, type TableName } from '#shared/records'
import { changeMinutesKnown } from './changeMinutesKnown'
import { COUNTS } from './counts'
import { measuredWords, valueWords } from './measuredWords'
import { RECTANGLES } from './rectangles'
import { takenRow } from './takenRow'

describe('what is counted', () => {
  const numbersOf = (quantity: string, over: Record<string, number>) => {
    const count = COUNTS.find(one => one.quantity === quantity)!
    const usual = Object.fromEntries(count.fields.map(({ id, usual: value }) => [id, value ?? Number.NaN]))
    return count.of({ ...usual, ...over })
  }
  // Worked by hand.
  it.each([
    ['feed', { sewnMm: 57 }, 0.95],
    ['width-factor', { sewnMm: 5.1 }, 1.02],
    ['cloth-thickness', { stackMm: 3.2 }, 0.2],
    ['thread-thickness', { wraps: 40 }, 0.25],
    ['tex', { grams: 0.6, metres: 20 }, 30],
    ['speed', { seconds: 60 }, 400],
  ])('%s', (quantity, over, value) => {
    const measured = numbersOf(quantity, over)
    expect(measured.value).toBeCloseTo(value, 9)
    expect(measured.spread).toBeGreaterThan(0)
  })
  it('asks for what nobody can guess, and refuses to reckon without', () => {
    for (const { quantity, fields } of COUNTS) {
      expect(
        fields.some(({ usual }) => usual === null),
        quantity,
      ).toBe(true)
      expect(() => numbersOf(quantity, {}), quantity).toThrow()
    }
  })
  it('is everything that is said to be counted, but take-up, which has a form of its own', () => {
    const said = QUANTITY_NAMES.filter(
      quantity => quantityFact(quantity).ways.includes('counting') && quantity !== 'take-up',
    )
    expect(COUNTS.map(({ quantity }) => quantity).sort()).toEqual([...said].sort())
  })
})

describe('where a measure is kept', () => {
  it('is a field of its table that knows how well it was measured', () => {
    for (const quantity of QUANTITY_NAMES) {
      const [table, field] = [measuredTable(quantity), measuredField(quantity)]
      if (!table || !field) continue
      const { schema } = TABLES[table as TableName]
      const asked = JSON.stringify(
        schema.safeParse({ [field]: 'x', spreads: { [field]: { value: 'x' } } }).error?.issues ?? [],
      )
      expect(asked, quantity).toContain(`["spreads","${field}","value"]`)
    }
  })
})

describe('a measure in words', () => {
  it.each([
    ['foot-opening', { value: 8.2, spread: 0.1 }, '8.2 mm ± 0.2 mm'],
    ['tex', { value: 30, spread: 0.5 }, '30.0 tex ± 1.0'],
    ['feed', { value: 0.97, spread: 0.006 }, '0.970 of the dial ± 0.012'],
    ['speed', { value: 480.4, spread: 4 }, '480 a minute ± 8'],
  ] as const)('%s', (quantity, measured, words) => {
    expect(measuredWords(quantity, measured)).toBe(words)
    expect(words.startsWith(valueWords(quantity, measured.value))).toBe(true)
  })
  it('tells how many kinds of change were timed, each once', () => {
    expect(changeMinutesKnown([])).toContain('None was timed')
    const timed = (change: 'needle' | 'foot') => ({ id: change, change, minutes: 2, at: '' })
    expect(changeMinutesKnown([timed('needle'), timed('needle'), timed('foot')])).toContain('2 of 8 kinds')
  })
})

describe('a row that was taken over', () => {
  const reading = {
    ok: true,
    stitches: 20,
    lengthMm: { value: 3, spread: 0.01 },
    scatterMm: 0.05,
    acrossMm: null,
    holesPx: [],
  } as const
  it('is as long from hole to hole, whatever the count was corrected to', () => {
    expect(takenRow(reading, 20).alongMm.value).toBeCloseTo(60, 9)
    expect(takenRow(reading, 19)).toMatchObject({ count: 19, alongMm: { value: 60 } })
  })
})

describe('what is laid beside it', () => {
  // Source: ISO/IEC 7810 ID-1; ISO 216.
  it('has its long side first', () => {
    for (const { wideMm, tallMm } of Object.values(RECTANGLES)) expect(wideMm).toBeGreaterThan(tallMm)
    expect([RECTANGLES.card.wideMm, RECTANGLES.card.tallMm]).toEqual([85.6, 53.98])
    expect([RECTANGLES.a4.wideMm, RECTANGLES.a4.tallMm]).toEqual([297, 210])
  })
})
