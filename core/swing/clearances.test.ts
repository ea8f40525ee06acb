import { describe, expect, it } from 'vitest'
import { findStitch } from '#core/stitch'
import { dropClearances, judgeSwing, type SwingInput, wantedClearance } from '#core/swing'

const MARGIN_MM = 0.5
const CLEARANCE_MM = 0.3
const zigzag = findStitch('zigzag')!
const straight = findStitch('straight')!

/** A 2.0 twin, size 80, on a machine that swings 7 mm; nothing measured, nothing with a single hole. */
function seam({ plateSlotMm = null, footSlotMm = null, ...over }: Partial<SwingInput> & Slots): SwingInput {
  return {
    machine: { maxWidthMm: 7, plateSlotMm },
    foot: { slotMm: footSlotMm, singleHole: false },
    plate: { singleHole: false },
    needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
    stitch: { ...zigzag, widthMm: 4, lengthMm: 1.5, mirror: false, positionMm: 0 },
    marginMm: MARGIN_MM,
    clearanceMm: CLEARANCE_MM,
    ...over,
  }
}
interface Slots {
  plateSlotMm?: number | null
  footSlotMm?: number | null
}
const STRAIGHT = { ...straight, widthMm: 0, lengthMm: 2.5, mirror: false, positionMm: 0 }

describe('the clearance wanted at a drop', () => {
  // Half the margin on each side, because the verdict's margin is off the whole width.
  it('is half the margin where nothing is measured', () =>
    expect(wantedClearance(seam({}))).toEqual({ mm: MARGIN_MM / 2, asks: 'margin' }))

  it('is the clearance kept where an opening is narrower than the machine swings', () => {
    const wanted = wantedClearance(seam({ plateSlotMm: 7 }))
    expect(wanted.asks).toBe('clearance')
    expect(wanted.mm).toBeCloseTo(CLEARANCE_MM, 9)
  })
  it('is set by the narrower of plate and foot', () => {
    expect(wantedClearance(seam({ plateSlotMm: 9, footSlotMm: 6.5 })).asks).toBe('clearance')
    expect(wantedClearance(seam({ plateSlotMm: 6.5, footSlotMm: 9 })).asks).toBe('clearance')
  })
  it('stays with the machine inside wide openings, on the scale the drops are counted on', () => {
    // Blade 0.8 mm: an opening of 8.2 leaves 4.1 − 0.4 − 3.25 = 0.45 mm where the margin is just kept.
    const wanted = wantedClearance(seam({ plateSlotMm: 8.2 }))
    expect(wanted.asks).toBe('margin')
    expect(wanted.mm).toBeCloseTo(0.45, 9)
  })
  it('asks nothing of a straight seam over nothing measured, the clearance over an opening', () => {
    expect(wantedClearance(seam({ stitch: STRAIGHT }))).toEqual({ mm: 0, asks: 'margin' })
    const over = wantedClearance(seam({ stitch: STRAIGHT, plateSlotMm: 8.2 }))
    expect(over.asks).toBe('clearance')
    expect(over.mm).toBeCloseTo(CLEARANCE_MM, 9)
  })
  it('asks nothing of a single hole: it is struck or it is not', () =>
    expect(wantedClearance(seam({ plate: { singleHole: true } }))).toEqual({
      mm: MARGIN_MM / 2,
      asks: 'margin',
    }))
  it('is never less than nothing, whatever the rounding, where no clearance is kept', () => {
    for (let plateSlotMm = 3; plateSlotMm < 7; plateSlotMm += 0.07)
      expect(wantedClearance(seam({ plateSlotMm, clearanceMm: 0 })).mm).toBeGreaterThanOrEqual(0)
  })

  it.each([
    ['nothing measured', seam({})],
    ['a wide plate', seam({ plateSlotMm: 8.2 })],
    ['a narrow foot', seam({ plateSlotMm: 8.2, footSlotMm: 6.5 })],
  ])('parts clear from close as the verdict does, with %s', (_, base) => {
    for (let widthMm = 0.5; widthMm <= 7; widthMm += 0.05) {
      const input = { ...base, stitch: { ...base.stitch, widthMm } }
      const least = Math.min(...dropClearances(input).map(({ clearanceMm }) => clearanceMm))
      const wanted = wantedClearance(input).mm
      if (Math.abs(least - wanted) < 1e-9) continue
      expect(judgeSwing(input).verdict === 'clear').toBe(least > wanted)
    }
  })
})
