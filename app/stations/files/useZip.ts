import type { Backup } from '#shared/backup'
import { photoIdsOf } from '#shared/records'
import { readPhotos } from '#db/photos'
import {
  calledBack,
  type OnProgress,
  startZipWorker,
  type WorkerClient,
  type ZipApi,
  type ZipReading,
} from '#workers/client'
import { LOAD_MS, type Outcome } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'

type Api = WorkerClient<ZipApi>['api']
/** How far it is is shown, and it can be stopped: it may take as long as it needs. */
const PATIENCE = { loadMs: LOAD_MS, answerMs: Number.POSITIVE_INFINITY }

/** Packing and unpacking in a worker, with how far it is and a way to stop it. */
export function useZip() {
  const progress = ref<{ readonly done: number; readonly of: number } | null>(null)
  const asker = useAsker<ZipApi>(startZipWorker, PATIENCE)

  async function inWorker<T>(work: (api: Api, onProgress: OnProgress) => Promise<T>): Promise<Outcome<T>> {
    progress.value = { done: 0, of: 0 }
    const onProgress = calledBack((done: number, of: number) => {
      progress.value = { done, of }
    })
    const outcome = await asker.ask(api => work(api, onProgress))
    progress.value = null
    // What it holds in memory goes with it.
    asker.stop()
    return outcome
  }

  /** The book and every photo something in it points at. */
  const pack = (backup: Backup): Promise<Outcome<Blob>> =>
    inWorker(async (api, onProgress) => {
      const photos = await readPhotos([...photoIdsOf(backup.records)])
      const plain = photos.map(({ id, blob }) => ({ id, blob }))
      return api.packBook(JSON.stringify(backup, null, 2), plain, onProgress)
    })
  const unpack = (file: Blob): Promise<Outcome<ZipReading>> =>
    inWorker(async (api, onProgress): Promise<ZipReading> => api.unpackBook(file, onProgress))

  return { progress, stop: asker.stop, pack, unpack }
}
