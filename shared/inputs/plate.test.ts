import { describe, expect, it } from 'vitest'
import { PLATE_NAMES, plateOn } from '#shared/inputs'
import { EMPTY_SETUP } from '#shared/setup'

const OWN = { id: 'p', name: 'Round hole', slotMm: null, singleHole: true, spreads: {} }

describe('the plate that is on', () => {
  it('is the machine’s of the kind chosen', () => {
    expect(plateOn(EMPTY_SETUP, null)).toEqual({ name: PLATE_NAMES.zigzag, singleHole: false })
    const single = { ...EMPTY_SETUP, plate: 'single-hole' } as const
    expect(plateOn(single, null)).toEqual({ name: PLATE_NAMES['single-hole'], singleHole: true })
  })
  it('is one’s own where one is chosen, whatever kind is set and whether or not a needle is in', () => {
    expect(plateOn({ ...EMPTY_SETUP, plateId: 'p' }, OWN)).toEqual({ name: 'Round hole', singleHole: true })
    const slot = { ...OWN, singleHole: false }
    expect(plateOn({ ...EMPTY_SETUP, plate: 'single-hole', plateId: 'p' }, slot).singleHole).toBe(false)
  })
})
