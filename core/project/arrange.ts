import { CoreError } from '#core/errors'

type Before = readonly (readonly [number, number])[]

/** Everything that must be done before each item, through others too; places from 0. */
function earlierOf(count: number, before: Before): Set<number>[] {
  const direct = Array.from({ length: count }, (_, i) =>
    before.filter(([, later]) => later === i).map(([first]) => first),
  )
  const found: Set<number>[] = []
  const under = new Set<number>()
  function visit(i: number): Set<number> {
    const known = found[i]
    if (known) return known
    if (under.has(i))
      throw new CoreError('cycle', `Item ${i + 1} would have to come before itself: take a “before” back`, {
        field: 'before',
        piece: i,
      })
    under.add(i)
    const all = new Set(direct[i]!.flatMap(one => [one, ...visit(one)]))
    under.delete(i)
    found[i] = all
    return all
  }
  for (let i = 0; i < count; i++) visit(i)
  return found
}

/**
 * The rules among some of the items alone, with what holds through the others.
 *
 * @param kept - places of the items that stay, from 0.
 * @returns pairs of places among those kept.
 * @throws {CoreError} `cycle`.
 *
 * @example
 * beforeAmong(3, [[0, 1], [1, 2]], [0, 2]) // [[0, 1]]
 */
export function beforeAmong(
  count: number,
  before: Before,
  kept: readonly number[],
): (readonly [number, number])[] {
  const earlier = earlierOf(count, before)
  return kept.flatMap((item, place) =>
    kept.flatMap((other, at) => (earlier[item]!.has(other) ? [[at, place] as const] : [])),
  )
}

/**
 * All items in order, around those whose order is settled: each other one as late as what needs it lets it
 * be, and at the end where nothing does.
 *
 * @param settled - places in the order they are done; it keeps every rule among them.
 * @throws {CoreError} `cycle`.
 *
 * @example
 * arranged(4, [[0, 2], [3, 1]], [1, 2]) // [3, 1, 0, 2]
 */
export function arranged(count: number, before: Before, settled: readonly number[]): number[] {
  const earlier = earlierOf(count, before)
  const isSettled = new Set(settled)
  const order: number[] = []
  const placed = new Set<number>()
  function place(item: number): void {
    if (placed.has(item)) return
    for (let other = 0; other < count; other++)
      if (earlier[item]!.has(other) && !isSettled.has(other)) place(other)
    placed.add(item)
    order.push(item)
  }
  for (const item of settled) place(item)
  for (let item = 0; item < count; item++) place(item)
  return order
}

/**
 * Rules that an order breaks, as places among the rules.
 *
 * @example
 * brokenRules([1, 0], [[0, 1]]) // [0]
 */
export function brokenRules(order: readonly number[], before: Before): number[] {
  const at = new Map(order.map((item, place) => [item, place]))
  return before.flatMap(([first, second], rule) => (at.get(first)! < at.get(second)! ? [] : [rule]))
}
