import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { crossingOf, READING_STEPS, tuckShapeOf } from '#core/trial'

describe('what a crossing looks like', () => {
  it('is in the middle at 0, and nothing of the other thread shows', () =>
    expect(crossingOf(0)).toEqual({ knot: 0, shown: 0 }))
  it('is the same from both sides, turned over', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 3, noNaN: true }), reading => {
        const [up, down] = [crossingOf(reading), crossingOf(-reading)]
        expect(down.knot).toBeCloseTo(-up.knot, 12)
        expect(down.shown).toBeCloseTo(up.shown, 12)
      }),
    ))
  it('differs at every step by what one can see: a third of the layers, or half a thread and more', () => {
    for (const [i, step] of READING_STEPS.slice(1).entries()) {
      const [less, more] = [crossingOf(READING_STEPS[i]!), crossingOf(step)]
      const apart = Math.max(Math.abs(more.knot - less.knot) / 0.34, Math.abs(more.shown - less.shown) / 0.5)
      expect(apart).toBeGreaterThan(1)
    }
  })
  it('goes on without a jump, and never past the surface', () =>
    fc.assert(
      fc.property(fc.double({ min: -3, max: 2.99, noNaN: true }), reading => {
        const [less, more] = [crossingOf(reading), crossingOf(reading + 0.01)]
        expect(more.knot).toBeGreaterThanOrEqual(less.knot)
        expect(more.knot - less.knot).toBeLessThan(0.02)
        expect(Math.abs(more.shown - less.shown)).toBeLessThan(0.02)
        expect(Math.abs(more.knot)).toBeLessThanOrEqual(1)
      }),
    ))
})

describe('how the cloth lies between the rows', () => {
  it('is flat at 0, stands up above it and is slack below', () => {
    expect(tuckShapeOf(0, 2)).toEqual({ heightMm: 0, waveMm: 0 })
    expect(tuckShapeOf(2, 2)).toEqual({ heightMm: 0.9, waveMm: 0 })
    expect(tuckShapeOf(-2, 2)).toMatchObject({ heightMm: -0.3, waveMm: 0.4 })
  })
  it('rises with every step, the more the wider the gap', () => {
    const heights = READING_STEPS.map(step => tuckShapeOf(step, 2).heightMm)
    expect(heights).toEqual([...heights].sort((a, b) => a - b))
    expect(new Set(heights).size).toBe(7)
    expect(tuckShapeOf(2, 3).heightMm).toBeGreaterThan(tuckShapeOf(2, 2).heightMm)
  })
})
