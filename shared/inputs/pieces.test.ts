import { describe, expect, it } from 'vitest'
import { PLAIN_SCALE } from '#core/fit'
import { planPintucks } from '#core/pintucks'
import { planRows } from '#core/topstitch'
import {
  guidesOf,
  lengthDialOf,
  pieceNeedsOf,
  pintuckInputOf,
  rowsInputOf,
  takeUpSwatches,
  topstitchRows,
  topstitchWork,
  tuckRuns,
  tuckWork,
} from '#shared/inputs'
import { DEFAULT_SETTINGS, type PintuckPiece, TABLES, type TopstitchPiece } from '#shared/records'
import { demoBackup } from '#shared/demo'

const { records } = demoBackup
const tables = Object.fromEntries(
  Object.entries(records).map(([table, list]) => [table, new Map(list.map(record => [record.id, record]))]),
) as never as Parameters<typeof rowsInputOf>[2]
  & Parameters<typeof pieceNeedsOf>[2]
  & Parameters<typeof pintuckInputOf>[2]
const piece = (id: string) => records.pieces.find(one => one.id === `demo-piece-${id}`)!
const tucks = piece('front').plan as PintuckPiece
const rows = piece('pocket').plan as TopstitchPiece
const { setup } = piece('front')

describe('pieces of pintucks', () => {
  it('take needle, foot and cloth from their setup', () => {
    const input = pintuckInputOf(tucks, setup, tables)!
    expect(input).toMatchObject({ needle: { gapMm: 1.6 }, foot: { grooves: 5, pitchMm: 3.2 } })
    const made = planPintucks(input)
    // Arithmetic: (120 − 109) / 10 a tuck, 24 of them, allowance 20.
    expect(made.blankMm).toBeCloseTo(320 + 24 * 1.1 + 20, 9)
    expect(made.groove).toEqual({ k: 2, spacingMm: 6.4, offMm: 0 })
    expect(pintuckInputOf(tucks, { ...setup, needleId: 'demo-needle-topstitch' }, tables)).toBeNull()
  })
  it('are sewn from end to end, but for released ones', () => {
    const released = { ...tucks, runs: [{ tuck: 2, fromMm: 100, toMm: 900 }] }
    expect(tuckRuns(released, 3)).toEqual([
      [0, 620],
      [100, 620],
      [0, 620],
    ])
    expect(tuckWork(released, { count: 3, pieceMm: 320 }, 2, 2)).toEqual({
      seamM: 2 * 1.76,
      rows: 6,
      turns: 0,
      stitches: 1760,
    })
  })
  it('are sewn across too in a lattice, whatever the width is called', () => {
    const level = { ...tucks, pieceMm: null, second: { angleDeg: 90, spacingMm: 20 } }
    const alone = tuckWork(tucks, { count: 24, pieceMm: 320 }, 2, 1)
    const both = tuckWork(level, { count: 24, pieceMm: 320 }, 2, 1)
    // 620 / 20 = 31 lines of 320 mm.
    expect(both.rows - alone.rows).toBe(31)
    expect(both.seamM - alone.seamM).toBeCloseTo(31 * 0.32, 9)
  })
  it('find the take-up measured with the same cloth, thread and tension first', () => {
    const needle = pintuckInputOf(tucks, setup, tables)!.needle
    const found = takeUpSwatches(setup, { ...needle, construction: 'twin' }, records.swatches)
    expect(found[0]).toMatchObject({ swatch: { name: 'Shirt tucks' }, isSame: true })
    expect(takeUpSwatches(setup, { ...needle, gapMm: 2.5, construction: 'twin' }, records.swatches)).toEqual(
      [],
    )
  })
})

describe('pieces of topstitching', () => {
  const pocket = piece('pocket')
  const input = rowsInputOf(rows, pocket.setup, tables)!
  const { wantedMm } = input
  it('are wanted with the stitch length of their setup', () => expect(wantedMm).toBe(3))
  it('offer no foot that a twin would strike', () => {
    const single = { construction: 'single', gapMm: 0, sizeNm: 100 } as const
    const ids = (needle: Parameters<typeof guidesOf>[1]) =>
      guidesOf(records.feet, needle).map(({ words }) => words)
    expect(ids(single)).toContain('Quarter inch: toe, outside')
    const twin = { construction: 'twin', gapMm: 4, sizeNm: 90 } as const
    expect(ids(twin)).not.toContain('Quarter inch: toe, outside')
    // Its flange stands 2 mm from the middle; half of the gap and of the blade are 2.45.
    expect(ids(twin)).not.toContain('Edge blade: flange')
    expect(ids(single)).toContain('Edge blade: flange')
  })
  it('use the machine’s own dial, or say that it is guessed', () => {
    expect(lengthDialOf(null)).toEqual({ dial: { minMm: 0.2, maxMm: 5, stepMm: 0.1 }, isKnown: false })
    const dial = { minMm: 1, maxMm: 4, stepMm: 0.5 }
    expect(lengthDialOf({ lengthDial: dial })).toEqual({ dial, isKnown: true })
  })
  it('have as many stitches in every row where that is wanted', () => {
    const alike = topstitchRows({ ...rows, alike: true }, input)
    const counts = alike.map(row => row.plans.map(plans => plans[0]!.stitches))
    expect(counts[0]).toEqual(counts[1])
    expect(topstitchRows(rows, input)).toEqual(planRows(input))
  })
  it('count stitches, turns and metres of all copies', () => {
    const made = planRows(input)
    const once = topstitchWork(rows, wantedMm, made, PLAIN_SCALE, false, 1)
    expect(once.turns).toBe(8)
    expect(topstitchWork(rows, wantedMm, made, PLAIN_SCALE, false, 8)).toMatchObject({
      seamM: expect.closeTo(8 * once.seamM, 9),
      rows: 16,
      turns: 64,
      stitches: 8 * once.stitches,
    })
    // One needle at a time: as much thread as both at once, in twice the rows, turns and stitches.
    expect(topstitchWork({ ...rows, corner: 'passes' }, wantedMm, made, PLAIN_SCALE, true, 1)).toMatchObject({
      seamM: once.seamM,
      rows: 4,
      turns: 16,
      stitches: 2 * once.stitches,
    })
    const area = { acrossMm: 100, alongMm: 200, distanceMm: 20, marginMm: 10, sagMm: 0 }
    expect(topstitchWork({ ...rows, area }, wantedMm, made, PLAIN_SCALE, false, 2)).toMatchObject({
      seamM: 2,
      rows: 10,
    })
  })
  it('need thread with its tails, and minutes with their turns', () => {
    const work = topstitchWork(rows, wantedMm, planRows(input), PLAIN_SCALE, false, 1)
    const found = pieceNeedsOf(work, pocket.setup, tables, DEFAULT_SETTINGS)!
    const bare = pieceNeedsOf({ ...work, rows: 0, turns: 0 }, pocket.setup, tables, DEFAULT_SETTINGS)!
    expect(found.needs.threads[0]!.metres - bare.needs.threads[0]!.metres).toBeCloseTo(2 * 0.2, 9)
    expect(60 * (found.minutes - bare.minutes)).toBeCloseTo(8 * 4 + 2 * 20, 6)
  })
})

describe('a piece’s record', () => {
  it.each<[string, object, string]>([
    ['NaN', { plan: { ...tucks, spacingMm: Number.NaN } }, 'plan.spacingMm'],
    [
      'a thousand million tucks',
      { plan: { ...tucks, wanted: { by: 'count', count: 1e9 } } },
      'plan.wanted.count',
    ],
    ['no name', { name: ' ' }, 'name'],
    ['no copies', { copies: 0 }, 'copies'],
    ['no row', { plan: { ...rows, rowsMm: [] } }, 'plan.rowsMm'],
  ])('is refused with %s', (_, over, path) =>
    expect(
      TABLES.pieces.schema.safeParse({ ...piece('front'), ...over }).error?.issues[0]?.path.join('.'),
    ).toBe(path),
  )
})

describe('as many copies as one may type', () => {
  const MOST = 999 * 999
  it.each(records.pieces.map(one => [one.name, one] as const))(
    '%s takes thread and time',
    (_, { setup: its }) => {
      // As long as a piece may be, as often as a project may ask for it.
      const work = { seamM: 10 * MOST, rows: 20 * MOST, turns: 400 * MOST, stitches: 20_000 * MOST }
      const needs = pieceNeedsOf(work, its, tables, DEFAULT_SETTINGS)
      expect(needs === null || (Number.isFinite(needs.minutes) && needs.needs.bobbinM > 0)).toBe(true)
    },
  )
  it('take none where nothing is sewn', () =>
    expect(
      pieceNeedsOf({ seamM: 0, rows: 0, turns: 0, stitches: 0 }, setup, tables, DEFAULT_SETTINGS),
    ).toBeNull())
})
