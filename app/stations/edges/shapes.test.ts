import { describe, expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { EdgePiece } from '#shared/records'
import { edgeSchema } from '../../../shared/records/pieceEdge'
import { freshEdge } from './freshEdge'
import { useDrawnShape } from './useDrawnShape'
import { useLaidShape } from './useLaidShape'

type Part = EdgePiece['parts'][number]
const usualMm = (mm: number) => mm
const partOf = (cut: Part['cut']): Part => ({ ...freshEdge(usualMm).parts[0]!, cut })
const at = (x: number, y: number) => ({ x, y, curved: false })

describe('a new appliqué', () => {
  it.each([
    ['mm', usualMm],
    ['inches', (_mm: number, inches: number) => 25.4 * inches],
  ])('is a plan that can be kept, in round %s', (_, usual) => {
    expect(edgeSchema.safeParse(freshEdge(usual)).success).toBe(true)
  })
})

describe('a shape that is clicked', () => {
  it('closes with three points at the earliest, about its own middle', () => {
    const added: Part[] = []
    const { laid, layWords, canClose, closeLaid } = effectScope().run(() =>
      useLaidShape(part => added.push(part)),
    )!
    expect(canClose.value).toBe(false)
    laid.value = [at(10, 20), at(30, 20)]
    closeLaid()
    expect(added).toEqual([])
    expect(layWords.value).toContain('2 laid, a shape has at least three')
    laid.value = [...laid.value, at(30, 60)]
    expect(canClose.value).toBe(true)
    closeLaid()
    expect(laid.value).toBeNull()
    expect(added).toMatchObject([{ x: 20, y: 40, cut: { kind: 'drawn' } }])
    expect(added[0]!.cut.kind === 'drawn' && added[0]!.cut.points.map(({ x, y }) => [x, y])).toEqual([
      [-10, -20],
      [10, -20],
      [10, 20],
    ])
  })
})

describe('the points of a drawn shape', () => {
  const triangle = [at(0, 0), at(10, 0), at(10, 10)]
  const moved = [at(0, 0), at(20, 0), at(10, 10)]
  function drawnShape(cut: Part['cut']) {
    const part = ref(partOf(cut))
    const of = ref('first')
    const scope = effectScope()
    return { part, of, ...scope.run(() => useDrawnShape(part, () => of.value))! }
  }
  it('are taken back change by change', () => {
    const { drawn, past, undoPoints } = drawnShape({ kind: 'drawn', points: triangle })
    drawn.value = moved
    drawn.value = [...moved, at(0, 10)]
    undoPoints()
    expect(drawn.value).toEqual(moved)
    undoPoints()
    expect(drawn.value).toEqual(triangle)
    expect(past.value).toEqual([])
    undoPoints()
    expect(drawn.value).toEqual(triangle)
  })
  it('of another shape have nothing to take back', async () => {
    const { drawn, of, past } = drawnShape({ kind: 'drawn', points: triangle })
    drawn.value = moved
    of.value = 'second'
    await nextTick()
    expect(past.value).toEqual([])
  })
  it('are none of a form', () => {
    const form = { kind: 'form', form: 'leaf', wideMm: 40, tallMm: 80, count: 5 } as const
    const { drawn, part } = drawnShape(form)
    expect(drawn.value).toBeNull()
    drawn.value = triangle
    expect(part.value.cut).toEqual(form)
  })
})
