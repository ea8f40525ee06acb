import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  UNKNOWN_MACHINE,
  type Tables,
  type AnyRecord,
  type Machine,
  type Piece,
  TABLE_NAMES,
  type TableName,
  RECORDS_VERSION,
} from '#shared/records'
import { readBackup, writeBackup } from '#shared/backup'
import { demoBackup } from '#shared/demo'
import { EMPTY_SETUP } from '#shared/setup'

const machine: Machine = { id: 'm1', name: 'Attic seven', ...UNKNOWN_MACHINE }
const plan: Piece = {
  id: 'p1',
  name: 'Collar',
  plan: { kind: 'seam' },
  setup: { ...EMPTY_SETUP, machineId: 'm1' },
  copies: 1,
  sewn: 0,
  photos: { front: null, back: null },
  note: '',
  begunAt: '2026-03-01T10:00:00Z',
}
const book = (entries: [TableName, AnyRecord][] = []): Tables =>
  Object.fromEntries(
    TABLE_NAMES.map(table => [
      table,
      new Map(entries.filter(([t]) => t === table).map(([, record]) => [record.id, record])),
    ]),
  ) as unknown as Tables
const full = book([
  ['machines', machine],
  ['pieces', plan],
])
const text = (b: Tables) => JSON.stringify(writeBackup(b, '2026-11-24T10:00:00Z'))
const preview = (t: string, b: Tables) => {
  const reading = readBackup(t, b)
  if (!reading.ok) throw new Error(reading.message)
  return reading.preview
}

/** Where numbers stand in a record. */
function numbersIn(value: unknown, path: string[] = []): string[][] {
  if (typeof value === 'number') return [path]
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, inner]) => numbersIn(inner, [...path, key]))
}
function put(record: object, [key, ...rest]: readonly string[], value: unknown): void {
  const fields = record as Record<string, unknown>
  if (rest.length === 0) fields[key!] = value
  else put(fields[key!] as object, rest, value)
}
const tablesOf = (records: typeof demoBackup.records) =>
  book(
    Object.entries(records).flatMap(([table, list]) =>
      list.map((record): [TableName, AnyRecord] => [table as TableName, record]),
    ),
  )

describe('a backup', () => {
  it('goes round without loss', () => {
    const { added, refused } = preview(text(full), book())
    expect(added.map(({ record }) => record)).toEqual([machine, plan])
    expect(refused).toEqual([])
  })

  it('says what is new, what changes and what stays', () => {
    const here = book([
      ['machines', { ...machine, name: 'Attic eight' }],
      ['pieces', plan],
    ])
    expect(preview(text(full), here)).toMatchObject({ added: [], changed: [{ table: 'machines' }], same: 1 })
  })

  it('does not take another order of keys for a change', () => {
    const turned = book([['machines', Object.fromEntries(Object.entries(machine).reverse()) as Machine]])
    expect(preview(text(book([['machines', machine]])), turned)).toMatchObject({ same: 1, changed: [] })
  })

  it('keeps names with markup as text', () => {
    const hostile = { ...machine, name: '<img src=x onerror=alert(1)>' }
    expect(preview(text(book([['machines', hostile]])), book()).added[0]!.record).toEqual(hostile)
  })
})

describe('what is refused', () => {
  const changed = (
    change: (raw: { version: unknown; format: unknown; records: Record<string, unknown[]> }) => void,
  ) => {
    const raw = JSON.parse(text(full))
    change(raw)
    return JSON.stringify(raw)
  }
  it.each<[string, string, string]>([
    ['not-json', text(full).slice(0, -20), 'damaged'],
    ['not-json', '', 'damaged'],
    ['not-json', `${'['.repeat(3_000_000)}${']'.repeat(3_000_000)}`, 'damaged'],
    ['not-ours', JSON.stringify(`${'['.repeat(100)} \\" [`), 'not written by'],
    ['not-ours', '{"format":"other"}', 'not written by'],
    ['not-ours', 'null', 'not written by'],
    [
      'newer',
      changed(raw => {
        raw.version = RECORDS_VERSION + 1
      }),
      'Update the app',
    ],
    [
      'wrong-version',
      changed(raw => {
        raw.version = '1'
      }),
      'version must be',
    ],
    [
      'damaged',
      changed(raw => {
        raw.records = { machines: 'none' as unknown as unknown[] }
      }),
      'records',
    ],
    ['too-large', 'x'.repeat(20_000_001), '20 MB'],
  ])('a file that is %s, whole', (code, file, part) => {
    expect(readBackup(file, book())).toMatchObject({
      ok: false,
      code,
      message: expect.stringContaining(part),
    })
  })

  it.each<[string, (raw: { records: Record<string, unknown[]> }) => void, string]>([
    [
      'a field out of range',
      ({ records }) => Object.assign(records.machines![0]!, { maxWidthMm: 1e9 }),
      'maxWidthMm: must be a number from 3 to 12',
    ],
    ['an unknown field', ({ records }) => Object.assign(records.machines![0]!, { script: 1 }), 'script'],
    [
      'a name of 300 characters',
      ({ records }) => Object.assign(records.machines![0]!, { name: 'x'.repeat(300) }),
      'at most 80',
    ],
    ['a record that comes twice', ({ records }) => records.machines!.push(records.machines![0]!), 'twice'],
    ['an unknown list', ({ records }) => Object.assign(records, { spoons: [1] }), 'not a known list'],
    [
      'a piece whose machine is nowhere',
      ({ records }) => {
        records.machines = []
      },
      'points at m1',
    ],
  ])('%s, by name', (_, change, part) => {
    const { refused } = preview(changed(change as never), book())
    expect(refused.map(({ message }) => message).join()).toContain(part)
  })

  it('a piece goes with the machine that was refused', () => {
    const { added, refused } = preview(
      changed(({ records }) => Object.assign(records.machines![0]!, { maxWidthMm: -1 })),
      book(),
    )
    expect(added).toEqual([])
    expect(refused).toHaveLength(2)
  })

  it('a number nothing has, in whatever field of whatever table', () => {
    const { records } = demoBackup
    const numbers = Object.entries(records).flatMap(([table, list]) =>
      numbersIn(list[0]).map(path => ({ table, path })),
    )
    expect(numbers.length).toBeGreaterThan(60)
    for (const huge of [1e308, -1e308])
      for (const { table, path } of numbers) {
        const record = structuredClone(records[table as TableName][0]) as object
        put(record, path, huge)
        const file = JSON.stringify({ ...demoBackup, records: { [table]: [record] } })
        const refusal = preview(file, tablesOf(demoBackup.records)).refused.map(({ message }) => message)
        expect(refusal, `${table} ${path.join('.')}`).toHaveLength(1)
      }
  })

  it.each([
    ['machines', ['tensionDial'], { min: 9, home: 4, max: 0 }],
    ['machines', ['dialStep'], 1e-9],
    ['needles', ['gapMm'], 1e9],
    ['pieces', ['begunAt'], '0000-01-01T10:00:00Z'],
    ['pieces', ['begunAt'], '9999-01-01T10:00:00Z'],
    ['swatches', ['setup', 'tension'], 20],
    ['swatches', ['frozen', 'needle', 'gapMm'], 1e9],
    ['swatches', ['frozen', 'machine', 'dial', 'max'], -5],
  ] as [TableName, string[], unknown][])('in %s %j as %j', (table, path, value) => {
    const record = structuredClone(demoBackup.records[table][0]) as object
    put(record, path, value)
    const file = JSON.stringify({ ...demoBackup, records: { [table]: [record] } })
    expect(preview(file, tablesOf(demoBackup.records)).refused).toHaveLength(1)
  })

  it('an own stitch whose repeat is next to nothing', () => {
    const stitch = { id: 's', name: 'S', alignment: 'centre', drops: [{ x: 0, y: 0 }], repeat: 1e-9 }
    const records = { stitches: [{ ...stitch, defaultWidthMm: 1, defaultLengthMm: 1 }] }
    const { refused } = preview(JSON.stringify({ ...demoBackup, records }), book())
    expect(refused[0]!.message).toMatch(/repeat: must be a number from 0\.01/)
  })

  it('never throws, whatever the file holds', () => {
    fc.assert(
      fc.property(fc.json(), json => {
        readBackup(json, book())
        readBackup(JSON.stringify({ format: 'lacy-spool', version: 1, records: JSON.parse(json) }), book())
      }),
    )
  })
})
