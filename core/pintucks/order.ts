import type { Groove } from './groove'

/**
 * The order tucks are sewn in: from the middle outwards, to one side and the other by turns, so that the
 * cloth stays even. Common practice. All rows run the same way.
 *
 * @param count - 1 or more.
 * @returns the index of the tuck sewn first, second and so on.
 *
 * @example
 * sewingOrder(5) // [2, 3, 1, 4, 0]
 */
export function sewingOrder(count: number): number[] {
  const middle = (count - 1) / 2
  return Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => Math.abs(a - middle) - Math.abs(b - middle) || b - a,
  )
}

/**
 * The tucks whose lines must be marked: with a groove to ride in only the one of each group that is sewn
 * first, without one all of them.
 *
 * @param groupOf - tucks to a group; null: they are one group.
 *
 * @example
 * markedTucks(6, 3, { k: 2, spacingMm: 5, offMm: 0 }) // [0, 3]
 */
export function markedTucks(count: number, groupOf: number | null, groove: Groove | null): number[] {
  const all = Array.from({ length: count }, (_, i) => i)
  return groove ? all.filter(i => i % (groupOf ?? count) === 0) : all
}
