import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findStitch } from '#core/stitch'
import { clearingShiftMm, evidenceOf, evidenceWords, judgeSwing, type SwingInput } from '#core/swing'

const input = (over: Partial<SwingInput> & { id?: string; widthMm?: number; positionMm?: number } = {}) => {
  const { id = 'zigzag', widthMm = 4, positionMm = 0, ...rest } = over
  const { alignment, drops, repeat } = findStitch(id)!
  return {
    machine: { maxWidthMm: 7, plateSlotMm: null },
    foot: { slotMm: null, singleHole: false },
    plate: { singleHole: false },
    needle: { construction: 'twin' as const, gapMm: 2, sizeNm: 80 },
    stitch: { alignment, drops, repeat, widthMm, lengthMm: 2, mirror: false, positionMm },
    marginMm: 0.5,
    clearanceMm: 0.25,
    ...rest,
  } satisfies SwingInput
}
const shiftOf = (swing: SwingInput) => clearingShiftMm(judgeSwing(swing), swing)
const moved = (swing: SwingInput, byMm: number): SwingInput => ({
  ...swing,
  stitch: { ...swing.stitch, positionMm: swing.stitch.positionMm + byMm },
})

describe('the shift that clears', () => {
  it('is none where it is clear', () => expect(shiftOf(input())).toBe(0))

  // By hand: the needle at 2.0 right lands its right blade at 2 + 2 + 1 = 5.0; clear ends at
  // 3.5 − 0.25 = 3.25.
  // 1.75 to the left brings it there, and the left blade to −2.75, which is free.
  it('goes back towards the middle, no farther than it must', () =>
    expect(shiftOf(input({ positionMm: 2 }))).toBeCloseTo(-1.75, 9))
  it('is the same to the other side', () => expect(shiftOf(input({ positionMm: -2 }))).toBeCloseTo(1.75, 9))

  it('is nothing where the stitch is too wide wherever it stands', () =>
    expect(shiftOf(input({ widthMm: 5 }))).toBeNull())
  it('is nothing over a single hole', () =>
    expect(shiftOf(input({ plate: { singleHole: true } }))).toBeNull())

  it('clears, and a hundredth less does not, whatever the stitch and the openings', () => {
    const stitches = ['straight', 'zigzag', 'overcast', 'blind-hem', 'satin-leaf', 'serpentine'].filter(
      id => findStitch(id) !== null,
    )
    const slot = fc.oneof(fc.constant(null), fc.double({ min: 4, max: 10, noNaN: true }))
    fc.assert(
      fc.property(
        fc.constantFrom(...stitches),
        fc.double({ min: 0.5, max: 7, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        slot,
        slot,
        (id, widthMm, positionMm, plateSlotMm, slotMm) => {
          const swing = input({
            id,
            widthMm,
            positionMm,
            machine: { maxWidthMm: 7, plateSlotMm },
            foot: { slotMm, singleHole: false },
          })
          const shift = shiftOf(swing)
          if (shift === null || shift === 0) return
          expect(judgeSwing(moved(swing, shift)).verdict).toBe('clear')
          expect(judgeSwing(moved(swing, shift - 0.0101 * Math.sign(shift))).verdict).not.toBe('clear')
        },
      ),
    )
  })

  it('finds none only where none is, by trying every twentieth of a millimetre', () => {
    for (const widthMm of [3, 4, 4.5, 4.6, 5, 6])
      for (const id of ['zigzag', 'overcast', 'blind-hem'].filter(name => findStitch(name) !== null)) {
        const swing = input({ id, widthMm })
        const found = Array.from({ length: 241 }, (_, i) => (i - 120) / 20).some(
          shift => judgeSwing(moved(swing, shift)).verdict === 'clear',
        )
        expect(shiftOf(swing) !== null, `${id} ${widthMm}`).toBe(found)
      }
  })
})

const NO_SPREADS = { foot: null, plate: null }
describe('what a verdict rests on', () => {
  it.each([
    [null, null, 'rule', ['foot', 'plate']],
    [8, null, 'rule', ['foot']],
    [null, 8, 'rule', ['plate']],
    [8, 8, 'measured', []],
  ] as const)('plate %s, foot %s: %s', (plateSlotMm, slotMm, evidence, unmeasured) =>
    expect(
      evidenceOf(input({ machine: { maxWidthMm: 7, plateSlotMm }, foot: { slotMm, singleHole: false } })),
    ).toMatchObject({ evidence, unmeasured }),
  )
  it.each([
    [['foot', 'plate'], 'By rule: the foot and the plate are not measured'],
    [['plate'], 'By rule: the plate is not measured'],
  ] as const)('is said: %j', (unmeasured, words) =>
    expect(evidenceWords({ evidence: 'rule', unmeasured, spreadsMm: NO_SPREADS })).toBe(words),
  )
  it.each([
    [NO_SPREADS, 'Measured: foot and plate'],
    [{ foot: 0.1, plate: null }, 'Measured: foot ± 0.2 mm and plate'],
  ])('is said: measured, and how well: %j', (spreadsMm, words) =>
    expect(evidenceWords({ evidence: 'measured', unmeasured: [], spreadsMm })).toBe(words),
  )
})
