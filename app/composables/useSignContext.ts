import { signContextOf } from '#shared/inputs'

/** What of the piece in hand Troubleshooting looks at. */
export function useSignContext() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const handWalks = useHandWalksStore()
  return computed(() => signContextOf(inHand.setup, book.shelf, handWalks.latest !== null))
}
