import { dequal as equal } from 'dequal/lite'

/** Whose value stands where both sides changed the same in different ways. */
export type Wins = 'mine' | 'theirs'

/** What two sides made of one value, joined. */
export interface Joined {
  readonly value: unknown
  /** Whether both changed the same in different ways: one of the two is not in the value then. */
  readonly isClash: boolean
}

export type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
/** Values of different kinds have fields of different meaning. */
const isOfOneKind = (mine: Fields, theirs: Fields) => mine.kind === theirs.kind

/**
 * Joins what two sides made of one value, field by field and item by item: what one side left alone is as the
 * other made it.
 *
 * @param base - the value both began with.
 * @param wins - whose value stands where both changed the same.
 *
 * @example
 * joinValues({ tension: 4, layers: 2 }, { tension: 6, layers: 2 }, { tension: 4, layers: 9 }, 'mine')
 * // { value: { tension: 6, layers: 9 }, isClash: false }
 */
export function joinValues(base: unknown, mine: unknown, theirs: unknown, wins: Wins): Joined {
  if (equal(mine, base) || equal(mine, theirs)) return { value: theirs, isClash: false }
  if (equal(theirs, base)) return { value: mine, isClash: false }
  if (isFields(mine) && isFields(theirs) && isOfOneKind(mine, theirs))
    return joinFields(isFields(base) ? base : {}, mine, theirs, wins)
  const lists =
    Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)
      ? joinLists(base, mine, theirs, wins)
      : null
  return lists ?? { value: wins === 'mine' ? mine : theirs, isClash: true }
}

function joinFields(base: Fields, mine: Fields, theirs: Fields, wins: Wins): Joined {
  const names = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
  const joined = names.map(name => [name, joinValues(base[name], mine[name], theirs[name], wins)] as const)
  const left = joined.filter(([, { value }]) => value !== undefined)
  return {
    value: Object.fromEntries(left.map(([name, { value }]) => [name, value])),
    isClash: joined.some(([, { isClash }]) => isClash),
  }
}

/** The items of a list, each by what it is known by on both sides. */
type Known = ReadonlyMap<string, unknown>

/**
 * Changes of both sides to different items stay. An item that one side took away is gone, unless the other
 * side changed it. The order is the one that was changed; mine where both did.
 *
 * @returns null: which item is which cannot be told.
 */
function joinLists(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
  wins: Wins,
): Joined | null {
  const known = knownByName([base, mine, theirs]) ?? knownByPlace(base, mine, theirs)
  return known && joinKnown(known, wins)
}

/** Items are known by their ids; a pair of ids, as a rule of order is, by itself. */
function nameOf(item: unknown): string | null {
  if (isFields(item)) return typeof item.id === 'string' ? item.id : null
  const isPair = Array.isArray(item) && item.every(part => typeof part === 'string')
  return isPair ? JSON.stringify(item) : null
}

function knownByName(lists: readonly (readonly unknown[])[]): Three | null {
  const known = lists.map(list => {
    const names = list.map(nameOf)
    const isNamed = names.every(name => name !== null) && new Set(names).size === names.length
    return isNamed ? new Map(names.map((name, i) => [name!, list[i]])) : null
  })
  return known.every(map => map !== null) ? { base: known[0]!, mine: known[1]!, theirs: known[2]! } : null
}

interface Three {
  readonly base: Known
  readonly mine: Known
  readonly theirs: Known
}

/** Items without a name are known by their place among those that stayed as they were. */
function knownByPlace(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): Three | null {
  const [own, other] = [placesOf(base, mine, 'mine'), placesOf(base, theirs, 'theirs')]
  if (!own || !other) return null
  return { base: new Map(base.map((item, i) => [`${i}`, item])), mine: own, theirs: other }
}

/** One stretch of a list was changed: as many items as before are the same ones, changed. */
function placesOf(base: readonly unknown[], list: readonly unknown[], side: Wins): Known | null {
  const most = Math.min(base.length, list.length)
  let front = 0
  while (front < most && equal(base[front], list[front])) front++
  let back = 0
  while (back < most - front && equal(base.at(-1 - back), list.at(-1 - back))) back++
  const [wereMany, areMany] = [base.length - front - back, list.length - front - back]
  const isPlain = wereMany === areMany || wereMany === 0 || areMany === 0
  if (!isPlain) return null
  const placeOf = (i: number) => {
    if (i < front || wereMany === areMany) return `${i}`
    return i >= list.length - back ? `${i - list.length + base.length}` : `${side} ${i}`
  }
  return new Map(list.map((item, i) => [placeOf(i), item]))
}

function joinKnown({ base, mine, theirs }: Three, wins: Wins): Joined {
  const joined = new Map<string, unknown>()
  let isClash = false
  for (const name of orderOf(base, mine, theirs)) {
    const [own, other] = [mine.get(name), theirs.get(name)]
    const isKept = mine.has(name) && theirs.has(name)
    if (isKept) {
      const one = joinValues(base.get(name), own, other, wins)
      isClash ||= one.isClash
      joined.set(name, one.value)
      continue
    }
    const left = mine.has(name) ? own : other
    const isChanged = !base.has(name) || !equal(left, base.get(name))
    isClash ||= base.has(name) && isChanged
    if (isChanged) joined.set(name, left)
  }
  return { value: [...joined.values()], isClash }
}

function orderOf(base: Known, mine: Known, theirs: Known): readonly string[] {
  const stayed = [...base.keys()].filter(name => mine.has(name))
  const isMoved = !equal(
    [...mine.keys()].filter(name => base.has(name)),
    stayed,
  )
  return isMoved ? withOthers(mine, theirs, base) : withOthers(theirs, mine, base)
}

/** The names of one list, and those only the other has, each behind what stands before it there. */
function withOthers(first: Known, other: Known, base: Known): readonly string[] {
  const order = [...first.keys()]
  let before: string | null = null
  for (const name of other.keys()) {
    if (!first.has(name)) {
      let at = before === null ? 0 : order.indexOf(before) + 1
      // What both added in one place: first the one, then the other.
      while (at < order.length && !base.has(order[at]!) && !other.has(order[at]!)) at++
      order.splice(at, 0, name)
    }
    before = name
  }
  return order
}
