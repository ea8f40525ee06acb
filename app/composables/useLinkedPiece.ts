import type { LocationQuery, RouteLocationRaw } from 'vue-router'
import { PLAN_PATHS } from '~/planner/planPaths'

/**
 * A link may name a piece, `?piece=`: it is taken in hand, and shown where its kind is planned; one that is
 * gone is said to be.
 */
export function useLinkedPiece(): void {
  const book = useBookStore()
  const inHand = useInHandStore()
  const toast = useToast()
  const router = useRouter()

  /** @returns Where the link leads; undefined: it names no piece. */
  function followed({ path, query }: { path: string; query: LocationQuery }): RouteLocationRaw | undefined {
    const { piece: id, ...rest } = query
    if (typeof id !== 'string') return undefined
    const piece = book.shelf.pieces.get(id)
    if (piece) inHand.take(id)
    else toast.add({ title: 'This piece is not in the book any more', color: 'warning' })
    const isPlanned = piece !== undefined && piece.plan.kind !== 'seam'
    return { path: isPlanned ? PLAN_PATHS[piece.plan.kind] : path, query: rest, replace: true }
  }
  router.beforeEach(to => (book.ready ? followed(to) : undefined))
  watch(
    () => book.ready,
    ready => {
      const place = ready ? followed(router.currentRoute.value) : undefined
      if (place) void router.replace(place)
    },
    { flush: 'sync' },
  )
}
