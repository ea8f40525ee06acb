import { describe, expect, it } from 'vitest'
import type { ThreadClass } from '#core/pairing'
import type { Draw, SupplyPlace } from '#core/terms'
import { ledSupplies } from './supply'
import type { WalkInput, WalkMachine, WalkThread } from './types'
import { BASE, MACHINE, thread } from './walk.fixtures'

type Places = Pick<WalkMachine, 'spoolPins' | 'stand' | 'cup'>
const FULL: Places = { spoolPins: 2, stand: true, cup: true }
const BARE: Places = { spoolPins: 1, stand: false, cup: false }
const UNSEEN: Places = { spoolPins: null, stand: null, cup: null }

const led = (places: Places | null, ...threads: WalkThread[]) =>
  ledSupplies({ ...BASE, machine: places && { ...MACHINE, ...places }, threads } satisfies WalkInput)
const placesOf = (places: Places | null, ...threads: WalkThread[]) =>
  led(places, ...threads).map(({ place, shared }) => (shared ? `${place}, shared` : place))
const at = (place: SupplyPlace, threadClass: ThreadClass = 'all-purpose', draw: Draw | null = null) => ({
  ...thread('left', threadClass),
  supply: { place, draw },
})

describe('the best place that is there', () => {
  // Common practice: balls in a cup, metallic a long way off, flat metallic on a pin it turns on, cones on a
  // stand.
  it.each([
    ['all-purpose', 'spool', 'spool pin', 'spool pin'],
    ['all-purpose', 'cone', 'stand', 'spool pin'],
    ['pearl', 'ball', 'cup', 'spool pin'],
    ['metallic', 'spool', 'stand', 'spool pin'],
    ['film', 'spool', 'spool pin', 'spool pin'],
    ['film', 'ball', 'spool pin', 'spool pin'],
  ] as const)('for %s from a %s', (threadClass, form, onFull, onBare) => {
    const one = thread('left', threadClass, form)
    expect(placesOf(FULL, one)).toEqual([onFull])
    for (const places of [BARE, UNSEEN, null]) expect(placesOf(places, one)).toEqual([onBare])
  })
  it('puts a ball on the stand where there is no cup', () =>
    expect(placesOf({ ...FULL, cup: false }, thread('left', 'pearl', 'ball'))).toEqual(['stand']))
})

describe('several threads', () => {
  const [a, b, c] = [thread('left', 'embroidery'), thread('middle', 'fine'), thread('right', 'heavy')]
  it('have a pin each, the winder pin last, and share when no place is left', () => {
    expect(placesOf(FULL, a, b, c)).toEqual(['spool pin', 'second pin', 'stand'])
    expect(placesOf(BARE, a, b, c)).toEqual(['spool pin', 'winder pin', 'spool pin, shared'])
  })
  it('share a stand or a cup, which hold many', () => {
    const cones = [thread('left', 'heavy', 'cone'), thread('right', 'heavy', 'cone')]
    expect(placesOf(FULL, ...cones)).toEqual(['stand', 'stand'])
    const balls = [thread('left', 'pearl', 'ball'), thread('right', 'pearl', 'ball')]
    expect(placesOf(FULL, ...balls)).toEqual(['cup', 'cup'])
    expect(placesOf(FULL, at('stand'), at('stand'))).toEqual(['stand', 'stand'])
  })
  it('leave the pin free that another thread is said to use', () => {
    expect(placesOf(FULL, a, at('spool pin'))).toEqual(['second pin', 'spool pin'])
    expect(placesOf(FULL, at('spool pin'), at('spool pin'))).toEqual(['spool pin', 'second pin'])
  })
})

describe('a place that is said to be used', () => {
  it.each(['second pin', 'stand', 'cup'] as const)(
    'counts, %s, unless the machine is known to lack it',
    place => {
      expect(placesOf(FULL, at(place))).toEqual([place])
      expect(placesOf(UNSEEN, at(place))).toEqual([place])
      expect(placesOf(null, at(place))).toEqual([place])
      expect(placesOf(BARE, at(place))).toEqual(['spool pin'])
    },
  )
  it('is every machine’s, spool pin or winder pin', () => {
    expect(placesOf(BARE, at('winder pin'))).toEqual(['winder pin'])
    expect(placesOf(BARE, at('spool pin', 'metallic'))).toEqual(['spool pin'])
  })
  it('is never a cup for a film, which must turn', () => {
    expect(led(FULL, at('cup', 'film', 'over the end'))).toEqual([
      { place: 'spool pin', shared: false, draw: 'rolling off' },
    ])
    expect(placesOf(FULL, at('stand', 'film'))).toEqual(['stand'])
    expect(placesOf(FULL, at('cup', 'heavy'))).toEqual(['cup'])
  })
})

describe('how it comes off', () => {
  it('as said, else over the end of a cup and rolling off a pin', () => {
    const drawn = (one: WalkThread) => led(FULL, one)[0]!.draw
    expect(drawn(at('cup'))).toBe('over the end')
    expect(drawn(at('spool pin'))).toBe('rolling off')
    expect(drawn(at('spool pin', 'all-purpose', 'over the end'))).toBe('over the end')
    expect(drawn(at('cup', 'all-purpose', 'rolling off'))).toBe('rolling off')
  })
})
