import { putPhotos, readPhoto } from '#db/photos'
import { type PhotoApi, startPhotoWorker } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { downloadBlob } from '~/utils/download'
import { newId } from '~/utils/id'

const MOST_BYTES = 30_000_000

/**
 * Takes a photo in: scaled down and kept in this browser, under a name of its own.
 *
 * @param clothHex - of the cloth it shows, as far as it is known: it stands where a picture is clear.
 */
export function usePhotoTaking(clothHex: () => string | null) {
  const toast = useToast()
  const asker = useAsker<PhotoApi>(startPhotoWorker)
  const problem = ref('')
  const busy = ref(false)
  /** A photo that could not be made smaller: it is still there to try again. */
  const failed = shallowRef<{ readonly file: File; readonly fault: Fault } | null>(null)

  /** The photo’s name; null: it could not be kept, and why is said. */
  async function take(file: File): Promise<string | null> {
    problem.value =
      file.size > MOST_BYTES
        ? `${file.name} has ${Math.round(file.size / 1e6)} MB: a photo may have ${MOST_BYTES / 1e6}. `
          + 'Save it smaller and try again.'
        : ''
    if (problem.value) return null
    failed.value = null
    busy.value = true
    const outcome = await asker.ask(api => api.scale(file, clothHex()))
    busy.value = false
    if (outcome.kind === 'failed') failed.value = { file, fault: outcome.fault }
    if (outcome.kind !== 'answered') return null
    const scaled = outcome.value
    if (!scaled.ok) {
      problem.value =
        scaled.code === 'empty'
          ? `${file.name} is empty: take the photo again, or choose another file.`
          : `${file.name} is no picture this browser can read: take a JPEG or PNG.`
      return null
    }
    return await keep(scaled.blob)
  }

  async function keep(blob: Blob): Promise<string | null> {
    const id = newId('photo')
    try {
      await putPhotos([{ id, blob }])
      return id
    } catch {
      // The record stays as it is; the photo is not lost.
      toast.add({
        title: 'No room for the photo',
        description: 'All else is kept. Keep the photo as a file, or make room in the browser.',
        color: 'error',
        duration: 0,
        actions: [{ label: 'Save the photo', onClick: () => downloadBlob(`${id}.jpg`, blob) }],
      })
      return null
    }
  }

  return { take, problem, busy, failed }
}

/** The address of a kept photo for this page; null: there is none, or it is not in this browser. */
export function usePhotoUrl(id: () => string | null) {
  const url = ref<string | null>(null)
  const isMissing = ref(false)
  const letGo = () => url.value && URL.revokeObjectURL(url.value)
  watch(
    id,
    async wanted => {
      const blob = wanted === null ? null : await readPhoto(wanted).catch(() => null)
      if (wanted !== id()) return
      letGo()
      url.value = blob && URL.createObjectURL(blob)
      isMissing.value = wanted !== null && blob === null
    },
    { immediate: true },
  )
  onUnmounted(letGo)
  return { url, isMissing }
}
