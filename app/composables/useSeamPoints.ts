import { type SeamPoints, seamPointsOf } from '#core/seam'

/** The current setup's seam for small drawings; a plain straight one while nothing is chosen. */
export function useSeamPoints() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  const isDiagram = computed(() => settings.record.threadColours === 'diagram')
  const hex = (id: string | null) =>
    isDiagram.value ? undefined : book.shelf.threads.get(id ?? '')?.colours[0]?.hex
  return computed<SeamPoints>(() => {
    const swing = inHand.swingInput
    const {
      threadIds: { left, middle, right },
      bobbinId,
      clothId,
    } = inHand.setup
    return seamPointsOf({
      needle: swing?.needle ?? null,
      sewn: swing && { shape: swing.stitch, setting: swing.stitch, maxWidthMm: swing.machine.maxWidthMm },
      hex: {
        left: hex(left),
        middle: hex(middle),
        right: hex(right),
        bobbin: hex(bobbinId),
        cloth: isDiagram.value ? undefined : book.shelf.cloths.get(clothId ?? '')?.hex,
      },
    })
  })
}
