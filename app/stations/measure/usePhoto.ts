import type { SeenRectangle, Span } from '#core/measure'
import type { PlaneWindow, RowLook } from '#core/photo'
import {
  type MeasureApi,
  type PhotoRefusal,
  type Reply,
  startMeasureWorker,
  type WorkerClient,
} from '#workers/client'
import type { Point } from '#core/plane'
import type { Fault } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'

/** Why a file is not taken, and what to do. */
const REFUSAL_WORDS: Readonly<Record<PhotoRefusal, string>> = {
  'too-large': 'has more than 30 MB: save it smaller, as JPEG, and try again',
  'not-an-image': 'is no picture this browser can read: take a JPEG or PNG',
  'empty': 'is empty: take the photo again, or choose another file',
  'too-small': 'is smaller than 64 px: take the photo itself, not its preview',
  'too-many-px': 'has more than 120 million pixels: save it smaller and try again',
  'moves': 'is a moving picture: save one frame of it as JPEG or PNG',
}
type Api = WorkerClient<MeasureApi>['api']

/** The photo that is measured in: opened, kept upright and asked in a worker. */
export function usePhoto() {
  const asker = useAsker<MeasureApi>(startMeasureWorker)
  const picture = shallowRef<ImageBitmap | null>(null)
  const file = shallowRef<File | null>(null)
  const problem = ref('')
  const fault = ref<Fault | null>(null)
  const busy = ref(false)
  /** The worker the photo lies open in: another one has to open it first. */
  let holder: Api | null = null
  /** What was chosen and could not be opened. */
  let waiting: File | null = null
  onScopeDispose(() => picture.value?.close())

  async function openIn(api: Api, chosen: File) {
    const reply = await api.open(chosen)
    holder = api
    return reply
  }
  async function open(chosen: File): Promise<boolean> {
    problem.value = ''
    fault.value = null
    busy.value = true
    const outcome = await asker.ask(api => openIn(api, chosen))
    busy.value = false
    if (outcome.kind === 'failed') {
      fault.value = outcome.fault
      waiting = chosen
    }
    if (outcome.kind !== 'answered') return false
    const reply = outcome.value
    if (!reply.ok) {
      problem.value = `${chosen.name} ${REFUSAL_WORDS[reply.code]}.`
      return false
    }
    picture.value?.close()
    picture.value = reply.picture
    file.value = chosen
    return true
  }
  /** What the worker answers; null where it could not. */
  async function asked<T>(ask: (api: Api) => Promise<Reply<T>>): Promise<T | null> {
    problem.value = ''
    fault.value = null
    const outcome = await asker.ask(async api => {
      if (holder !== api && file.value) await openIn(api, file.value)
      return ask(api)
    })
    if (outcome.kind === 'failed') {
      fault.value = outcome.fault
      waiting = file.value
    }
    if (outcome.kind !== 'answered') return null
    if (outcome.value.ok) return outcome.value.answer
    problem.value = `${outcome.value.error.message}.`
    return null
  }
  return {
    picture,
    file,
    problem,
    /** Why the photo could not be opened or looked at; null: nothing is wrong. */
    fault: readonly(fault),
    /** What could not be opened or looked at; null: nothing. */
    unopened: () => waiting,
    busy,
    open,
    corners: (corners: readonly Point[], reachPx: number) => asked(api => api.corners(corners, reachPx)),
    span: (seen: SeenRectangle, span: Span, reachPx: number) => asked(api => api.span(seen, span, reachPx)),
    row: (seen: SeenRectangle, look: RowLook, span: Span, halfMm: number) =>
      asked(api => api.row(seen, look, span, halfMm)),
    straight: (seen: SeenRectangle, shown: PlaneWindow, pxPerMm: number) =>
      asked(api => api.straight(seen, shown, pxPerMm)),
  }
}
