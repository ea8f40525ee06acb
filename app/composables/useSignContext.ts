import { signContextOf } from '#shared/inputs'

/** What of the piece in hand the sign doctor looks at. */
export function useSignContext() {
  const book = useBookStore()
  const bench = useBenchStore()
  const handWalks = useHandWalksStore()
  return computed(() => signContextOf(bench.setup, book.shelf, handWalks.latest !== null))
}
