import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEFAULT_CHANGE_MINUTES } from '#core/order'
import { arranged, beforeAmong, brokenRules, knownMinutes, sittingsOf, suggestedBefore } from '#core/project'

/** Rules that hold in some order: each from a lower place of a hidden order to a higher one. */
const rules = fc
  .record({ count: fc.integer({ min: 1, max: 9 }), seed: fc.array(fc.nat(80), { maxLength: 14 }) })
  .map(({ count, seed }) => ({
    count,
    before: seed.flatMap(n => {
      const [a, b] = [n % count, Math.floor(n / 9) % count]
      return a === b ? [] : [[Math.min(a, b), Math.max(a, b)] as const]
    }),
  }))

describe('what comes before what', () => {
  // Common practice: tuck, cut, fuse, edge, topstitch.
  it('is suggested by kind, from stage to stage', () => {
    expect(suggestedBefore(['topstitching', 'cut', 'pintucks'])).toEqual([
      [2, 1],
      [1, 0],
    ])
    expect(suggestedBefore(['edge', 'press', 'fuse', 'seam'])).toEqual([[2, 0]])
    expect(suggestedBefore(['other', 'press'])).toEqual([])
  })
  it('holds through items that are left out', () => {
    expect(
      beforeAmong(
        3,
        [
          [0, 1],
          [1, 2],
        ],
        [0, 2],
      ),
    ).toEqual([[0, 1]])
    expect(() =>
      beforeAmong(
        2,
        [
          [0, 1],
          [1, 0],
        ],
        [0],
      ),
    ).toThrow(expect.objectContaining({ code: 'cycle' }))
  })
  it('is kept by every item, around those whose order is settled', () =>
    fc.assert(
      fc.property(rules, fc.nat(511), ({ count, before }, mask) => {
        // In their own order the settled ones keep every rule.
        const settled = Array.from({ length: count }, (_, i) => i).filter(i => mask & (1 << i))
        const order = arranged(count, before, settled)
        expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i))
        expect(order.filter(item => settled.includes(item))).toEqual(settled)
        expect(brokenRules(order, before)).toEqual([])
      }),
    ))
  it('is named where an order breaks it', () => {
    expect(
      brokenRules(
        [1, 0, 2],
        [
          [0, 1],
          [1, 2],
        ],
      ),
    ).toEqual([0])
    expect(
      arranged(
        4,
        [
          [0, 2],
          [3, 1],
        ],
        [1, 2],
      ),
    ).toEqual([3, 1, 0, 2])
  })
})

describe('minutes of a change', () => {
  const timed = (minutes: readonly number[]) =>
    minutes.map((each, i) => ({
      change: 'needle' as const,
      minutes: each,
      at: `2026-03-${String(i + 1).padStart(2, '0')}T10:00:00Z`,
    }))
  it('are one’s own median, of the last nine, and else what is set', () => {
    expect(knownMinutes(timed([9, 3, 2, 4]), DEFAULT_CHANGE_MINUTES).needle).toEqual({
      minutes: 3.5,
      times: 4,
    })
    expect(knownMinutes(timed([50, 50, ...Array<number>(9).fill(2)]), DEFAULT_CHANGE_MINUTES).needle).toEqual(
      {
        minutes: 2,
        times: 9,
      },
    )
    expect(knownMinutes([], DEFAULT_CHANGE_MINUTES).foot).toEqual({ minutes: 0.5, times: 0 })
  })
})

describe('sittings before a due day', () => {
  const TUESDAY_THURSDAY = [0, 60, 0, 60, 0, 0, 0]
  // Worked by hand: 27 November 2026 is a Friday; the next Tuesday is 1 December.
  it('take what each day has time for, and go on the next', () => {
    const { sittings, doneOn, lateMinutes } = sittingsOf(
      [90, 30],
      TUESDAY_THURSDAY,
      '2026-11-27',
      '2026-12-03',
    )
    expect(sittings).toEqual([
      { day: '2026-12-01', minutes: 60, parts: [{ item: 0, minutes: 60 }] },
      {
        day: '2026-12-03',
        minutes: 60,
        parts: [
          { item: 0, minutes: 30 },
          { item: 1, minutes: 30 },
        ],
      },
    ])
    expect([doneOn, lateMinutes]).toEqual(['2026-12-03', 0])
  })
  it('say what no longer fits', () => {
    expect(sittingsOf([90, 30], TUESDAY_THURSDAY, '2026-11-27', '2026-12-02')).toMatchObject({
      lateMinutes: 60,
      lateItems: [0, 1],
    })
    expect(sittingsOf([10], [0, 0, 0, 0, 0, 0, 0], '2026-11-27', null)).toMatchObject({
      doneOn: null,
      lateMinutes: 10,
      sittings: [],
    })
    // A due day that is past: nothing fits.
    expect(sittingsOf([10], TUESDAY_THURSDAY, '2026-11-27', '2026-11-01').lateMinutes).toBe(10)
  })
  it('have every minute once, in order, and no day longer than it has time', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 300 }), { maxLength: 8 }),
        fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 7, maxLength: 7 }),
        (items, week) => {
          const { sittings, doneOn } = sittingsOf(items, week, '2026-11-27', null)
          const parts = sittings.flatMap(one => one.parts)
          if (doneOn !== null || items.every(minutes => minutes === 0))
            items.forEach((minutes, item) => {
              const spent = parts.filter(one => one.item === item).reduce((sum, one) => sum + one.minutes, 0)
              expect(spent).toBeCloseTo(minutes, 6)
            })
          expect(parts.map(({ item }) => item)).toEqual(
            [...parts.map(({ item }) => item)].sort((a, b) => a - b),
          )
          for (const { day, minutes } of sittings)
            expect(minutes).toBeLessThanOrEqual(
              week[(new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7]! + 1e-9,
            )
        },
      ),
    ))
  it('need days that are days', () =>
    expect(() => sittingsOf([1], TUESDAY_THURSDAY, 'soon', null)).toThrow(
      expect.objectContaining({ code: 'out-of-range' }),
    ))
})
