import { shallowReactive, ref, watch } from 'vue'
import type { SewnInput } from '#core/sewn'
import type { SewnApi, StitchPreview } from '#workers/client'
import type { Fault } from '~/asking/asker'
import { useAsker } from '~/asking/useAsker'
import { startWhenIdle } from '~/seam/useSewnView'

/**
 * Stitches drawn small, one after the other, in a worker. A new list of wishes drops what is left of the old
 * one.
 *
 * @param wishes - what to sew, by the id of the stitch.
 * @returns The pictures that are made so far, by id.
 */
export function useStitchPreviews(wishes: () => ReadonlyMap<string, SewnInput>) {
  const previews = shallowReactive(new Map<string, StitchPreview>())
  const fault = ref<Fault | null>(null)
  const asker = useAsker<SewnApi>(startWhenIdle)
  let round = 0

  async function drawAll(list: ReadonlyMap<string, SewnInput>): Promise<void> {
    const mine = ++round
    fault.value = null
    for (const id of previews.keys()) if (!list.has(id)) previews.delete(id)
    for (const [id, wish] of list) {
      const outcome = await asker.ask(api => api.preview(wish))
      if (mine !== round || outcome.kind === 'stopped') return
      if (outcome.kind === 'failed') {
        fault.value = outcome.fault
        return
      }
      if (outcome.value.ok) previews.set(id, outcome.value.answer)
      else previews.delete(id)
    }
  }
  watch(wishes, list => void drawAll(list), { immediate: true })
  return { previews, fault, again: () => void drawAll(wishes()) }
}
