import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import TurnRank from './TurnRank.vue'
import { beginOpening, endOpening } from './turns'
import UCard from './UCard.vue'

let nowMs = 0
let frames: (() => void)[] = []
beforeEach(() => {
  nowMs = 1000
  vi.spyOn(performance, 'now').mockImplementation(() => nowMs)
  vi.spyOn(document, 'hidden', 'get').mockReturnValue(false)
  vi.stubGlobal('requestAnimationFrame', (go: () => void) => frames.push(go))
})
afterEach(async () => {
  while (frames.length > 0) await frame()
  endOpening()
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})
async function frame() {
  const due = frames
  frames = []
  for (const go of due) go()
  // What the frame left for the next task, and what that set off.
  await new Promise(resolve => setTimeout(resolve))
  await flushPromises()
}

/** A panel that takes this long to draw. */
const panel = (name: string, ms: number, rank: number) =>
  h(TurnRank, { rank }, () =>
    h(UCard, null, () =>
      h(
        defineComponent(() => {
          nowMs += ms
          return () => name
        }),
      ),
    ),
  )
const view = (...panels: [string, number, number][]) =>
  mount(() =>
    h(
      'main',
      panels.map(one => panel(...one)),
    ),
  )

it('draws a view on a fast machine at once, but for what comes after it', async () => {
  beginOpening()
  const page = view(['fields', 1, 1], ['drawing', 1, 0], ['answer', 1, 2])
  expect(page.text()).toBe('drawing')
  await frame()
  expect(page.text()).toBe('fieldsdrawinganswer')
})
it('stops for a paint where a panel took long, and fills the rest in its order', async () => {
  beginOpening()
  const page = view(['notes', 60, 3], ['fields', 60, 1], ['drawing', 60, 0], ['more drawing', 60, 0])
  const seen = [page.text()]
  for (let i = 0; i < 4; i++) {
    await frame()
    seen.push(page.text())
  }
  expect(seen).toEqual([
    'drawing',
    'drawingmore drawing',
    'fieldsdrawingmore drawing',
    'notesfieldsdrawingmore drawing',
    'notesfieldsdrawingmore drawing',
  ])
})
it('says of a panel that waits that it is busy', () => {
  beginOpening()
  const page = view(['fields', 1, 1])
  expect(page.get('[data-slot=root]').attributes('aria-busy')).toBe('true')
})
it('fills what is new at once where the view stands', async () => {
  beginOpening()
  view(['drawing', 1, 0])
  endOpening()
  expect(view(['fields', 60, 3], ['notes', 60, 3]).text()).toBe('fieldsnotes')
})
it('fills the parts where nothing is painted', async () => {
  vi.stubGlobal('requestAnimationFrame', () => 0)
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  beginOpening()
  const page = view(['drawing', 1, 0], ['answer', 1, 2])
  await vi.advanceTimersByTimeAsync(400)
  expect(page.text()).toBe('drawing')
  await vi.advanceTimersByTimeAsync(200)
  vi.useRealTimers()
  expect(page.text()).toBe('drawinganswer')
})
