import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  bandBuildUp,
  bandPicture,
  fallsBeside,
  gapForRibbonMm,
  holdOf,
  isMirrorAlike,
  lengthsInStep,
  patternsOnDial,
  type PicturedRow,
  ribbonMarginMm,
  rowGuide,
  rowLegs,
  rowLegsMm,
  rowsToMirror,
  rowThreads,
} from '#core/band'
import { lengthMarks } from '#core/fit'
import type { Needle } from '#core/needle'
import { findStitch, STITCHES } from '#core/stitch'

const marks = lengthMarks({ minMm: 0.2, maxMm: 5, stepMm: 0.1 })
const SINGLE: Needle = { construction: 'single', gapMm: 0, sizeNm: 80 }
const TWIN: Needle = { ...SINGLE, construction: 'twin', gapMm: 4 }
const thread = { colours: [{ hex: '#336699', runMm: 1000 }], diameterMm: 0.3, look: 'sheen' as const }
const pictured = (id: string, over: Partial<PicturedRow> = {}): PicturedRow => ({
  shape: findStitch(id)!,
  widthMm: 5,
  lengthMm: 2,
  mirror: false,
  needle: SINGLE,
  threads: [thread],
  bobbin: { ...thread, colours: [{ hex: '#aa3311', runMm: 1000 }] },
  centreMm: 2.5,
  ...over,
})

describe('a stitch in a mirror', () => {
  it.each([
    ['straight', true],
    ['zigzag', true],
    ['serpentine', true],
    ['honeycomb', true],
    ['blanket', false],
    ['blind-hem', false],
  ])('%s: alike %s', (id, alike) => expect(isMirrorAlike(findStitch(id)!)).toBe(alike))
  it('is alike the other way round too, for every stitch of the library', () => {
    for (const stitch of STITCHES) {
      const turned = { ...stitch, drops: stitch.drops.map(({ x, y }) => ({ x: -x, y })) }
      expect([stitch.id, isMirrorAlike(turned)]).toEqual([stitch.id, isMirrorAlike(stitch)])
    }
  })
  it('is alike where its second half is the first one mirrored', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -5, max: 5 }), fc.integer({ min: 1, max: 4 })), {
          minLength: 1,
          maxLength: 8,
        }),
        steps => {
          let y = 0
          const half = steps.map(([x, by]) => ({ x: x / 10, y: (y += by) - by }))
          const drops = [...half, ...half.map(one => ({ x: -one.x, y: one.y + y }))]
          expect(isMirrorAlike({ drops, repeat: 2 * y })).toBe(true)
        },
      ),
    ))
  it('is turned on one side of a band, where it is not alike', () => {
    const row = (stitchId: string, isAlike: boolean, mirror = false) => ({ stitchId, isAlike, mirror })
    const vine = row('vine', false)
    expect(rowsToMirror([vine, row('straight', true), vine])).toEqual([2])
    expect(rowsToMirror([vine, row('vine', false, true)])).toEqual([])
    expect(rowsToMirror([row('zigzag', true), row('zigzag', true)])).toEqual([])
    expect(rowsToMirror([vine])).toEqual([])
  })
})

describe('a band round corners', () => {
  // Plane geometry: a row so far in loses that much at each corner of 90°.
  it('is shorter the farther in a row lies', () => {
    expect(rowLegsMm([100, 300, 100], 8, 16, 'mirror')).toEqual([92, 284, 92])
    expect(rowLegsMm([100, 300, 100], 0, 16, 'mirror')).toEqual([100, 300, 100])
    expect(rowLegsMm([100, 300, 100], 8, 16, 'open')).toEqual([84, 268, 84])
    expect(rowLegsMm([400], 8, 16, 'open')).toEqual([400])
  })
  it('stops on whole patterns and leaves the rest bare, or stretches them to end whole', () => {
    const row = { repeat: 2, lengthMm: 2.5 }
    const [first, second] = rowLegs(row, [100, 301], 8, 16, 'stop', marks)
    expect([first!.repeats, first!.bareMm]).toEqual([18, 2])
    expect([second!.repeats, second!.bareMm]).toEqual([58, 3])
    const [mirrored] = rowLegs(row, [100, 301], 8, 16, 'mirror', marks)
    expect(mirrored).toMatchObject({ lengthMm: 92, bareMm: 0, ...patternsOnDial(row, 92, marks) })
  })
  it('refuses a leg that its corners eat up, by name', () =>
    expect(() => rowLegsMm([100, 12, 100], 8, 16, 'mirror')).toThrow(
      expect.objectContaining({
        code: 'out-of-range',
        details: expect.objectContaining({ field: 'legsMm.1' }),
      }),
    ))
})

describe('whole patterns on a dial', () => {
  // Worked by hand: 284 / (22 × 0.5) = 25.8, so 26 of 11 mm, 2 mm too long.
  it('are as many as the dial’s own marks let end whole', () =>
    expect(patternsOnDial({ repeat: 22, lengthMm: 0.4 }, 284, [0.5, 1, 1.5])).toMatchObject({
      repeats: 26,
      dialLengthMm: 0.5,
      missMm: -2,
    }))
  it('keep the wanted length where the miss is eased in, else take the mark that misses least', () => {
    expect(patternsOnDial({ repeat: 2, lengthMm: 2.5 }, 300.2, marks)).toMatchObject({
      repeats: 60,
      dialLengthMm: 2.5,
    })
    // 38 × 3.6 = 136.8: 1.2 mm in 138 are eased in, though 1.6 would miss less.
    expect(patternsOnDial({ repeat: 2, lengthMm: 1.8 }, 138, marks)).toMatchObject({
      repeats: 38,
      dialLengthMm: 1.8,
    })
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 400 }), fc.integer({ min: 10, max: 30 }), (way, length) => {
        const wanted = length / 10
        const { repeats, dialLengthMm, missMm } = patternsOnDial({ repeat: 8, lengthMm: wanted }, way, marks)
        expect(way - repeats * 8 * dialLengthMm).toBeCloseTo(missMm, 9)
        const near = marks.filter(mark => Math.abs(mark - wanted) <= 0.15 * wanted)
        const misses = near.map(mark => Math.abs(way - Math.max(1, Math.round(way / (8 * mark))) * 8 * mark))
        const eased = Math.max(0.25, 0.01 * way)
        expect(Math.abs(missMm)).toBeLessThanOrEqual(Math.max(eased, Math.min(...misses)) + 1e-9)
      }),
    )
  })
})

describe('rows that keep step', () => {
  // Reference: both rows are laid out pattern by pattern to the end.
  it('stand together at every common pattern, to a tenth', () =>
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 40 }), fc.integer({ min: 10, max: 40 }), (a, b) => {
        const [one, other] = [
          { repeat: 2, lengthMm: a / 10 },
          { repeat: 3, lengthMm: b / 10 },
        ]
        for (const { aMm, bMm, aRepeats, bRepeats, offMm } of lengthsInStep(one, other, 200, marks)) {
          let [atA, atB] = [0, 0]
          while (atA + aRepeats * 2 * aMm <= 200 + 1e-9) {
            atA += aRepeats * 2 * aMm
            atB += bRepeats * 3 * bMm
          }
          expect(Math.abs(atA - atB)).toBeLessThanOrEqual(0.1 + 1e-6)
          expect(offMm).toBeLessThanOrEqual(0.1 + 1e-6)
          expect(Math.abs(aMm / one.lengthMm - 1)).toBeLessThanOrEqual(0.3)
        }
      }),
      { numRuns: 40 },
    ))
  it('are left as they are where they keep step already', () =>
    expect(lengthsInStep({ repeat: 2, lengthMm: 2 }, { repeat: 4, lengthMm: 2 }, 300, marks)[0]).toEqual({
      aMm: 2,
      bMm: 2,
      aRepeats: 2,
      bRepeats: 1,
      offMm: 0,
    }))
})

describe('a ribbon', () => {
  // Worked by hand, in mm: half of what is left beside the band.
  it.each([
    [12.7, 9, 1.85, 'holds'],
    [6.35, 7, -0.325, 'edge'],
    [6, 5.4, 0.3, 'edge'],
    [15.875, 9, 3.4375, 'inside'],
    [3, 5, -1, 'over'],
  ] as const)('%s under %s: margin %s, %s', (ribbon, band, margin, hold) => {
    expect(ribbonMarginMm(ribbon, band)).toBeCloseTo(margin, 9)
    expect(holdOf(ribbonMarginMm(ribbon, band))).toBe(hold)
  })
  it('is held at both edges by a twin of the right gap, and missed by one too wide', () => {
    expect(gapForRibbonMm(8, 0, 1)).toBe(6)
    expect(ribbonMarginMm(8, gapForRibbonMm(8, 2, 0.7) + 2)).toBeCloseTo(0.7, 9)
    expect(fallsBeside(3, 4, 0)).toBe(true)
    expect(fallsBeside(3, 4, 2)).toBe(false)
    expect(() => gapForRibbonMm(Number.NaN, 0, 1)).toThrow(expect.objectContaining({ code: 'non-finite' }))
  })
})

describe('the row before, under the foot', () => {
  // Worked by hand: half of 7 is 3.5, less the overlap; the opening of 8 reaches 4.
  it('lies half a span to the left, less the overlap', () => {
    expect(rowGuide(7, 0.5, 8)).toEqual({ edgeMm: -3, insideRimMm: 1 })
    expect(rowGuide(7, -1, 8)).toEqual({ edgeMm: -4.5, insideRimMm: -0.5 })
    expect(rowGuide(7, 0, null)).toEqual({ edgeMm: -3.5, insideRimMm: null })
  })
})

describe('a band as sewn', () => {
  const xs = (points: readonly { readonly x: number }[]) => points.map(({ x }) => x)
  it('has every thread where its row lies, a twin’s two a gap apart', () => {
    const [left, right] = rowThreads([pictured('zigzag', { needle: TWIN, centreMm: 4.5 })], 9, 40, false)
    expect([Math.min(...xs(left!.pointsMm)), Math.max(...xs(right!.pointsMm))]).toEqual([0, 9])
    expect(right!.pointsMm[5]!.x - left!.pointsMm[5]!.x).toBeCloseTo(4, 9)
  })
  it('shows the bobbin’s thread, mirrored, where it is sewn wrong side up', () => {
    const row = pictured('blanket', { centreMm: 2.5 })
    const [above] = rowThreads([row], 12, 40, false)
    const [below] = rowThreads([row], 12, 40, true)
    expect(below!.hex).toBe('#aa3311')
    expect(xs(below!.pointsMm)).toEqual(xs(above!.pointsMm).map(x => 12 - x))
  })
  it('stands about its middle, whichever end of the swing the machine holds it at', () => {
    const [held] = rowThreads([pictured('blind-hem', { centreMm: 10 })], 20, 60, false)
    expect(Math.min(...xs(held!.pointsMm)) + Math.max(...xs(held!.pointsMm))).toBeCloseTo(20, 9)
  })
  it('counts thread on thread where rows overlap, and none where they do not', () => {
    const satin = (centreMm: number) => pictured('zigzag', { lengthMm: 0.3, centreMm })
    const apart = bandBuildUp([satin(2.5), satin(8.5)], false)
    const over = bandBuildUp([satin(2.5), satin(6)], false)
    expect(apart.overlapMeanLayers).toBeNull()
    expect(over.overlapMeanLayers).toBeGreaterThan(1)
    expect(over.muddy).toBe(true)
    expect(over.mostLayers).toBeGreaterThan(apart.mostLayers)
  })
  it('is one picture with every row’s threads apart', () => {
    const { styles, leftMm, rightMm } = bandPicture(
      [pictured('zigzag'), pictured('zigzag', { centreMm: 7.5 })],
      20,
      false,
    )
    expect(new Set(styles.map(({ thread: number }) => number)).size).toBe(2)
    expect([leftMm, rightMm]).toEqual([expect.closeTo(-0.15, 2), expect.closeTo(10.15, 2)])
  })
})
