import { UNCHOSEN_HEX } from '#core/seam'
import { drawnDiameter } from '#core/thread'
import type { SetupContent } from '#shared/setup'

/** How cloth and threads of a piece are drawn: in their own colours, or as a diagram. */
export function usePieceLooks(setup: () => SetupContent) {
  const book = useBookStore()
  const settings = useSettingsStore()
  const isDiagram = computed(() => settings.record.threadColours === 'diagram')
  const threadOf = (side: 'left' | 'right') => book.shelf.threads.get(setup().threadIds[side] ?? '') ?? null
  const hexOf = (side: 'left' | 'right') =>
    isDiagram.value ? UNCHOSEN_HEX[side] : (threadOf(side)?.colours[0]?.hex ?? UNCHOSEN_HEX[side])
  return {
    clothHex: computed(() =>
      isDiagram.value
        ? UNCHOSEN_HEX.cloth
        : (book.shelf.cloths.get(setup().clothId ?? '')?.hex ?? UNCHOSEN_HEX.cloth),
    ),
    /** One a needle, left to right. */
    threadHexes: computed(() => [hexOf('left'), hexOf('right')] as const),
    thickness: computed(() => drawnDiameter(threadOf('left'))),
  }
}
