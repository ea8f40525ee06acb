import { boundsOf, type DrawnPoint } from '#core/shape'
import type { EdgePiece } from '#shared/records'
import { UNCHOSEN_PART_HEX } from './partLooks'

/** Fewer points are no shape. */
const LEAST_POINTS = 3

/** A shape that is being clicked on the cloth, point after point; once it is closed, it is added. */
export function useLaidShape(add: (part: EdgePiece['parts'][number]) => void) {
  /** Points of a shape that is being clicked; null: none is. */
  const laid = ref<DrawnPoint[] | null>(null)
  const canClose = computed(() => (laid.value?.length ?? 0) >= LEAST_POINTS)
  const layWords = computed(() => {
    const count = laid.value?.length ?? 0
    if (count < LEAST_POINTS)
      return `Click point after point on the cloth: ${count} laid, a shape has at least three.`
    return `${count} points laid. Click the first again to close the shape; corners become round afterwards.`
  })
  /** About its own middle, so that it turns about it. */
  function closeLaid(): void {
    const points = laid.value
    if (!points || !canClose.value) return
    const { left, right, foot, top } = boundsOf([points])
    const [x, y] = [Math.round((left + right) / 2), Math.round((foot + top) / 2)]
    const cut = {
      kind: 'drawn' as const,
      points: points.map(one => ({ ...one, x: one.x - x, y: one.y - y })),
    }
    add({ name: '', cut, x, y, turnDeg: 0, flipped: false, clothId: null, hex: UNCHOSEN_PART_HEX })
    laid.value = null
  }
  return { laid, layWords, canClose, closeLaid }
}
