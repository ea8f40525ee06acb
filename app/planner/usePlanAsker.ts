import type { FontId } from '#shared/inputs'
import { type PlanApi, startPlanWorker, type WorkerClient } from '#workers/client'
import { NotLoaded } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { FONT_URLS } from './fonts'

type Api = WorkerClient<PlanApi>['api']

/** One worker waits for the next planner: starting it costs more than most plans. */
let spare: WorkerClient<PlanApi> | null = null
function takeSpare(): WorkerClient<PlanApi> {
  const taken = spare ?? startPlanWorker()
  spare = null
  return taken
}
function keepSpare(idle: WorkerClient<PlanApi>): void {
  if (spare) return idle.dispose()
  spare = idle
  idle.failed.catch(() => {
    if (spare === idle) spare = null
  })
}

/** The worker planners wait for. */
export const usePlanAsker = () => useAsker<PlanApi>(takeSpare, undefined, keepSpare)

/** Fonts a worker was given, each once; another worker needs them anew. */
const taken = new WeakMap<Api, Map<FontId, Promise<void>>>()

async function takeFont(api: Api, id: FontId): Promise<void> {
  const response = await fetch(FONT_URLS[id]).catch(() => null)
  if (!response?.ok) throw new NotLoaded(`the font of ${id} letters`)
  await api.takeFont(id, await response.arrayBuffer())
}

/** The same worker, once it has these fonts. */
export async function withFonts(api: Api, ids: readonly FontId[]): Promise<Api> {
  const fonts = taken.get(api) ?? new Map<FontId, Promise<void>>()
  taken.set(api, fonts)
  await Promise.all(
    ids.map(id => {
      const underWay = fonts.get(id) ?? takeFont(api, id)
      fonts.set(id, underWay)
      underWay.catch(() => fonts.delete(id))
      return underWay
    }),
  )
  return api
}
