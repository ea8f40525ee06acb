import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { TABLE_NAMES } from '#shared/records'
import { readSwatchCsv, writeSwatchCsv } from './swatchCsv'

type Tables = Parameters<typeof readSwatchCsv>[1]
const tables = Object.fromEntries(
  TABLE_NAMES.map(table => [table, new Map(demoBackup.records[table].map(record => [record.id, record]))]),
) as unknown as Tables
const { swatches } = demoBackup.records
const NOW = '2026-06-01T18:00:00Z'
let made = 0
const read = (file: string, over: Partial<Tables> = {}) => {
  const reading = readSwatchCsv(file, { ...tables, ...over }, () => `new-${made++}`, NOW)
  if (!reading.ok) throw new Error(reading.message)
  return reading.preview
}

describe('swatches as CSV', () => {
  it('come back the same where they are known', () => {
    expect(read(writeSwatchCsv(swatches))).toMatchObject({
      added: [],
      changed: [],
      same: swatches.length,
      refused: [],
    })
  })
  it('come into an empty book by the names of what is owned', () => {
    const { added, refused } = read(writeSwatchCsv(swatches), { swatches: new Map() })
    expect(refused).toEqual([])
    expect(added).toHaveLength(swatches.length)
    for (const [i, swatch] of added.entries()) {
      expect(swatch.frozen).toEqual(swatches[i]!.frozen)
      expect(swatch).toMatchObject({
        id: swatches[i]!.id,
        name: swatches[i]!.name,
        readings: swatches[i]!.readings,
        verdict: swatches[i]!.verdict,
        source: swatches[i]!.source,
        setup: { tension: swatches[i]!.setup.tension, stitch: swatches[i]!.setup.stitch },
      })
    }
  })
  it('change what was edited, and nothing else', () => {
    const edited = writeSwatchCsv([swatches[0]!]).replace('Bobbin peeps at the points.', 'Bobbin hidden')
    expect(read(edited).changed).toEqual([{ ...swatches[0]!, note: 'Bobbin hidden' }])
  })
  it('keep what a row does not say, column or cell', () => {
    const swatch = {
      ...swatches[1]!,
      setup: { ...swatches[1]!.setup, pressure: 'less' as const, speed: 'slow' as const },
    }
    const tables = { swatches: new Map([[swatch.id, swatch]]) }
    expect(read(`id,name,goal,tension\n${swatch.id},${swatch.name},metallic,3.1\n`, tables).changed).toEqual([
      {
        ...swatch,
        setup: {
          ...swatch.setup,
          tension: 3.1,
          tensionFrom: { ...swatch.setup.tensionFrom, tension: 3.1, how: 'typed' },
        },
      },
    ])
    expect(
      read(
        [
          'id,name,goal,tension,machine,left,needle,show,verdict,source,skips,rows,pressure,note',
          `${swatch.id},${swatch.name},metallic,,,,,,,,,,,`,
          '',
        ].join('\n'),
        tables,
      ).changed,
    ).toEqual([{ ...swatch, note: '' }])
    expect(
      read(
        `id,name,goal,tension,left,show\n${swatch.id},${swatch.name},metallic,not set,none,not read\n`,
        tables,
      ).changed[0],
    ).toMatchObject({
      setup: { tension: null, threadIds: { left: null, right: swatch.setup.threadIds.right } },
      readings: { show: null, ridge: swatch.readings.ridge },
    })
  })
  it('bring plate, pressure, speed and bobbin tension into an empty book', () => {
    const setup = {
      ...swatches[1]!.setup,
      plate: 'single-hole' as const,
      pressure: 'less' as const,
      speed: 'slow' as const,
      bobbinTension: 'changed' as const,
    }
    const swatch = { ...swatches[1]!, setup, frozen: { ...swatches[1]!.frozen, plate: 'Single-hole plate' } }
    const { added } = read(writeSwatchCsv([swatch]), { swatches: new Map() })
    expect(added[0]!.setup).toMatchObject({
      plate: 'single-hole',
      pressure: 'less',
      speed: 'slow',
      bobbinTension: 'changed',
    })
    expect(added[0]!.frozen.plate).toBe('Single-hole plate')
  })
  it('bring what lay under the cloth, layer by layer', () => {
    const under = [
      { kind: 'wadding', thicknessMm: 3.2 },
      { kind: 'backing', thicknessMm: null },
    ] as const
    const swatch = { ...swatches[1]!, setup: { ...swatches[1]!.setup, under: [...under] } }
    const file = writeSwatchCsv([swatch])
    expect(file).toContain('wadding 3.2 + backing')
    expect(read(file, { swatches: new Map() }).added[0]!.setup.under).toEqual(under)
    expect(
      read(file.replace('wadding 3.2', 'feathers'), { swatches: new Map() }).refused[0]!.message,
    ).toMatch(/under/)
  })
  it('may be typed by hand', () => {
    const { added } = read(
      'name,goal,tension,machine,needle,left,show\nTyped,flat,"3,5",Attic seven,2.5/75 '
        + 'stretch,Navy cotton 50,+1\n',
      { swatches: new Map() },
    )
    expect(added[0]).toMatchObject({
      name: 'Typed',
      goal: 'flat',
      verdict: 'usable',
      source: 'guess',
      rowsSewn: null,
      keptAt: NOW,
      readings: { show: 1, ridge: null },
      setup: {
        tension: 3.5,
        goal: 'flat',
        needleId: 'demo-needle-25s',
        threadIds: { left: 'demo-thread-navy' },
      },
      frozen: { machine: { name: 'Attic seven', dial: { home: 4 } } },
    })
  })
  it('keep a spreadsheet from running a cell', () => {
    const csv = writeSwatchCsv([{ ...swatches[0]!, name: '=1+1' }])
    expect(csv).toContain("'=1+1")
    expect(read(csv).changed[0]!.name).toBe('=1+1')
  })
})

describe('what it refuses', () => {
  it.each([
    ['goal', 'name,tension\na,1'],
    ['tension', 'name,goal\na,flat'],
    ['name', ''],
  ])('a file without %s', (column, file) => expect(() => read(file)).toThrow(column))
  it.each([
    ['source', 'heard say', /^source: must be one of own test, computed, quoted rule, guess/],
    ['skips', 'perhaps', /^skips: must be yes or no/],
    ['pressure', 'heavy', /^setup\.pressure/],
    ['plate', 'Glass plate', /^plate: “Glass plate” is not in the workbox/],
  ])('a %s of “%s”', (header, word, message) => {
    expect(read(`name,goal,tension,${header}\nA,flat,4,${word}\n`).refused[0]!.message).toMatch(message)
  })
  it('rows by themselves, with field and mend', () => {
    const { added, refused } = read(
      [
        'name,goal,tension,left,show,verdict',
        'A,pretty,4,,,',
        'B,flat,4,Unicorn,,',
        'C,flat,much,,,',
        'D,flat,4,,7,',
        'E,flat,4,,,superb',
        'F,flat,4',
        ',flat,4,,,',
        'G,flat,4,,,good',
        '',
      ].join('\n'),
    )
    expect(added.map(({ name }) => name)).toEqual(['G'])
    expect(refused.map(({ row, message }) => `${row} ${message}`)).toEqual([
      expect.stringMatching(/^2 goal: must be one of Flat hem/),
      expect.stringMatching(/^3 left: “Unicorn” is not in the workbox/),
      expect.stringMatching(/^4 setup\.tension/),
      '5 show: must be a whole step from -3 to 3',
      expect.stringMatching(/^6 verdict/),
      '7 has 3 cells, the heading 6',
      '8 name: needs a name',
    ])
  })
})
