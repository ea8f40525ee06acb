import { type Remote, releaseProxy, wrap } from 'comlink'
import type { CoverageApi } from './coverage.worker'
import type { PhotoApi } from './photo.worker'
import type { SewnApi } from './sewn.worker'

export type { SewnReply, SewnView } from './sewn.worker'

export interface WorkerClient<T> {
  readonly api: Remote<T>
  readonly dispose: () => void
}
export type SewnClient = WorkerClient<SewnApi>

/** Starts the worker that draws seams; call `dispose` when the view goes. */
export function startSewnWorker(): SewnClient {
  return clientOf<SewnApi>(new Worker(new URL('./sewn.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that searches the smallest set of twins. */
export function startCoverageWorker(): WorkerClient<CoverageApi> {
  return clientOf<CoverageApi>(new Worker(new URL('./coverage.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that scales photos down. */
export function startPhotoWorker(): WorkerClient<PhotoApi> {
  return clientOf<PhotoApi>(new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }))
}

function clientOf<T>(worker: Worker): WorkerClient<T> {
  const api = wrap<T>(worker)
  return {
    api,
    dispose() {
      api[releaseProxy]()
      worker.terminate()
    },
  }
}
