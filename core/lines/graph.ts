import FlatQueue from 'flatqueue'
import { CoreError, requireInRange } from '#core/errors'
import { MOST_LINES, MOST_NODES } from './limits'

/** A line between two places of a drawing. */
export interface Line {
  readonly a: number
  readonly b: number
  readonly lengthMm: number
}

/** A line seen from one of its ends. */
interface Step {
  readonly to: number
  readonly line: number
}

/** Lines by their places, checked. */
export interface Graph {
  readonly lines: readonly Line[]
  readonly from: readonly (readonly Step[])[]
}

/**
 * Lines as they meet.
 *
 * @param nodes - how many places there are, 1 to 2000.
 * @throws {CoreError} `bad-drawing` without lines, or for a line to a place there is not; `too-many`;
 *   `out-of-range`.
 *
 * @example
 * graphOf(3, [{ a: 0, b: 1, lengthMm: 30 }, { a: 1, b: 2, lengthMm: 20 }])
 */
export function graphOf(nodes: number, lines: readonly Line[]): Graph {
  requireInRange(nodes, 'nodes', 1, MOST_NODES)
  if (lines.length === 0)
    throw new CoreError('bad-drawing', 'lines are missing: there is nothing to sew', { field: 'lines' })
  if (lines.length > MOST_LINES)
    throw new CoreError('too-many', `There are ${lines.length} lines; ${MOST_LINES} are the most`, {
      field: 'lines',
      most: MOST_LINES,
    })
  const from: Step[][] = Array.from({ length: nodes }, () => [])
  lines.forEach(({ a, b, lengthMm }, line) => {
    for (const [end, place] of [
      ['a', a],
      ['b', b],
    ] as const)
      if (!Number.isInteger(place) || place < 0 || place >= nodes)
        throw new CoreError(
          'bad-drawing',
          `lines.${line}.${end} is ${place}; places go from 0 to ${nodes - 1}`,
          {
            field: `lines.${line}.${end}`,
          },
        )
    requireInRange(lengthMm, `lines.${line}.lengthMm`, 0.01, 100_000)
    from[a]!.push({ to: b, line })
    from[b]!.push({ to: a, line })
  })
  return { lines, from }
}

/**
 * Places that hang together by lines, each group by rising places; a place without a line is in none.
 *
 * @example
 * partsOf(graphOf(4, [{ a: 0, b: 1, lengthMm: 1 }, { a: 2, b: 3, lengthMm: 1 }])) // [[0, 1], [2, 3]]
 */
export function partsOf({ from }: Graph): number[][] {
  const seen = new Set<number>()
  return from.flatMap((steps, start) => {
    if (steps.length === 0 || seen.has(start)) return []
    const part = [start]
    seen.add(start)
    for (const place of part)
      for (const { to } of from[place]!)
        if (!seen.has(to)) {
          seen.add(to)
          part.push(to)
        }
    return [part.sort((a, b) => a - b)]
  })
}

/** The way from one place to every other that is shortest. */
export interface Shortest {
  readonly mm: readonly number[]
  /** The line by which each place is reached last; −1: none. */
  readonly by: readonly number[]
}

/**
 * Shortest ways from a place (Dijkstra 1959).
 *
 * @example
 * shortestFrom(graph, 0).mm[2] // 50
 */
export function shortestFrom({ from, lines }: Graph, start: number): Shortest {
  const mm = from.map(() => Infinity)
  const by = from.map(() => -1)
  const done = from.map(() => false)
  mm[start] = 0
  const open = new FlatQueue<number>()
  open.push(start, 0)
  while (open.length > 0) {
    const here = open.pop()!
    if (done[here]) continue
    done[here] = true
    for (const { to, line } of from[here]!) {
      const there = mm[here]! + lines[line]!.lengthMm
      if (done[to] || there >= mm[to]!) continue
      mm[to] = there
      by[to] = line
      open.push(to, there)
    }
  }
  return { mm, by }
}
