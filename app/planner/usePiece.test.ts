import { mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import type { PintuckPiece } from '#shared/records'
import { useInHandStore } from '~/stores/inHand'
import { useBookStore } from '~/stores/book'
import { usePiece } from './usePiece'

const PIECE = 'demo-piece-front'
let book: ReturnType<typeof useBookStore>
let inHand: ReturnType<typeof useInHandStore>
let page: VueWrapper
/** A planner's page of pintucks, as it opens. */
function open() {
  let made: ReturnType<typeof usePiece<'pintucks'>>
  page = mount({
    setup: () => {
      made = usePiece('pintucks', {
        job: 'pintucks',
        plan: () => book.shelf.pieces.get(PIECE)!.plan as PintuckPiece,
      })
    },
    render: () => null,
  })
  return made!
}
beforeEach(async () => {
  sessionStorage.clear()
  setActivePinia(createPinia())
  book = useBookStore()
  await book.loadDemo()
  inHand = useInHandStore()
  inHand.take(PIECE)
})
afterEach(() => page.unmount())
const kept = () => book.shelf.pieces.get(inHand.piece.id)!

describe('a planner’s piece', () => {
  it('is kept as it is typed, and what is typed stays as it is', async () => {
    const { draft } = open()
    for (const typed of ['Y', 'Yo ', 'Yo ke']) {
      draft.name = typed
      await nextTick()
      expect([draft.name, kept().name]).toEqual([typed, typed.trim()])
    }
    draft.plan.spacingMm = 7
    await nextTick()
    expect(kept().plan).toMatchObject({ spacingMm: 7 })
  })
  it('says what is wrong with a name, and keeps the one before', async () => {
    const { draft, nameProblem } = open()
    const before = kept().name
    draft.name = '\u200b'
    await nextTick()
    expect(nameProblem.value).toMatch(/one can see/)
    expect(kept().name).toBe(before)
    draft.name = ''
    await nextTick()
    expect([nameProblem.value, kept().name]).toEqual(['', ''])
  })
  it('never holds what is no number, whatever is put in', async () => {
    const { draft } = open()
    const { spacingMm } = draft.plan
    draft.plan.spacingMm = Number.NaN
    await nextTick()
    expect(draft.plan.spacingMm).toBe(spacingMm)
    expect(kept().plan).toMatchObject({ spacingMm })
  })
  it('is stepped back through by undo, changes of one second in one', async () => {
    const { draft } = open()
    const { spacingMm } = draft.plan
    for (const mm of [7, 8, 9]) {
      draft.plan.spacingMm = mm
      await nextTick()
    }
    book.undo()
    expect(draft.plan.spacingMm).toBe(spacingMm)
    book.redo()
    expect(draft.plan.spacingMm).toBe(9)
  })
  it('shows what another tab or the line-up changes, beside what is typed here', async () => {
    const { draft, title } = open()
    draft.plan.spacingMm = 7
    void book.commit('Elsewhere', [{ table: 'pieces', id: PIECE, record: { ...kept(), note: 'From afar' } }])
    inHand.update('Tension', { tension: 6 })
    await nextTick()
    expect([draft.note, draft.plan.spacingMm]).toEqual(['From afar', 7])
    expect(kept()).toMatchObject({ note: 'From afar', plan: { spacingMm: 7 }, setup: { tension: 6 } })
    expect(title.value).toBe(kept().name)
  })
  it('begins another beside it, with its own fields, and leaves the first as it is', async () => {
    const { draft, opened, beginAnother } = open()
    const first = kept()
    beginAnother()
    await nextTick()
    expect([inHand.isBegun, draft.name, opened.value]).toEqual([false, '', 1])
    draft.copies = 3
    await nextTick()
    expect([inHand.isBegun, kept().copies, kept().id === PIECE]).toEqual([true, 3, false])
    expect(book.shelf.pieces.get(PIECE)).toEqual(first)
  })
  it('writes nothing into a piece of another kind that is taken in hand meanwhile', async () => {
    const { draft, isHere } = open()
    inHand.take('demo-plan-collar')
    draft.note = 'typed too late'
    await nextTick()
    expect([isHere.value, kept().note]).toEqual([false, 'Two bands, mirrored at the point.'])
  })
})
