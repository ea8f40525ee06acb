import type { FontId } from '#shared/inputs'
import { startPlanWorker } from '#workers/client'
import { FONT_URLS } from './fonts'

/** The worker planners wait for, with fonts it is given once each when they are needed. */
export function startPlanner() {
  const client = startPlanWorker()
  const taken = new Map<FontId, Promise<void>>()
  async function takeFont(id: FontId): Promise<void> {
    const response = await fetch(FONT_URLS[id])
    if (!response.ok) throw new Error('The letters’ font could not be loaded: reload the page.')
    await client.api.takeFont(id, await response.arrayBuffer())
  }
  function withFont(id: FontId): Promise<void> {
    const underWay = taken.get(id) ?? takeFont(id)
    taken.set(id, underWay)
    underWay.catch(() => taken.delete(id))
    return underWay
  }
  return {
    ...client,
    withFonts: async (ids: readonly FontId[]): Promise<void> => {
      await Promise.all(ids.map(withFont))
    },
  }
}
