import { handWalkHindrance } from '#core/handwalk'
import { dayOf } from '~/utils/dates'

/**
 * Logging that the whole pattern was turned by hand, and why it may not be now; the same rule wherever it is
 * asked for.
 */
export function useHandWalk() {
  const inHand = useInHandStore()
  const handWalks = useHandWalksStore()
  const { sayStored } = useStoredWords()
  /** null: it may be turned. */
  const hindrance = computed(
    () =>
      handWalkHindrance(inHand.result?.verdict ?? null, inHand.parts.needle?.state ?? null)?.message ?? null,
  )
  function log(): void {
    handWalks.log(new Date())
    void sayStored('Turned through by hand with this setup')
  }
  const walkedOn = computed(() => handWalks.latest && dayOf(handWalks.latest.walkedAt))
  return { hindrance, log, walkedOn }
}
