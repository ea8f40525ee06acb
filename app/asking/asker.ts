import type { WorkerClient } from '#workers/client'

/** Why there is no answer: its code did not load, it takes too long, or it broke down. */
export type Fault = 'not-loaded' | 'no-answer' | 'broken'
export type Outcome<T> =
  | { readonly kind: 'answered'; readonly value: T }
  | { readonly kind: 'failed'; readonly fault: Fault }
  /** Given up, by whoever asked. */
  | { readonly kind: 'stopped' }

/** How long each is waited for, in ms. */
export interface Patience {
  readonly loadMs: number
  /** Infinity where the person sees how far it is, and can stop it. */
  readonly answerMs: number
}
export const LOAD_MS = 10_000
const USUAL: Patience = { loadMs: LOAD_MS, answerMs: 60_000 }

/** Something a question needs that did not load: a font, a script. */
export class NotLoaded extends Error {}

type Api<T> = WorkerClient<T>['api']
export interface Asker<T> {
  /** Asks the worker, and starts one where none is alive. It always comes to an end, and never throws. */
  readonly ask: <Work extends Promise<unknown>>(
    work: (api: Api<T>) => Work,
  ) => Promise<Outcome<Awaited<Work>>>
  /** Gives up what is under way; the next question starts another worker. */
  readonly stop: () => void
}

/**
 * The one way to ask a worker.
 *
 * @param start - starts the worker; it may load what starts it.
 * @param giveBack - takes a worker that has nothing left to do when it is stopped. @defaultValue it ends
 */
export function askerOf<T>(
  start: () => WorkerClient<T> | Promise<WorkerClient<T>>,
  { loadMs, answerMs }: Patience = USUAL,
  giveBack: (idle: WorkerClient<T>) => void = idle => idle.dispose(),
): Asker<T> {
  let running: Promise<WorkerClient<T>> | null = null
  let underWay = 0
  let stopAll: () => void = () => {}
  let stopped = whenStopped()
  function whenStopped(): Promise<'stopped'> {
    return new Promise(resolve => {
      stopAll = () => resolve('stopped')
    })
  }

  async function begin(): Promise<WorkerClient<T>> {
    const client = await start()
    try {
      await Promise.race([client.loaded, client.failed])
    } catch (error) {
      client.dispose()
      throw error
    }
    return client
  }
  /** What failed once is not asked again: another worker is started. */
  function end(mine: Promise<WorkerClient<T>>, take = (client: WorkerClient<T>) => client.dispose()): void {
    if (running === mine) running = null
    mine.then(take, () => {})
  }

  async function ask<Work extends Promise<unknown>>(
    work: (api: Api<T>) => Work,
  ): Promise<Outcome<Awaited<Work>>> {
    const mine = (running ??= begin())
    const given = stopped
    const started = await inTime(mine, loadMs, given)
    if (started.end === 'stopped') return { kind: 'stopped' }
    if (started.end !== 'done') {
      end(mine)
      return { kind: 'failed', fault: 'not-loaded' }
    }
    const { api, failed } = started.value
    underWay += 1
    const answered = await inTime(Promise.race([work(api), failed]), answerMs, given)
    underWay -= 1
    if (answered.end === 'stopped') return { kind: 'stopped' }
    if (answered.end !== 'done') {
      end(mine)
      return { kind: 'failed', fault: faultOf(answered) }
    }
    return { kind: 'answered', value: answered.value as Awaited<Work> }
  }
  function stop(): void {
    if (running) end(running, underWay === 0 ? giveBack : undefined)
    stopAll()
    stopped = whenStopped()
  }
  return { ask, stop }
}

/** What came first: the end of some work, of patience, or of interest. */
type End<V> =
  | { readonly end: 'done'; readonly value: V }
  | { readonly end: 'threw'; readonly error: unknown }
  | { readonly end: 'late' | 'stopped' }

function faultOf(ended: Exclude<End<never>, { end: 'done' | 'stopped' }>): Fault {
  if (ended.end !== 'threw') return 'no-answer'
  return ended.error instanceof NotLoaded ? 'not-loaded' : 'broken'
}

async function inTime<V>(work: Promise<V>, limitMs: number, stopped: Promise<'stopped'>): Promise<End<V>> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<End<V>>(resolve => {
    if (Number.isFinite(limitMs)) timer = setTimeout(() => resolve({ end: 'late' }), limitMs)
  })
  const ended = work.then(
    (value): End<V> => ({ end: 'done', value }),
    (error: unknown): End<V> => ({ end: 'threw', error }),
  )
  const given = stopped.then((end): End<V> => ({ end }))
  try {
    return await Promise.race([ended, late, given])
  } finally {
    clearTimeout(timer)
  }
}
