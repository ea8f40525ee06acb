/** Minutes between pieces, and what must come before what. */
export interface Arranging {
  /** From the one that is done to the one that follows. */
  readonly between: readonly (readonly number[])[]
  /** Of the piece that comes first. */
  readonly first: readonly number[]
  /** The pieces each must wait for. */
  readonly earlier: readonly (readonly number[])[]
}

/** Savings smaller than this are none, in minutes. */
const SAME_MIN = 1e-9
/** How often a finished order is shaken and mended again. Forty pieces then take under half a second. */
const SHAKES = 500
/** Blocks that change places in one shake. */
const BLOCKS_SHAKEN = 3

/**
 * A good order of many pieces, not proven: the nearest next piece again and again, from each that may come
 * first; then neighbouring blocks of any length change places while that saves minutes; then the best of them
 * is shaken and mended again, many times (iterated local search; Lourenço, Martin and Stützle 2003). The same
 * pieces always come out in the same order: what is shaken goes by a fixed sequence.
 *
 * @example
 * nearlyBestOrder({ between, first, earlier }) // places among the pieces
 */
export function nearlyBestOrder(of: Arranging): number[] {
  const begins = of.first.map((_, i) => i).filter(i => of.earlier[i]!.length === 0)
  let best: Arranged | null = null
  for (const begin of begins) {
    const found = settled(nearestNext(of, begin), of)
    if (!best || found.minutes < best.minutes - SAME_MIN) best = found
  }
  let now = best!
  const next = spreadNumbers()
  for (let shake = 0; shake < SHAKES; shake++) {
    const tried = settled(shaken(now.order, of, next), of)
    // As good is taken too: many orders cost the same, and the way on may begin at another of them.
    if (tried.minutes <= now.minutes + SAME_MIN) now = tried
    if (now.minutes < best!.minutes - SAME_MIN) best = now
  }
  return best!.order
}

interface Arranged {
  readonly order: number[]
  readonly minutes: number
}

/** Minutes of changing in an order. */
export const minutesOf = (order: readonly number[], { between, first }: Omit<Arranging, 'earlier'>): number =>
  order.reduce((sum, piece, k) => sum + (k === 0 ? first[piece]! : between[order[k - 1]!]![piece]!), 0)

function nearestNext({ between, earlier, first }: Arranging, begin: number): number[] {
  const order = [begin]
  const done = new Set(order)
  while (order.length < first.length) {
    const free = first.map((_, i) => i).filter(i => !done.has(i) && earlier[i]!.every(one => done.has(one)))
    const costs = between[order.at(-1)!]!
    const next = free.reduce((nearest, i) => (costs[i]! < costs[nearest]! ? i : nearest))
    order.push(next)
    done.add(next)
  }
  return order
}

/** Neighbouring blocks change places while that saves minutes. */
function settled(begun: readonly number[], of: Arranging): Arranged {
  let order = [...begun]
  for (;;) {
    const swap = bestSwap(order, of)
    if (!swap) return { order, minutes: minutesOf(order, of) }
    order = swapped(order, swap)
  }
}

/** The blocks from `i` to before `j` and from `j` to before `k`. */
interface Swap {
  readonly i: number
  readonly j: number
  readonly k: number
}
const swapped = (order: readonly number[], { i, j, k }: Swap): number[] => [
  ...order.slice(0, i),
  ...order.slice(j, k),
  ...order.slice(i, j),
  ...order.slice(k),
]

/** The swap that saves most; null: none saves anything. */
function bestSwap(order: readonly number[], of: Arranging): Swap | null {
  const count = order.length
  const width = count + 1
  const at = new Int8Array(count)
  order.forEach((piece, place) => (at[piece] = place))
  const waits = order.map(piece => of.earlier[piece]!.length > 0)
  const { out, into } = stepsOf(order, of)
  let best: Swap | null = null
  let most = SAME_MIN
  for (let i = 0; i < count - 1; i++)
    for (let j = i + 1; j < count; j++) {
      const left = out[i * width + i]! + out[j * width + j]! - out[i * width + j]!
      for (let k = j + 1; k <= count; k++) {
        // What moves forward must not wait for anything of the block it passes.
        if (waits[k - 1] && waitsWithin(of.earlier[order[k - 1]!]!, at, i, j)) break
        const saved = left + out[k * width + k]! - into[i * width + k]! - out[j * width + k]!
        if (saved <= most) continue
        most = saved
        best = { i, j, k }
      }
    }
  return best
}

/**
 * Minutes from the piece before a place to the piece at another, in rows of one more than there are pieces;
 * past the last there is nothing. `out` has a row for each place come from, `into` the same by the place
 * gone to: the innermost loop reads along rows.
 */
function stepsOf(order: readonly number[], { between, first }: Arranging) {
  const width = order.length + 1
  const out = new Float64Array(width * width)
  const into = new Float64Array(width * width)
  for (let place = 0; place < width; place++) {
    const costs = place === 0 ? first : between[order[place - 1]!]!
    for (let to = 0; to < width - 1; to++) {
      const minutes = costs[order[to]!]!
      out[place * width + to] = minutes
      into[to * width + place] = minutes
    }
  }
  return { out, into }
}

function waitsWithin(earlier: readonly number[], at: Int8Array, from: number, to: number): boolean {
  for (const one of earlier) if (at[one]! >= from && at[one]! < to) return true
  return false
}

/** Some neighbouring blocks change places, whatever it costs. */
function shaken(order: readonly number[], { earlier }: Arranging, next: () => number): number[] {
  let now = [...order]
  for (let block = 0; block < BLOCKS_SHAKEN; block++) {
    const [i, j, k] = [next(), next(), next()]
      .map(share => Math.floor(share * (now.length + 1)))
      .sort(rising) as [number, number, number]
    const passed = new Set(now.slice(i, j))
    const isFree = now.slice(j, k).every(piece => earlier[piece]!.every(one => !passed.has(one)))
    if (i < j && j < k && isFree) now = swapped(now, { i, j, k })
  }
  return now
}
const rising = (a: number, b: number) => a - b

/** Numbers from 0 to under 1, the same ones each time, spread evenly: steps of the golden ratio (Weyl). */
function spreadNumbers(): () => number {
  const STEP = (Math.sqrt(5) - 1) / 2
  let sum = 0
  let turn = 0
  return () => {
    turn += 1
    sum += STEP * turn
    return sum % 1
  }
}
