import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import {
  carriedOver,
  changedSetup,
  familyWords,
  type SetupContent,
  tensionFromOf,
  tensionSource,
} from '#shared/setup'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables
const collar: SetupContent = records.pieces.find(({ id }) => id === 'demo-plan-collar')!.setup
const change = (setup: SetupContent, by: Partial<SetupContent>) => changedSetup(setup, by, tables.machines)
const over = (by: Partial<SetupContent>) => carriedOver(change(collar, by), tables)

describe('a tension on another machine', () => {
  it('becomes the number that lies as far from home there', () => {
    // 2.8 on the attic machine, normal 4 of 0 to 9, is −0.3 of the way: 4.5 − 0.3 · 4.5 = 3.15 on the ferry.
    const moved = change(collar, { machineId: 'demo-machine-ferry' })
    expect(moved.tension).toBe(3)
    expect(carriedOver(moved, tables)).toEqual(['set to 2.8 on Attic seven'])
  })
  it('is what it was, back on the first', () => {
    const there = change(collar, { machineId: 'demo-machine-ferry' })
    const back = change(there, { machineId: 'demo-machine-attic' })
    expect(back.tension).toBe(2.8)
    expect(carriedOver(back, tables)).toEqual([])
  })
  it('is cleared where a dial is not known, and back again after', () => {
    const machines = new Map(tables.machines)
    machines.set('bare', { ...machines.get('demo-machine-ferry')!, id: 'bare', tensionDial: null })
    const there = changedSetup(collar, { machineId: 'bare' }, machines)
    expect(there.tension).toBeNull()
    expect(changedSetup(there, { machineId: 'demo-machine-attic' }, machines).tension).toBe(2.8)
  })
})

describe('a tension with something else', () => {
  it.each([
    ['another stitch', { stitch: { ...collar.stitch, stitchId: 'straight' } }, ['set for honeycomb']],
    [
      'another thread',
      { threadIds: { ...collar.threadIds, left: 'demo-thread-lantern' } },
      ['set for Slate rayon'],
    ],
    ['another kind of needle', { needleId: 'demo-needle-20' }, ['set with twin 2.0/80 metallic']],
  ] as const)('is carried over to %s', (_, by, said) => {
    const found = over(by)
    expect(found).toHaveLength(said.length)
    expect(found[0]!.split(' ').slice(0, 2)).toEqual(said[0].split(' ').slice(0, 2))
  })
  it('stays its own with another cloth, width, length or colour', () => {
    expect(over({ clothId: null })).toEqual([])
    expect(over({ stitch: { ...collar.stitch, widthMm: 2, lengthMm: 3 } })).toEqual([])
    const wine = [...tables.threads.values()].find(
      ({ id, kind, tex }) =>
        id !== collar.threadIds.left
        && kind === tables.threads.get(collar.threadIds.left!)!.kind
        && tex === tables.threads.get(collar.threadIds.left!)!.tex,
    )!
    expect(over({ threadIds: { ...collar.threadIds, left: wine.id } })).toEqual([])
  })
  it('holds for the stitches of its family once a row was sewn, and says for which it was', () => {
    const sewn = { ...collar, tensionFrom: tensionFromOf(collar, 'sewn') }
    const inStitch = (stitchId: string) => change(sewn, { stitch: { ...collar.stitch, stitchId } })
    expect(carriedOver(inStitch('zigzag'), tables)).toEqual([])
    expect(familyWords(inStitch('zigzag'), tables)).toBe('sewn for honeycomb, the same family')
    expect(familyWords(sewn, tables)).toBeNull()
    for (const other of ['straight', 'satin-leaf', 'blanket'])
      expect(carriedOver(inStitch(other), tables)).toEqual(['set for honeycomb'])
  })
  it('does not hold for its family while nobody sewed it', () => {
    const typed = { ...collar, tensionFrom: tensionFromOf(collar, 'typed') }
    const zigzag = change(typed, { stitch: { ...collar.stitch, stitchId: 'zigzag' } })
    expect(carriedOver(zigzag, tables)).toEqual(['set for honeycomb'])
    expect(familyWords(zigzag, tables)).toBeNull()
  })
  it('gives way to a swatch of one’s own that was sewn with the stitch itself', () => {
    const sewn = { ...collar, tensionFrom: tensionFromOf(collar, 'sewn') }
    const zigzag = change(sewn, { stitch: { ...collar.stitch, stitchId: 'zigzag' } })
    const [swatch] = [...tables.swatches.values()]
    const own = {
      ...swatch!,
      name: 'Collar zigzag',
      source: 'own' as const,
      verdict: 'good' as const,
      setup: { ...zigzag, tension: 3.4 },
    }
    const withOwn = { ...tables, swatches: new Map([['own', own]]) }
    expect(carriedOver(zigzag, withOwn)).toEqual(['set for honeycomb; your swatch “Collar zigzag” says 3.4'])
    expect(carriedOver(change(zigzag, { tension: 3.4 }), withOwn)).toEqual([])
  })
  it('is its own again once it is set there', () => {
    const straight = change(collar, { stitch: { ...collar.stitch, stitchId: 'straight' } })
    expect(carriedOver(straight, tables)).not.toEqual([])
    expect(carriedOver(change(straight, { tension: straight.tension }), tables)).toEqual([])
  })
  it('says so when what it was set with is gone', () => {
    const moved = change(collar, { threadIds: { ...collar.threadIds, left: 'demo-thread-lantern' } })
    expect(carriedOver(moved, { ...tables, threads: new Map() })).toEqual(['set for one that is gone'])
  })
})

describe('a setup that is taken whole', () => {
  it('brings what its tension belongs to', () => {
    const cape = records.pieces.find(({ id }) => id === 'demo-plan-cape')!.setup
    expect(change(collar, cape)).toEqual(cape)
  })
  it('has none while its tension is not set', () => {
    expect(tensionFromOf({ ...collar, tension: null }, 'typed')).toBeNull()
    expect(change(collar, { tension: null }).tensionFrom).toBeNull()
  })
})

describe('where a tension comes from', () => {
  const set = (how: 'typed' | 'sewn' | 'start') => ({ ...collar, tensionFrom: tensionFromOf(collar, how) })
  it.each([
    ['typed', 'your plan'],
    ['sewn', 'sewn'],
    ['start', 'guess'],
  ] as const)('that was %s is %s', (how, of) => expect(tensionSource(set(how), tables)!.of).toBe(of))
  it('is a guess once it is carried over, and says what it was set for', () => {
    const source = tensionSource(change(set('sewn'), { needleId: 'demo-needle-20' }), tables)!
    expect(source).toMatchObject({ of: 'guess' })
    expect(source.why).toMatch(/^Set with twin .*\.$/)
  })
  it('is sewn for the family, and says for which stitch', () => {
    const zigzag = { stitch: { ...collar.stitch, stitchId: 'zigzag' } }
    const source = tensionSource(change(set('sewn'), zigzag), tables)
    expect(source).toEqual({ of: 'sewn', why: 'Sewn for honeycomb, the same family.' })
  })
  it('is nobody’s where none is set', () => {
    expect(tensionSource({ ...collar, tension: null }, tables)).toBeNull()
    expect(tensionSource({ ...collar, tensionFrom: null }, tables)).toBeNull()
  })
})
