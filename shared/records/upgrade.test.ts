import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import {
  VERSIONS,
  emptyTables,
  type Added,
  RECORDS_VERSION,
  upgradeRecord,
  upgradeRecords,
} from '#shared/records'
import { readBackup } from '#shared/backup'
import { EMPTY_SETUP } from '#shared/setup'

const fileOf = (version: number) =>
  readFileSync(new URL(`../../tests/fixtures/backup-${version}.json`, import.meta.url), 'utf8')
const file = fileOf(1)
const empty = emptyTables

/** What a kept plan of before is now. */
const pieceOf = (plan: unknown, version: number) => upgradeRecords('plans', plan, version)[0]!.raw

/** As it was, but for the technique: since version 6 the job says it. */
function withoutTechnique({ technique: _, ...record }: Record<string, unknown>): object {
  const { setup } = record
  return typeof setup === 'object' && setup !== null
    ? { ...record, setup: withoutTechnique(setup as Record<string, unknown>) }
    : record
}

describe('a file of an earlier version', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])('%d comes in whole, and nothing it said is changed', version => {
    const file = fileOf(version)
    const reading = readBackup(file, empty())
    if (!reading.ok) throw new Error(reading.message)
    expect(reading.preview.refused).toEqual([])
    const { records } = JSON.parse(file) as { records: Record<string, { id: string }[]> }
    // What stood in the line-up is a piece, and what is in hand says so.
    expect(reading.preview.added).toHaveLength(Object.values(records).flat().length + 1)
    for (const { table, record } of reading.preview.added) {
      const was = [...(records[table] ?? []), ...(table === 'pieces' ? records.plans! : [])].find(
        ({ id }) => id === record.id,
      )
      if (was && table !== 'pieces' && table !== 'projects')
        expect(record).toMatchObject(withoutTechnique(was))
    }
    const added = new Map(reading.preview.added.map(({ record }) => [record.id, record]))
    for (const { keptAt, ...plan } of records.plans as unknown as { id: string; keptAt: string }[])
      expect(added.get(plan.id)).toMatchObject({
        ...withoutTechnique(plan),
        plan: { kind: 'seam' },
        copies: 1,
        begunAt: keptAt,
      })
    expect(added.get('current')).toEqual({ id: 'current', pieceId: 'piece-line-up' })
    const { id: _, ...setup } = records.setup![0]!
    expect(added.get('piece-line-up')).toMatchObject({ name: '', setup: withoutTechnique(setup) })
  })

  it('gets what is new as not known, and no conflict from it', () => {
    const { records } = JSON.parse(file) as { records: Record<string, object[]> }
    expect(upgradeRecord('threads', records.threads![0], 1)).toMatchObject({
      label: '',
      texBasis: null,
      metresLeft: null,
      unwinds: null,
    })
    expect(upgradeRecord('needles', records.needles![0], 1)).toMatchObject({
      state: 'good',
      hoursSewn: null,
      blocksSewn: 0,
    })
    expect(upgradeRecord('machines', records.machines![0], 1)).toMatchObject({
      divider: null,
      spoolPins: null,
      hook: null,
    })
    expect(pieceOf(records.plans![0], 1)).toMatchObject({
      setup: { bobbinTension: 'home', pressure: 'home', speed: null },
    })
    expect(upgradeRecords('setup', records.setup![0], 1)[0]!.raw).toMatchObject({
      setup: { threader: false, cutter: false, plateId: null, supplies: EMPTY_SETUP.supplies },
    })
  })

  it('gets how well things were measured as not noted, and the value stays', () => {
    const { records } = JSON.parse(fileOf(9)) as { records: Record<string, { slotMm?: number }[]> }
    const [foot] = records.feet!.filter(({ slotMm }) => slotMm === 6.4)
    expect(upgradeRecord('feet', foot, 9)).toMatchObject({ slotMm: 6.4, spreads: {} })
    expect(upgradeRecord('machines', records.machines![0], 9)).toMatchObject({
      widthFactor: null,
      perMinute: null,
    })
    expect(upgradeRecord('needles', records.needles![0], 9)).toMatchObject({ trueGapMm: null })
    expect(upgradeRecord('cloths', records.cloths![0], 9)).toMatchObject({ feedFactor: null })
  })

  it('tells the job by its technique, and what its tension belongs to', () => {
    const { records } = JSON.parse(fileOf(5)) as {
      records: Record<string, { setup: { technique: string } }[]>
    }
    const jobs = records.plans!.map(plan => {
      const { setup } = pieceOf(plan, 5) as { setup: { job: string } }
      return [plan.setup.technique, setup.job]
    })
    expect(Object.fromEntries(jobs)).toEqual({
      'seam': 'seam',
      'hem': 'hem',
      'topstitching': 'topstitching',
      'pintucks': 'pintucks',
      'decorative': 'decorative-row',
      'appliqué edge': 'hidden-edge',
      'blanket stitch': 'blanket-edge',
    })
    expect(pieceOf(records.plans![0], 5)).toMatchObject({
      setup: {
        under: [],
        tensionFrom: { tension: 2.8, machineId: 'demo-machine-attic', stitchId: 'honeycomb' },
      },
    })
    expect(upgradeRecord('settings', { schools: { margin: 'roomy' } }, 5)).toMatchObject({
      schools: { margin: 'roomy', thickPearl: 'bobbin', filmSpeed: 'slow' },
    })
  })

  it.each([null, 3, 'text', [], { setup: 7 }])('leaves %j for the schema to report', raw =>
    expect(() => upgradeRecord('plans', raw, 1)).not.toThrow(),
  )
  it('leaves today’s records alone', () => {
    const raw = { id: 'x' }
    expect(upgradeRecord('threads', raw, RECORDS_VERSION)).toBe(raw)
  })
})

describe('a file of version 11', () => {
  const reading = readBackup(fileOf(11), empty())
  if (!reading.ok) throw new Error(reading.message)
  const { added, refused } = reading.preview
  const { records } = JSON.parse(fileOf(11)) as { records: Record<string, { id: string }[]> }
  it('comes in whole, and nothing it said is changed', () => {
    expect(refused).toEqual([])
    expect(added).toHaveLength(Object.values(records).flat().length)
    for (const { table, record } of added)
      expect(record).toMatchObject(records[table]!.find(({ id }) => id === record.id)!)
  })
  it('gets a second spool as not said, new schools as they were practised, and no turn of its own', () => {
    const of = (table: string) => added.filter(one => one.table === table).map(({ record }) => record)
    expect(of('settings')[0]).toMatchObject({
      schools: { pearlEye: 'eye', satinFilm: 'never', hiddenBobbin: 'matched', unwinding: 'back' },
    })
    for (const held of [...of('pieces'), ...of('swatches'), ...of('trials')])
      expect(held).toMatchObject({ setup: { secondSpool: null } })
    const edges = (of('pieces') as unknown as { plan: { kind: string } }[]).filter(
      ({ plan }) => plan.kind === 'edge',
    )
    expect(edges.length).toBeGreaterThan(1)
    for (const edge of edges) expect(edge).toMatchObject({ plan: { turns: [], bites: null } })
  })
})

describe('a file of version 12', () => {
  const reading = readBackup(fileOf(12), empty())
  if (!reading.ok) throw new Error(reading.message)
  const { added, refused } = reading.preview
  const { records } = JSON.parse(fileOf(12)) as { records: Record<string, { id: string }[]> }
  const of = (table: string) => added.filter(one => one.table === table).map(({ record }) => record)
  it('comes in whole, and nothing it said is changed', () => {
    expect(refused).toEqual([])
    expect(added).toHaveLength(Object.values(records).flat().length)
    for (const { table, record } of added)
      expect(record).toMatchObject(records[table]!.find(({ id }) => id === record.id)!)
  })
  it('gets strips that nobody is named for, and nobody who reads', () => {
    expect(of('trials').length).toBeGreaterThan(0)
    for (const trial of of('trials')) expect(trial).toMatchObject({ readBy: '' })
    expect(of('settings')[0]).toMatchObject({ readsAs: '' })
    expect(of('readers')).toEqual([])
  })
})

describe('a piece of version 10', () => {
  const { records } = JSON.parse(fileOf(10)) as { records: Record<string, { id: string }[]> }
  const today = (id: string) => {
    const [upgraded] = upgradeRecords(
      'pieces',
      records.pieces!.find(piece => piece.id === id)!,
      10,
    )
    return upgraded!.raw
  }
  const setTo = (job: string, stitchId: string, widthMm: number, lengthMm: number) => ({
    setup: { job, stitch: { stitchId, widthMm, lengthMm } },
  })
  it.each([
    // What was planned is what was meant: the setup said 3.0.
    ['demo-piece-pocket', setTo('topstitching', 'straight', 0, 3.5)],
    ['demo-piece-plume', setTo('metallic-line', 'straight', 0, 3)],
    // A bite of 4 was planned, and narrowed to 2.7 for the star.
    ['demo-piece-lantern', setTo('blanket-edge', 'blanket', 4, 4)],
    ['demo-piece-banner', setTo('hidden-edge', 'zigzag', 1, 1)],
    ['piece-satin', setTo('satin', 'zigzag', 3, 0.4)],
    ['piece-straight', setTo('topstitching', 'straight', 0, 3)],
    ['piece-library', setTo('decorative-row', 'feather', 5, 1.5)],
  ])('%s has its stitch once, in its setup', (id, setup) => {
    expect(today(id)).toMatchObject(setup)
    const { plan } = today(id) as { plan: object }
    expect(Object.keys(plan)).not.toContain('wantedMm')
    expect(Object.keys(plan)).not.toContain('stitch')
  })
  it('keeps how far inside and outside of its edge it is sewn', () =>
    expect(today('piece-straight')).toMatchObject({ plan: { insetMm: 4, outsideMm: 0.3 } }))
  it('is what a project points at, plans and pieces alike', () => {
    const { items } = upgradeRecord('projects', records.projects![0], 10) as { items: { work: object }[] }
    expect(items.at(-1)!.work).toEqual({ kind: 'piece', pieceId: records.plans![1]!.id })
  })
})

describe('what version 4 allowed and no dial has', () => {
  const dial = { min: 0, home: 4, max: 9 }
  const to5 = (table: string, raw: object) => upgradeRecord(table, raw, 4)
  it.each([
    ['a step of 10', { tensionDial: dial, dialStep: 10 }, { tensionDial: dial, dialStep: null }],
    ['a step of 0.005', { tensionDial: dial, dialStep: 0.005 }, { tensionDial: dial, dialStep: null }],
    ['a dial of 0 to 0.4', { tensionDial: { min: 0, home: 0, max: 0.4 } }, { tensionDial: null }],
    ['a dial upside down', { tensionDial: { min: 9, home: 4, max: 0 } }, { tensionDial: null }],
    ['what is possible', { tensionDial: dial, dialStep: 0.5 }, { tensionDial: dial, dialStep: 0.5 }],
  ])('%s counts as not known on a machine', (_, raw, upgraded) =>
    expect(to5('machines', raw)).toMatchObject(upgraded),
  )

  it('keeps the number of a swatch that does not lie on its dial, and not the dial', () => {
    const swatch = (tension: number) => ({ setup: { tension }, frozen: { machine: { name: 'A', dial } } })
    expect(to5('swatches', swatch(20))).toMatchObject({
      setup: { tension: 20 },
      frozen: { machine: { name: 'A', dial: null } },
    })
    expect(to5('swatches', swatch(6))).toMatchObject(swatch(6))
  })
})

/** Every object in a record that looks like a setup: it says what stitch is sewn and with which threads. */
function setupsIn(value: unknown): object[] {
  if (typeof value !== 'object' || value === null) return []
  const own = 'stitch' in value && 'threadIds' in value ? [value] : []
  return [...own, ...Object.values(value).flatMap(setupsIn)]
}

describe('the version after this one, made up', () => {
  const next: Added = {
    records: { trials: { paper: 'plain' } },
    setup: { lamp: 'on' },
    settings: { lampless: false },
    schools: { lamps: 'dim' },
  }
  const { records } = JSON.parse(fileOf(5)) as { records: Record<string, object[]> }
  const today = Object.entries(records).flatMap(([table, list]) =>
    list.flatMap(record => upgradeRecords(table, record, 5, [...VERSIONS, next])),
  )
  const upgraded = [...new Set(today.map(({ table }) => table))].map(table => ({
    table,
    records: today.filter(one => one.table === table).map(({ raw }) => raw),
  }))

  it('reaches every setup, in whatever table it lies', () => {
    const found = upgraded.map(({ table, records }) => ({ table, setups: records.flatMap(setupsIn) }))
    const tables = found.filter(({ setups }) => setups.length > 0).map(({ table }) => table)
    expect(tables).toEqual(['pieces', 'walks', 'trials', 'swatches'])
    for (const { setups } of found) for (const setup of setups) expect(setup).toMatchObject({ lamp: 'on' })
  })

  it('adds to a record’s own fields beside its setup, and to the settings', () => {
    expect(upgraded.find(({ table }) => table === 'trials')!.records[0]).toMatchObject({
      paper: 'plain',
      setup: { lamp: 'on' },
    })
    const settings = upgraded.find(({ table }) => table === 'settings')!.records[0]
    expect(settings).toMatchObject({ lampless: false, schools: { lamps: 'dim', margin: 'roomy' } })
  })
})
