import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coverJobs, TWIN_JOBS } from '#core/coverage'
import { UNKNOWN_THREAD, FRESH_NEEDLE, type NeedleRecord, TABLES, type Thread } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { BULK_EDITS } from './bulkEdits'
import { shoppingList, shoppingRows, shoppingText } from './shoppingList'
import { twinCandidates } from '~/stations/pairing/twinCandidates'
import { readTableCsv, writeTableCsv } from './workboxCsv'
import { type Owned, pickRecords, WORKBOX, WORKBOX_TABLES, type WorkboxTableName } from './workboxTables'

const { records } = demoBackup
const mapOf = (list: readonly Owned[]) => new Map(list.map(one => [one.id, one]))
const show = {
  length: (mm: number | null) => (mm === null ? 'not measured' : `${mm} mm`),
  threadName: (id: string | null) => id ?? '',
}
const threadIds = new Set(records.threads.map(({ id }) => id))
let made = 0
const read = (table: WorkboxTableName, file: string, existing: readonly Owned[] = []) => {
  const reading = readTableCsv(table, file, mapOf(existing), threadIds, () => `new-${made++}`)
  if (!reading.ok) throw new Error(reading.message)
  return reading.preview
}
const thread = (over: Partial<Thread>): Thread => ({
  id: 'a',
  name: 'A',
  ...UNKNOWN_THREAD,
  colours: [{ hex: '#112233', runMm: 1000 }],
  ...over,
})
const needle = (over: Partial<NeedleRecord>): NeedleRecord => ({
  id: 'n',
  construction: 'single',
  gapMm: 0,
  sizeNm: 80,
  type: 'universal',
  ...FRESH_NEEDLE,
  ...over,
})

describe('the workbox’s tables', () => {
  const pick = (
    table: 'needles' | 'threads',
    ask: Partial<{ search: string; filter: string; sortBy: number; down: boolean }>,
  ) =>
    pickRecords<Owned>(WORKBOX[table] as never, records[table], show, {
      search: '',
      filter: '',
      sortBy: 0,
      down: false,
      ...ask,
    })
  it('find a twin when asked for a double, by several words in any order', () => {
    expect(pick('needles', { search: 'double jeans' }).map(({ id }) => id)).toEqual(['demo-needle-40j'])
    expect(pick('needles', { search: 'jeans twin' })).toHaveLength(1)
    expect(pick('threads', { search: 'pearl rope' }).map(({ id }) => id)).toEqual(['demo-thread-rope'])
    expect(pick('threads', { search: 'velvet' })).toEqual([])
  })
  it('keep what a filter names', () => {
    expect(pick('threads', { filter: 'used up' }).map(({ id }) => id)).toEqual(['demo-thread-rope'])
    expect(pick('threads', { filter: 'low' }).map(({ id }) => id)).toEqual(['demo-thread-white'])
    expect(pick('needles', { filter: 'to change' }).map(({ id }) => id)).toEqual(['demo-needle-40'])
  })
  it('sort by number, and put what is not known last either way', () => {
    const tex = WORKBOX.threads.columns.findIndex(({ label }) => label === 'Tex')
    const [up, down] = [
      pick('threads', { sortBy: tex }),
      pick('threads', { sortBy: tex, down: true }),
    ] as unknown as [Thread[], Thread[]]
    expect(up[0]!.tex).toBe(12.5)
    expect(down[0]!.tex).toBe(125)
    expect(up.at(-1)!.tex).toBeNull()
    expect(down.at(-1)!.tex).toBeNull()
  })
  it.each(WORKBOX_TABLES)('show every record of %s without an empty cell', table => {
    for (const record of records[table])
      for (const column of WORKBOX[table].columns)
        expect(column.text(record as never, show).length).toBeGreaterThan(0)
  })
  it.each(Object.entries(BULK_EDITS))('change many %s to what the schema takes', (table, edits) => {
    for (const { edit } of edits!)
      for (const record of records[table as 'needles'])
        expect(TABLES[table as 'needles'].schema.safeParse(edit(record)).success).toBe(true)
  })
})

describe('a table as CSV', () => {
  it.each(WORKBOX_TABLES)('of %s goes round without loss', table => {
    const csv = writeTableCsv(table, records[table] as readonly Owned[])
    expect(read(table, csv).added).toEqual(records[table])
    expect(read(table, csv, records[table] as readonly Owned[])).toMatchObject({
      added: [],
      changed: [],
      refused: [],
      same: records[table].length,
    })
  })
  it('keeps any name, and gives a spreadsheet no formula to run', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.constantFrom('=1+1', '+x', '-x', '@x', '"quoted", and comma', '<b>bold</b>', "'quoted", "'=1"),
          fc.stringMatching(/^[ -~]{1,30}$/),
        ),
        raw => {
          const name = raw.trim()
          if (name === '') return
          const csv = writeTableCsv('threads', [thread({ name })])
          expect(csv.split('\r\n')[1]!.split(',')[1]).not.toMatch(/^"?[=+\-@]/)
          expect(read('threads', csv).added[0]).toMatchObject({ name })
        },
      ),
    )
  })
  it('takes a file that names few columns, a decimal comma and a byte order mark', () => {
    expect(read('threads', '\uFEFFname,tex,metres_left\nTide,"27,5",\n').added[0]).toMatchObject({
      name: 'Tide',
      tex: 27.5,
      metresLeft: null,
      kind: 'polyester',
    })
    expect(read('needles', 'construction,gap_mm,size_nm,type\ntwin,2.5,80,jeans\n').added[0]).toMatchObject({
      construction: 'twin',
      gapMm: 2.5,
      count: 1,
    })
  })
  it('names each refused row, its field and the mend, and takes the rest', () => {
    const file =
      [
        'name,kind,tex,metres_left',
        'Good,cotton,25,100',
        ',cotton,25,1',
        'Wide,cotton,wide,1',
        'Minus,cotton,25,-3',
        'Velvet,velvet,25,1',
        'Short,cotton',
        'Good,cotton,25,100',
        '',
      ].join('\n') + `${'x'.repeat(300)},cotton,25,1\n`
    const { added, refused } = read('threads', file)
    expect(added.map(one => 'name' in one && one.name)).toEqual(['Good'])
    expect(refused.map(({ row, message }) => `${row} ${message}`)).toEqual([
      expect.stringMatching(/^3 name: needs a name/),
      expect.stringMatching(/^4 tex: must be a number from/),
      expect.stringMatching(/^5 metresLeft: must be a number from 0/),
      expect.stringMatching(/^6 kind: /),
      expect.stringMatching(/^7 has 2 cells, the heading 4/),
      expect.stringMatching(/^8 says the same as another one/),
      expect.stringMatching(/^9 name: must be at most 80/),
    ])
  })
  it('changes a record by its id, and refuses the same id twice or a bobbin of an unknown thread', () => {
    const [first] = records.cloths
    expect(
      read('cloths', `id,name\n${first!.id},Sailcloth\n${first!.id},Again\n`, records.cloths),
    ).toMatchObject({ changed: [{ id: first!.id, name: 'Sailcloth' }], refused: [{ row: 3 }] })
    expect(read('bobbins', 'name,thread_id\nRed,nobody\n').refused[0]!.message).toContain(
      'not a thread in the workbox',
    )
  })
  it.each([
    ['', 'empty'],
    ['colour\nred\n', '“colour” is not known'],
    ['kind,tex\ncotton,25\n', '“name” is missing'],
    ['x'.repeat(5_000_001), '5 MB'],
    ['<script>alert(1)</script>', 'not known'],
  ])('refuses a file whole that begins with %.20j', (file, message) =>
    expect(readTableCsv('threads', file, new Map(), threadIds, () => 'x')).toMatchObject({
      ok: false,
      message: expect.stringContaining(message),
    }),
  )
})

describe('the shopping list', () => {
  it('holds what is used up, low, or worn with none in reserve', () => {
    const list = shoppingList(
      [
        needle({ id: '1', count: 0 }),
        needle({ id: '2', state: 'bent' }),
        needle({ id: '3', hoursSewn: 8 }),
        needle({ id: '4', hoursSewn: 8, count: 3 }),
        needle({ id: '5' }),
      ],
      [
        thread({ name: 'Low', metresLeft: 20 }),
        thread({ name: 'Gone', metresLeft: 0 }),
        thread({ name: 'Plenty', metresLeft: 300 }),
        thread({ name: 'Unknown', metresLeft: null }),
      ],
    )
    expect(list.map(({ name, why }) => `${name}: ${why}`)).toEqual([
      '80/12 universal: used up',
      '80/12 universal: bent, the last one',
      '80/12 universal: 8 of about 8 hours, the last one',
      'Low: 20 m left',
      'Gone: used up',
    ])
    expect(shoppingText(list).split('\n')).toHaveLength(5)
    expect(shoppingRows(list).every(row => row.length === 4)).toBe(true)
  })
})

describe('candidates for which twins to own', () => {
  it('hold the usable ones owned and the rest of what is sold, each once', () => {
    const candidates = twinCandidates(records.needles)
    expect(candidates.length).toBeLessThanOrEqual(40)
    expect(new Set(candidates.map(({ gapMm, sizeNm, type }) => `${gapMm}/${sizeNm} ${type}`)).size).toBe(
      candidates.length,
    )
    expect(candidates.filter(({ owned }) => owned).map(({ id }) => id)).not.toContain('demo-needle-60')
    expect(
      coverJobs(candidates, TWIN_JOBS, [9], 0.5)
        .chosen.filter(({ needle: { owned } }) => !owned)
        .map(({ needle: { gapMm, type } }) => `${gapMm} ${type}`),
    ).toEqual(['4 stretch'])
  })
})
