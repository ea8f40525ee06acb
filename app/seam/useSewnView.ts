import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { SewnInput } from '#core/sewn'
import type { SewnClient, SewnView } from '#workers/client'

/**
 * The seam as sewn, drawn in a worker. While one picture is made the newest wish waits and older ones are
 * dropped, so dragging never queues up.
 *
 * @param input - what to sew; null while something is missing.
 */
export function useSewnView(input: () => SewnInput | null) {
  const view = shallowRef<SewnView | null>(null)
  const problem = ref<string | null>(null)
  let client: SewnClient | null = null
  let isGone = false
  let busy = false
  let waiting: SewnInput | null = null

  async function draw(next: SewnInput): Promise<void> {
    waiting = next
    if (busy) return
    busy = true
    client ??= await startWhenIdle()
    if (isGone) return client.dispose()
    while (waiting) {
      const wish: SewnInput = waiting
      waiting = null
      const reply = await client.api.sew(wish)
      view.value = reply.ok ? reply.view : null
      problem.value = reply.ok ? null : reply.error.message
    }
    busy = false
  }

  watch(
    input,
    next => {
      if (next) void draw(next)
      else view.value = null
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    isGone = true
    client?.dispose()
  })
  return { view, problem }
}

/** The picture is late in any case, because a worker makes it: what stands without it is drawn first. */
async function startWhenIdle(): Promise<SewnClient> {
  await new Promise<void>(resolve => requestIdleCallback(() => resolve()))
  const { startSewnWorker } = await import('#workers/client')
  return startSewnWorker()
}
