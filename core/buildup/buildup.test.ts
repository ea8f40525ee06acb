import { findStitch } from '#core/stitch'
import { describe, expect, it } from 'vitest'
import { layThread, lengthThatCuresMm } from '#core/buildup'
import { rightSide, type SewnInput, type SewnPicture, type SewnThread } from '#core/sewn'

const thread: SewnThread = { colours: [{ hex: '#2b4c7e', runMm: 100 }], diameterMm: 0.2, look: 'sheen' }
const input = (stitch: string, width: number, length: number, gap = 2): SewnInput => ({
  stitch: { ...findStitch(stitch)!, widthMm: width, lengthMm: length, mirror: false, positionMm: 0 },
  maxWidthMm: 9,
  needle: { construction: 'twin', gapMm: gap, sizeNm: 80 },
  threads: [thread, thread],
  bobbin: thread,
  seamMm: 20,
  clothThicknessMm: 0,
})
const build = (i: SewnInput, cellMm?: number) => layThread(rightSide(i), 2 * i.stitch.lengthMm, cellMm)
const picture = (segments: number[]): SewnPicture => ({
  seamMm: 10,
  leftMm: -3,
  rightMm: 3,
  styles: [{ colour: '#000000', diameterMm: 1, look: 'matt', thread: 0 }],
  segments: Float32Array.from(segments),
  holes: new Float32Array(),
})

describe('layThread', () => {
  it('covers the area of a straight thread: length × diameter', () => {
    const { layers, cellMm } = layThread(picture([-2, 2, 2, 5, 0]), 1, 0.02)
    expect(layers.reduce((a, b) => a + b, 0) * cellMm ** 2).toBeCloseTo(5, 1)
  })

  it('counts two layers where two threads cross and nowhere more', () => {
    const { layers, mostLayers, cellMm } = layThread(picture([-2, 5, 2, 5, 0, 0, 3, 0, 7, 0]), 1, 0.05)
    expect(mostLayers).toBe(2)
    expect(layers.filter(n => n === 2).length * cellMm ** 2).toBeCloseTo(1, 1)
  })

  it('agrees with thread area over cloth area for a long satin', () => {
    // Closed form: each swing lays √(w² + L²) · d of thread on w · L of cloth, for both needles in the
    // overlap.
    const satin = input('zigzag', 6, 0.4)
    const cover = (0.2 * Math.hypot(6, 0.4)) / (6 * 0.4)
    expect(build({ ...satin, seamMm: 60 }).overlapMeanLayers! / (2 * cover)).toBeCloseTo(1, 1)
  })

  it('counts areas as a raster ten times finer does', () => {
    // Zigzag 5 by 0.3 under a twin 2.0, 20 mm: 3.5 mm² lie under three threads.
    const three = (cellMm?: number) => {
      const { layers, cellMm: side } = build(input('zigzag', 5, 0.3), cellMm)
      return layers.filter(count => count === 3).length * side ** 2
    }
    expect(three()).toBeCloseTo(3.55, 1)
    expect(Math.abs(three() / three(0.0043) - 1)).toBeLessThan(0.03)
  })

  it('finds no overlap under a lane', () => {
    expect(build(input('zigzag', 2, 1, 4))).toMatchObject({ overlapMeanLayers: null, muddy: false })
    expect(build(input('straight', 0, 2.5))).toMatchObject({ overlapMeanLayers: null, overlapShare: 0 })
  })

  it('calls dense satin on satin muddy and an open stitch not', () => {
    expect(build(input('zigzag', 5, 0.3)).muddy).toBe(true)
    expect(build(input('honeycomb', 5, 2.5)).muddy).toBe(false)
  })

  it('refuses a raster too large to hold', () => {
    expect(() => layThread(picture([]), 1, 1e-4)).toThrow(expect.objectContaining({ code: 'bad-raster' }))
    expect(() => layThread(picture([]), 1, Number.NaN)).toThrow(
      expect.objectContaining({ code: 'bad-raster' }),
    )
  })
})

describe('lengthThatCuresMm', () => {
  it.each(['zigzag', 'satin-leaf', 'satin-diamond', 'satin-wave'])(
    '%s: at that length it is no longer muddy, one step shorter it still is',
    id => {
      const muddy = input(id, 6, 0.3, 1)
      const cure = lengthThatCuresMm(muddy)!
      expect(cure).toBeGreaterThan(0.3)
      const at = (lengthMm: number) => build({ ...muddy, stitch: { ...muddy.stitch, lengthMm } }).muddy
      expect([at(cure), at(cure - 0.05)]).toEqual([false, true])
    },
  )

  it('is the shortest there is, for every gap and width', () => {
    for (const gap of [1, 1.6, 2, 2.5])
      for (const width of [3, 4, 5])
        for (const length of [0.2, 0.3, 0.4]) {
          const muddy = input('zigzag', width, length, gap)
          const at = (lengthMm: number) => build({ ...muddy, stitch: { ...muddy.stitch, lengthMm } }).muddy
          const cure = lengthThatCuresMm(muddy)
          if (cure === null) continue
          for (let step = Math.round(length / 0.05); step * 0.05 < cure - 1e-6; step++)
            expect(at(step * 0.05), `${gap}/${width}/${length}: ${step * 0.05}`).toBe(true)
        }
  })

  it('has nothing to say about a stitch that is not muddy', () =>
    expect(lengthThatCuresMm(input('honeycomb', 5, 2.5))).toBeNull())
})
