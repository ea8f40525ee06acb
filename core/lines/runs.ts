import { requireFew } from '#core/errors'
import { type Graph, graphOf, type Line, partsOf, shortestFrom } from './graph'
import { pairedOdd } from './pairing'

/** One way without a break: places and the lines between them, in order. */
export interface Run {
  readonly nodes: readonly number[]
  /** One fewer than places; a line may come twice. */
  readonly lines: readonly number[]
}

/** How a drawing of lines is sewn. */
export interface LineRuns {
  readonly runs: readonly Run[]
  readonly starts: number
  /** Two a start. */
  readonly tails: number
  /** Sewn a second time, in mm. */
  readonly twiceMm: number
  /** Whether nothing shorter exists; else it is only a good way. */
  readonly proven: boolean
}

/**
 * How to sew lines that meet: with as few starts as can be and no line twice, or in one way a connected part,
 * with as little as can be sewn twice (the route inspection problem, Guan 1960, with both ends free).
 *
 * A connected drawing takes max(1, odd places / 2) starts (Euler 1736, Hierholzer 1873). With lines sewn
 * twice, all odd places but two are paired by shortest ways: exactly up to 14 of them, beyond that nearly.
 *
 * @param nodes - how many places there are.
 * @throws {CoreError} as `graphOf`; `too-many` where over 1200 odd places would have to be paired.
 *
 * @example
 * sewRuns(3, [{ a: 0, b: 1, lengthMm: 30 }, { a: 1, b: 2, lengthMm: 20 }], false).starts // 1
 */
export function sewRuns(nodes: number, lines: readonly Line[], twice: boolean): LineRuns {
  const graph = graphOf(nodes, lines)
  const ways = partsOf(graph).map(part => (twice ? oneWay(graph, part) : fewestWays(graph, part)))
  const runs = ways.flatMap(way => way.runs)
  return {
    runs,
    starts: runs.length,
    tails: 2 * runs.length,
    twiceMm: ways.reduce((sum, { twiceMm }) => sum + twiceMm, 0),
    proven: ways.every(({ proven }) => proven),
  }
}

type PartRuns = Pick<LineRuns, 'runs' | 'twiceMm' | 'proven'>

const oddOf = ({ from }: Graph, part: readonly number[]) =>
  part.filter(place => from[place]!.length % 2 === 1)

/** Odd places of one part that are paired: their ways to each other are all worked out. */
export const MOST_PAIRED = 1200

/** Odd places joined in the mind, sewn as one way, and cut where it was only joined in the mind. */
function fewestWays(graph: Graph, part: readonly number[]): PartRuns {
  const odd = oddOf(graph, part)
  const between = odd.slice(1, -1)
  const joins = between.flatMap((a, i) => (i % 2 === 0 ? [[a, between[i + 1]!] as const] : []))
  const way = wholeWay(
    graph,
    part,
    odd,
    joins.map(([a, b]) => ({ a, b, line: JOIN })),
  )
  return { runs: cutAtJoins(way), twiceMm: 0, proven: true }
}

function oneWay(graph: Graph, part: readonly number[]): PartRuns {
  const odd = oddOf(graph, part)
  if (odd.length <= 2) return { runs: [wholeWay(graph, part, odd, [])], twiceMm: 0, proven: true }
  requireFew(odd.length, MOST_PAIRED, 'lines', 'places where an odd number of lines meet')
  const ways = odd.map(place => shortestFrom(graph, place))
  const { pairs, ends, proven } = pairedOdd(ways.map(({ mm }) => odd.map(place => mm[place]!)))
  const again = pairs.flatMap(([a, b]) => linesBetween(graph, ways[a]!.by, odd[b]!))
  const twiceMm = again.reduce((sum, line) => sum + graph.lines[line]!.lengthMm, 0)
  const extra = again.map(line => ({ a: graph.lines[line]!.a, b: graph.lines[line]!.b, line }))
  return {
    runs: [
      wholeWay(
        graph,
        part,
        ends.map(i => odd[i]!),
        extra,
      ),
    ],
    twiceMm,
    proven,
  }
}

/** The lines of a shortest way, from its end back. */
function linesBetween({ lines }: Graph, by: readonly number[], to: number): number[] {
  const found: number[] = []
  for (let here = to; by[here]! >= 0;) {
    const line = by[here]!
    found.push(line)
    here = lines[line]!.a === here ? lines[line]!.b : lines[line]!.a
  }
  return found
}

/** A line that is not sewn: it only joins two runs. */
const JOIN = -1
interface Extra {
  readonly a: number
  readonly b: number
  readonly line: number
}

/** Every line once, and every extra one, in one way (Hierholzer). It begins at the first of the ends. */
function wholeWay(
  { from }: Graph,
  part: readonly number[],
  ends: readonly number[],
  extra: readonly Extra[],
): Run {
  const steps = new Map(part.map(place => [place, from[place]!.map(step => ({ ...step, id: step.line }))]))
  extra.forEach(({ a, b, line }, i) => {
    // Below all lines: an extra one is sewn by itself.
    const id = -1 - i
    steps.get(a)!.push({ to: b, line, id })
    steps.get(b)!.push({ to: a, line, id })
  })
  const next = new Map(part.map(place => [place, 0]))
  const used = new Set<number>()
  const stack: { readonly place: number; readonly line: number }[] = [
    { place: ends[0] ?? part[0]!, line: JOIN },
  ]
  const back: { readonly place: number; readonly line: number }[] = []
  while (stack.length > 0) {
    const { place } = stack.at(-1)!
    const its = steps.get(place)!
    let at = next.get(place)!
    while (at < its.length && used.has(its[at]!.id)) at += 1
    next.set(place, at)
    const step = its[at]
    if (!step) {
      back.push(stack.pop()!)
      continue
    }
    used.add(step.id)
    stack.push({ place: step.to, line: step.line })
  }
  const way = back.reverse()
  return { nodes: way.map(({ place }) => place), lines: way.slice(1).map(({ line }) => line) }
}

function cutAtJoins({ nodes, lines }: Run): Run[] {
  const cuts = lines.flatMap((line, i) => (line === JOIN ? [i] : []))
  const bounds = [-1, ...cuts, lines.length]
  return bounds.slice(1).map((to, k) => {
    const from = bounds[k]! + 1
    return { nodes: nodes.slice(from, to + 1), lines: lines.slice(from, to) }
  })
}
