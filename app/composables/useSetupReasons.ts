import { REASON_LOOKS } from '~/utils/verdict'

/** What does not go together in the piece in hand, the worst first. */
export function useSetupReasons() {
  const inHand = useInHandStore()
  const rows = computed(() =>
    inHand.verdict.reasons
      .filter(({ about }) => about === 'setup')
      .map(reason => ({ ...reason, look: REASON_LOOKS[reason.severity] })),
  )
  return { rows }
}
