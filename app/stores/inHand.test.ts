// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Piece } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { useBenchStore } from './bench'
import { useBookStore } from './book'

let book: ReturnType<typeof useBookStore>
let bench: ReturnType<typeof useBenchStore>
beforeEach(async () => {
  sessionStorage.clear()
  setActivePinia(createPinia())
  book = useBookStore()
  await book.loadDemo()
  bench = useBenchStore()
})
let plume: Piece
beforeEach(() => {
  plume = book.shelf.pieces.get('demo-piece-plume')!
})
const begin = (setup: SetupContent) => ({ plan: plume.plan, setup })
const count = () => book.shelf.pieces.size

describe('the piece in hand', () => {
  it('is the one that was in hand last, in any tab', () => {
    expect(bench.piece.name).toBe('Sailor collar, honeycomb band')
    expect(bench.setup).toMatchObject({ tension: 2.8, stitch: { stitchId: 'honeycomb' } })
  })
  it('is this tab’s own once it was seen here, whatever another takes', () => {
    expect(bench.piece.id).toBe('demo-plan-collar')
    book.note('inHand', 'current', { pieceId: 'demo-plan-cape' })
    expect(bench.piece.id).toBe('demo-plan-collar')
    bench.take('demo-plan-shirt')
    expect(book.shelf.inHand.get('current')?.pieceId).toBe('demo-plan-shirt')
    // A reload of the tab goes on with it.
    book.note('inHand', 'current', { pieceId: 'demo-plan-cape' })
    setActivePinia(createPinia())
    expect(sessionStorage.getItem('lacy-spool-in-hand')).toBe('demo-plan-shirt')
  })
  it('is changed by what the line-up changes, in one step of undo', () => {
    bench.update('Set the tension', { tension: 5 })
    expect(book.shelf.pieces.get('demo-plan-collar')?.setup).toMatchObject({
      tension: 5,
      tensionFrom: { how: 'typed' },
    })
    book.undo()
    expect(bench.setup.tension).toBe(2.8)
  })
  it('taken away, is a new one that is not begun', () => {
    bench.update('Layers', { layers: 5 })
    const gone = bench.piece.id
    void book.commit('Delete', [{ table: 'pieces', id: gone, record: null }])
    expect([bench.isBegun, bench.piece.id === gone, bench.setup.machineId]).toEqual([false, false, null])
    book.undo()
    expect(bench.piece.id).toBe(gone)
  })
})

describe('looking', () => {
  it('begins nothing; the first change does, under one id through undo and redo', () => {
    const before = count()
    bench.showKind('lines', begin)
    expect([bench.isBegun, bench.piece.plan.kind, count()]).toEqual([false, 'lines', before])
    bench.update('Layers', { layers: 3 })
    const { id } = bench.piece
    expect([bench.isBegun, count(), bench.piece.begunAt !== null]).toEqual([true, before + 1, true])
    book.undo()
    expect([bench.isBegun, bench.piece.id, bench.piece.plan.kind]).toEqual([false, id, 'lines'])
    book.redo()
    expect([bench.isBegun, bench.piece.id, bench.setup.layers]).toEqual([true, id, 3])
  })
  it('at a planner again brings the last piece of its kind back', () => {
    bench.take('demo-piece-plume')
    bench.take('demo-plan-collar')
    bench.showKind('lines', begin)
    expect(bench.piece.id).toBe('demo-piece-plume')
  })
  it('at the planner of its job shows those very numbers, and makes it that kind with a change', () => {
    bench.show({ plan: { kind: 'seam' }, setup: { ...bench.setup, job: 'metallic-line' } })
    bench.update('Length', { stitch: { ...bench.setup.stitch, lengthMm: 3.3 } })
    const { id } = bench.piece
    bench.showKind('lines', begin)
    expect([bench.piece.id, bench.piece.plan.kind, bench.setup.stitch.lengthMm]).toEqual([id, 'lines', 3.3])
    bench.leaveKind()
    expect(bench.piece.plan.kind).toBe('seam')
    expect(book.shelf.pieces.get(id)!.plan.kind).toBe('seam')
    bench.showKind('lines', begin)
    void bench.change('Copies', { copies: 2 })
    bench.leaveKind()
    expect(book.shelf.pieces.get(id)!.plan.kind).toBe('lines')
  })
  it('leaves a piece with a name alone', () => {
    void bench.change('Name it', { name: 'Mine', setup: { ...bench.piece.setup, job: 'metallic-line' } })
    const { id } = bench.piece
    bench.showKind('lines', begin)
    expect([bench.piece.id === id, bench.isBegun]).toEqual([false, false])
  })
})

describe('a band in hand', () => {
  it('is set row by row', () => {
    bench.take('demo-piece-collarband')
    expect(bench.setup.stitch.stitchId).toBe('zigzag')
    bench.row = 1
    bench.setStitch({ widthMm: 5 })
    const { plan } = book.shelf.pieces.get('demo-piece-collarband')!
    expect(plan).toMatchObject({ rows: [{ widthMm: 4 }, { widthMm: 5 }, { widthMm: 4 }] })
  })
})
