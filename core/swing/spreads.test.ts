import { describe, expect, it } from 'vitest'
import { findStitch, landingsMm } from '#core/stitch'
import { arithmetic, clearingShiftMm, explainSwing, judgeSwing, otherEnd, type SwingInput } from '#core/swing'

const ZIGZAG = findStitch('zigzag')!
/** Blade edges of a twin 2.0/80 at width 4 stand at 2 + 1 + 0.4 = 3.4: 6.8 lets them pass, 7.3 is clear. */
const input = (foot: Partial<SwingInput['foot']>, over: Partial<SwingInput> = {}): SwingInput => ({
  machine: { maxWidthMm: 9, plateSlotMm: null },
  foot: { slotMm: null, singleHole: false, ...foot },
  plate: { singleHole: false },
  needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
  stitch: { ...ZIGZAG, widthMm: 4, lengthMm: 2, mirror: false, positionMm: 0 },
  marginMm: 0.5,
  clearanceMm: 0.25,
  ...over,
})
const codes = (swing: SwingInput) => explainSwing(judgeSwing(swing), swing).map(({ code }) => code)

describe('an opening measured to within a spread', () => {
  it.each([
    [{ slotMm: 7.4 }, 'clear'],
    [{ slotMm: 7.4, slotSpreadMm: 0 }, 'clear'],
    // By hand: 7.4 − 2 × 0.1 = 7.2 leaves 0.2 each side, less than the clearance.
    [{ slotMm: 7.4, slotSpreadMm: 0.1 }, 'close'],
    [{ slotMm: 7.4, slotSpreadMm: 0.35 }, 'strikes'],
  ] as const)('counts at its narrow end: %j is %s', (foot, verdict) =>
    expect(judgeSwing(input(foot)).verdict).toBe(verdict),
  )
  it('holds for the plate too', () => {
    const machine = { maxWidthMm: 9, plateSlotMm: 7.4, plateSpreadMm: 0.35 }
    expect(judgeSwing(input({}, { machine }))).toMatchObject({ verdict: 'strikes', binding: 'plate' })
  })
  it('never opens wider than it was measured, however far it spreads', () => {
    const widths = [0, 0.1, 0.2, 0.5, 5].map(slotSpreadMm => judgeSwing(input({ slotMm: 7.4, slotSpreadMm })))
    const safe = widths.map(({ safeWidthMm }) => safeWidthMm ?? -1)
    expect([...safe].sort((a, b) => b - a)).toEqual(safe)
  })
  it.each([
    [{ slotMm: 7.4, slotSpreadMm: 0.35 }, 'clear'],
    [{ slotMm: 6.9, slotSpreadMm: 0.1 }, 'close'],
    [{ slotMm: 6, slotSpreadMm: 0.1 }, null],
    [{ slotMm: 7.4, slotSpreadMm: 0.1 }, null],
  ] as const)('says when it may go either way: %j, %s', (foot, other) => {
    const swing = input(foot)
    expect(otherEnd(judgeSwing(swing), swing)).toBe(other)
    expect(codes(swing).includes('spread-undecided')).toBe(other !== null)
  })
  it('shows the sum with the end it counts', () =>
    expect(arithmetic(input({ slotMm: 7.4, slotSpreadMm: 0.1 }))).toContain('7.2 foot opening at least'))
})

describe('a machine that sews wider than its dial says', () => {
  const wide = (widthFactor: number, over: Partial<SwingInput> = {}): SwingInput => {
    const plain = input({ slotMm: 7.4 }, over)
    return { ...plain, stitch: { ...plain.stitch, widthFactor } }
  }
  it('lands so much farther out', () => {
    const { stitch } = wide(1.05)
    expect(landingsMm(stitch, stitch, 9).map(({ xMm }) => Math.abs(xMm))).toEqual([2.1, 2.1])
  })
  it('strikes where the dial’s number alone would be clear', () => {
    // By hand: 4 × 1.2 / 2 + 1 + 0.4 = 3.8, and 3.7 is open.
    expect(judgeSwing(wide(1.2)).verdict).toBe('strikes')
    expect(judgeSwing(wide(1)).verdict).toBe('clear')
  })
  it('says the safe width as it is dialled', () => {
    // By hand: the opening lets 7.4 − 2 × 0.25 − 0.8 − 2 = 4.1 swing on the cloth.
    const safe = judgeSwing(wide(1.1)).safeWidthMm!
    expect(safe).toBeCloseTo(4.1 / 1.1, 9)
    const there = wide(1.1)
    expect(judgeSwing({ ...there, stitch: { ...there.stitch, widthMm: safe } }).verdict).toBe('clear')
    const past = { ...there, stitch: { ...there.stitch, widthMm: safe + 0.02 } }
    expect(judgeSwing(past).verdict).toBe('close')
    expect(arithmetic(there)).toContain('over 1.10')
  })
  it('is moved clear by what the dial must be moved', () => {
    const held = wide(1.1, { stitch: { ...ZIGZAG, widthMm: 2, lengthMm: 2, mirror: false, positionMm: 3 } })
    const shift = clearingShiftMm(judgeSwing(held), held)!
    const moved = { ...held, stitch: { ...held.stitch, positionMm: 3 + shift } }
    expect(judgeSwing(moved).verdict).toBe('clear')
  })
})
