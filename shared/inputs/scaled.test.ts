import { describe, expect, it } from 'vitest'
import { demoBackup } from '#shared/demo'
import { scaledPiece } from '#shared/inputs'
import { TABLES } from '#shared/records'

const { pieces } = demoBackup.records
const schema = TABLES.pieces.schema

describe('a piece of another size', () => {
  it('is the same at 100 per cent', () => {
    for (const piece of pieces) expect(scaledPiece(piece, 100)).toEqual(piece)
  })
  it.each([80, 125])('is whole and comes back at %i per cent and its inverse', percent => {
    for (const piece of pieces) {
      const there = scaledPiece(piece, percent)
      expect(schema.safeParse(there).success, piece.name).toBe(true)
      const back = scaledPiece(there, 10_000 / percent)
      if (piece.plan.kind === 'pintucks') continue
      expect(JSON.parse(JSON.stringify(back, rounded)), piece.name).toEqual(
        JSON.parse(JSON.stringify(unsettled(piece), rounded)),
      )
    }
  })
  it('scales shape and tucks, and leaves what belongs to needle and stitch', () => {
    const tucks = pieces.find(({ plan }) => plan.kind === 'pintucks')!
    const half = scaledPiece(tucks, 50)
    if (half.plan.kind !== 'pintucks' || tucks.plan.kind !== 'pintucks') throw new Error('no tucks')
    expect(half.plan.tallMm).toBeCloseTo(tucks.plan.tallMm / 2, 3)
    expect(half.plan.spacingMm).toBe(tucks.plan.spacingMm)
    expect(half.setup).toEqual(tucks.setup)
    const top = pieces.find(({ plan }) => plan.kind === 'topstitching')!
    const double = scaledPiece(top, 200)
    if (double.plan.kind !== 'topstitching' || top.plan.kind !== 'topstitching') throw new Error('no rows')
    expect(double.plan.rowsMm).toEqual(top.plan.rowsMm)
  })
})

const rounded = (_: string, value: unknown) =>
  typeof value === 'number' ? Math.round(value * 100) / 100 : value
function unsettled(piece: (typeof pieces)[number]) {
  return piece.plan.kind === 'edge' ? { ...piece, plan: { ...piece.plan, settled: [] } } : piece
}
