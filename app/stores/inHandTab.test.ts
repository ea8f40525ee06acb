import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import type { Piece } from '#shared/records'
import type { SetupContent } from '#shared/setup'
import { useInHandStore } from './inHand'
import { useBookStore } from './book'

let book: ReturnType<typeof useBookStore>
let inHand: ReturnType<typeof useInHandStore>
beforeEach(async () => {
  sessionStorage.clear()
  setActivePinia(createPinia())
  book = useBookStore()
  await book.loadDemo()
  inHand = useInHandStore()
})
let plume: Piece
beforeEach(() => {
  plume = book.shelf.pieces.get('demo-piece-plume')!
})
const begin = (setup: SetupContent) => ({ plan: plume.plan, setup })
const count = () => book.shelf.pieces.size

describe('the piece in hand', () => {
  it('is the one that was in hand last, in any tab', () => {
    expect(inHand.piece.name).toBe('Sailor collar, honeycomb band')
    expect(inHand.setup).toMatchObject({ tension: 2.8, stitch: { stitchId: 'honeycomb' } })
  })
  it('is this tab’s own once it was seen here, whatever another takes', () => {
    expect(inHand.piece.id).toBe('demo-plan-collar')
    book.note('inHand', 'current', { pieceId: 'demo-plan-cape' })
    expect(inHand.piece.id).toBe('demo-plan-collar')
    inHand.take('demo-plan-shirt')
    expect(book.shelf.inHand.get('current')?.pieceId).toBe('demo-plan-shirt')
    // A reload of the tab goes on with it.
    book.note('inHand', 'current', { pieceId: 'demo-plan-cape' })
    setActivePinia(createPinia())
    expect(sessionStorage.getItem('lacy-spool-in-hand')).toBe('demo-plan-shirt')
  })
  it('is changed by what the line-up changes, in one step of undo', () => {
    inHand.update('Set the tension', { tension: 5 })
    expect(book.shelf.pieces.get('demo-plan-collar')?.setup).toMatchObject({
      tension: 5,
      tensionFrom: { how: 'typed' },
    })
    book.undo()
    expect(inHand.setup.tension).toBe(2.8)
  })
  it('taken away, is a new one that is not begun', () => {
    inHand.update('Layers', { layers: 5 })
    const gone = inHand.piece.id
    void book.commit('Delete', [{ table: 'pieces', id: gone, record: null }])
    expect([inHand.isBegun, inHand.piece.id === gone, inHand.setup.machineId]).toEqual([false, false, null])
    book.undo()
    expect(inHand.piece.id).toBe(gone)
  })
})

describe('looking', () => {
  it('begins nothing; the first change does, under one id through undo and redo', () => {
    const before = count()
    inHand.showKind('lines', begin)
    expect([inHand.isBegun, inHand.piece.plan.kind, count()]).toEqual([false, 'lines', before])
    inHand.update('Layers', { layers: 3 })
    const { id } = inHand.piece
    expect([inHand.isBegun, count(), inHand.piece.begunAt !== null]).toEqual([true, before + 1, true])
    book.undo()
    expect([inHand.isBegun, inHand.piece.id, inHand.piece.plan.kind]).toEqual([false, id, 'lines'])
    book.redo()
    expect([inHand.isBegun, inHand.piece.id, inHand.setup.layers]).toEqual([true, id, 3])
  })
  it('at a planner again brings the last piece of its kind back', () => {
    inHand.take('demo-piece-plume')
    inHand.take('demo-plan-collar')
    inHand.showKind('lines', begin)
    expect(inHand.piece.id).toBe('demo-piece-plume')
  })
  it('at the planner of its job shows those very numbers, and makes it that kind with a change', () => {
    inHand.show({ plan: { kind: 'seam' }, setup: { ...inHand.setup, job: 'metallic-line' } })
    inHand.update('Length', { stitch: { ...inHand.setup.stitch, lengthMm: 3.3 } })
    const { id } = inHand.piece
    inHand.showKind('lines', begin)
    expect([inHand.piece.id, inHand.piece.plan.kind, inHand.setup.stitch.lengthMm]).toEqual([
      id,
      'lines',
      3.3,
    ])
    inHand.leaveKind()
    expect(inHand.piece.plan.kind).toBe('seam')
    expect(book.shelf.pieces.get(id)!.plan.kind).toBe('seam')
    inHand.showKind('lines', begin)
    void inHand.change('Copies', { copies: 2 })
    inHand.leaveKind()
    expect(book.shelf.pieces.get(id)!.plan.kind).toBe('lines')
  })
  it('leaves a piece with a name alone', () => {
    void inHand.change('Name it', { name: 'Mine', setup: { ...inHand.piece.setup, job: 'metallic-line' } })
    const { id } = inHand.piece
    inHand.showKind('lines', begin)
    expect([inHand.piece.id === id, inHand.isBegun]).toEqual([false, false])
  })
})

describe('a band in hand', () => {
  it('is set row by row', () => {
    inHand.take('demo-piece-collarband')
    expect(inHand.setup.stitch.stitchId).toBe('zigzag')
    inHand.row = 1
    inHand.setStitch({ widthMm: 5 })
    const { plan } = book.shelf.pieces.get('demo-piece-collarband')!
    expect(plan).toMatchObject({ rows: [{ widthMm: 4 }, { widthMm: 5 }, { widthMm: 4 }] })
  })
})
