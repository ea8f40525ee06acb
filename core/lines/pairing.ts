/** Odd places are paired exactly up to so many. */
const MOST_EXACT_ODD = 14

/** Which places are joined by sewing a line twice, and which two are left as start and end. */
export interface OddPairs {
  readonly pairs: readonly (readonly [number, number])[]
  readonly ends: readonly [number, number]
  readonly proven: boolean
}

/**
 * Pairs all places but two so that their ways together are shortest.
 *
 * @param mm - how far each place is from each other; an even number of places, at least 2.
 *
 * @example
 * pairedOdd([[0, 5], [5, 0]]) // { pairs: [], ends: [0, 1], proven: true }
 */
export function pairedOdd(mm: readonly (readonly number[])[]): OddPairs {
  if (mm.length === 2) return { pairs: [], ends: [0, 1], proven: true }
  return mm.length <= MOST_EXACT_ODD ? exactly(mm) : nearly(mm)
}

/** Over all subsets: the least way to pair them, by where their first place goes. */
function exactly(mm: readonly (readonly number[])[]): OddPairs {
  const count = mm.length
  const all = (1 << count) - 1
  const least = new Float64Array(all + 1).fill(Infinity)
  const partner = new Int8Array(all + 1)
  least[0] = 0
  for (let some = 1; some <= all; some++) {
    const first = 31 - Math.clz32(some & -some)
    const rest = some ^ (1 << first)
    for (let other = first + 1; other < count; other++) {
      if (!(rest & (1 << other))) continue
      const sum = least[rest ^ (1 << other)]! + mm[first]![other]!
      if (sum >= least[some]!) continue
      least[some] = sum
      partner[some] = other
    }
  }
  let best = { a: 0, b: 1, mm: Infinity }
  for (let a = 0; a < count; a++)
    for (let b = a + 1; b < count; b++) {
      const sum = least[all ^ (1 << a) ^ (1 << b)]!
      if (sum < best.mm - 1e-9) best = { a, b, mm: sum }
    }
  const pairs: [number, number][] = []
  for (let left = all ^ (1 << best.a) ^ (1 << best.b); left > 0;) {
    const first = 31 - Math.clz32(left & -left)
    pairs.push([first, partner[left]!])
    left ^= (1 << first) | (1 << partner[left]!)
  }
  return { pairs, ends: [best.a, best.b], proven: true }
}

/** The nearest first, then two pairs at a time the better way round, until nothing gains. */
function nearly(mm: readonly (readonly number[])[]): OddPairs {
  const pairs = greedily(mm)
  // The last pair is start and end: it costs nothing.
  const cost = ([a, b]: readonly [number, number], i: number) => (i === pairs.length - 1 ? 0 : mm[a]![b]!)
  for (let gained = true; gained;) {
    gained = false
    for (let i = 0; i < pairs.length; i++)
      for (let j = i + 1; j < pairs.length; j++) {
        const [[a, b], [c, d]] = [pairs[i]!, pairs[j]!]
        const now = cost([a, b], i) + cost([c, d], j)
        for (const [one, other] of [
          [
            [a, c],
            [b, d],
          ],
          [
            [b, d],
            [a, c],
          ],
          [
            [a, d],
            [b, c],
          ],
          [
            [b, c],
            [a, d],
          ],
          [
            [c, d],
            [a, b],
          ],
        ] as const) {
          if (cost(one, i) + cost(other, j) >= now - 1e-9) continue
          pairs[i] = one
          pairs[j] = other
          gained = true
          break
        }
      }
  }
  return { pairs: pairs.slice(0, -1), ends: pairs.at(-1)!, proven: false }
}

function greedily(mm: readonly (readonly number[])[]): (readonly [number, number])[] {
  const near = mm
    .flatMap((row, a) => row.flatMap((length, b) => (b > a ? [{ a, b, length }] : [])))
    .sort((one, other) => one.length - other.length)
  const used = new Set<number>()
  const pairs: (readonly [number, number])[] = []
  for (const { a, b } of near) {
    if (used.has(a) || used.has(b)) continue
    used.add(a)
    used.add(b)
    pairs.push([a, b])
  }
  return pairs
}
