import { standardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { GIVE_OR_TAKE, giveOrTake, leastOf, mostOf, widened } from '#core/measured'
import { normal, seeded } from '#core/simulated'

describe('a measured value', () => {
  it('says ± of two standard deviations, either way', () => {
    const measured = { value: 8.2, spread: 0.1 }
    expect(giveOrTake(measured)).toBeCloseTo(0.2, 12)
    expect(leastOf(measured)).toBeCloseTo(8, 12)
    expect(mostOf(measured)).toBeCloseTo(8.4, 12)
  })
  it('holds 19 of 20 of what is drawn', () => {
    const random = seeded(21)
    const drawn = Array.from({ length: 20_000 }, () => Math.abs(normal(random)))
    const share = drawn.filter(off => off <= GIVE_OR_TAKE).length / drawn.length
    // Normal distribution: 95.45 % within two standard deviations.
    expect(share).toBeGreaterThan(0.95)
    expect(share).toBeLessThan(0.96)
  })
  it('is itself where nobody noted how well it is known', () => {
    const measured = { value: 3, spread: 0 }
    expect([leastOf(measured), mostOf(measured), giveOrTake(measured)]).toEqual([3, 3, 0])
  })
  it('is never less than nothing', () => expect(leastOf({ value: 0.1, spread: 1 })).toBe(0))
})

describe('the spread of a sum', () => {
  it('is the root of the squares', () => {
    expect(widened(3, 4)).toBe(5)
    expect(widened()).toBe(0)
    expect(widened(0.2)).toBe(0.2)
  })
  it('is what sums of drawn errors vary by', () => {
    const random = seeded(5)
    const sums = Array.from({ length: 20_000 }, () => 0.3 * normal(random) - 0.1 * normal(random))
    expect(standardDeviation(sums)).toBeCloseTo(widened(0.3, 0.1), 2)
  })
})
