import { describe, expect, it } from 'vitest'
import { STITCH_FAMILIES, stitchFamily, STITCHES } from '#core/stitch'

const family = (id: string) => stitchFamily(STITCHES.find(stitch => stitch.id === id)!)

describe('the family of a stitch', () => {
  it.each([
    ['straight', 'straight'],
    ['zigzag', 'open'],
    ['honeycomb', 'open'],
    ['feather', 'open'],
    ['satin-leaf', 'dense'],
    ['satin-diamond', 'dense'],
    ['blanket', 'edge'],
    ['blind-hem', 'edge'],
  ])('of %s is %s', (id, wanted) => expect(family(id)).toBe(wanted))
  it('is one of four, and each has a stitch of the library', () => {
    const found = new Set(STITCHES.map(stitchFamily))
    expect([...found].sort()).toEqual([...STITCH_FAMILIES].sort())
  })
  it('of a copy of one’s own is its own, by its drawing', () => {
    const blanket = STITCHES.find(({ id }) => id === 'blanket')!
    expect(stitchFamily({ ...blanket, drops: [...blanket.drops] })).toBe('edge')
  })
})
