import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import {
  answerForBand,
  bandJobOf,
  bandRowSetup,
  bandRuns,
  pieceNeedsOf,
  runsNeedsOf,
  stabilizerMm2,
} from '#shared/inputs'
import { type BandPiece, DEFAULT_SETTINGS, TABLES } from '#shared/records'

const { records } = demoBackup
const tables = Object.fromEntries(
  Object.entries(records).map(([table, list]) => [table, new Map(list.map(record => [record.id, record]))]),
) as never as Parameters<typeof answerForBand>[2] & Parameters<typeof runsNeedsOf>[1]
const piece = (id: string) => records.pieces.find(one => one.id === `demo-piece-${id}`)!
const { plan: kept, setup } = piece('collarband')
const band = kept as BandPiece
const answer = (over: Partial<BandPiece> = {}) =>
  answerForBand({ ...band, ...over }, setup, tables, DEFAULT_SETTINGS)!
const codes = (over: Partial<BandPiece>) => answer(over).notes.map(({ code }) => code)

describe('a band of the demo', () => {
  it('is as wide as its rows and gaps, and each row is shorter by how far in it lies', () => {
    // Worked by hand: 4 + 0.5 + 6 + 0.5 + 4; the middle row lies 7.5 in, at two corners of the long side.
    const { band: laid, rows } = answer()
    expect(laid.bandMm).toBe(15)
    expect(rows[1]!.legs.map(({ lengthMm }) => lengthMm)).toEqual([132.5, 405, 132.5])
    expect(rows[0]!.guide).toBeNull()
    // The open toe is 8 wide: half of 6 to the left, and half a millimetre of gap.
    expect(rows[1]!.guide).toEqual({ edgeMm: -3.5, insideRimMm: 0.5 })
  })
  it('is drawn with each row’s own thread, as long as its patterns come out', () => {
    const { pictured, rows } = answer()
    expect(pictured.map(({ threads }) => threads[0]!.colours[0]!.hex)).toEqual([
      '#3a5a8c',
      '#7a2440',
      '#3a5a8c',
    ])
    expect(pictured[1]!.lengthMm).toBe(rows[1]!.legs[0]!.evenLengthMm)
  })
  it('is nothing yet while the needle is missing', () =>
    expect(answerForBand(band, { ...setup, needleId: null }, tables, DEFAULT_SETTINGS)).toBeNull())

  it('has one length round a ring, corners or not', () =>
    expect(answer({ ring: true }).rows[0]!.legs.map(({ lengthMm }) => lengthMm)).toEqual([700]))
  it.each([
    ['mirror', { rows: band.rows.map(row => ({ ...row, stitchId: 'blanket' })) }],
    ['long-repeat', { legsMm: [6], ring: true }],
    ['dense-on-sheer', { ribbon: { kind: 'ribbon' as const, wideMm: 20, sheer: true } }],
    [
      'falls-beside',
      {
        rows: [{ ...band.rows[0]!, widthMm: 0, stitchId: 'straight', needleId: 'demo-needle-60' }],
        overlapsMm: [],
        ribbon: { kind: 'ribbon' as const, wideMm: 4, sheer: false },
      },
    ],
    [
      'needles',
      { rows: band.rows.map((row, i) => (i === 1 ? { ...row, needleId: 'demo-needle-20' } : row)) },
    ],
    ['hidden-edge', { overlapsMm: [-2, -2] }],
  ] as const)('says “%s” where it is so, and only there', (code, over) => {
    expect(codes(over as Partial<BandPiece>)).toContain(code)
    expect(codes({})).not.toContain(code)
  })

  it('is a job by what it is', () => {
    expect(bandJobOf(band, new Map())).toBe('decorative-row')
    expect(bandJobOf({ ...band, under: true }, new Map())).toBe('bobbin-work')
    expect(bandJobOf({ ...band, rows: band.rows.slice(1, 2) }, new Map())).toBe('satin')
  })
  it('keeps what a row does not say as the piece has it', () => {
    const own = bandRowSetup({ ...band.rows[1]!, needleId: 'demo-needle-20' }, setup)
    expect(own).toMatchObject({
      needleId: 'demo-needle-20',
      threadIds: { left: 'demo-thread-wine', right: setup.threadIds.right },
      machineId: setup.machineId,
    })
  })
})

describe('what several runs ask for', () => {
  const runs = bandRuns(band, answer(), 2)
  const all = runsNeedsOf(runs, tables, DEFAULT_SETTINGS)!
  it('turns at corners that are gone round, and begins anew at open ones', () => {
    expect(runs.map(({ work }) => [work.rows, work.turns])).toEqual(Array(3).fill([2, 4]))
    const open = bandRuns({ ...band, corner: 'open' }, answer({ corner: 'open' }), 2)
    expect(open.map(({ work }) => [work.rows, work.turns])).toEqual(Array(3).fill([6, 0]))
  })
  it('is the sum of each, by thread and place', () => {
    const each = runs.map(({ work, setup: own }) => pieceNeedsOf(work, own, tables, DEFAULT_SETTINGS)!)
    const slate = all.threads.find(({ thread }) => thread?.id === 'demo-thread-slate')!
    expect(slate.metres).toBeCloseTo(each[0]!.needs.threads[0]!.metres + each[2]!.needs.threads[0]!.metres, 9)
    expect(all.minutes).toBeCloseTo(
      each.reduce((sum, { minutes }) => sum + minutes, 0),
      9,
    )
    expect(all.bobbins).toHaveLength(1)
    expect(all.bobbins[0]!.metres).toBeCloseTo(
      each.reduce((sum, { needs }) => sum + needs.bobbinM, 0),
      9,
    )
    expect(all.needles.map(({ needle }) => needle.id)).toEqual(['demo-needle-80'])
    expect(all.needles[0]).toMatchObject({ sewsMetallic: false, limitHours: 8 })
    expect(all.needles[0]!.hours).toBeCloseTo(
      each.reduce((sum, { needleHours }) => sum + needleHours, 0),
      9,
    )
  })
  it('holds what is left against all of it', () => {
    const long = Array.from({ length: 200 }, () => runs[1]!)
    const wine = runsNeedsOf(long, tables, DEFAULT_SETTINGS)!.threads.find(({ place }) => place === 'needle')!
    expect(wine.shortM).toBeCloseTo(wine.metres - 210, 6)
  })
  it('counts one spool once for all the places it feeds', () => {
    const white = piece('front').setup
    const work = { seamM: 30, rows: 1, turns: 0, stitches: 10_000 }
    const { threads } = runsNeedsOf([{ work, setup: white }], tables, DEFAULT_SETTINGS)!
    const metres = threads.reduce((sum, one) => sum + one.metres, 0)
    for (const { shortM } of threads) expect(shortM).toBeCloseTo(metres - 45, 6)
  })
  it('lays stabilizer under its rows and a little beyond, or none', () => {
    // Worked by hand: rows side by side, 10 mm beyond on both sides of the longest.
    const mm2 = runs.reduce((sum, { work }, i) => sum + 1000 * work.seamM * band.rows[i]!.widthMm, 0)
    const longest = Math.max(...runs.map(({ work }) => 1000 * work.seamM))
    expect(stabilizerMm2(runs)).toBeCloseTo(mm2 + 20 * longest, 6)
    expect(stabilizerMm2(runs.map(run => ({ ...run, setup: { ...run.setup, stabilizerId: null } })))).toBe(0)
  })
  it('is not known while one of them is not complete', () =>
    expect(
      runsNeedsOf([...runs, { ...runs[0]!, setup: { ...setup, machineId: null } }], tables, DEFAULT_SETTINGS),
    ).toBeNull())
})

describe('a kept band', () => {
  const whole = piece('collarband')
  it('is refused with overlaps that are not one fewer than its rows', () => {
    const raw = { ...whole, plan: { ...band, overlapsMm: [0] } }
    const result = TABLES.pieces.schema.safeParse(raw)
    expect(result.error?.issues[0]).toMatchObject({ path: ['plan', 'overlapsMm'] })
  })
  it('keeps the needles and threads its rows need', () => {
    const { find } = TABLES.pieces.refersTo!
    expect(find(whole)).toContainEqual({ table: 'threads', id: 'demo-thread-wine' })
  })
})
