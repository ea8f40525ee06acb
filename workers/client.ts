import { type Remote, releaseProxy, wrap } from 'comlink'
import type { SewnApi } from './sewn.worker'

export type { SewnReply, SewnView } from './sewn.worker'

export interface SewnClient {
  readonly api: Remote<SewnApi>
  readonly dispose: () => void
}

/** Starts the worker that draws seams; call `dispose` when the view goes. */
export function startSewnWorker(): SewnClient {
  const worker = new Worker(new URL('./sewn.worker.ts', import.meta.url), { type: 'module' })
  const api = wrap<SewnApi>(worker)
  return {
    api,
    dispose() {
      api[releaseProxy]()
      worker.terminate()
    },
  }
}
