import { describe, expect, it } from 'vitest'
import { seamUsage } from '#core/seam'
import { demoBackup } from '#shared/demo'
import { DEFAULT_SETTINGS } from '#shared/records'
import { seamOf, threadNeedsOf } from '#shared/inputs'
import { EMPTY_SETUP, type SetupContent } from '#shared/setup'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables
const collar: SetupContent = records.pieces[0]!.setup
const seam = (over: Partial<SetupContent> = {}) => seamOf({ ...collar, ...over }, tables, DEFAULT_SETTINGS)
const needs = (over: Partial<SetupContent> = {}, bobbins = tables.bobbins) => {
  const setup = { ...collar, ...over }
  return threadNeedsOf(seamOf(setup, tables, DEFAULT_SETTINGS)!, setup, { ...tables, bobbins })
}

describe('the seam of a setup', () => {
  it('names the needles that have no thread', () => {
    const ids = { left: 'demo-thread-slate', middle: null, right: 'demo-thread-slate' }
    expect(seam({ needleId: 'demo-needle-t25', threadIds: ids })?.unthreaded).toEqual(['middle'])
    expect(seam({ threadIds: ids })?.unthreaded).toEqual([])
  })
  it('is complete with machine, needle and stitch, whatever else is missing', () => {
    expect(seamOf(EMPTY_SETUP, tables, DEFAULT_SETTINGS)).toBeNull()
    expect(seam({ clothId: null, bobbinId: null })).toMatchObject({
      clothThicknessMm: null,
      clothHex: '#eadfcb',
    })
  })
  it('is sewn wrong side up where the thick thread lies on the bobbin, or the job says so', () => {
    expect(seam()!.wrongSideUp).toBe(false)
    expect(seam({ job: 'bobbin-work' })!.wrongSideUp).toBe(true)
    expect(seam({ bobbinId: 'demo-thread-rope' })!.wrongSideUp).toBe(true)
  })
  it('adds up what lies under the foot', () => {
    // Two layers of linen, 0.45 each, on wadding of 3.2.
    const wadding = { kind: 'wadding', thicknessMm: 3.2 } as const
    expect(seam({ under: [wadding] })!.clothThicknessMm).toBeCloseTo(4.1, 9)
    expect(seam({ under: [wadding, { kind: 'backing', thicknessMm: null }] })!.clothThicknessMm).toBeNull()
    // Each stitch takes it above, and below at both holes.
    const metres = (under: SetupContent['under']) => needs({ under }).threads.map(({ metres }) => metres)
    expect(metres([wadding])[0]!).toBeGreaterThan(metres([])[0]!)
  })
  it('has a thread a blade, each in its own colours', () => {
    const [left, right] = seam()!.threads
    expect([left?.colours, right?.colours]).toEqual([
      tables.threads.get(collar.threadIds.left!)!.colours,
      tables.threads.get(collar.threadIds.right!)!.colours,
    ])
    expect(seam({ needleId: 'demo-needle-80' })!.threads).toHaveLength(1)
  })
  it('is as thick as all layers', () => {
    const thin = { ...tables.cloths.get(collar.clothId!)!, id: 'thin', thicknessMm: 0.3 }
    const with3 = { ...collar, clothId: 'thin', layers: 3 }
    const cloths = new Map([['thin', thin]])
    expect(seamOf(with3, { ...tables, cloths }, DEFAULT_SETTINGS)?.clothThicknessMm).toBeCloseTo(0.9, 9)
  })
  it('knows its thread widths as surely as the least sure of them', () => {
    expect(seam({ threadIds: { ...collar.threadIds, right: null } })!.threadWidthSource).toBe('guess')
  })
})

describe('thread needed', () => {
  it('names every place, and takes what the seam takes with the usual tails', () => {
    const { threads, bobbinM } = needs()
    expect(threads.map(({ place }) => place)).toEqual(['left', 'right', 'bobbin'])
    // Common practice: 12 % for tails and trials.
    expect(bobbinM).toBeCloseTo(1.12 * seamUsage(seam()!, collar.seamM, 0).bobbinM, 9)
    expect(needs({ needleId: 'demo-needle-80' }).threads[0]!.place).toBe('needle')
  })
  it('asks one spool for all the places it feeds', () => {
    const id = [...tables.threads.values()].find(({ metresLeft }) => (metresLeft ?? 0) > 20)!.id
    const leftM = tables.threads.get(id)!.metresLeft!
    const one = needs({ threadIds: { left: id, middle: null, right: null }, bobbinId: null, seamM: 1 })
    const perM = one.threads[0]!.metres
    // Enough for one blade, not for two.
    const seamM = (0.7 * leftM) / perM
    const alone = needs({ threadIds: { left: id, middle: null, right: null }, bobbinId: null, seamM })
    expect(alone.threads[0]!.shortM).toBeNull()
    const both = needs({ threadIds: { left: id, middle: null, right: id }, bobbinId: null, seamM })
    expect(both.threads[0]!.shortM).toBeCloseTo(0.4 * leftM, 6)
    expect(both.threads[1]!.shortM).toBeCloseTo(0.4 * leftM, 6)
    expect(both.threads[2]).toMatchObject({ thread: null, leftM: null, shortM: null })
  })
  it('winds as many bobbins as it takes, by what one holds', () => {
    const [bobbin] = records.bobbins
    const holding = (holdsM: number | null, threadId = collar.bobbinId) =>
      new Map([['b', { ...bobbin!, id: 'b', threadId, holdsM, outerMm: null, coreMm: null, wideMm: null }]])
    expect(needs({}, new Map()).bobbin).toBeNull()
    const wound = needs({ seamM: 30 }, holding(20))
    expect(wound.bobbin).toMatchObject({ holdsM: 20, source: 'known', count: Math.ceil(wound.bobbinM / 20) })
    expect(wound.bobbin!.count).toBeGreaterThan(1)
    expect(needs({ seamM: 0.01 }, holding(20)).bobbin?.count).toBe(1)
    expect(needs({}, holding(20, 'demo-thread-other')).bobbin).toBeNull()
  })
  it('reckons a bobbin from its winding space where that was measured, and says it is a guess', () => {
    const measured = { ...records.bobbins[0]!, id: 'b', threadId: null, holdsM: null }
    const spaced = { ...measured, outerMm: 20, coreMm: 6, wideMm: 8 }
    expect(needs({}, new Map([['b', spaced]])).bobbin?.source).toContain('guess')
    expect(needs({}, new Map([['b', { ...spaced, outerMm: 6 }]])).bobbin).toBeNull()
  })
})
