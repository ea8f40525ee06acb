import { describe, expect, it } from 'vitest'
import { JOB_IDS } from '#core/job'
import { demoBackup } from '#shared/demo'
import { isJobOfPlan, judgePiece, pieceSetupOf, planKindOf, withPieceSetup, wayOf } from '#shared/inputs'
import { DEFAULT_SETTINGS, type OwnStitch, type Piece, TABLES } from '#shared/records'
import { demoTables } from '../../tests/unit/demoTables'

const { records } = demoBackup
const tables = demoTables
const NO_OWN = new Map<string, OwnStitch>()
const piece = (id: string) => records.pieces.find(one => one.id === `demo-${id}`)!
const rowsOf = ({ plan }: Piece) => (plan.kind === 'band' ? plan.rows.length : 1)
const each = records.pieces.flatMap(one =>
  Array.from({ length: rowsOf(one) }, (_, row) => [`${one.name}, row ${row + 1}`, one, row] as const),
)

describe('what is on the machine for a piece', () => {
  it.each(each)('put back as it was read changes nothing: %s', (_, one, row) =>
    expect(withPieceSetup(one, pieceSetupOf(one, NO_OWN, row), NO_OWN, row)).toEqual(one),
  )
  it.each(each)('is read as it was put: %s', (_, one, row) => {
    const now = pieceSetupOf(one, NO_OWN, row)
    const isStraight = now.stitch.stitchId === 'straight'
    const stitch = { ...now.stitch, widthMm: isStraight ? 0 : 2.2, lengthMm: 2.7 }
    const next = { ...now, stitch, tension: 3.3, needleId: 'demo-needle-80', layers: 3 }
    const { stitch: read, ...rest } = pieceSetupOf(withPieceSetup(one, next, NO_OWN, row), NO_OWN, row)
    // An edge moves its needle with the width by itself.
    expect(read).toMatchObject({ widthMm: stitch.widthMm, lengthMm: 2.7, stitchId: stitch.stitchId })
    expect(rest).toMatchObject({ tension: 3.3, needleId: 'demo-needle-80', layers: 3 })
  })

  const band = piece('piece-collarband')
  it('of a band is the row one looks at, and changing it leaves the others alone', () => {
    const [, leaf] = [pieceSetupOf(band, NO_OWN, 0), pieceSetupOf(band, NO_OWN, 1)]
    expect(leaf).toMatchObject({
      stitch: { stitchId: 'satin-leaf', widthMm: 6 },
      threadIds: { left: 'demo-thread-wine' },
    })
    const wider = withPieceSetup(band, { ...leaf, stitch: { ...leaf.stitch, widthMm: 5 } }, NO_OWN, 1)
    expect(pieceSetupOf(wider, NO_OWN, 1).stitch.widthMm).toBe(5)
    expect(pieceSetupOf(wider, NO_OWN, 0)).toEqual(pieceSetupOf(band, NO_OWN, 0))
  })
  it('of a band changes a thread for the row that has its own, else for all that have none', () => {
    const with1 = (row: number) => {
      const now = pieceSetupOf(band, NO_OWN, row)
      const threadIds = { ...now.threadIds, left: 'demo-thread-navy' }
      return withPieceSetup(band, { ...now, threadIds }, NO_OWN, row)
    }
    const lefts = (of: Piece) => [0, 1, 2].map(row => pieceSetupOf(of, NO_OWN, row).threadIds.left)
    expect(lefts(with1(1))).toEqual(['demo-thread-slate', 'demo-thread-navy', 'demo-thread-slate'])
    expect(lefts(with1(0))).toEqual(['demo-thread-navy', 'demo-thread-wine', 'demo-thread-navy'])
  })
  it('of a hidden edge stands so far beside the edge; moved by hand, more or less falls outside', () => {
    const banner = piece('piece-banner')
    const now = pieceSetupOf(banner, NO_OWN)
    // 1 / 2 − 0.3, to the side of the cloth.
    expect(now.stitch.positionMm).toBeCloseTo(-0.2, 9)
    const moved = withPieceSetup(banner, { ...now, stitch: { ...now.stitch, positionMm: -0.4 } }, NO_OWN)
    expect(moved.plan).toMatchObject({ outsideMm: expect.closeTo(0.1, 9) })
    expect(pieceSetupOf(moved, NO_OWN).stitch.positionMm).toBeCloseTo(-0.4, 9)
  })
  it('of an edge stays one that can be kept, however far the needle is moved by hand', () => {
    const banner = piece('piece-banner')
    const now = pieceSetupOf(banner, NO_OWN)
    for (const positionMm of [-6, -0.5, 0, 0.5, 6]) {
      const moved = withPieceSetup(banner, { ...now, stitch: { ...now.stitch, positionMm } }, NO_OWN)
      expect(TABLES.pieces.schema.safeParse(moved).success, String(positionMm)).toBe(true)
    }
  })
  it('of a blanket edge that is mirrored by hand is sewn the other way round', () => {
    const lantern = piece('piece-lantern')
    const now = pieceSetupOf(lantern, NO_OWN)
    const turned = withPieceSetup(
      lantern,
      { ...now, stitch: { ...now.stitch, mirror: !now.stitch.mirror } },
      NO_OWN,
    )
    expect(turned.plan).toMatchObject({ backwards: true })
    expect(pieceSetupOf(turned, NO_OWN).stitch.mirror).toBe(!now.stitch.mirror)
  })
  it('counts a tension found for one row as meant for all of the band', () => {
    const own = { ...band.setup.tensionFrom!, stitchId: 'satin-leaf' }
    const found = { ...band, setup: { ...band.setup, tensionFrom: own } }
    expect(pieceSetupOf(found, NO_OWN, 0).tensionFrom?.stitchId).toBe('zigzag')
    const other = { ...band, setup: { ...band.setup, tensionFrom: { ...own, stitchId: 'feather' } } }
    expect(pieceSetupOf(other, NO_OWN, 0).tensionFrom?.stitchId).toBe('feather')
  })
})

describe('the kind of a job', () => {
  it.each(JOB_IDS)('%s leads to one planner, and a piece of it can be sewn so', job => {
    expect(isJobOfPlan(job, planKindOf(job))).toBe(true)
    expect(isJobOfPlan(job, 'seam')).toBe(true)
  })
  it('does not suit the plan of another', () => expect(isJobOfPlan('pintucks', 'edge')).toBe(false))
})

describe('the one verdict of a piece', () => {
  const verdictOf = (of: Piece) => judgePiece(of, 0, tables, DEFAULT_SETTINGS).verdict
  it('of a band is that of the row that fares worst, wherever it lies', () => {
    const band = piece('piece-collarband')
    if (band.plan.kind !== 'band') throw new Error('not a band')
    expect(verdictOf(band)).not.toBe('stop')
    for (const at of [0, 1, 2]) {
      // A row of its own twin, far too wide for it.
      const rows = band.plan.rows.map((row, i) =>
        i === at ? { ...row, needleId: 'demo-needle-40', widthMm: 7, stitchId: 'zigzag' } : row,
      )
      const bad = { ...band, plan: { ...band.plan, rows } }
      expect(verdictOf(bad), `row ${at}`).toBe('stop')
      // Looked at, it says its reasons itself; from another row, whose they are, and nothing is mended there.
      const from = (row: number) => judgePiece(bad, row, tables, DEFAULT_SETTINGS).reasons[0]!
      expect(from(at).message).not.toMatch(/^Row/)
      expect(from((at + 1) % 3)).toMatchObject({ message: `Row ${at + 1}: ${from(at).message}`, mend: null })
    }
  })
})

describe('how far a piece is', () => {
  const way = (of: Piece) => wayOf(of, 0, tables, judgePiece(of, 0, tables, DEFAULT_SETTINGS).verdict, true)
  const collar = piece('plan-collar')
  it('is told by what is known of it', () => {
    expect(way(collar)).toEqual({ isPlanned: true, isPaired: true, isTested: true, isSewn: false })
    expect(way({ ...collar, sewn: collar.copies }).isSewn).toBe(true)
  })
  it('is not paired without thread or where something stops', () => {
    const bare = { left: null, middle: null, right: null }
    expect(way({ ...collar, setup: { ...collar.setup, threadIds: bare } }).isPaired).toBe(false)
    const wide = { ...collar.setup, stitch: { ...collar.setup.stitch, widthMm: 7 } }
    expect(way({ ...collar, setup: wide }).isPaired).toBe(false)
  })
  it('is tested only by a row that was sewn with this very setup', () => {
    const ruled = { ...collar.setup.tensionFrom!, how: 'start' as const }
    const other = { ...collar, setup: { ...collar.setup, tensionFrom: ruled, tension: 3.1 } }
    expect(way(other).isTested).toBe(false)
    const carried = { ...collar, setup: { ...collar.setup, needleId: 'demo-needle-25' } }
    expect(way(carried).isTested).toBe(false)
  })
  it.each(records.pieces.map(one => [one.name, one] as const))('has an answer for the demo’s %s', (_, one) =>
    expect(way(one).isPlanned).toBe(true),
  )
})
