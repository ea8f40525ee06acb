import { describe, expect, it } from 'vitest'
import { feedOf } from '#shared/inputs'
import { demoTables } from '../../tests/unit/demoTables'

const linen = [...demoTables.cloths.values()].find(({ feedFactor }) => feedFactor !== null)!

describe('the feed of a piece', () => {
  // Arithmetic: 20 stitches dialled to 3.0 that come to 57 mm fed 0.95. Each end read to 0.5 mm, twice the
  // standard deviation: 0.5 / √2 over 60 mm is one of the whole, and what is said is two of them.
  it('is as it was measured for it, as surely as the counting station says', () => {
    const feed = feedOf({ sewnMm: 57, stitches: 20, dialledMm: 3, readMm: 0.5 }, linen)!
    expect(feed.factor).toBeCloseTo(0.95, 12)
    expect(feed.giveOrTake).toBeCloseTo((2 * 0.5) / Math.SQRT2 / 60, 12)
  })
  it('is that of its cloth where it was not measured for it, and unknown without one', () => {
    expect(feedOf(null, linen)!.factor).toBe(linen.feedFactor)
    expect(feedOf(null, null)).toBeNull()
  })
})
