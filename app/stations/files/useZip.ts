import type { Backup } from '#shared/backup'
import { photoIdsOf } from '#shared/records'
import { readPhotos } from '#db/photos'
import {
  calledBack,
  type OnProgress,
  startZipWorker,
  type WorkerClient,
  type ZipReading,
} from '#workers/client'

type ZipApi = ReturnType<typeof startZipWorker>['api']
export type ZipEnd<T> =
  { readonly end: 'done'; readonly value: T } | { readonly end: 'stopped' } | { readonly end: 'failed' }

/** Packing and unpacking in a worker, with how far it is and a way to stop it. It always comes to an end. */
export function useZip() {
  const progress = ref<{ readonly done: number; readonly of: number } | null>(null)
  let stop: () => void = () => {}

  async function inWorker<T>(work: (api: ZipApi, onProgress: OnProgress) => Promise<T>): Promise<ZipEnd<T>> {
    const client: WorkerClient<object> = startZipWorker()
    const stopped = new Promise<ZipEnd<T>>(resolve => {
      stop = () => resolve({ end: 'stopped' })
    })
    progress.value = { done: 0, of: 0 }
    const onProgress = calledBack((done: number, of: number) => {
      progress.value = { done, of }
    })
    try {
      const done = work(client.api as ZipApi, onProgress).then((value): ZipEnd<T> => ({ end: 'done', value }))
      return await Promise.race([done, client.failed, stopped])
    } catch {
      return { end: 'failed' }
    } finally {
      client.dispose()
      progress.value = null
    }
  }

  /** The book and every photo something in it points at. */
  const pack = (backup: Backup): Promise<ZipEnd<Blob>> =>
    inWorker(async (api, onProgress) => {
      const photos = await readPhotos([...photoIdsOf(backup.records)])
      const plain = photos.map(({ id, blob }) => ({ id, blob }))
      return api.packBook(JSON.stringify(backup, null, 2), plain, onProgress)
    })
  const unpack = (file: Blob): Promise<ZipEnd<ZipReading>> =>
    inWorker(async (api, onProgress): Promise<ZipReading> => api.unpackBook(file, onProgress))

  return { progress, stop: () => stop(), pack, unpack }
}
