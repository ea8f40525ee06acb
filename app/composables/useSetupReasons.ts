import type { JobReason } from '#core/verdict'
import { mendOf } from '#shared/setup'
import { REASON_LOOKS } from '~/utils/verdict'

/** What does not go together on the machine, the worst first, with the press that mends it. */
export function useSetupReasons() {
  const book = useBookStore()
  const bench = useBenchStore()
  const rows = computed(() =>
    bench.verdict.reasons
      .filter(({ about }) => about === 'setup')
      .map(reason => ({ ...reason, look: REASON_LOOKS[reason.severity], press: pressOf(reason) })),
  )
  /** null where there is no one change that is right, or nothing owned to make it with. */
  function pressOf({ mend }: JobReason) {
    const change = mend && mendOf(mend, bench.setup, book.shelf.feet, book.shelf.stabilizers)
    return mend && change
      ? { label: mend.label, do: () => bench.update(`Mend: ${mend.label}`, change) }
      : null
  }
  return rows
}
