import { describe, expect, it } from 'vitest'
import { type Seam, seamUsage, sewnInputOf, UNCHOSEN_HEX } from '#core/seam'
import { rightSide } from '#core/sewn'
import { findStitch } from '#core/stitch'

const thread = { colours: [{ hex: '#111111', runMm: 1000 }], diameterMm: 0.2, look: 'matt' } as const
const seam = (over: Partial<Seam> = {}): Seam => ({
  swing: {
    machine: { maxWidthMm: 7, plateSlotMm: null },
    foot: { slotMm: null, singleHole: false },
    plate: { singleHole: false },
    needle: { construction: 'single', gapMm: 0, sizeNm: 80 },
    stitch: { ...findStitch('straight')!, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 },
    marginMm: 0.5,
    clearanceMm: 0.2,
  },
  threads: [thread],
  unthreaded: [],
  bobbin: thread,
  threadWidthSource: 'measured',
  wrongSideUp: false,
  clothHex: UNCHOSEN_HEX.cloth,
  clothThicknessMm: 0.9,
  ...over,
})

describe('a seam', () => {
  it('is drawn with nothing but itself, as long as asked for', () => {
    const picture = rightSide(sewnInputOf(seam(), 40)!)
    expect(picture.seamMm).toBe(40)
    expect(picture.segments.length).toBeGreaterThan(0)
  })
  it('draws cloth that was not measured as none', () => {
    expect(sewnInputOf(seam({ clothThicknessMm: null }), 40)?.clothThicknessMm).toBe(0)
    expect(sewnInputOf(seam(), 40)?.clothThicknessMm).toBe(0.9)
  })
  it.each([0, -1, Number.NaN])('is not drawn while its length is %d', lengthMm => {
    const { swing } = seam()
    expect(sewnInputOf(seam({ swing: { ...swing, stitch: { ...swing.stitch, lengthMm } } }), 40)).toBeNull()
  })
  // Rectangular lockstitch, 2.5 mm and 0.9 mm of cloth: 1 + 0.9 / 2.5 a metre (textbook model, by hand).
  it('takes thread by its own stitch and cloth', () => {
    expect(seamUsage(seam(), 1, 0).bobbinM).toBeCloseTo(1.36, 9)
    expect(seamUsage(seam({ clothThicknessMm: null }), 1, 0)).toMatchObject({ bobbinM: 1, atLeast: true })
    expect(seamUsage(seam(), 2, 0.5).bobbinM).toBeCloseTo(4.08, 9)
  })
})
