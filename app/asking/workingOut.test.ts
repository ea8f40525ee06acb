import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useSaid } from '~/composables/useSaid'
import WorkingOut from './WorkingOut.vue'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

it.each([
  ['that came late', 400, 'Worked out.'],
  ['that came at once, of which nothing was said', 50, ''],
])('tells of an answer %s', async (_, afterMs, words) => {
  const { said, say } = useSaid()
  await say('')
  const place = mount(WorkingOut)
  vi.advanceTimersByTime(afterMs)
  await nextTick()
  place.unmount()
  await nextTick()
  await nextTick()
  expect(said.value).toBe(words)
})
