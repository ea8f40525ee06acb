// @vitest-environment happy-dom
import { readFileSync } from 'node:fs'
import { zipSync } from 'fflate'
import Papa from 'papaparse'
import { expect, it } from 'vitest'
import { parseDropsCsvRows } from '#core/stitch'
import { readBackup } from '#shared/backup'
import { demoBackup } from '#shared/demo'
import { type AnyRecord, referencesOf, TABLES, type TableName, type Tables } from '#shared/records'
import { unpackBook } from '#workers/bookZip'
import { readSwatchCsv, writeSwatchCsv } from '~/stations/swatches/swatchCsv'
import { readSvgPolyline } from '~/stations/width/svgPolyline'
import { readTableCsv, writeTableCsv } from '~/stations/workbox/workboxCsv'
import { type Chance, note, rounds, seeded } from './rounds'

const book = Object.fromEntries(
  Object.entries(demoBackup.records).map(([table, list]) => [
    table,
    new Map((list as AnyRecord[]).map(record => [record.id, record])),
  ]),
) as unknown as Tables
const { threads, needles, machines, swatches } = demoBackup.records
const bytesOf = (text: string) => new TextEncoder().encode(text)
const textOf = (bytes: Uint8Array) => new TextDecoder().decode(bytes)
const now = '2026-03-01T10:00:00Z'
let ids = 0
const newId = () => `new-${ids++}`

interface Importer {
  readonly name: string
  readonly whole: Uint8Array
  /** The records it would take; refusing is an answer like any other. */
  readonly read: (bytes: Uint8Array) => Promise<readonly Taken[]> | readonly Taken[]
}
interface Taken {
  readonly table: TableName
  readonly record: AnyRecord
}
const csvImporter = (table: 'threads' | 'needles' | 'machines', list: readonly AnyRecord[]): Importer => ({
  name: `${table} CSV`,
  whole: bytesOf(writeTableCsv(table, list as never)),
  read: bytes => {
    const reading = readTableCsv(table, textOf(bytes), book[table] as never, new Set(), newId)
    return reading.ok ? entriesOf(reading.preview, table) : []
  },
})
const entriesOf = (
  { added, changed }: { added: readonly AnyRecord[]; changed: readonly AnyRecord[] },
  table: TableName,
) => [...added, ...changed].map(record => ({ table, record }))

function backupEntries(text: string): readonly Taken[] {
  const reading = readBackup(text, book)
  return reading.ok ? [...reading.preview.added, ...reading.preview.changed] : []
}

const small = { ...demoBackup, records: { ...demoBackup.records, swatches: swatches.slice(0, 3) } }
const SVG = '<svg xmlns="http://www.w3.org/2000/svg" width="10mm" viewBox="0 0 10 10">'
const IMPORTERS: readonly Importer[] = [
  {
    name: 'backup',
    whole: bytesOf(JSON.stringify(small)),
    read: bytes => backupEntries(textOf(bytes)),
  },
  ...[1, 2, 3, 4, 5, 6, 11].map((version): Importer => ({
    name: `backup of version ${version}`,
    whole: readFileSync(`tests/fixtures/backup-${version}.json`),
    read: bytes => backupEntries(textOf(bytes)),
  })),
  {
    name: 'zip',
    whole: zipSync({
      'book.json': bytesOf(JSON.stringify(small)),
      'photos/a.jpg': [Uint8Array.from([255, 216, 255, 224, 1, 2, 3, 4]), { level: 0 }],
    }),
    read: async bytes => {
      const reading = await unpackBook(new Blob([bytes as BlobPart]))
      return reading.ok ? backupEntries(reading.json) : []
    },
  },
  csvImporter('threads', threads),
  csvImporter('needles', needles),
  csvImporter('machines', machines),
  {
    name: 'swatch CSV',
    whole: bytesOf(writeSwatchCsv(swatches.slice(0, 8))),
    read: bytes => {
      const reading = readSwatchCsv(textOf(bytes), book as never, newId, now)
      return reading.ok ? entriesOf(reading.preview, 'swatches') : []
    },
  },
  {
    name: 'stitch CSV',
    whole: bytesOf('x_mm,y_mm\n0,0\n2,1\n0,2\n-1.5,3\n'),
    read: bytes => {
      const { data } = Papa.parse<string[]>(textOf(bytes).trim(), { delimiter: ',' })
      parseDropsCsvRows(data)
      return []
    },
  },
  {
    name: 'stitch drawing',
    whole: bytesOf(`${SVG}<polyline points="0,0 2,1 0,2 -1,3"/></svg>`),
    read: bytes => {
      readSvgPolyline(textOf(bytes))
      return []
    },
  },
]

const HOSTILE = [
  '<script>window.ran = true</script>',
  '"><img src=x onerror="window.ran=true">',
  '=HYPERLINK("x")',
  '__proto__',
  'constructor',
  '1e309',
  '-1e308',
  'NaN',
  'null',
  '[[[[[[[[',
  '\u0000',
  '\uFEFF',
  '\uD800',
  '9'.repeat(400),
  '../../..',
  '"',
  '\\',
].map(bytesOf)

/** One to eight faults: bytes turned, parts cut out, doubled or put in, ends cut off. */
function mutated(whole: Uint8Array, chance: Chance): Uint8Array {
  let bytes: Uint8Array = Uint8Array.from(whole)
  for (let faults = 1 + chance.below(8); faults > 0; faults--) {
    const at = chance.below(bytes.length + 1)
    const end = Math.min(bytes.length, at + chance.below(40))
    const [before, part, after] = [bytes.subarray(0, at), bytes.subarray(at, end), bytes.subarray(end)]
    const joined = (...parts: Uint8Array[]) => Uint8Array.from(Buffer.concat(parts))
    const turned = part.map(byte => byte ^ (1 << chance.below(8)))
    bytes = chance.from([
      () => joined(before, turned, after),
      () => joined(before, after),
      () => joined(before, part, part, after),
      () => joined(before, chance.from(HOSTILE), part, after),
      () => joined(before, chance.from(HOSTILE), after),
      () => (chance.below(6) === 0 ? Uint8Array.from(before) : bytes),
    ])()
  }
  return bytes
}

/** Nothing half: every record taken is whole, and points at what is there or comes with it. */
function expectWhole(taken: readonly Taken[], what: string): void {
  const coming = new Set(taken.map(({ table, record }) => `${table}/${record.id}`))
  for (const { table, record } of taken) {
    expect(TABLES[table].schema.safeParse(record).success, what).toBe(true)
    for (const to of referencesOf(table, record))
      expect(coming.has(`${to.table}/${to.id}`) || book[to.table].has(to.id), what).toBe(true)
  }
}

it('reads mutated files of every kind without a crash, a half record or a script', async () => {
  const each = rounds(834, 12)
  let [taken, slowestMs] = [0, 0]
  for (const [index, importer] of IMPORTERS.entries()) {
    const chance = seeded(1000 + index)
    for (let round = 0; round < each; round++) {
      const bytes = mutated(importer.whole, chance)
      const started = performance.now()
      const entries = await importer.read(bytes)
      slowestMs = Math.max(slowestMs, performance.now() - started)
      expectWhole(entries, `${importer.name}, round ${round}`)
      taken += entries.length
    }
  }
  expect((window as { ran?: boolean }).ran).toBeUndefined()
  expect(({} as { polluted?: boolean }).polluted).toBeUndefined()
  note(
    'files',
    `${each * IMPORTERS.length} mutated files over ${IMPORTERS.length} importers: 0 crashes, `
      + `0 half records, 0 scripts; ${taken} records taken, all whole; slowest ${slowestMs.toFixed(0)} ms`,
  )
})
