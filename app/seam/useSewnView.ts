import { onScopeDispose, ref, shallowRef, watch } from 'vue'
import type { SewnInput } from '#core/sewn'
import { type SewnClient, type SewnView, startSewnWorker } from '#workers/client'

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
  let busy = false
  let waiting: SewnInput | null = null

  async function draw(next: SewnInput): Promise<void> {
    waiting = next
    if (busy) return
    busy = true
    client ??= startSewnWorker()
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
  onScopeDispose(() => client?.dispose())
  return { view, problem }
}
