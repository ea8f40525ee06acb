import type { SeenRectangle, Span, Place } from '#core/measure'
import type { PlaneWindow, RowLook } from '#core/photo'
import { type PhotoRefusal, startMeasureWorker } from '#workers/client'

/** Why a file is not taken, and what to do. */
const REFUSAL_WORDS: Readonly<Record<PhotoRefusal, string>> = {
  'too-large': 'has more than 30 MB: save it smaller, as JPEG, and try again',
  'not-an-image': 'is no picture this browser can read: take a JPEG or PNG',
  'too-small': 'is smaller than 64 px: take the photo itself, not its preview',
  'too-many-px': 'has more than 120 million pixels: save it smaller and try again',
  'moves': 'is a moving picture: save one frame of it as JPEG or PNG',
}
const GONE = 'The photo could not be looked at: reload the page and open it again.'

/** The photo that is measured in: opened, kept upright and asked in a worker. */
export function usePhoto() {
  const client = startMeasureWorker()
  const picture = shallowRef<ImageBitmap | null>(null)
  const file = shallowRef<File | null>(null)
  const problem = ref('')
  const busy = ref(false)
  onScopeDispose(() => {
    picture.value?.close()
    client.dispose()
  })

  async function open(chosen: File): Promise<boolean> {
    problem.value = ''
    busy.value = true
    try {
      const reply = await Promise.race([client.api.open(chosen), client.failed])
      if (!reply.ok) {
        problem.value = `${chosen.name} ${REFUSAL_WORDS[reply.code]}.`
        return false
      }
      picture.value?.close()
      picture.value = reply.picture
      file.value = chosen
      return true
    } catch {
      problem.value = GONE
      return false
    } finally {
      busy.value = false
    }
  }
  /** What the worker answers; null where it could not. */
  async function asked<T>(
    ask: () => Promise<{ ok: true; answer: T } | { ok: false; error: { message: string } }>,
  ): Promise<T | null> {
    problem.value = ''
    try {
      const reply = await Promise.race([ask(), client.failed])
      if (reply.ok) return reply.answer
      problem.value = `${reply.error.message}.`
    } catch {
      problem.value = GONE
    }
    return null
  }
  return {
    picture,
    file,
    problem,
    busy,
    open,
    corners: (corners: readonly Place[], reachPx: number) =>
      asked(() => client.api.corners(corners, reachPx)),
    span: (seen: SeenRectangle, span: Span, reachPx: number) =>
      asked(() => client.api.span(seen, span, reachPx)),
    row: (seen: SeenRectangle, look: RowLook, span: Span, halfMm: number) =>
      asked(() => client.api.row(seen, look, span, halfMm)),
    straight: (seen: SeenRectangle, shown: PlaneWindow, pxPerMm: number) =>
      asked(() => client.api.straight(seen, shown, pxPerMm)),
  }
}
