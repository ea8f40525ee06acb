import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { VERSIONS, emptyTables, type Added, RECORDS_VERSION, upgradeRecord } from '#shared/records'
import { readBackup } from '#shared/backup'
import { EMPTY_SETUP } from '#shared/setup'

const fileOf = (version: number) =>
  readFileSync(new URL(`../../tests/fixtures/backup-${version}.json`, import.meta.url), 'utf8')
const file = fileOf(1)
const empty = emptyTables

/** As it was, but for the technique: since version 6 the job says it. */
function withoutTechnique({ technique: _, ...record }: Record<string, unknown>): object {
  const { setup } = record
  return typeof setup === 'object' && setup !== null
    ? { ...record, setup: withoutTechnique(setup as Record<string, unknown>) }
    : record
}

describe('a file of an earlier version', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8, 9])('%d comes in whole, and nothing it said is changed', version => {
    const file = fileOf(version)
    const reading = readBackup(file, empty())
    if (!reading.ok) throw new Error(reading.message)
    expect(reading.preview.refused).toEqual([])
    const { records } = JSON.parse(file) as { records: Record<string, { id: string }[]> }
    expect(reading.preview.added).toHaveLength(Object.values(records).flat().length)
    for (const { table, record } of reading.preview.added)
      expect(record).toMatchObject(withoutTechnique(records[table]!.find(({ id }) => id === record.id)!))
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
    expect(upgradeRecord('plans', records.plans![0], 1)).toMatchObject({
      setup: { bobbinTension: 'home', pressure: 'home', speed: null },
    })
    expect(upgradeRecord('setup', records.setup![0], 1)).toMatchObject({
      threader: false,
      cutter: false,
      plateId: null,
      supplies: EMPTY_SETUP.supplies,
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
      const { setup } = upgradeRecord('plans', plan, 5) as { setup: { job: string } }
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
    expect(upgradeRecord('plans', records.plans![0], 5)).toMatchObject({
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
  const upgraded = Object.entries(records).map(([table, list]) => ({
    table,
    records: list.map(record => upgradeRecord(table, record, 5, [...VERSIONS, next])),
  }))

  it('reaches every setup, in whatever table it lies', () => {
    const found = upgraded.map(({ table, records }) => ({ table, setups: records.flatMap(setupsIn) }))
    const tables = found.filter(({ setups }) => setups.length > 0).map(({ table }) => table)
    expect(tables).toEqual(['plans', 'setup', 'walks', 'trials', 'swatches'])
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
