import { describe, expect, it, vi } from 'vitest'
import { askerOf, NotLoaded } from './asker'

interface Api {
  readonly double: (value: number) => Promise<number>
}
const NEVER = new Promise<never>(() => {})
/** A worker as the client hands it out. */
function worker({
  double = async (value: number) => 2 * value,
  loaded = Promise.resolve(),
  failed = NEVER,
}: { double?: Api['double']; loaded?: Promise<void>; failed?: Promise<never> } = {}) {
  failed.catch(() => {})
  return { api: { double } as never, loaded, failed, dispose: vi.fn() }
}
const QUICK = { loadMs: 20, answerMs: 20 }
const asking = (...workers: ReturnType<typeof worker>[]) => {
  const start = vi.fn(() => workers[Math.min(start.mock.calls.length, workers.length) - 1]!)
  const asker = askerOf<Api>(start as never, QUICK)
  return { start, asker, double: (value: number) => asker.ask(api => api.double(value)) }
}

describe('asking a worker', () => {
  it('starts one worker for all questions, when the first is asked', async () => {
    const { start, double } = asking(worker())
    expect(start).not.toHaveBeenCalled()
    expect(await double(2)).toEqual({ kind: 'answered', value: 4 })
    expect(await double(3)).toEqual({ kind: 'answered', value: 6 })
    expect(start).toHaveBeenCalledOnce()
  })
  it('says that its code did not load, and loads it anew when asked again', async () => {
    const gone = worker({ loaded: NEVER, failed: Promise.reject(new Error('404')) })
    const { start, double } = asking(gone, worker())
    expect(await double(2)).toEqual({ kind: 'failed', fault: 'not-loaded' })
    expect(await double(2)).toEqual({ kind: 'answered', value: 4 })
    expect(start).toHaveBeenCalledTimes(2)
  })
  it('does not wait for ever for its code', async () => {
    const { double } = asking(worker({ loaded: NEVER }), worker())
    expect(await double(2)).toEqual({ kind: 'failed', fault: 'not-loaded' })
    expect(await double(2)).toEqual({ kind: 'answered', value: 4 })
  })
  it('says so too where what starts it does not load', async () => {
    const asker = askerOf<Api>(() => Promise.reject(new TypeError('Failed to fetch')), QUICK)
    expect(await asker.ask(api => api.double(1))).toEqual({ kind: 'failed', fault: 'not-loaded' })
  })
  it('gives a worker up that never answers, and starts another', async () => {
    const silent = worker({ double: () => NEVER })
    const { double } = asking(silent, worker())
    expect(await double(2)).toEqual({ kind: 'failed', fault: 'no-answer' })
    expect(silent.dispose).toHaveBeenCalled()
    expect(await double(2)).toEqual({ kind: 'answered', value: 4 })
  })
  it('gives a worker up that breaks down while it works', async () => {
    let breakDown = (_: Error) => {}
    const failed = new Promise<never>((_, reject) => {
      breakDown = reject
    })
    const { double } = asking(worker({ double: () => NEVER, failed }), worker())
    const asked = double(2)
    await Promise.resolve()
    breakDown(new Error('out of memory'))
    expect(await asked).toEqual({ kind: 'failed', fault: 'broken' })
    expect(await double(2)).toEqual({ kind: 'answered', value: 4 })
  })
  it('tells what did not load from what broke', async () => {
    const { double } = asking(worker({ double: () => Promise.reject(new NotLoaded('a font')) }))
    expect(await double(2)).toEqual({ kind: 'failed', fault: 'not-loaded' })
    const { double: other } = asking(worker({ double: () => Promise.reject(new Error('no such key')) }))
    expect(await other(2)).toEqual({ kind: 'failed', fault: 'broken' })
  })
  it('gives up what is under way when it is stopped, and goes on afterwards', async () => {
    const slow = worker({ double: () => NEVER })
    const { asker, double } = asking(slow, worker())
    const asked = double(2)
    asker.stop()
    expect(await asked).toEqual({ kind: 'stopped' })
    expect(await double(5)).toEqual({ kind: 'answered', value: 10 })
  })
  it('gives an idle worker back when it is stopped, and ends one that still works', async () => {
    const kept: unknown[] = []
    const idle = worker()
    const busy = worker({ double: () => NEVER })
    const giving = (one: ReturnType<typeof worker>) =>
      askerOf<Api>(
        () => one as never,
        QUICK,
        client => kept.push(client),
      )
    const first = giving(idle)
    await first.ask(api => api.double(2))
    first.stop()
    const second = giving(busy)
    const asked = second.ask(api => api.double(2))
    await Promise.resolve()
    await new Promise(resolve => setTimeout(resolve))
    second.stop()
    await asked
    expect(kept).toEqual([idle])
    expect(idle.dispose).not.toHaveBeenCalled()
    expect(busy.dispose).toHaveBeenCalledOnce()
  })
})
