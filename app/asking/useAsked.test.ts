import { flushPromises } from '@vue/test-utils'
import { expose, wrap } from 'comlink'
import { afterEach, describe, expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import type { Reply, WorkerClient } from '#workers/client'
import { askerOf } from './asker'
import { useAsked } from './useAsked'

interface Api {
  readonly drawn: (mm: number) => Promise<Reply<string>>
}
const NEVER = new Promise<never>(() => {})
/** Every question the worker was asked, with what answers it. */
let asked: { mm: number; answer: (reply: Reply<string>) => void; fail: (error: Error) => void }[] = []
const good = (answer: string): Reply<string> => ({ ok: true, answer })
const bad: Reply<string> = {
  ok: false,
  error: { code: 'out-of-range', message: 'too long', details: {} } as never,
}
function client(): WorkerClient<Api> {
  const drawn = (mm: number) =>
    new Promise<Reply<string>>((answer, fail) => {
      asked.push({ mm, answer, fail })
    })
  return { api: { drawn } as never, loaded: Promise.resolve(), failed: NEVER, dispose: () => {} }
}
const scope = effectScope()
afterEach(() => {
  asked = []
})

function drawing(answerMs = 5000) {
  const mm = ref<number | null>(1)
  const piece = ref('leaf')
  const view = scope.run(() =>
    useAsked<Api, number, string>({
      asker: askerOf<Api>(client, { loadMs: 50, answerMs }),
      input: () => mm.value,
      ask: (api, now) => api.drawn(now),
      about: () => piece.value,
    }),
  )!
  return { mm, piece, view }
}
const last = () => asked.at(-1)!

describe('what a worker is asked for as it is typed', () => {
  it('is under way until it is there, and stays while the next is worked out', async () => {
    const { mm, view } = drawing()
    await flushPromises()
    expect([view.answer.value, view.isWorking.value]).toEqual([null, true])
    last().answer(good('one'))
    await flushPromises()
    expect([view.answer.value, view.isWorking.value]).toEqual(['one', false])
    mm.value = 2
    await flushPromises()
    expect([view.answer.value, view.isWorking.value]).toEqual(['one', true])
    last().answer(good('two'))
    await flushPromises()
    expect(view.answer.value).toBe('two')
  })
  it('is asked for once while many changes come, with the last of them', async () => {
    const { mm } = drawing()
    await flushPromises()
    for (const next of [2, 3, 4]) {
      mm.value = next
      await nextTick()
    }
    asked[0]!.answer(good('one'))
    await flushPromises()
    expect(asked.map(one => one.mm)).toEqual([1, 4])
  })
  it('late, about another piece, is dropped', async () => {
    const { piece, mm, view } = drawing()
    await flushPromises()
    piece.value = 'star'
    mm.value = 9
    await flushPromises()
    expect(asked.map(one => one.mm)).toEqual([1, 9])
    asked[1]!.answer(good('nine'))
    await flushPromises()
    asked[0]!.answer(good('one'))
    await flushPromises()
    expect(view.answer.value).toBe('nine')
  })
  it('goes at once where something else is asked about', async () => {
    const { piece, view } = drawing()
    await flushPromises()
    last().answer(good('one'))
    await flushPromises()
    piece.value = 'star'
    await nextTick()
    expect([view.answer.value, view.isWorking.value]).toEqual([null, true])
  })
  it('goes with its problem when there is nothing to ask any more, and a late one is nothing', async () => {
    const { mm, view } = drawing()
    await flushPromises()
    last().answer(bad)
    await flushPromises()
    expect(view.problem.value?.code).toBe('out-of-range')
    mm.value = 2
    await flushPromises()
    mm.value = null
    await flushPromises()
    last().answer(good('two'))
    await flushPromises()
    expect([view.answer.value, view.problem.value, view.isWorking.value]).toEqual([null, null, false])
  })
  it('stays where the next is refused, with what is wrong', async () => {
    const { mm, view } = drawing()
    await flushPromises()
    last().answer(good('one'))
    mm.value = 99
    await flushPromises()
    last().answer(bad)
    await flushPromises()
    expect([view.answer.value, view.problem.value?.message]).toEqual(['one', 'too long'])
  })
  it('is said to be missing where it never comes, and comes when asked again', async () => {
    const { view } = drawing(20)
    await new Promise(resolve => setTimeout(resolve, 60))
    expect([view.fault.value, view.isWorking.value]).toEqual(['no-answer', false])
    view.again()
    await flushPromises()
    last().answer(good('one'))
    await flushPromises()
    expect([view.answer.value, view.fault.value]).toEqual(['one', null])
  })
  it('is said to be missing where the worker answers wrongly', async () => {
    const { view } = drawing()
    await flushPromises()
    last().fail(new Error('undefined is not a function'))
    await flushPromises()
    expect([view.fault.value, view.answer.value, view.isWorking.value]).toEqual(['broken', null, false])
  })
  it('counts once where a worker answers twice', async () => {
    // A real channel, on which every answer is sent a second time.
    const { port1, port2 } = new MessageChannel()
    const send = port2.postMessage.bind(port2)
    port2.postMessage = (message: unknown) => {
      send(message)
      send(message)
    }
    expose({ drawn: async (mm: number) => good(`drawn ${mm}`) }, port2 as never)
    const mm = ref<number | null>(1)
    const view = scope.run(() =>
      useAsked<Api, number, string>({
        asker: askerOf<Api>(() => ({
          api: wrap<Api>(port1 as never),
          loaded: Promise.resolve(),
          failed: NEVER,
          dispose: () => {},
        })),
        input: () => mm.value,
        ask: (api, now) => api.drawn(now),
      }),
    )!
    await expect.poll(() => view.answer.value).toBe('drawn 1')
    mm.value = 2
    await expect.poll(() => view.answer.value).toBe('drawn 2')
    expect(view.fault.value).toBeNull()
    port1.close()
    port2.close()
  })
})
