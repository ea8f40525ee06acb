import { DEFAULT_SETTINGS } from '#shared/records'
import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import type { Swatch } from '#shared/records'
import { learntFromSwatch, lessonsOf, offsetOf } from '#shared/inputs'

const named = (name: string) => demoBackup.records.swatches.find(swatch => swatch.name === name)!
const learnt = (swatch: Swatch, pearlTension: 'home' | 'plus-one' = 'home') =>
  learntFromSwatch(swatch, { ...DEFAULT_SETTINGS, schools: { ...DEFAULT_SETTINGS.schools, pearlTension } })

describe('what a swatch teaches', () => {
  const good = named('Strap edges, second bolt')
  it('is how far its number lies from home, by its own dial', () => {
    // 0.2 of the 5 marks from normal tension 4 to 9.
    expect(learnt(good)).toMatchObject({
      share: expect.closeTo(0.04, 9),
      features: { goal: 'balanced', stitch: 'straight', gap: 4 },
    })
    expect(offsetOf({ ...good, setup: { ...good.setup, tension: 2 } })).toBeCloseTo(-0.5, 9)
  })
  it('is nothing unless it was tested and came out good, on a dial that is known', () => {
    for (const over of [
      { source: 'rule' },
      { source: 'guess' },
      { verdict: 'usable' },
      { verdict: 'failed' },
      { setup: { ...good.setup, tension: null } },
      { frozen: { ...good.frozen, machine: null } },
    ] as const)
      expect(learnt({ ...good, ...over } as Swatch)).toBeNull()
  })
  it('is held against the rule of the school chosen now', () => {
    const pearl = named('Lantern line, no hair')
    const [home, plusOne] = [learnt(pearl, 'home')!, learnt(pearl, 'plus-one')!]
    expect(home.share).toBe(plusOne.share)
    expect(home.ruleShare).not.toBe(plusOne.ruleShare)
  })
  it('is left out and counted when its number lies off its dial, and the others teach on', () => {
    const off = { ...good, id: 'off', setup: { ...good.setup, tension: 20 } }
    const { records, leftOut } = lessonsOf([good, off], DEFAULT_SETTINGS)
    expect(records.map(({ id }) => id)).toEqual([good.id])
    expect(leftOut).toBe(1)
  })
})
