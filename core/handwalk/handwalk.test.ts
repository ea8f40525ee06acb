import { findStitch } from '#core/stitch'
import { describe, expect, it } from 'vitest'
import { handWalkHindrance, combinationKey, type Combination } from '#core/handwalk'

const base: Combination = {
  machineId: 'm',
  footId: 'f',
  needleId: 'n',
  swing: {
    machine: { maxWidthMm: 7, plateSlotMm: 8.2 },
    foot: { slotMm: null, singleHole: false },
    plate: { singleHole: false },
    needle: { construction: 'twin', gapMm: 2, sizeNm: 80 },
    stitch: { ...findStitch('honeycomb')!, widthMm: 4, lengthMm: 2.5, mirror: false, positionMm: 0 },
    marginMm: 0.5,
    clearanceMm: 0.25,
  },
}
const { swing } = base

describe('combinationKey', () => {
  it.each<[string, Combination]>([
    ['machine', { ...base, machineId: 'other' }],
    ['foot', { ...base, footId: null }],
    ['foot opening', { ...base, swing: { ...swing, foot: { slotMm: 7, singleHole: false } } }],
    ['plate', { ...base, swing: { ...swing, plate: { singleHole: true } } }],
    ['plate opening', { ...base, swing: { ...swing, machine: { maxWidthMm: 7, plateSlotMm: 8 } } }],
    ['needle', { ...base, needleId: 'twin from the other packet' }],
    ['needle size', { ...base, swing: { ...swing, needle: { ...swing.needle, sizeNm: 90 } } }],
    ['width', { ...base, swing: { ...swing, stitch: { ...swing.stitch, widthMm: 4.1 } } }],
    ['mirror', { ...base, swing: { ...swing, stitch: { ...swing.stitch, mirror: true } } }],
    ['position', { ...base, swing: { ...swing, stitch: { ...swing.stitch, positionMm: 0.5 } } }],
    [
      'a drop',
      {
        ...base,
        swing: {
          ...swing,
          stitch: { ...swing.stitch, drops: [...swing.stitch.drops.slice(1), { x: 0, y: 2 }] },
        },
      },
    ],
  ])('changes with the %s', (_, changed) => expect(combinationKey(changed)).not.toBe(combinationKey(base)))

  it('stays when only the wished margin changes', () => {
    expect(combinationKey({ ...base, swing: { ...swing, marginMm: 1 } })).toBe(combinationKey(base))
  })
})

describe('turning by hand', () => {
  it.each([
    ['strikes', 'good', 'strikes'],
    ['strikes', 'bent', 'strikes'],
    ['clear', 'bent', 'bent'],
    ['clear', 'good', null],
    ['close', null, null],
    [null, 'burred', null],
  ] as const)('with verdict %s and a needle that is %s: %s', (verdict, state, code) => {
    expect(handWalkHindrance(verdict, state)?.code ?? null).toBe(code)
  })
})
