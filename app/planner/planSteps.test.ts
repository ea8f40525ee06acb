// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick, reactive } from 'vue'
import { UNKNOWN_CLOTH } from '#shared/records'
import { EMPTY_SETUP } from '#shared/setup'
import { useAskedUndo, useUndo } from '~/composables/useUndo'
import { useBookStore } from '~/stores/book'
import { goneTo } from '~/utils/whereNow'
import { usePlanSteps } from './usePlanSteps'

let book: ReturnType<typeof useBookStore>
let scope: ReturnType<typeof effectScope>
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'] })
  setActivePinia(createPinia())
  book = useBookStore()
  scope = effectScope()
  goneTo('/edge')
})
afterEach(() => {
  scope.stop()
  useAskedUndo().value = null
  vi.useRealTimers()
})
const later = async (ms = 1000) => {
  await nextTick()
  vi.advanceTimersByTime(ms)
}
function plan() {
  const draft = reactive({ shapes: 1, biteMm: 4 })
  const { forget } = scope.run(() =>
    usePlanSteps(
      () => ({ ...draft }),
      state => void Object.assign(draft, state),
    ),
  )!
  return { draft, forget, ...scope.run(() => useUndo())! }
}
const cloth = { id: 'c', name: 'Linen', ...UNKNOWN_CLOTH, hex: '#eadfcb' }
const keepCloth = () => book.commit('Add a cloth', [{ table: 'cloths', id: 'c', record: cloth }])

describe('undo on a planner', () => {
  it('takes the shape back, not what was done on another page before', async () => {
    goneTo('/workbox')
    void keepCloth()
    await later()
    goneTo('/edge')
    const { draft, undo, undoWords } = plan()
    draft.shapes = 2
    await later()
    expect(undoWords.value).toBe('the last change to this plan')
    undo()
    expect([draft.shapes, book.shelf.cloths.size]).toEqual([1, 1])
  })
  it('asks before it takes back what lies on another page', async () => {
    goneTo('/workbox')
    void keepCloth()
    goneTo('/edge')
    const { undo } = plan()
    undo()
    const asked = useAskedUndo()
    expect(asked.value).toMatchObject({
      title: 'Undo: Add a cloth?',
      why: expect.stringContaining('Workbox'),
    })
    expect(book.shelf.cloths.size).toBe(1)
    asked.value!.ways[0]!.way()
    expect(book.shelf.cloths.size).toBe(0)
  })
  it('goes by time: what was changed in the line-up last comes first', async () => {
    const { draft, undo } = plan()
    draft.shapes = 2
    await later()
    void book.commit('Set the tension', [
      { table: 'setup', id: 'current', record: { ...EMPTY_SETUP, tension: 3 } },
    ])
    await later()
    undo()
    expect([book.shelf.setup.get('current'), draft.shapes]).toEqual([undefined, 2])
    undo()
    expect(draft.shapes).toBe(1)
  })
  it('makes one step of a word that is typed, and does it again', async () => {
    const { draft, undo, redo } = plan()
    for (const mm of [5, 5.5, 5.25]) {
      draft.biteMm = mm
      await later(100)
    }
    await later()
    draft.shapes = 3
    await later()
    undo()
    expect(draft).toEqual({ shapes: 1, biteMm: 5.25 })
    undo()
    expect(draft).toEqual({ shapes: 1, biteMm: 4 })
    redo()
    redo()
    expect(draft).toEqual({ shapes: 3, biteMm: 5.25 })
  })
  it('forgets the steps of a piece when another is opened', async () => {
    const { draft, forget, undo } = plan()
    draft.shapes = 2
    await later()
    forget()
    undo()
    expect(draft.shapes).toBe(2)
  })
})
