import { describe, expect, it } from 'vitest'
import { findStitch } from '#core/stitch'
import { seamPointsOf } from './seamPoints'

const zigzag = {
  shape: findStitch('zigzag')!,
  setting: { widthMm: 4, lengthMm: 2, mirror: false, positionMm: 0 },
  maxWidthMm: 7,
}
const twin = { construction: 'twin' as const, gapMm: 2, sizeNm: 80 }

describe('a piece of seam for small drawings', () => {
  it('spans swing and gap about its middle, each blade in its own colour and place', () => {
    const { blades, wideMm } = seamPointsOf({
      needle: twin,
      sewn: zigzag,
      hex: { left: '#111111', right: '#222222' },
    })
    expect(blades.map(({ colour }) => colour)).toEqual(['#111111', '#222222'])
    expect(wideMm).toBeCloseTo(6, 9)
    const across = blades.map(({ points }) => points.map(point => point.across))
    expect(Math.max(...across.flat())).toBeCloseTo(3, 9)
    expect(Math.min(...across.flat())).toBeCloseTo(-3, 9)
    for (const [i, left] of across[0]!.entries()) expect(across[1]![i]! - left).toBeCloseTo(2, 9)
  })
  it('fills the picture even where the stitch is plain or gone', () => {
    for (const sewn of [
      null,
      {
        shape: findStitch('straight')!,
        setting: { widthMm: 0, lengthMm: 3, mirror: false, positionMm: 0 },
        maxWidthMm: 7,
      },
    ]) {
      const { blades, longMm } = seamPointsOf({ needle: null, sewn, hex: {} })
      expect(blades).toHaveLength(1)
      expect(Math.max(...blades[0]!.points.map(({ along }) => along))).toBeGreaterThanOrEqual(longMm)
    }
  })
})
