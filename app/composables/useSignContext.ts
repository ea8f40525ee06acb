import { signContextOf } from '#shared/inputs'

/** What of the bench the sign doctor looks at. */
export function useSignContext() {
  const book = useBookStore()
  const bench = useBenchStore()
  return computed(() => signContextOf(bench.setup, book.shelf, bench.handWalk !== null))
}
