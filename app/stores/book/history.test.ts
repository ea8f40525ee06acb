import { describe, expect, it } from 'vitest'
import type { RecordEdit } from '#shared/records'
import { demoBackup } from '#shared/demo'
import { EMPTY_HISTORY, photosInHistory, sealed, type Step, withStep } from './history'

const [piece] = demoBackup.records.pieces
const pieceAt = (widthMm: number) => ({
  ...piece!,
  setup: { ...piece!.setup, stitch: { ...piece!.setup.stitch, widthMm } },
})
const width = (from: number, to: number): RecordEdit => ({
  table: 'pieces',
  id: 'p',
  before: pieceAt(from),
  after: pieceAt(to),
})
const drag = (from: number, to: number): Step => ({
  label: 'width',
  joinKey: 'width',
  edits: [width(from, to)],
  at: 0,
  where: null,
})

describe('history', () => {
  it('makes one step of a drag, from where it began', () => {
    const history = [drag(1, 2), drag(2, 3), drag(3, 4)].reduce(withStep, EMPTY_HISTORY)
    expect(history.past).toHaveLength(1)
    expect(history.past[0]!.edits).toEqual([width(1, 4)])
  })

  it('makes two steps of two drags', () => {
    expect(withStep(sealed(withStep(EMPTY_HISTORY, drag(1, 2))), drag(2, 3)).past).toHaveLength(2)
  })

  it('forgets what was undone once something new is done', () => {
    expect(withStep({ past: [], future: [drag(1, 2)] }, drag(1, 3)).future).toEqual([])
  })

  it('knows which photos a step back or forth may bring back', () => {
    const [swatch] = demoBackup.records.swatches
    const front = { ...swatch!, photos: { front: 'photo-1', back: null } }
    const back = { ...swatch!, photos: { front: null, back: 'photo-2' } }
    const step: Step = {
      label: 'x',
      joinKey: null,
      edits: [{ table: 'swatches', id: swatch!.id, before: front, after: back }],
      at: 0,
      where: '/swatches',
    }
    expect(photosInHistory({ past: [step], future: [] })).toEqual(new Set(['photo-1', 'photo-2']))
    expect(photosInHistory({ past: [drag(1, 2)], future: [step] }).size).toBe(2)
  })

  it('keeps a bounded number of steps', () => {
    let history = EMPTY_HISTORY
    for (let i = 0; i < 400; i++) history = withStep(history, { ...drag(i, i + 1), joinKey: null })
    expect(history.past).toHaveLength(300)
    expect(history.past.at(-1)!.edits[0]!.after).toEqual(width(0, 400).after)
  })
})
