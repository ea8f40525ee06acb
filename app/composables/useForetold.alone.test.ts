import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref, shallowRef } from 'vue'
import type { LearntFrom } from '#core/swatch'
import type { Question } from '#shared/inputs'
import { useForetold } from './useForetold'

const worker = vi.hoisted(() => ({
  learnt: [] as number[],
  answers: [] as ((share: number) => void)[],
  disposed: false,
}))
vi.mock('#workers/client', () => ({
  startForetellWorker: () => ({
    api: {
      learn: async (records: readonly unknown[]) => void worker.learnt.push(records.length),
      foretell: () =>
        new Promise(resolve =>
          worker.answers.push(share => resolve({ ok: true, answer: { prediction: { share }, error: null } })),
        ),
    },
    loaded: Promise.resolve(),
    failed: new Promise(() => {}),
    dispose: () => {
      worker.disposed = true
    },
  }),
}))
const features = {
  thread: 'rayon',
  needle: 'universal',
  construction: 'single',
  stitch: 'straight',
  goal: 'balanced',
  cloth: 'woven',
  gap: 0,
}
const question = (goal: string, tension = 0): Question & { tension?: number } => ({
  wanted: { ...features, goal },
  ruleShare: tension,
})
const one: LearntFrom = { id: 'a', features, share: 0 }
beforeEach(() => Object.assign(worker, { learnt: [], answers: [], disposed: false }))

describe('asking the swatch book', () => {
  it('drops the answer to an older question, hands the book over once, and lets the worker go', async () => {
    const asked = ref<Question | null>(question('flat'))
    const lessons = shallowRef([one])
    const scope = effectScope()
    const { told } = scope.run(() =>
      useForetold(
        () => lessons.value,
        () => asked.value,
      ),
    )!
    await flushPromises()
    asked.value = question('raised')
    await flushPromises()
    worker.answers[1]!(0.2)
    await flushPromises()
    worker.answers[0]!(0.1)
    await flushPromises()
    expect(told.value).toMatchObject({ prediction: { share: 0.2 } })
    expect(worker.learnt).toEqual([1])
    // The same asked again is no new question; another book is.
    asked.value = question('raised')
    await flushPromises()
    expect(worker.answers).toHaveLength(2)
    lessons.value = [one, one]
    await flushPromises()
    expect(told.value).toBe('not read yet')
    expect([worker.answers.length, worker.learnt]).toEqual([3, [1, 2]])
    scope.stop()
    await flushPromises()
    expect(worker.disposed).toBe(true)
  })
  it('asks nothing while there is no question', async () => {
    const scope = effectScope()
    const { told } = scope.run(() =>
      useForetold(
        () => [one],
        () => null,
      ),
    )!
    await flushPromises()
    expect([told.value, worker.answers.length]).toEqual(['not read yet', 0])
    scope.stop()
  })
})
