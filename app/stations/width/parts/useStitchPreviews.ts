import { onScopeDispose, shallowReactive, watch } from 'vue'
import type { SewnInput, SewnPicture } from '#core/sewn'
import type { SewnClient } from '#workers/client'

export interface StitchPreview {
  readonly right: SewnPicture
  readonly muddy: boolean
}

/**
 * Stitches drawn small, one after the other, in a worker. A new list of wishes drops what is left of the old
 * one.
 *
 * @param wishes - what to sew, by the id of the stitch.
 * @returns The pictures that are made so far, by id.
 */
export function useStitchPreviews(wishes: () => ReadonlyMap<string, SewnInput>) {
  const previews = shallowReactive(new Map<string, StitchPreview>())
  let client: SewnClient | null = null
  let isGone = false
  let round = 0

  async function drawAll(list: ReadonlyMap<string, SewnInput>): Promise<void> {
    const mine = ++round
    for (const id of previews.keys()) if (!list.has(id)) previews.delete(id)
    const { startSewnWorker } = await import('#workers/client')
    if (isGone) return
    client ??= startSewnWorker()
    for (const [id, wish] of list) {
      const reply = await client.api.preview(wish)
      if (mine !== round || isGone) return
      if (reply.ok) previews.set(id, { right: reply.right, muddy: reply.muddy })
      else previews.delete(id)
    }
  }
  watch(wishes, list => void drawAll(list), { immediate: true })
  onScopeDispose(() => {
    isGone = true
    client?.dispose()
  })
  return previews
}
