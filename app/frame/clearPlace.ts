/** A part of the screen, in px from its left upper corner. */
export interface Box {
  readonly left: number
  readonly top: number
  readonly right: number
  readonly bottom: number
}
interface Size {
  readonly width: number
  readonly height: number
}
/** Where a note may lie, the usual place first. */
export const PLACES = [
  'bottom-center',
  'bottom-right',
  'bottom-left',
  'top-right',
  'top-center',
  'top-left',
] as const
export type Place = (typeof PLACES)[number]

/** What it keeps from the screen's edges, in px: as the kit lays it. */
const EDGE_PX = 16
/** One thing that must stay free counts for more than all others together. */
const KEPT_COST = 1000

/**
 * Where a note lies at a place.
 *
 * @param footPx - taken up at the foot of the screen: a phone's menu.
 */
export function boxAt(place: Place, screen: Size, { width, height }: Size, footPx: number): Box {
  const [side, across] = place.split('-') as ['top' | 'bottom', 'left' | 'center' | 'right']
  const LEFTS = {
    left: EDGE_PX,
    center: (screen.width - width) / 2,
    right: screen.width - EDGE_PX - width,
  } as const
  const left = LEFTS[across]
  const top = side === 'top' ? EDGE_PX : screen.height - footPx - EDGE_PX - height
  return { left, top, right: left + width, bottom: top + height }
}

const overlap = (a: Box, b: Box) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom

/**
 * The place where a note lies over least: over nothing that is saved, answered or opened with, while there is
 * such a place.
 *
 * @param kept - never to be covered: buttons that save, a dialog's, a phone's menu.
 * @param others - what is pressed besides.
 */
export function clearPlace(
  screen: Size,
  size: Size,
  footPx: number,
  kept: readonly Box[],
  others: readonly Box[],
): Place {
  const cost = (place: Place) => {
    const box = boxAt(place, screen, size, footPx)
    const count = (boxes: readonly Box[]) => boxes.filter(one => overlap(box, one)).length
    return KEPT_COST * count(kept) + count(others)
  }
  const costs = PLACES.map(cost)
  return PLACES[costs.indexOf(Math.min(...costs))]!
}
