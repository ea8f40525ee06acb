import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SIGNS, type SignContext, type SignId, suspectsOf } from '#core/signs'
import { CONSTRUCTIONS } from '#core/needle'
import { TECHNIQUES } from '#core/terms'

/** What holds whatever is on the machine. */
const share = fc.double({ min: -1, max: 1, noNaN: true })
const known = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: null })
const contexts: fc.Arbitrary<SignContext> = fc.record({
  construction: fc.constantFrom(...CONSTRUCTIONS),
  swings: fc.boolean(),
  threads: fc.subarray(['all-purpose', 'metallic', 'film', 'embroidery', 'monofilament'] as const, {
    minLength: 1,
  }),
  technique: fc.constantFrom(...TECHNIQUES),
  tensionShare: known(share),
  isDialKnown: fc.boolean(),
  needleState: known(fc.constantFrom('good', 'burred', 'bent') as never),
  needleSpent: known(fc.double({ min: 0, max: 1.5, noNaN: true })),
  eyeFill: known(fc.double({ min: 0.2, max: 1, noNaN: true })),
  lengthMm: fc.double({ min: 0.3, max: 5, noNaN: true }),
  pressure: fc.constantFrom('home', 'less', 'more'),
  stabilizer: fc.constantFrom('none', 'tear-away', 'cut-away', 'other'),
  bobbinMatches: known(fc.boolean()),
  walked: fc.boolean(),
  holesDense: fc.boolean(),
})
const signs = fc.constantFrom(...SIGNS.map(({ id }) => id))
const always = (holds: (sign: SignId, on: SignContext) => void) =>
  fc.assert(fc.property(signs, contexts, holds), { numRuns: 400 })
const placeOf = (sign: SignId, on: SignContext, id: string) =>
  suspectsOf([sign], on).findIndex(suspect => suspect.id === id)

describe('the suspects of any sign, whatever is on the machine', () => {
  it('are at least one, and none twice', () =>
    always((sign, on) => {
      const ids = suspectsOf([sign], on).map(({ id }) => id)
      expect(ids.length).toBeGreaterThan(0)
      expect(new Set(ids).size).toBe(ids.length)
    }))
  it('never ask for what is there already', () =>
    always((sign, on) => {
      const ids = suspectsOf([sign], on).map(({ id }) => id)
      if (on.stabilizer === 'cut-away') expect(ids).not.toContain('cut-away')
      if (on.pressure === 'less') expect(ids).not.toContain('pressure')
      if (on.tensionShare !== null && on.tensionShare < -0.6) expect(ids).not.toContain('top-too-tight')
      if (on.construction === 'single') expect(ids).not.toContain('wide-gap')
    }))
  it('keep an odd sound’s stop first, unless this was never hand-walked', () =>
    always((_, on) => {
      const [first, second] = suspectsOf(['odd-sound'], on).map(({ id }) => id)
      const worn = (on.needleState !== null && on.needleState !== 'good') || (on.needleSpent ?? 0) >= 0.8
      if (on.walked && !worn) expect(first).toBe('stop')
      else expect(['stop', 'strike', 'needle-dull']).toContain(first)
      expect(second).not.toBe(first)
    }))
  it('hold a tight tension for likelier the higher the dial stands, as long as it can be one', () =>
    always((sign, on) => {
      const [low, high] = [-0.4, 0.5].map(tensionShare =>
        placeOf(sign, { ...on, tensionShare }, 'top-too-tight'),
      )
      if (low! >= 0) expect(high).toBeLessThanOrEqual(low!)
    }))
  it('hold a loose one for likelier the lower it stands', () =>
    always((sign, on) => {
      const [low, high] = [-0.4, 0.5].map(tensionShare =>
        placeOf(sign, { ...on, tensionShare }, 'top-too-loose'),
      )
      if (high! >= 0) expect(low).toBeLessThanOrEqual(high!)
    }))
  it('hold a bent needle for likelier than a good one', () =>
    always((sign, on) => {
      const [good, bent] = (['good', 'bent'] as const).map(needleState =>
        placeOf(sign, { ...on, needleSpent: null, needleState }, 'needle-dull'),
      )
      if (good! >= 0) expect(bent).toBeLessThanOrEqual(good!)
    }))
  it('are in the usual order where nothing is known of the machine', () => {
    const unknown: SignContext = {
      construction: 'single',
      swings: false,
      threads: ['all-purpose'],
      technique: 'topstitching',
      tensionShare: null,
      isDialKnown: false,
      needleState: null,
      needleSpent: null,
      eyeFill: null,
      lengthMm: 3.2,
      pressure: 'home',
      stabilizer: 'other',
      bobbinMatches: null,
      walked: true,
      holesDense: false,
    }
    for (const { id } of SIGNS)
      expect(suspectsOf([id], unknown).every(({ because }) => because === '')).toBe(true)
  })
})
