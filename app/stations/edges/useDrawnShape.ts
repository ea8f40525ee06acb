import type { DrawnPoint } from '#core/shape'
import type { EdgePiece } from '#shared/records'
import { plainOf } from '~/utils/plain'

/**
 * The points of a drawn shape, and the way back from each change of them.
 *
 * @param part - what is looked at; a shape that is not drawn has no points.
 * @param of - which one it is: with another, there is nothing to take back.
 */
export function useDrawnShape(part: Readonly<Ref<EdgePiece['parts'][number]>>, of: () => string) {
  const drawn = computed({
    get: () => (part.value.cut.kind === 'drawn' ? part.value.cut.points : null),
    set: (points: DrawnPoint[] | null) => {
      const { cut } = part.value
      if (!points || cut.kind !== 'drawn') return
      past.value = [...past.value.slice(-50), plainOf(cut.points)]
      cut.points = points
    },
  })
  /** How the drawn points stood before, the last change at the end. */
  const past = ref<DrawnPoint[][]>([])
  function undoPoints(): void {
    const { cut } = part.value
    const before = past.value.at(-1)
    if (!before || cut.kind !== 'drawn') return
    past.value = past.value.slice(0, -1)
    cut.points = before
  }
  watch([() => part.value.cut.kind, of], () => {
    past.value = []
  })
  return { drawn, past, undoPoints }
}
