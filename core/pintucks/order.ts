import type { Groove } from './groove'

/** The order tucks are sewn in, and which of them need a line. */
export interface TuckOrder {
  /** The index of the tuck sewn first, second and so on. */
  readonly sewn: readonly number[]
  /** Tucks whose lines are marked, rising; where they ride in a groove, the first sewn of each group. */
  readonly marked: readonly number[]
  /** The most tucks that ride off one another from a marked one. */
  readonly rides: number
}

/**
 * The order tucks are sewn in: from the middle outwards, to one side and the other by turns, so that the
 * cloth stays even. Common practice. All rows run the same way. Where each rides in a groove off the one
 * beside it, group by group: the middle one of a group is marked and sewn first.
 *
 * @param count - 1 or more.
 * @param groupOf - tucks to a group; null: they are one group.
 * @param groove - what they ride in; null: nothing, every line is marked.
 *
 * @example
 * tuckOrder(5, null, null).sewn // [2, 3, 1, 4, 0]
 * tuckOrder(6, 3, { k: 2, spacingMm: 5, offMm: 0 }) // { sewn: [4, 5, 3, 1, 2, 0], marked: [1, 4], rides: 1 }
 */
export function tuckOrder(count: number, groupOf: number | null, groove: Groove | null): TuckOrder {
  if (!groove) {
    const sewn = fromMiddle(count)
    return { sewn, marked: [...sewn].sort(rising), rides: 0 }
  }
  const each = Math.min(groupOf ?? count, count)
  const groups = fromMiddle(Math.ceil(count / each)).map(group => {
    const first = group * each
    return fromMiddle(Math.min(each, count - first)).map(tuck => first + tuck)
  })
  const rides = groups.flatMap(([first, ...rest]) => rest.map(tuck => Math.abs(tuck - first!)))
  return {
    sewn: groups.flat(),
    marked: groups.map(([first]) => first!).sort(rising),
    rides: Math.max(0, ...rides),
  }
}

const rising = (a: number, b: number) => a - b

function fromMiddle(count: number): number[] {
  const middle = (count - 1) / 2
  return Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => Math.abs(a - middle) - Math.abs(b - middle) || b - a,
  )
}
