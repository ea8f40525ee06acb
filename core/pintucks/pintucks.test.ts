import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  grooveFor,
  ridesToMm,
  lattice,
  layOut,
  outlineFit,
  type PintuckInput,
  planPintucks,
  pintuckDrawing,
  ridgeArc,
  ridgeMm,
  tuckOrder,
  sizesLost,
  swatchToCutMm,
  swatchTucksFor,
  takeUpOf,
} from '#core/pintucks'

const INPUT: PintuckInput = {
  needle: { gapMm: 2, sizeNm: 80 },
  layout: { wanted: { count: 6 }, spacingMm: 6, group: { of: 3, gapMm: 14 }, pieceMm: 60, edgeMm: null },
  clothMm: null,
  reserveMm: 20,
  takeUp: { beforeMm: 100, afterMm: 88, tucks: 10, readMm: 0.5 },
  foot: null,
  cordMm: null,
}
const plan = (over: Partial<PintuckInput> = {}) => planPintucks({ ...INPUT, ...over })
const layout = (over: Partial<PintuckInput['layout']>) => ({ ...INPUT.layout, ...over })
const near = (values: readonly number[]) => values.map(value => Math.round(value * 1e6) / 1e6)

describe('a plan of pintucks', () => {
  // Worked by hand.
  it('lays six tucks in groups of three, and each on the flat cloth', () => {
    const made = plan()
    expect(near(made.finishedMm)).toEqual([11, 17, 23, 37, 43, 49])
    expect(near(made.flatMm!)).toEqual([21.6, 28.8, 36, 51.2, 58.4, 65.6])
    expect(near([made.spanMm, made.blankMm!, made.blankLeastMm, made.blankMostMm])).toEqual([
      38, 87.2, 86.6, 87.8,
    ])
    expect(made.takeUp.eachMm).toBeCloseTo(1.2, 12)
    expect(made.ridgeMm).toBeCloseTo(0.7183, 4)
    expect(made.cordMostMm).toBeCloseTo(1.2, 12)
    expect(made.warnings).toEqual([])
  })
  it('knows a range only while the take-up is not measured', () => {
    const made = plan({ takeUp: null })
    expect([made.flatMm, made.blankMm, made.ridgeMm]).toEqual([null, null, null])
    expect(made.takeUp).toEqual({ eachMm: null, leastMm: 0, mostMm: 2 })
    expect([made.blankLeastMm, made.blankMostMm]).toEqual([80, 92])
    expect(plan({ takeUp: null, clothMm: 0.5 }).takeUp.mostMm).toBe(1.5)
  })
  it('fills a width with the most tucks that fit: floor(F/s) + 1', () => {
    expect(plan({ layout: layout({ wanted: { fillMm: 38 } }) }).count).toBe(6)
    expect(plan({ layout: layout({ wanted: { fillMm: 37.99 } }) }).count).toBe(5)
    expect(plan({ layout: layout({ wanted: { fillMm: 50 }, group: null }) }).count).toBe(9)
    expect(plan({ layout: layout({ wanted: { fillMm: 0 } }) }).count).toBe(1)
  })
  it('begins at an edge distance, and is as wide as its span without a piece', () => {
    expect(near(plan({ layout: layout({ edgeMm: 5 }) }).finishedMm)[0]).toBe(5)
    expect(near(plan({ layout: layout({ pieceMm: null }) }).finishedMm)).toEqual([0, 6, 12, 26, 32, 38])
  })
  it('says what speaks against it', () => {
    const codes = (over: Partial<PintuckInput>) => plan(over).warnings.map(({ code }) => code)
    expect(codes({ takeUp: { beforeMm: 100, afterMm: 70, tucks: 10, readMm: 0.5 } })).toEqual([
      'take-up-above-gap',
    ])
    expect(plan({ takeUp: { beforeMm: 100, afterMm: 70, tucks: 10, readMm: 0.5 } }).ridgeMm).toBeNull()
    expect(codes({ cordMm: 1.3 })).toEqual(['cord-too-thick'])
    expect(codes({ cordMm: 1.2 })).toEqual([])
    expect(codes({ layout: layout({ pieceMm: 30 }) })).toEqual(['wider-than-piece'])
    expect(codes({ layout: layout({ edgeMm: 30 }) })).toEqual(['wider-than-piece'])
  })
  it.each<[string, Partial<PintuckInput>, string]>([
    ['a spacing below the gap', { layout: layout({ spacingMm: 1.9 }) }, 'spacingMm'],
    ['a thousand million tucks', { layout: layout({ wanted: { count: 1e9 } }) }, 'count'],
    ['no tuck', { layout: layout({ wanted: { count: 0 } }) }, 'count'],
    ['half a tuck', { layout: layout({ wanted: { count: 2.5 } }) }, 'count'],
    ['a width that takes too many', { layout: layout({ wanted: { fillMm: 9999 } }) }, 'fillMm'],
    ['NaN', { layout: layout({ spacingMm: Number.NaN }) }, 'spacingMm'],
    [
      'a swatch that grew',
      { takeUp: { beforeMm: 88, afterMm: 100, tucks: 10, readMm: 0.5 } },
      'takeUp.afterMm',
    ],
    [
      'a swatch that stayed',
      { takeUp: { beforeMm: 88, afterMm: 88, tucks: 10, readMm: 0.5 } },
      'takeUp.afterMm',
    ],
    ['a reserve below nothing', { reserveMm: -1 }, 'reserveMm'],
  ])('refuses %s by its field', (_, over, field) =>
    expect(() => plan(over)).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    ),
  )
  it('keeps all the cloth: finished and eaten make the blank, and every tuck its place', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 2, max: 30, noNaN: true }),
        fc.double({ min: 0.5, max: 19, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (count, spacingMm, lostMm, reserveMm) => {
          const made = plan({
            layout: { wanted: { count }, spacingMm, group: null, pieceMm: 2000, edgeMm: null },
            takeUp: { beforeMm: 100, afterMm: 100 - lostMm, tucks: 10, readMm: 0.5 },
            reserveMm,
          })
          const each = made.takeUp.eachMm!
          expect(made.blankMm).toBeCloseTo(made.pieceMm + count * each + reserveMm, 6)
          // Folding each tuck shut brings its line back to its finished place.
          made.flatMm!.forEach((flat, i) =>
            expect(flat - reserveMm / 2 - i * each - each / 2).toBeCloseTo(made.finishedMm[i]!, 6),
          )
          // From the right it looks the same.
          const mirrored = made.flatMm!.map(flat => made.blankMm! - flat).reverse()
          mirrored.forEach((flat, i) => expect(flat).toBeCloseTo(made.flatMm![i]!, 6))
        },
      ),
    ))
})

describe('take-up', () => {
  // Arithmetic: a ruler off by r at each end is off by 2r over n tucks.
  it('lies between what two readings off the other way would say', () => {
    const { leastMm, mostMm } = takeUpOf({ beforeMm: 100, afterMm: 88, tucks: 10, readMm: 0.5 }, 2, 0)
    expect([leastMm, mostMm].map(mm => Math.round(mm * 1e9) / 1e9)).toEqual([1.1, 1.3])
    expect(takeUpOf({ beforeMm: 100, afterMm: 99.5, tucks: 10, readMm: 0.5 }, 2, 0).leastMm).toBe(0)
  })
  it('asks for a swatch its tucks have room on', () => {
    // 21 · (6 + 2) + 2 · 20 = 208, to the next centimetre.
    expect(swatchToCutMm(21, 6, 2)).toBe(210)
    for (const tucks of [1, 10, 60])
      for (const spacing of [2, 6.35, 25])
        expect(swatchToCutMm(tucks, spacing, 1.2)).toBeGreaterThanOrEqual(tucks * (spacing + 1.2) + 40)
    expect(() => swatchToCutMm(NaN, 6, 2)).toThrow(/tucks/)
    // Half-typed: 120 before, 1 after, 1 tuck; and the finest tolerance with the coarsest ruler.
    const { eachMm } = takeUpOf({ beforeMm: 120, afterMm: 1, tucks: 1, readMm: 0.5 }, 2, 0)
    expect(swatchToCutMm(10, 6, eachMm!)).toBe(1290)
    expect(swatchToCutMm(swatchTucksFor(500, 0.1, 10), 6, 2)).toBeGreaterThan(0)
  })
  it('is known well enough from so many tucks', () => {
    expect(swatchTucksFor(24, 2, 0.5)).toBe(12)
    expect(swatchTucksFor(1, 2, 0.5)).toBe(1)
    const count = swatchTucksFor(37, 3, 0.4)
    expect((2 * 0.4 * 37) / count).toBeLessThanOrEqual(3)
    expect((2 * 0.4 * 37) / (count - 1)).toBeGreaterThan(3)
  })
})

describe('a ridge', () => {
  // Circular segment: arc g over chord g − t; the heights worked out by hand from sin θ / θ.
  it.each([
    [2, 0, 0],
    [2, 0.5, 0.56],
    [2, 1, 0.696],
    [2, 1.5, 0.72],
    [2, 1.2, 0.7183],
  ])('of gap %f and take-up %f stands %f high', (gap, takeUp, height) =>
    expect(ridgeMm(gap, takeUp)).toBeCloseTo(height, height === 0.56 || height === 0.72 ? 2 : 3),
  )
  it('has the arc’s length and the chord’s width it was made from', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.99, noNaN: true }), share => {
        const { halfAngle, radiusMm, heightMm } = ridgeArc(2, 2 * share)!
        expect(2 * halfAngle * radiusMm!).toBeCloseTo(2, 6)
        expect(2 * radiusMm! * Math.sin(halfAngle)).toBeCloseTo(2 - 2 * share, 6)
        expect(heightMm).toBeGreaterThan(0)
      }),
    ))
  it('closes to a circle when all is taken up, and is none beyond', () => {
    expect(ridgeMm(2, 2)).toBeCloseTo(2 / Math.PI, 6)
    expect(ridgeArc(2, 2.01)).toBeNull()
  })
})

describe('a grooved foot', () => {
  it.each([
    [{ pitchMm: 2.5, grooves: 7 }, 6, { k: 2, spacingMm: 5, offMm: -1 }],
    [{ pitchMm: 3, grooves: 5 }, 4.5, { k: 1, spacingMm: 3, offMm: -1.5 }],
    [{ pitchMm: 2.5, grooves: 3 }, 20, { k: 1, spacingMm: 2.5, offMm: -17.5 }],
    [{ pitchMm: 2.5, grooves: 2 }, 5, null],
  ])('%j rides at %f', (foot, spacing, groove) => expect(grooveFor(foot, spacing)).toEqual(groove))
  it('is known as well as its pitch, the same way every time', () => {
    // By hand: ten rides over one groove, each off by 2 × 0.03.
    expect(ridesToMm({ pitchMm: 3, grooves: 5, pitchSpreadMm: 0.03 }, 1, 10)).toBeCloseTo(0.6, 9)
    expect(ridesToMm({ pitchMm: 3, grooves: 5, pitchSpreadMm: 0.03 }, 2, 10)).toBeCloseTo(1.2, 9)
    expect(ridesToMm({ pitchMm: 3, grooves: 5 }, 1, 10)).toBeNull()
  })
})

describe('sewing and cutting', () => {
  it('goes from the middle outwards, to both sides by turns', () => {
    expect(tuckOrder(5, null, null)).toEqual({ sewn: [2, 3, 1, 4, 0], marked: [0, 1, 2, 3, 4], rides: 0 })
    expect(tuckOrder(4, null, null).sewn).toEqual([2, 1, 3, 0])
  })
  const groove = grooveFor({ pitchMm: 3, grooves: 7 }, 6)
  it('marks with a groove only the tuck of each group that is sewn first, its middle one', () => {
    expect(tuckOrder(6, 3, groove)).toEqual({ sewn: [4, 5, 3, 1, 2, 0], marked: [1, 4], rides: 1 })
    expect(tuckOrder(5, null, groove)).toEqual({ sewn: [2, 3, 1, 4, 0], marked: [2], rides: 2 })
  })
  it('sews every tuck once, and rides only where a neighbour of its group was sewn before', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.option(fc.integer({ min: 1, max: 12 })),
        fc.boolean(),
        (count, groupOf, rides) => {
          const { sewn, marked } = tuckOrder(count, groupOf, rides ? groove : null)
          expect([...sewn].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i))
          const groupOfTuck = (tuck: number) => Math.floor(tuck / (groupOf ?? count))
          sewn.forEach((tuck, turn) => {
            const before = sewn.slice(0, turn).filter(one => groupOfTuck(one) === groupOfTuck(tuck))
            if (!marked.includes(tuck)) expect(before.some(one => Math.abs(one - tuck) === 1)).toBe(true)
            // The first line of a group that is marked is the first of it that is sewn.
            else if (rides) expect(before).toEqual([])
          })
        },
      ),
    ))
  it('finds where the pattern piece is wider than the tucked cloth', () => {
    const widths = [
      { atMm: 0, widthMm: 310 },
      { atMm: 400, widthMm: 340 },
    ]
    const fit = outlineFit(widths, 320, [5, 160, 315])
    expect(fit.tooNarrow!.fromMm).toBeCloseTo(400 / 3, 9)
    expect(fit.tooNarrow).toMatchObject({ toMm: 400, shortMm: 20 })
    expect(fit.cuts[0]).toMatchObject({ leftMm: 5, rightMm: 315, cutOff: [] })
    expect(outlineFit(widths, 340, []).tooNarrow).toBeNull()
    expect(outlineFit([{ atMm: 0, widthMm: 100 }], 320, [5, 160]).cuts[0]!.cutOff).toEqual([0])
  })
  it('says how many sizes a finished garment loses', () => {
    expect(sizesLost(31)).toBe(1)
    expect(sizesLost(5)).toBe(0)
    expect(sizesLost(80)).toBe(2)
  })
  // Geometry: lines s apart, at φ to the upright, meet a level edge every s/cos φ and an upright one every
  // s/sin φ.
  it('takes up both ways in a lattice', () => {
    const of = { spacingMm: 20, takeUpMm: 1, pieceMm: 300, tallMm: 400 }
    expect(lattice({ ...of, angleDeg: 90 })).toMatchObject({
      alongBottomMm: null,
      alongSideMm: 20,
      widthTakeUpMm: 0,
      heightTakeUpMm: 20,
    })
    const slant = lattice({ ...of, angleDeg: 60 })
    expect(slant.alongBottomMm).toBeCloseTo(40, 9)
    expect(slant.alongSideMm).toBeCloseTo(23.094, 3)
    expect([slant.crossBottom, slant.crossSide]).toEqual([7, 17])
    expect(slant.widthTakeUpMm).toBeCloseTo(3.5, 9)
    expect(() => lattice({ ...of, angleDeg: 0 })).toThrow(/over 0/)
  })
  it('draws only the lines that need marking', () => {
    const made = plan()
    const drawing = pintuckDrawing({
      title: 'Front',
      blankMm: made.blankMm!,
      tallMm: 100,
      flatMm: made.flatMm!,
      marked: [0, 3],
      runsMm: [],
      length: String,
    })
    const lines = drawing.marks.filter(({ kind }) => kind === 'line')
    expect(lines.map(mark => (mark.kind === 'line' ? near([mark.x1]) : []))).toEqual([[21.6], [51.2]])
    expect(drawing.wideMm).toBeCloseTo(87.2, 9)
  })
  it('lays out alone what a plan lays out', () =>
    expect(layOut(INPUT.layout, 2).finishedMm).toEqual(plan().finishedMm))
})
