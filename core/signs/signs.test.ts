import { describe, expect, it } from 'vitest'
import { stabilizerForSigns, SIGNS, type SignContext, type SignId, suspectsOf } from '#core/signs'

const ON: SignContext = {
  construction: 'single',
  swings: false,
  threads: ['all-purpose'],
  technique: 'topstitching',
  tensionShare: 0,
  isDialKnown: true,
  needleState: 'good',
  needleSpent: 0.2,
  eyeFill: 0.5,
  lengthMm: 2.5,
  pressure: 'home',
  stabilizer: 'none',
  bobbinMatches: true,
  walked: true,
  holesDense: false,
}
const ids = (sign: SignId, over: Partial<SignContext> = {}) =>
  suspectsOf([sign], { ...ON, ...over }).map(({ id }) => id)

describe('every sign', () => {
  it.each(SIGNS.map(({ id }) => id))('%s has a suspect with one change and what should happen', sign => {
    for (const { change, expect: then, cause } of suspectsOf([sign], ON))
      for (const words of [change, then, cause]) expect(words).not.toBe('')
    expect(suspectsOf([sign], ON).length).toBeGreaterThan(0)
  })
})

describe('the first suspect', () => {
  // Common practice: first suspects, in order.
  it.each<[SignId, string, Partial<SignContext>]>([
    ['bobbin-on-top', 'top-too-tight', {}],
    ['loops-below', 'foot-was-down', {}],
    ['ridge', 'top-too-tight', {}],
    ['skips', 'needle-type', {}],
    ['breaks', 'top-too-tight', {}],
    ['holes', 'needle-too-big', {}],
    ['crooked', 'needle-too-small', {}],
    ['lost', 'length', {}],
    ['muddy', 'length', {}],
    ['ribbon-curls', 'open-stitch', {}],
    ['lumpy', 'cut-away', {}],
    ['wool-creeps', 'pressure', {}],
    ['odd-sound', 'stop', {}],
    ['bulk-at-point', 'bite', {}],
    // And what is on the machine changes it.
    ['breaks', 'needle-dull', { needleState: 'burred' }],
    ['skips', 'needle-dull', { needleSpent: 1 }],
    ['skips', 'metallic-straight', { threads: ['metallic'] }],
    ['breaks', 'needle-type', { eyeFill: 0.8, tensionShare: -0.8 }],
    ['loops-below', 'top-too-loose', { tensionShare: -0.8 }],
    ['odd-sound', 'strike', { walked: false }],
  ])('of %s is %s given %j', (sign, first, over) => expect(ids(sign, over)[0]).toBe(first))
  it('says why it was moved up', () =>
    expect(suspectsOf(['breaks'], { ...ON, needleState: 'bent' })[0]!.because).toBe('this needle is bent'))
})

describe('what would mend nothing', () => {
  it.each(['bobbin-on-top', 'ridge', 'breaks', 'ribbon-curls'] as const)(
    'a tension far below home is no suspect of %s',
    sign => {
      expect(ids(sign, { tensionShare: -0.8 })).not.toContain('top-too-tight')
      expect(ids(sign, { tensionShare: -0.5 })).toContain('top-too-tight')
    },
  )
  it('a larger eye is not asked for where the eye has room', () => {
    expect(ids('skips', { eyeFill: 0.4 })).not.toContain('needle-type')
    expect(ids('skips', { eyeFill: 0.5 })).toContain('needle-type')
  })
})

describe('an odd sound', () => {
  // Common practice: stop, look for a hit, thread anew; metallic and flat metallic also want less tension.
  it('asks metallic and film for less tension, after the stop, and no other thread', () => {
    for (const threads of [['metallic'], ['film', 'embroidery']] as const) {
      const suspects = suspectsOf(['odd-sound'], { ...ON, threads })
      expect(suspects[0]!.id).toBe('stop')
      expect(suspects.find(({ id }) => id === 'metallic-straight')!.does).toEqual({
        kind: 'tension',
        way: 'down',
      })
    }
    expect(ids('odd-sound')).not.toContain('metallic-straight')
  })
})

describe('what cannot be here', () => {
  it('is left out', () => {
    expect(ids('bobbin-on-top')).not.toContain('bobbin-colour')
    expect(ids('bobbin-on-top', { swings: true })).toContain('bobbin-colour')
    expect(ids('ridge')).not.toContain('wide-gap')
    expect(ids('lumpy', { stabilizer: 'cut-away' })).not.toContain('cut-away')
    expect(ids('wool-creeps', { pressure: 'less' })[0]).toBe('walking-foot')
    expect(ids('skips')).not.toContain('metallic-straight')
    expect(ids('lost', { lengthMm: 3.5 })).not.toContain('length')
  })
  it('does not call the ridge of a pintuck a fault of tension first', () =>
    expect(ids('ridge', { technique: 'pintucks' })[0]).not.toBe('top-too-tight'))
})

it('shows the caution where one could be hurt', () => {
  for (const sign of ['skips', 'odd-sound', 'crooked'] as const)
    expect(suspectsOf([sign], ON).some(({ caution }) => caution !== '')).toBe(true)
})

describe('a stabilizer', () => {
  it.each([
    [null, 'none'],
    ['tear-away', 'tear-away'],
    ['cut-away', 'cut-away'],
    ['fusible', 'other'],
    ['interfacing', 'other'],
  ] as const)('of kind %s counts as %s', (kind, as) => {
    expect(stabilizerForSigns(kind)).toBe(as)
  })
})

describe('two signs of one row', () => {
  const ids = (signs: SignId[], over: Partial<SignContext> = {}) =>
    suspectsOf(signs, { ...ON, ...over }).map(({ id }) => id)
  it('are asked about together: what explains both comes first', () => {
    const both = ids(['skips', 'odd-sound'])
    expect(both).toEqual(expect.arrayContaining([...ids(['skips']), ...ids(['odd-sound'])]))
    expect(new Set(both).size).toBe(both.length)
    // A dull or bent needle stands behind skipped stitches and odd sounds alike.
    const alone = ids(['skips'])
    expect(alone.indexOf('needle-dull')).toBeGreaterThan(alone.indexOf('needle-not-up'))
    expect(both.indexOf('needle-dull')).toBeLessThan(both.indexOf('needle-not-up'))
    expect(both.indexOf('needle-dull')).toBeLessThan(both.indexOf('lint'))
  })
  it('put what may break or hurt first', () => {
    const both = ids(['skips', 'odd-sound'], { walked: false, needleState: 'bent' })
    expect(both.slice(0, 2).sort()).toEqual(['stop', 'strike'])
  })
  it('turns a dial nobody described, in turns', () => {
    const tight = (isDialKnown: boolean) =>
      suspectsOf(['breaks'], { ...ON, isDialKnown }).find(({ id }) => id === 'top-too-tight')?.change
    expect(tight(true)).toBe('One step down')
    expect(tight(false)).toBe('A quarter turn looser')
  })
})
