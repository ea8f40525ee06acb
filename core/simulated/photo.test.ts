import { mean, standardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { rightSide } from '#core/sewn'
import { findStitch } from '#core/stitch'
import { type Camera, seenFrom } from './camera'
import { faded, photoOf, type Scene, sewnScene, type Shot, withCard } from './photo'
import { seeded } from './random'

const camera: Camera = {
  focalPx: 2000,
  awayMm: 250,
  tiltDeg: 0,
  turnDeg: 0,
  atMm: { x: 0, y: 0 },
  middlePx: { x: 60, y: 40 },
}
const shot: Shot = { camera, width: 120, height: 80, blurPx: 0, noise: 0, shadow: 0 }
const pixel = (image: { width: number; data: ArrayLike<number> }, x: number, y: number) =>
  image.data[y * image.width + x]!

describe('a simulated photo', () => {
  it('shows an even table evenly', () => {
    const { data } = photoOf(() => 130, shot, seeded(1))
    expect([Math.min(...data), Math.max(...data)]).toEqual([130, 130])
  })
  it('shows an edge where the camera sees it', () => {
    // 2000 px over 250 mm are 8 px a mm: 2.5 mm lie 20 px right of the middle.
    const edge: Scene = x => (x < 2.5 ? 20 : 220)
    const image = photoOf(edge, shot, seeded(1))
    expect(seenFrom(camera)({ x: 2.5, y: 0 }).x).toBeCloseTo(80, 9)
    expect(pixel(image, 79, 40)).toBe(20)
    expect(pixel(image, 80, 40)).toBe(220)
  })
  it('blurs an edge over about as many pixels as it says, and moves it nowhere', () => {
    const edge: Scene = x => (x < 2.5 ? 20 : 220)
    const image = photoOf(edge, { ...shot, blurPx: 2 }, seeded(1))
    const row = Array.from({ length: 120 }, (_, x) => pixel(image, x, 40))
    // Of a normal blur 16 % lie beyond one standard deviation.
    const crossing = (level: number) => row.findIndex(value => value >= level)
    expect(crossing(120)).toBe(80)
    expect(crossing(20 + 0.84 * 200) - crossing(20 + 0.16 * 200)).toBeGreaterThanOrEqual(3)
    expect(crossing(20 + 0.84 * 200) - crossing(20 + 0.16 * 200)).toBeLessThanOrEqual(5)
  })
  it('has as much noise as it says', () => {
    const { data } = photoOf(() => 130, { ...shot, noise: 5 }, seeded(1))
    expect(mean([...data])).toBeCloseTo(130, 0)
    expect(standardDeviation([...data])).toBeGreaterThan(4.7)
    expect(standardDeviation([...data])).toBeLessThan(5.3)
  })
  it('is darker at the far end of its shadow by the share it says', () => {
    const image = photoOf(() => 200, { ...shot, shadow: 0.4 }, seeded(1))
    expect(pixel(image, 0, 0)).toBeGreaterThan(198)
    expect(pixel(image, 119, 79)).toBeGreaterThan(118)
    expect(pixel(image, 119, 79)).toBeLessThan(124)
  })
  it('is the same for the same seed', () => {
    const taken = (seed: number) => [...photoOf(() => 130, { ...shot, noise: 5 }, seeded(seed)).data]
    expect(taken(3)).toEqual(taken(3))
    expect(taken(3)).not.toEqual(taken(4))
  })
})

describe('a card on the table', () => {
  const scene = withCard({ wideMm: 80, tallMm: 50, bright: 240, roundMm: 5 }, () => 60)
  it('is bright up to its sides and not beyond', () => {
    expect(scene(40, 0.01)).toBe(240)
    expect(scene(40, -0.01)).toBe(60)
    expect(scene(79.99, 25)).toBe(240)
    expect(scene(80.01, 25)).toBe(60)
  })
  it('has round corners', () => {
    expect(scene(0.5, 0.5)).toBe(60)
    // 5 − 5/√2 = 1.46 mm in from both sides the round corner begins.
    expect(scene(1.5, 1.5)).toBe(240)
    expect(scene(1.4, 1.4)).toBe(60)
  })
  it('has its corners where it is not round', () =>
    expect(withCard({ wideMm: 80, tallMm: 50, bright: 240, roundMm: 0 }, () => 60)(0, 0)).toBe(240))
})

describe('a sewn row on the table', () => {
  const thread = { colours: [{ hex: '#202020', runMm: 1000 }], diameterMm: 0.4, look: 'matt' as const }
  const picture = rightSide({
    stitch: { ...findStitch('straight')!, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 },
    maxWidthMm: 7,
    needle: { construction: 'single', gapMm: 0, sizeNm: 80 },
    threads: [thread, thread],
    bobbin: thread,
    seamMm: 25,
    clothThicknessMm: 0,
  })
  const scene = sewnScene(picture, '#ffffff', 0.05)
  it('is cloth beside the thread and dark on it', () => {
    expect(scene(3, 11)).toBe(255)
    expect(scene(0, 11.2)).toBeLessThan(120)
    expect(scene(0.5, 11.2)).toBe(255)
  })
  it('is darkest where the needle went in', () => {
    const along = Array.from({ length: 100 }, (_, k) => scene(0, 10 + k / 20))
    const holes = [0, 50, 100].map(k => scene(0, 10 + k / 20))
    expect(Math.max(...holes)).toBeLessThan(mean(along))
  })
  it('fades into its cloth by the share that is left', () => {
    const place = [0, 11.2] as const
    const quarter = faded(scene, '#ffffff', 0.25)(...place)
    expect(255 - quarter).toBeCloseTo((255 - scene(...place)) / 4, 6)
    expect(faded(scene, '#ffffff', 0)(...place)).toBe(255)
  })
})
