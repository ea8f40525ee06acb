import { CoreError, requireInRange } from '#core/errors'
import { MOST_PIECES } from './limits'
import { minutesOf, nearlyBestOrder } from './nearly'
import { type Change, changeMinutes, type ChangeMinutes, changesBetween, type Needs } from './needs'

/** A piece of work by what it needs. */
export interface WorkPiece {
  readonly id: string
  readonly needs: Needs
  /** What is on when it is done, where that is not what it was begun with. */
  readonly leaves?: Needs
}

/** One piece in its place, and what is changed before it. */
export interface OrderStep {
  /** Its place among the pieces as they were sent. */
  readonly piece: number
  readonly changes: readonly Change[]
  readonly minutes: number
}

export interface WorkOrder {
  readonly order: readonly number[]
  readonly steps: readonly OrderStep[]
  readonly changeMinutes: number
  /** In the order as sent; null: that breaks a “before”. */
  readonly typedMinutes: number | null
  /** Whether nothing takes fewer minutes; up to 16 pieces. */
  readonly proven: boolean
}

/** Over so many the best order is not proven. */
const MOST_EXACT_PIECES = 16

/**
 * The order of work with the fewest minutes of changing, with every “before” kept: exactly up to 16 pieces
 * (Held and Karp 1962, over subsets), beyond that a good one (`nearlyBestOrder`).
 *
 * @param pieces - 1 to 40.
 * @param before - pairs: the first is sewn before the second.
 * @param start - what is on the machine now; null: the first piece costs nothing.
 * @param onProgress - called now and then with the share that is done, 0 to 1.
 * @throws {CoreError} `cycle` for “befores” that cannot all be kept; `too-many`; `out-of-range`.
 *
 * @example
 * orderOfWork(pieces, [[0, 3]], null, minutes).changeMinutes // 19.5
 */
export function orderOfWork(
  pieces: readonly WorkPiece[],
  before: readonly (readonly [number, number])[],
  start: Needs | null,
  minutes: ChangeMinutes,
  onProgress: (share: number) => void = () => {},
): WorkOrder {
  check(pieces, before, minutes)
  const between = pieces.map(({ needs, leaves = needs }) =>
    pieces.map(({ needs: to }) => changeMinutes(changesBetween(leaves, to), minutes)),
  )
  const first = pieces.map(({ needs }) => (start ? changeMinutes(changesBetween(start, needs), minutes) : 0))
  const earlier = pieces.map((_, i) => before.filter(([, later]) => later === i).map(([one]) => one))
  const proven = pieces.length <= MOST_EXACT_PIECES
  const order = proven
    ? exactly(between, first, earlier, onProgress)
    : nearlyBestOrder({ between, first, earlier })
  const steps = stepsInOrder(pieces, order, start, minutes)
  const typed = pieces.map((_, i) => i)
  return {
    order,
    steps,
    changeMinutes: minutesOf(order, { between, first }),
    typedMinutes: keeps(typed, earlier) ? minutesOf(typed, { between, first }) : null,
    proven,
  }
}

/**
 * What is changed before each piece of an order.
 *
 * @param order - places among the pieces.
 * @param start - what is on the machine now; null: the first piece costs nothing.
 *
 * @example
 * stepsInOrder(pieces, [1, 0], null, minutes)[1].changes // ['needle', 'thread']
 */
export function stepsInOrder(
  pieces: readonly WorkPiece[],
  order: readonly number[],
  start: Needs | null,
  minutes: ChangeMinutes,
): OrderStep[] {
  return order.map((piece, k) => {
    const before = pieces[order[k - 1] ?? -1]
    const from = before ? (before.leaves ?? before.needs) : start
    const changes = from ? changesBetween(from, pieces[piece]!.needs) : []
    return { piece, changes, minutes: changeMinutes(changes, minutes) }
  })
}

function check(
  pieces: readonly WorkPiece[],
  before: readonly (readonly [number, number])[],
  minutes: ChangeMinutes,
): void {
  requireInRange(pieces.length, 'pieces', 1, Infinity)
  if (pieces.length > MOST_PIECES)
    throw new CoreError('too-many', `There are ${pieces.length} pieces; ${MOST_PIECES} are the most`, {
      field: 'pieces',
      most: MOST_PIECES,
    })
  for (const [change, each] of Object.entries(minutes)) requireInRange(each, `minutes.${change}`, 0, 1000)
  before.forEach(([a, b], i) => {
    requireInRange(a, `before.${i}.0`, 0, pieces.length - 1)
    requireInRange(b, `before.${i}.1`, 0, pieces.length - 1)
  })
  const stuck = inCycle(pieces.length, before)
  if (stuck !== null)
    throw new CoreError(
      'cycle',
      `Piece ${stuck + 1} would have to come before itself: take a “before” back`,
      {
        field: 'before',
        piece: stuck,
      },
    )
}

/** A piece that can never be sewn; null: all can. */
function inCycle(count: number, before: readonly (readonly [number, number])[]): number | null {
  const done = new Set<number>()
  for (;;) {
    const next = Array.from({ length: count }, (_, i) => i).filter(
      i => !done.has(i) && before.every(([a, b]) => b !== i || done.has(a)),
    )
    if (next.length === 0) break
    for (const i of next) done.add(i)
  }
  return Array.from({ length: count }, (_, i) => i).find(i => !done.has(i)) ?? null
}

function keeps(order: readonly number[], earlier: readonly (readonly number[])[]): boolean {
  const at = new Map(order.map((piece, k) => [piece, k]))
  return order.every(piece => earlier[piece]!.every(one => at.get(one)! < at.get(piece)!))
}

/** Sets of pieces between two reports. */
const PROGRESS_EVERY = 4096

/** Over every set of pieces done and the last of them: the least minutes to come there. */
function exactly(
  between: readonly (readonly number[])[],
  first: readonly number[],
  earlier: readonly (readonly number[])[],
  onProgress: (share: number) => void,
): number[] {
  const count = first.length
  const all = 2 ** count - 1
  const needed = earlier.map(ones => ones.reduce((mask, one) => mask | (1 << one), 0))
  const least = new Float64Array((all + 1) * count).fill(Infinity)
  const from = new Int8Array((all + 1) * count).fill(-1)
  for (let i = 0; i < count; i++) if (needed[i] === 0) least[(1 << i) * count + i] = first[i]!
  for (let done = 1; done <= all; done++) {
    if (done % PROGRESS_EVERY === 0) onProgress(done / all)
    for (let last = 0; last < count; last++) {
      const now = least[done * count + last]!
      if (now === Infinity) continue
      for (let next = 0; next < count; next++) {
        if (done & (1 << next) || (needed[next]! & done) !== needed[next]!) continue
        const there = (done | (1 << next)) * count + next
        const minutes = now + between[last]![next]!
        if (minutes >= least[there]! - 1e-9) continue
        least[there] = minutes
        from[there] = last
      }
    }
  }
  let last = 0
  for (let i = 1; i < count; i++) if (least[all * count + i]! < least[all * count + last]! - 1e-9) last = i
  const order: number[] = []
  for (let done = all; last >= 0;) {
    order.unshift(last)
    const before = from[done * count + last]!
    done ^= 1 << last
    last = before
  }
  return order
}
