import { findStitch, STITCHES } from '#core/stitch'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { rightSide, underSide } from '#core/sewn'
import { bobbinCapacityM, threadUsage, type UsageInput } from '#core/usage'

const SINGLE = { construction: 'single', gapMm: 0, sizeNm: 80 } as const
const input = (
  stitchId: string,
  widthMm: number,
  lengthMm: number,
  over: Partial<UsageInput> = {},
): UsageInput => ({
  stitch: { ...findStitch(stitchId)!, widthMm, lengthMm, mirror: false, positionMm: 0 },
  maxWidthMm: 9,
  needle: SINGLE,
  seamM: 1,
  thicknessMm: 1,
  waste: 0,
  ...over,
})
const TWIN = { construction: 'twin', gapMm: 2, sizeNm: 80 } as const

describe('thread needed', () => {
  // Source: rectangular lockstitch model, O'Dwyer & Munden 1975 (from memory), rederived by hand.
  it('takes L + t above and below for a straight seam', () => {
    const usage = threadUsage(input('straight', 0, 2.5))
    expect(usage.needleThreads).toEqual([{ blade: 'only', metres: expect.closeTo(3.5 / 2.5, 9) }])
    expect(usage.bobbinM).toBeCloseTo(1.4, 9)
    expect(usage.stitches).toBe(400)
  })
  it('takes √(L² + w²) + t for each swing of a zigzag', () => {
    expect(threadUsage(input('zigzag', 4, 1.5)).needleThreads[0]!.metres).toBeCloseTo(
      (Math.hypot(1.5, 4) + 1) / 1.5,
      9,
    )
  })
  it('runs g + √(g² + L²) + 2 t of bobbin thread under a straight twin, a thread a needle above', () => {
    const usage = threadUsage(input('straight', 0, 3, { needle: TWIN }))
    expect(usage.bobbinM).toBeCloseTo((2 + Math.hypot(2, 3) + 2) / 3, 9)
    expect(usage.needleThreads.map(({ blade }) => blade)).toEqual(['left', 'right'])
    expect(usage.needleThreads[1]!.metres).toBeCloseTo(4 / 3, 9)
  })
  it('rises through the cloth at each of a triple’s three holes', () => {
    const triple = { construction: 'triple', gapMm: 2.5, sizeNm: 80 } as const
    const bobbinM = (thicknessMm: number) =>
      threadUsage(input('straight', 0, 3, { needle: triple, thicknessMm })).bobbinM
    expect(bobbinM(1) - bobbinM(0)).toBeCloseTo(3 / 3, 9)
  })
  it('adds waste and grows in step with the seam', () => {
    expect(threadUsage(input('straight', 0, 2.5, { waste: 0.12, seamM: 3 })).bobbinM).toBeCloseTo(
      3 * 1.12 * 1.4,
      9,
    )
  })
  it('counts the stitches of the whole seam', () =>
    expect(threadUsage(input('straight', 0, 2.5, { seamM: 3 })).stitches).toBe(1200))
  it('says it is a least when the cloth is not measured', () => {
    expect(threadUsage(input('straight', 0, 2.5, { thicknessMm: null }))).toMatchObject({
      atLeast: true,
      bobbinM: expect.closeTo(1, 9),
    })
  })

  it('agrees with the length of the seam as drawn, for every stitch and needle', () => {
    const lengthOf = (
      segments: Float32Array,
      thread: number,
      styles: readonly { thread: number }[],
      from: number,
      to: number,
    ) => {
      let sum = 0
      for (let i = 0; i < segments.length; i += 5) {
        const middle = (segments[i + 1]! + segments[i + 3]!) / 2
        if (styles[segments[i + 4]!]!.thread === thread && middle >= from && middle < to)
          sum += Math.hypot(segments[i + 2]! - segments[i]!, segments[i + 3]! - segments[i + 1]!)
      }
      return sum
    }
    const plain = { colours: [{ hex: '#000000', runMm: 1e4 }], diameterMm: 0.2, look: 'matt' } as const
    fc.assert(
      fc.property(
        fc.constantFrom(...STITCHES),
        fc.double({ min: 1, max: 4, noNaN: true }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        fc.constantFrom(SINGLE, TWIN),
        (stitch, widthMm, lengthMm, needle) => {
          const one = input(stitch.id, widthMm, lengthMm, { needle, thicknessMm: 0 })
          const seamMm = 60 * stitch.repeat * lengthMm
          const seam = {
            stitch: one.stitch,
            maxWidthMm: 9,
            needle,
            threads: [plain, plain],
            bobbin: plain,
            seamMm,
            clothThicknessMm: 0,
          }
          const [right, under] = [rightSide(seam), underSide(seam)]
          const [from, to] = [seamMm / 4, (3 * seamMm) / 4]
          const usage = threadUsage({ ...one, seamM: (to - from) / 1000 })
          // Ends of the window cut some stitches: within three repeats of sixty.
          expect(
            lengthOf(right.segments, 0, right.styles, from, to) / 1000 / usage.needleThreads[0]!.metres,
          ).toBeCloseTo(1, 0)
          expect(
            Math.abs(
              lengthOf(right.segments, 0, right.styles, from, to) / 1000 / usage.needleThreads[0]!.metres - 1,
            ),
          ).toBeLessThan(0.1)
          expect(
            Math.abs(lengthOf(under.segments, -1, under.styles, from, to) / 1000 / usage.bobbinM - 1),
          ).toBeLessThan(0.1)
        },
      ),
      { numRuns: 60 },
    )
  })

  it.each([
    ['no seam', { seamM: 0 }],
    ['NaN', { seamM: Number.NaN }],
    ['negative waste', { waste: -0.1 }],
    ['a thick board', { thicknessMm: 1e9 }],
  ])('refuses %s', (_, over) => {
    expect(() => threadUsage(input('straight', 0, 2.5, over))).toThrow(
      expect.objectContaining({ name: 'CoreError' }),
    )
  })
})

describe('what a bobbin holds', () => {
  it('is volume times packing over the thread’s section', () => {
    // By hand: (20² − 6²)·9·0.6/0.2² mm = 49.14 m.
    expect(bobbinCapacityM(20, 6, 9, 0.2)).toBeCloseTo(49.14, 2)
  })
  it.each([
    [5, 6, 9, 0.2],
    [20, 6, 0, 0.2],
    [20, 6, 9, 0],
    [Number.NaN, 6, 9, 0.2],
  ])('refuses %d × %d × %d of %d', (...sizes) => {
    expect(() => bobbinCapacityM(...(sizes as [number, number, number, number]))).toThrow(
      expect.objectContaining({ name: 'CoreError' }),
    )
  })
})
