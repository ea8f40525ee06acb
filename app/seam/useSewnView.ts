import type { SewnInput } from '#core/sewn'
import type { SewnApi, SewnView } from '#workers/client'
import { useAsked } from '~/asking/useAsked'
import { useAsker } from '~/asking/useAsker'

/**
 * The seam as sewn, drawn in a worker.
 *
 * @param input - what to sew; null while something is missing.
 */
export function useSewnView(input: () => SewnInput | null) {
  return useAsked<SewnApi, SewnInput, SewnView>({
    asker: useAsker(startWhenIdle),
    input,
    ask: (api, wish) => api.sew(wish),
  })
}

/** The picture is late in any case, because a worker makes it: what stands without it is drawn first. */
export async function startWhenIdle() {
  await new Promise<void>(resolve => requestIdleCallback(() => resolve()))
  const { startSewnWorker } = await import('#workers/client')
  return startSewnWorker()
}
