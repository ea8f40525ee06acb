import { proxy, type Remote, releaseProxy, transfer, wrap } from 'comlink'
import type { CoverageApi } from './coverage.worker'
import type { PlanApi } from './plan.worker'
import type { ForetellApi } from './foretell.worker'
import type { MeasureApi } from './measure.worker'
import type { OrderApi } from './order.worker'
import type { PhotoApi } from './photo.worker'
import type { PrintApi } from './print.worker'
import type { SewnApi } from './sewn.worker'
import { LOADED } from './serve'
import type { ZipApi } from './zip.worker'

export type { OnProgress, PackedPhoto, ZipReading } from './bookZip'
export type { CoverageApi } from './coverage.worker'
export type { ForetellApi } from './foretell.worker'
export type { MeasureApi, OpenedReply, PhotoRefusal } from './measure.worker'
export type { OrderApi } from './order.worker'
export type { CodeReply, PhotoApi } from './photo.worker'
export type { PlanApi } from './plan.worker'
export type { PrintApi } from './print.worker'
export type { SewnApi, SewnView, StitchPreview } from './sewn.worker'
export type { ZipApi } from './zip.worker'
export type { Reply } from './serve'

export interface WorkerClient<T> {
  readonly api: Remote<T>
  /** Resolves once its code has loaded. */
  readonly loaded: Promise<void>
  /** Rejects when the worker could not be started, or broke down. */
  readonly failed: Promise<never>
  readonly dispose: () => void
}

/** Starts the worker that draws seams; call `dispose` when the view goes. */
export function startSewnWorker(): WorkerClient<SewnApi> {
  return clientOf<SewnApi>(new Worker(new URL('./sewn.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that searches the smallest set of twins. */
export function startCoverageWorker(): WorkerClient<CoverageApi> {
  return clientOf<CoverageApi>(
    new Worker(new URL('./coverage.worker.ts', import.meta.url), { type: 'module' }),
  )
}

/** Starts the worker that scales photos down. */
export function startPhotoWorker(): WorkerClient<PhotoApi> {
  return clientOf<PhotoApi>(new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that writes sheets as PDF. */
export function startPrintWorker(): WorkerClient<PrintApi> {
  return clientOf<PrintApi>(new Worker(new URL('./print.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that reads the swatch book. */
export function startForetellWorker(): WorkerClient<ForetellApi> {
  return clientOf<ForetellApi>(
    new Worker(new URL('./foretell.worker.ts', import.meta.url), { type: 'module' }),
  )
}

/** Starts the worker that works out what planners wait for. */
export function startPlanWorker(): WorkerClient<PlanApi> {
  return clientOf<PlanApi>(new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that measures in photos; disposing it forgets the one that lies open. */
export function startMeasureWorker(): WorkerClient<MeasureApi> {
  return clientOf<MeasureApi>(new Worker(new URL('./measure.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that looks for the best order of work; disposing it stops the search. */
export function startOrderWorker(): WorkerClient<OrderApi> {
  return clientOf<OrderApi>(new Worker(new URL('./order.worker.ts', import.meta.url), { type: 'module' }))
}

/** Starts the worker that packs and unpacks backups with photos. */
export function startZipWorker(): WorkerClient<ZipApi> {
  return clientOf<ZipApi>(new Worker(new URL('./zip.worker.ts', import.meta.url), { type: 'module' }))
}

/** A function that a worker may call back. */
export const calledBack = proxy

/** A picture that goes to the worker instead of being copied there: nothing of it stays behind. */
export const handedOver = (picture: ImageBitmap): ImageBitmap => transfer(picture, [picture])

function clientOf<T>(worker: Worker): WorkerClient<T> {
  const loaded = new Promise<void>(resolve =>
    worker.addEventListener('message', ({ data }) => {
      if (data === LOADED) resolve()
    }),
  )
  const failed = new Promise<never>((_, reject) => {
    for (const kind of ['error', 'messageerror'] as const)
      worker.addEventListener(kind, () => reject(new Error('the worker failed')), { once: true })
  })
  // Nobody need wait for it.
  failed.catch(() => {})
  const api = wrap<T>(worker)
  return {
    api,
    loaded,
    failed,
    // Ending a worker takes milliseconds, and the view that comes next should not wait for them.
    dispose() {
      requestIdleCallback(() => {
        api[releaseProxy]()
        worker.terminate()
      })
    },
  }
}
