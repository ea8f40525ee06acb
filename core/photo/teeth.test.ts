import { describe, expect, it } from 'vitest'
import { normal, seeded } from '#core/simulated'
import { findTeeth } from './teeth'

const LONG = 900
/** Humps at places along a row, each as wide as a hole looks; on a ground that is a little uneven. */
function humps(at: readonly number[], { wide = 4, noise = 0.05, heights = [1] } = {}): Float32Array {
  const random = seeded(at.length)
  return Float32Array.from({ length: LONG }, (_, i) => {
    const seen = at.reduce(
      (sum, place, k) => sum + heights[k % heights.length]! * Math.exp(-((i - place) ** 2) / 2 / wide ** 2),
      0,
    )
    return seen + noise * normal(random)
  })
}
const every = (period: number, count: number, from = 100) =>
  Array.from({ length: count + 1 }, (_, k) => from + k * period)

describe('teeth along a row', () => {
  it.each([
    [20, 12],
    [33.3, 17],
    [41, 8],
    [58, 5],
  ])('are all found, %d steps apart, %d of them and one', (period, count) => {
    const places = every(period, count)
    const teeth = findTeeth([humps(places)], 100, places.at(-1)!, 10, 200)!
    expect(teeth.at).toHaveLength(count + 1)
    teeth.at.forEach((place, k) => expect(Math.abs(place - places[k]!)).toBeLessThan(1))
    expect(teeth.clearness).toBeGreaterThan(6)
  })
  it.each([-0.35, -0.2, 0.2, 0.35])('are found where both marks lie %d of a stitch off', off => {
    const places = every(40, 14)
    const teeth = findTeeth([humps(places)], 100 + 40 * off, places.at(-1)! - 40 * off, 10, 200)!
    expect(teeth.at).toHaveLength(15)
    expect(Math.abs(teeth.at[0]! - 100)).toBeLessThan(1)
  })
  it('are followed where stitches differ', () => {
    const random = seeded(8)
    const places = every(40, 14).map(place => place + 3 * normal(random))
    const teeth = findTeeth([humps(places)], places[0]!, places.at(-1)!, 10, 200)!
    expect(teeth.at).toHaveLength(15)
    teeth.at.forEach((place, k) => expect(Math.abs(place - places[k]!)).toBeLessThan(1.2))
  })
  it('stand on two sides in turn, from either side', () => {
    const places = every(30, 15)
    const left = humps(places.filter((_, k) => k % 2 === 0))
    const right = humps(places.filter((_, k) => k % 2 === 1))
    const [first, second] = [
      findTeeth([left, right], 100, places.at(-1)!, 10, 120)!,
      findTeeth([right, left], 100, places.at(-1)!, 10, 120)!,
    ]
    expect(first.at).toHaveLength(16)
    expect([first.firstIn, second.firstIn]).toEqual([0, 1])
    first.at.forEach((place, k) => expect(Math.abs(place - places[k]!)).toBeLessThan(1))
    expect(second.at).toEqual(first.at)
  })
  it('have a rival where every other one is half as high', () => {
    const places = every(30, 16)
    const even = findTeeth([humps(places)], 100, places.at(-1)!, 10, 200)!
    const inTurn = findTeeth([humps(places, { heights: [1, 0.3] })], 100, places.at(-1)!, 10, 200)
    expect(even.rival).toBeLessThan(0.82)
    expect(inTurn?.rival ?? 1).toBeGreaterThan(even.rival)
  })
  it('do not stand out of noise', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const random = seeded(100 + seed)
      const noise = Float32Array.from({ length: LONG }, () => normal(random))
      const teeth = findTeeth([noise], 100, 700, 12, 200)
      // What the reader asks of clearness and rival together, nothing here has.
      expect(teeth !== null && teeth.clearness >= 6 && teeth.rival <= 0.82).toBe(false)
    }
  })
  it('are none where nothing repeats', () => {
    expect(findTeeth([new Float32Array(LONG)], 100, 700, 12, 200)).toBeNull()
    expect(findTeeth([humps([])], 100, 130, 200, 400)).toBeNull()
  })
  it('are not looked for closer than asked', () => {
    const places = every(20, 20)
    const teeth = findTeeth([humps(places)], 100, places.at(-1)!, 35, 200)
    expect(teeth === null || teeth.at.length <= 12).toBe(true)
  })
})
