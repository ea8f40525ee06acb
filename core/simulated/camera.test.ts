import { describe, expect, it } from 'vitest'
import { type Camera, seenFrom, tableAt } from './camera'

const camera: Camera = {
  focalPx: 1500,
  awayMm: 250,
  tiltDeg: 20,
  turnDeg: 12,
  atMm: { x: 40, y: 25 },
  middlePx: { x: 400, y: 300 },
}
const square: Camera = { ...camera, tiltDeg: 0, turnDeg: 0 }

describe('a simulated camera', () => {
  it('sees so many px a mm as its focal length over its distance, looking square on', () => {
    // By hand: 1500 px over 250 mm are 6 px a mm.
    expect(seenFrom(square)({ x: 50, y: 25 }).x).toBeCloseTo(460, 9)
    expect(seenFrom(square)({ x: 40, y: 15 }).y).toBeCloseTo(240, 9)
  })
  it('sees what it looks at in the middle, however it is held', () => {
    expect(seenFrom({ ...camera, bend: 0.03 })({ x: 40, y: 25 })).toEqual({ x: 400, y: 300 })
  })
  it('sees what is farther away smaller', () => {
    const see = seenFrom({ ...square, tiltDeg: 30 })
    const wide = (y: number) => see({ x: 50, y }).x - see({ x: 30, y }).x
    expect(wide(60)).toBeLessThan(wide(25))
    expect(wide(25)).toBeLessThan(wide(-10))
  })
  it.each([-0.05, -0.01, 0, 0.01, 0.05])('finds the place again through a lens that bends by %d', bend => {
    const lens = { ...camera, bend }
    for (const place of [
      { x: -15, y: -10 },
      { x: 40, y: 25 },
      { x: 90, y: 3 },
      { x: 70, y: 60 },
    ]) {
      const back = tableAt(lens)(seenFrom(lens)(place))
      expect(back.x).toBeCloseTo(place.x, 9)
      expect(back.y).toBeCloseTo(place.y, 9)
    }
  })
  it('shows a corner farther out by the share its lens bends', () => {
    const lens = { ...square, bend: 0.02 }
    const corner = tableAt(lens)({ x: 800, y: 600 })
    const plain = tableAt(square)({ x: 800, y: 600 })
    expect((plain.x - 40) / (corner.x - 40)).toBeCloseTo(1.02, 9)
    expect((plain.y - 25) / (corner.y - 25)).toBeCloseTo(1.02, 9)
  })
  it('keeps a line straight only without a bend', () => {
    const aside = (bend: number) => {
      const see = seenFrom({ ...square, bend })
      const [a, middle, b] = [10, 40, 70].map(x => see({ x, y: 60 }).y)
      return Math.abs(middle! - (a! + b!) / 2)
    }
    expect(aside(0)).toBeLessThan(1e-9)
    expect(aside(0.03)).toBeGreaterThan(0.5)
  })
})
