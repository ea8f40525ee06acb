/** A label in a drawing: where its middle lies, in mm, and how wide it is, in px. */
interface Label {
  readonly x: number
  readonly y: number
  readonly widePx: number
}
/** How tall a label is with a little air, in px. */
const TALL_PX = 24

/**
 * Labels that can be read as close as one looks: none lies over one that comes before it.
 *
 * @param labelOf - where each stands.
 */
export function labelsApart<T>(all: readonly T[], labelOf: (one: T) => Label, mmPerPx: number): T[] {
  const placed: Label[] = []
  return all.filter(one => {
    const label = labelOf(one)
    const isOver = placed.some(
      other =>
        Math.abs(other.x - label.x) < ((other.widePx + label.widePx) / 2) * mmPerPx
        && Math.abs(other.y - label.y) < TALL_PX * mmPerPx,
    )
    if (!isOver) placed.push(label)
    return !isOver
  })
}
