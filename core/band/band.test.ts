import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bestStacks, downTheMiddleMm, fillBand, layBand, patternsAlong, ribbonMarginMm } from '#core/band'
import { lengthMarks } from '#core/fit'

const marks = lengthMarks({ minMm: 0.2, maxMm: 5, stepMm: 0.1 })
const row = (widthMm: number, lengthMm: number, repeat: number, gapMm = 0) => ({
  widthMm,
  lengthMm,
  repeat,
  gapMm,
})

const tenths = Array.from({ length: 100 }, (_, i) => (i + 1) / 10)

describe('a band', () => {
  // Worked by hand.
  it('answers the worked example', () => {
    const { bandMm, rows, drift } = layBand(
      [row(5, 2.5, 2), row(7, 0.4, 22), row(5, 2.5, 2)],
      [0.5, 0.5],
      300,
      marks,
    )
    expect(bandMm).toBe(16)
    expect(rows.map(({ centreMm }) => centreMm)).toEqual([2.5, 8, 13.5])
    expect(rows.map(({ repeats }) => repeats)).toEqual([60, 34, 60])
    expect(rows.map(({ dialLengthMm }) => dialLengthMm)).toEqual([2.5, 0.4, 2.5])
    expect(rows[1]!.evenLengthMm).toBeCloseTo(0.40107, 5)
    expect(rows[1]!.missMm).toBeCloseTo(0.8, 9)
    expect(rows[1]!.stretch).toBeCloseTo(0.00267, 5)
    expect(drift.map(({ everyMm }) => everyMm)).toEqual([
      expect.closeTo(11.579, 3),
      expect.closeTo(11.579, 3),
    ])
  })
  it('of twins is as wide as stitch and gap; a negative overlap is a gap', () =>
    expect(layBand([row(4, 2, 2, 2), row(4, 2, 2, 2)], [-1], 100, marks)).toMatchObject({
      bandMm: 13,
      drift: [{ everyMm: null }],
    }))
  // Reference: patterns laid one after the other until both begin together again, a whole one apart.
  it('drifts by a whole pattern after as long as laying them out says', () =>
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 60 }), fc.integer({ min: 5, max: 60 }), (a, b) => {
        // Along a way so long that one pattern more or less is always another count.
        const { everyMm } = layBand([row(3, a / 10, 1), row(3, b / 10, 1)], [0], 9000, tenths).drift[0]!
        if (a === b) {
          expect(everyMm).toBeNull()
          return
        }
        const [fine, coarse] = [Math.min(a, b), Math.max(a, b)]
        let laid = 1
        while (Math.floor((laid * coarse) / fine) - laid < 1) laid += 1
        // Within that coarse pattern the fine ones come to be a whole one ahead.
        expect(10 * everyMm!).toBeGreaterThan((laid - 1) * coarse - 1e-6)
        expect(10 * everyMm!).toBeLessThanOrEqual(laid * coarse + 1e-6)
      }),
    ))
  it('keeps step where as many patterns of both are sewn along the way', () => {
    const rows = [row(7, 0.4, 22), row(7, 0.45, 20)]
    const band = layBand(rows, [0], 284, marks)
    expect(band.rows.map(({ repeats }) => repeats)).toEqual([32, 32])
    expect(band.drift).toEqual([{ a: 0, b: 1, everyMm: null }])
  })
  // Worked by hand.
  it.each<[string, [number, number][], number[], number, number[]]>([
    [
      'a row down the middle of another',
      [
        [6, 0],
        [0, 0],
      ],
      [3],
      6,
      [3, 3],
    ],
    [
      'a narrow one beyond its left edge',
      [
        [2, 0],
        [6, 0],
      ],
      [4],
      6,
      [3, 3],
    ],
    [
      'a wide one across two',
      [
        [4, 0],
        [10, 0],
        [4, 0],
      ],
      [7, 7],
      10,
      [5, 5, 5],
    ],
  ])('of %s is as wide as its outermost edges', (_, sizes, overlaps, bandMm, centres) => {
    const band = layBand(
      sizes.map(([width, gap]) => row(width, 2, 2, gap)),
      overlaps,
      100,
      marks,
    )
    expect(band.bandMm).toBeCloseTo(bandMm, 9)
    expect(band.rows.map(({ centreMm }) => centreMm)).toEqual(centres)
  })
  it('runs down the middle of its neighbour where it is told to', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 90 }), (a, b) => {
        const pair = [row(a / 10, 2, 2), row(b / 10, 2, 2)]
        const [one, other] = layBand(pair, [0], 100, marks).rows
        const band = layBand(pair, [downTheMiddleMm(one!, other!)], 100, marks)
        expect(band.rows[0]!.centreMm).toBeCloseTo(band.rows[1]!.centreMm, 9)
        expect(band.bandMm).toBeCloseTo(Math.max(a, b) / 10, 9)
      }),
    ))
  it('ends whole: even length, nearest mark, what is missed', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 2, max: 50 }),
        fc.integer({ min: 10, max: 900 }),
        (repeat, tenths, alongMm) => {
          const found = patternsAlong({ repeat, lengthMm: tenths / 10 }, alongMm, marks)
          expect(found.repeats * repeat * found.evenLengthMm).toBeCloseTo(alongMm, 6)
          expect(found.missMm).toBeCloseTo(alongMm - found.repeats * repeat * found.dialLengthMm, 9)
          const nearest = Math.min(...marks.map(mark => Math.abs(mark - found.evenLengthMm)))
          expect(Math.abs(found.dialLengthMm - found.evenLengthMm)).toBeCloseTo(nearest, 9)
        },
      ),
    ))
  it('takes the smaller of two marks as near', () =>
    expect(patternsAlong({ repeat: 1, lengthMm: 2.5 }, 2.5, [2, 3]).dialLengthMm).toBe(2))
  // Arithmetic: 1/2, 1/4 and 5/8 inch ribbon under 9, 7 and 9 mm.
  it.each([
    [12.7, 9, 1.85],
    [6.35, 7, -0.325],
    [15.875, 9, 3.4375],
  ])('of %d ribbon under %d shows %d on each side', (ribbon, band, margin) =>
    expect(ribbonMarginMm(ribbon, band)).toBeCloseTo(margin, 9),
  )
  it.each<[string, () => unknown, RegExp]>([
    ['too few overlaps', () => layBand([row(5, 2, 2), row(5, 2, 2)], [], 100, marks), /overlapsMm/],
    ['a repeat of nothing', () => layBand([row(5, 2, 0)], [], 100, marks), /repeat/],
    ['NaN', () => layBand([row(Number.NaN, 2, 2)], [], 100, marks), /not a number/],
    ['16 rows', () => layBand(Array(16).fill(row(1, 1, 1)), Array(15).fill(0), 100, marks), /at most 15/],
  ])('with %s is refused', (_, work, message) => expect(work).toThrow(message))
})

describe('filling a band', () => {
  it('answers the worked example', () =>
    expect(
      fillBand(
        17,
        [
          { id: 'a', widthMm: 5 },
          { id: 'b', widthMm: 7 },
        ],
        0,
        0.2,
        3,
      ),
    ).toEqual([{ ids: ['a', 'b', 'a'], offMm: 0 }]))
  // Reference: every list of rows, kept where it reads the same either way and fits.
  it('finds every symmetric stack that trying all lists finds, in order', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 2, max: 9 }), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 5, max: 40 }),
        fc.integer({ min: 0, max: 2 }),
        fc.integer({ min: 1, max: 5 }),
        (widths, bandMm, tolerance, mostRows) => {
          const choices = widths.map((widthMm, i) => ({ id: 'cabd'[i]!, widthMm }))
          const overlap = 0.5
          const all: { ids: string[]; offMm: number }[] = []
          const grow = (rows: typeof choices) => {
            if (rows.length > 0) {
              const ids = rows.map(({ id }) => id)
              const off =
                rows.reduce((sum, { widthMm }) => sum + widthMm, 0) - (rows.length - 1) * overlap - bandMm
              if (ids.join() === ids.toReversed().join() && Math.abs(off) <= tolerance)
                all.push({ ids, offMm: off })
            }
            if (rows.length < mostRows) for (const choice of choices) grow([...rows, choice])
          }
          grow([])
          all.sort(
            (a, b) =>
              a.ids.length - b.ids.length
              || Math.abs(a.offMm) - Math.abs(b.offMm)
              || (a.ids.join('') < b.ids.join('') ? -1 : 1),
          )
          expect(fillBand(bandMm, choices, overlap, tolerance, mostRows)).toEqual(all)
        },
      ),
      { numRuns: 60 },
    ))
  it('counts more stacks than it tells of, and refuses to list too many', () => {
    const alike = Array.from({ length: 12 }, (_, i) => ({ id: `${i}`, widthMm: 4 + i / 100 }))
    const { stacks, count } = bestStacks(37, alike, 0, 100, 5, 50)
    // Halves of one to three rows, each of twelve stitches.
    expect(count).toBe(12 + 12 + 12 ** 2 + 12 ** 2 + 12 ** 3)
    expect(stacks).toHaveLength(50)
    expect(stacks.slice(0, 12).map(({ ids }) => ids.length)).toEqual(Array(12).fill(1))
    expect(bestStacks(37, alike, 0, 100, 5, 9999).stacks.slice(0, 50)).toEqual(stacks)
    expect(() => fillBand(37, alike, 0, 100, 7)).toThrow(/stacks; 2000 are the most/)
  })
  it('refuses 13 stitches', () =>
    expect(() =>
      fillBand(
        20,
        Array.from({ length: 13 }, (_, i) => ({ id: `${i}`, widthMm: 3 })),
        0,
        1,
        3,
      ),
    ).toThrow(/12 are the most/))
})
