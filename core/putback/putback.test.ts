import { describe, expect, it } from 'vitest'
import {
  changeOverOf,
  notedState,
  type NotedSetup,
  afterPowerOff,
  type FittedFacts,
  type MachineState,
  putBackOf,
  stateHas,
  UNKNOWN_STATE,
} from '#core/putback'

// What is normal, and the order of undoing: common practice.
const FACTS: FittedFacts = {
  twinModeKind: 'on-off',
  forgetsTwinMode: true,
  dial: { min: 0, home: 4, max: 9 },
  construction: 'twin',
  foot: { name: 'Open toe', usual: false },
}
const CHANGED: MachineState = {
  twinMode: 'on',
  needleId: 'n',
  footId: 'f',
  plate: 'single-hole',
  tension: 2.8,
  bobbinTension: 'bypassed',
  pressure: 'less',
  widthMm: 4,
  positionMm: -1,
}
const parts = (state: MachineState, facts = FACTS) => putBackOf(state, facts).map(({ part }) => part)

describe('the put-back list', () => {
  it('names everything changed, the needle home and out before the mode that guards it', () => {
    expect(parts(CHANGED)).toEqual([
      'width',
      'position',
      'needle',
      'twin-mode',
      'tension',
      'bobbin-tension',
      'pressure',
      'plate',
      'foot',
    ])
  })
  it('is empty when all is normal, and when nothing is known', () => {
    const normal: MachineState = {
      twinMode: 'off',
      needleId: 'n',
      footId: 'f',
      plate: 'zigzag',
      tension: 4,
      bobbinTension: 'home',
      pressure: 'home',
      widthMm: 0,
      positionMm: 0,
    }
    expect(
      parts(normal, { ...FACTS, construction: 'single', foot: { name: 'Zigzag', usual: true } }),
    ).toEqual([])
    expect(parts(UNKNOWN_STATE)).toEqual([])
  })
  it('shrinks by one with each thing done, until nothing is left', () => {
    let state = CHANGED
    for (let left = 9; left > 0; left--) {
      const [first, ...rest] = putBackOf(state, FACTS)
      expect(rest).toHaveLength(left - 1)
      state = { ...state, ...first!.change }
      expect(stateHas(state, first!.change)).toBe(true)
    }
    expect(putBackOf(state, FACTS)).toEqual([])
  })
  it('says home of this machine, and that it is not known where it is not', () => {
    const said = (facts: FittedFacts) => putBackOf(CHANGED, facts).find(({ part }) => part === 'tension')!
    expect(said(FACTS)).toMatchObject({ message: 'Tension to normal, 4 (now 2.8)', change: { tension: 4 } })
    expect(said({ ...FACTS, dial: null })).toMatchObject({
      message: 'Tension to normal (now 2.8; normal is not known)',
      change: { tension: null },
    })
  })
  it('asks for no mode on a machine without one, and for no needle of a kind not known', () => {
    expect(parts(CHANGED, { ...FACTS, twinModeKind: 'none', construction: null })).not.toEqual(
      expect.arrayContaining(['twin-mode']),
    )
    expect(parts(CHANGED, { ...FACTS, construction: null })).not.toContain('needle')
  })
})

describe('what it says', () => {
  const item = (part: string, state: Partial<MachineState>, facts: Partial<FittedFacts> = {}) =>
    putBackOf({ ...UNKNOWN_STATE, ...state }, { ...FACTS, ...facts }).find(found => found.part === part)
  it('which way the needle was moved, and how far', () => {
    expect(item('position', { positionMm: -1.5 })?.message).toBe('Needle to the middle (now 1.5 mm left)')
    expect(item('position', { positionMm: 2 })?.message).toBe('Needle to the middle (now 2 mm right)')
  })
  it('which needle comes out', () => {
    expect(item('needle', { needleId: 'n' })?.message).toMatch(/^Twin out/)
    expect(item('needle', { needleId: 'n' }, { construction: 'triple' })?.message).toMatch(/^Triple out/)
  })
  it('nothing of a foot that is gone', () =>
    expect(item('foot', { footId: 'f' }, { foot: null })).toBeUndefined())
})
describe('whether a machine is as a change would make it', () => {
  it('asks for every part of the change', () => {
    const state = { ...UNKNOWN_STATE, widthMm: 0, positionMm: 1 }
    expect(stateHas(state, { widthMm: 0 })).toBe(true)
    expect(stateHas(state, { widthMm: 0, positionMm: 0 })).toBe(false)
  })
})

describe('after the machine was switched off', () => {
  const off = (forgetsTwinMode: boolean | null, state = CHANGED) =>
    afterPowerOff(state, { ...FACTS, forgetsTwinMode })
  it('forgets, keeps or has to be checked, by what is known of its mode', () => {
    expect(off(true)).toMatchObject({ forgets: ['twin mode'], change: { twinMode: 'off', widthMm: null } })
    expect(off(false).keeps).toContain('twin mode')
    expect(off(false).change.twinMode).toBe('on')
    expect(off(null).check[0]).toMatch(/twin mode: not known/)
    expect(off(null).change.twinMode).toBeNull()
  })
  it('warns while the twin is in and the machine may not know', () => {
    expect(off(true).caution).toMatch(/twin is still in/)
    expect(off(null).caution).toMatch(/twin is still in/)
    expect(off(false).caution).toBeNull()
    expect(off(true, { ...CHANGED, needleId: null }).caution).toBeNull()
  })
  it('says of a mode that was off nothing at all', () => {
    const unlit = { ...CHANGED, twinMode: 'off' as const }
    for (const forgets of [true, false, null]) {
      const said = off(forgets, unlit)
      expect([said.forgets, said.keeps.includes('twin mode'), said.change.twinMode]).toEqual([
        [],
        false,
        'off',
      ])
      expect(said.check.some(line => line.includes('twin mode'))).toBe(false)
    }
    expect(off(false).forgets).toEqual([])
    expect(off(true).check.some(line => line.includes('twin mode'))).toBe(false)
    expect(off(false).check.some(line => line.includes('twin mode'))).toBe(false)
  })
  it('fears nothing on a machine that has no mode to forget', () =>
    expect(
      afterPowerOff({ ...CHANGED, twinMode: 'off' }, { ...FACTS, twinModeKind: 'none' }).caution,
    ).toBeNull())
  it('keeps what is metal', () =>
    expect(off(true).keeps).toEqual(['needle', 'foot', 'plate', 'bobbin tension']))
})

describe('a setup put on without the walk', () => {
  const setup: NotedSetup = {
    twinModeKind: 'on-off',
    construction: 'twin',
    needleId: 'n',
    footId: 'f',
    singleHolePlate: false,
    tension: 3,
    bobbinTension: 'changed',
    pressure: 'less',
    swings: true,
    widthMm: 4,
    positionMm: -1,
  }
  it('is on the machine whole', () => {
    expect(notedState(setup)).toEqual({
      twinMode: 'on',
      needleId: 'n',
      footId: 'f',
      plate: 'zigzag',
      tension: 3,
      bobbinTension: 'changed',
      pressure: 'less',
      widthMm: 4,
      positionMm: -1,
    })
  })
  it.each([
    ['no mode where the machine has none', { twinModeKind: 'none' }, { twinMode: null }],
    ['the mode off with one needle', { construction: 'single' }, { twinMode: 'off' }],
    ['the mode off while no needle is chosen', { construction: null }, { twinMode: 'off' }],
    ['the mode on with a triple', { construction: 'triple' }, { twinMode: 'on' }],
    ['the single-hole plate', { singleHolePlate: true }, { plate: 'single-hole' }],
    ['width 0 for a straight stitch', { swings: false }, { widthMm: 0 }],
  ] as const)('notes %s', (_, over, expected) => {
    expect(notedState({ ...setup, ...over })).toMatchObject(expected)
  })
})

describe('changing over', () => {
  it('is what is known to be on and is wanted otherwise', () => {
    const wanted = { ...CHANGED, needleId: 'other', tension: 4 }
    expect(changeOverOf(CHANGED, wanted)).toEqual(['needleId', 'tension'])
    expect(changeOverOf(CHANGED, CHANGED)).toEqual([])
  })
  it('claims nothing of what nobody noted, and asks for nothing that is not chosen', () => {
    expect(changeOverOf(UNKNOWN_STATE, CHANGED)).toEqual([])
    expect(changeOverOf(CHANGED, UNKNOWN_STATE)).toEqual([])
  })
})
