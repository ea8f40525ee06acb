import { formatShort } from '#core/units'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { describeNeedle } from '#core/needle'
import { newestFirst } from '#shared/fields'
import { handWalkKeyOf } from '#shared/inputs'
import type { HandWalk, RecordChange } from '#shared/records'
import { newId } from '~/utils/id'

const MOST_SUMMARY = 300

/** Whether exactly the current combination was turned through by hand. */
export const useHandWalksStore = defineStore('handWalks', () => {
  const book = useBookStore()
  const inHand = useInHandStore()
  const key = computed(() => inHand.swingInput && handWalkKeyOf(inHand.setup, inHand.swingInput))
  /** The last one of this combination; null: not walked yet. */
  const latest = computed<HandWalk | null>(() => {
    const alike = [...book.shelf.handWalks.values()].filter(walk => walk.key === key.value)
    return newestFirst(alike, walk => walk.walkedAt)[0] ?? null
  })

  /** The record that says this combination was turned through by hand; none while it is not complete. */
  function recordOf(now: Date): RecordChange[] {
    const { machine, needle, stitch, foot } = inHand.parts
    if (!key.value || !machine || !needle || !stitch) return []
    const id = newId('walk')
    const summary = [
      machine.name,
      describeNeedle(needle),
      `${stitch.name} width ${formatShort(inHand.setup.stitch.widthMm)}`,
      foot?.name ?? 'no foot chosen',
    ].join(' · ')
    const record = {
      id,
      key: key.value,
      summary: summary.slice(0, MOST_SUMMARY),
      walkedAt: now.toISOString(),
    }
    return [{ table: 'handWalks', id, record }]
  }
  const log = (now: Date) => book.commit('Note that it was turned through', recordOf(now))

  return { latest, recordOf, log }
})
