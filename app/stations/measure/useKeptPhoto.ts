import { putPhotos } from '#db/photos'
import { type PhotoApi, startPhotoWorker } from '#workers/client'
import { useAsker } from '~/asking/useAsker'
import { newId } from '~/utils/id'

/**
 * Keeps the photo a result was measured in, made smaller. What stands against that is said, and the result is
 * kept without it.
 *
 * @returns what keeps it, and answers with its id; null: there is none, or it could not be kept.
 */
export function useKeptPhoto(chosen: Readonly<Ref<File | null>>): () => Promise<string | null> {
  const toast = useToast()
  const scaler = useAsker<PhotoApi>(startPhotoWorker)
  async function keepPhoto(): Promise<string | null> {
    const file = chosen.value
    if (!file) return null
    const outcome = await scaler.ask(api => api.scale(file, null))
    if (outcome.kind === 'stopped') return null
    const scaled = outcome.kind === 'answered' ? outcome.value : null
    if (!scaled?.ok) {
      sayWithout('The photo could not be made smaller')
      return null
    }
    const id = newId('photo')
    try {
      await putPhotos([{ id, blob: scaled.blob }])
      return id
    } catch {
      sayWithout('No room for the photo')
      return null
    }
  }
  function sayWithout(title: string): void {
    toast.add({ title, description: 'The result is kept without it.', color: 'warning' })
  }
  return keepPhoto
}
