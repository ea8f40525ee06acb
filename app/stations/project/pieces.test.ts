import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { pieceName } from '#shared/records'
import { demoStores, show } from '../../../tests/unit/mounting'
import PieceRow from './parts/PieceRow.vue'
import { useFoundPieces } from './useFoundPieces'

const currentRoute = { value: { path: '/pieces', query: {} } }
vi.stubGlobal('useRouter', () => ({ currentRoute, replace: async () => {} }))
let stores: Awaited<ReturnType<typeof demoStores>>
beforeEach(async () => {
  stores = await demoStores()
})
const finding = () => effectScope().run(useFoundPieces)!

describe('the list of pieces', () => {
  it('stands newest first, and the other way round', () => {
    const { order, found, all } = finding()
    const days = found.value.map(({ begunAt }) => begunAt ?? '')
    expect(days).toEqual([...days].sort().reverse())
    expect(found.value).toHaveLength(all.value.length)
    order.value = 'oldest'
    expect(found.value.map(({ begunAt }) => begunAt ?? '')).toEqual([...days].reverse())
    order.value = 'name'
    expect(found.value.map(pieceName)).toEqual(all.value.map(pieceName).sort((a, b) => a.localeCompare(b)))
  })
  it('finds a double where a twin is written, and every word at once', () => {
    const { search, found, all } = finding()
    search.value = 'double'
    const doubles = found.value.length
    expect(doubles).toBeGreaterThan(0)
    expect(doubles).toBeLessThan(all.value.length)
    search.value = 'TWIN'
    expect(found.value).toHaveLength(doubles)
    search.value = 'twin nosuchword'
    expect(found.value).toEqual([])
  })
  it('holds one kind, and those of one project', () => {
    const { kind, project, projects, found } = finding()
    kind.value = 'band'
    expect(new Set(found.value.map(({ plan }) => plan.kind))).toEqual(new Set(['band']))
    kind.value = 'all'
    const chosen = stores.book.shelf.projects.get(projects.value[1]!.value)!
    project.value = chosen.id
    const wanted = chosen.items.flatMap(({ work }) => (work.kind === 'piece' ? [work.pieceId] : []))
    expect(new Set(found.value.map(({ id }) => id))).toEqual(new Set(wanted))
  })
})

describe('a piece in the list', () => {
  const pieceOf = (id: string) => stores.book.shelf.pieces.get(id)!
  it('says what it is and how it stands, and that it is in hand', () => {
    const piece = stores.inHand.piece
    const { text } = show(PieceRow, { piece, hasTools: true })
    expect(text()).toContain(`${pieceName(piece)} · in hand`)
    const other = show(PieceRow, { piece: pieceOf('demo-piece-front'), hasTools: true })
    expect(other.text()).not.toContain('in hand')
  })
  it('offers what can be done with it once there is time', async () => {
    const piece = pieceOf('demo-piece-front')
    expect(show(PieceRow, { piece, hasTools: false }).wrapper.findAll('button')).toHaveLength(1)
    const row = show(PieceRow, { piece, hasTools: true })
    const name = pieceName(piece)
    for (const [words, told] of [
      [`Duplicate ${name}`, 'duplicate'],
      [`Share ${name}`, 'share'],
      [`Delete ${name}`, 'remove'],
    ] as const) {
      await row.press(words)
      expect(row.wrapper.emitted(told)).toHaveLength(1)
    }
  })
})
