import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lengthMarks } from '#core/fit'
import { joinedDrawing, type Line, pairedOdd, plumeWays, sewnLines, sewRuns } from '#core/lines'

const lines = (...all: readonly (readonly [number, number, number])[]): Line[] =>
  all.map(([a, b, lengthMm]) => ({ a, b, lengthMm }))
/** A stem with two fronds. Worked by hand. */
const STEM = lines([0, 1, 30], [1, 2, 20], [1, 3, 12], [1, 4, 12])

describe('a drawing of lines', () => {
  it('answers the worked example', () => {
    expect(sewRuns(5, STEM, false)).toMatchObject({ starts: 2, tails: 4, twiceMm: 0, proven: true })
    const { runs, ...sums } = sewRuns(5, STEM, true)
    expect(sums).toEqual({ starts: 1, tails: 2, twiceMm: 24, proven: true })
    expect([runs[0]!.nodes[0], runs[0]!.nodes.at(-1)]).toEqual([0, 2])
    expect(runs[0]!.lines).toHaveLength(6)
  })
  it('is sewn part by part where it does not hang together, and round a loop', () => {
    expect(sewRuns(5, lines([0, 1, 5], [2, 3, 5]), true).runs.map(({ nodes }) => nodes)).toEqual([
      [0, 1],
      [2, 3],
    ])
    expect(sewRuns(2, lines([0, 0, 9], [0, 1, 4], [0, 1, 6]), false)).toMatchObject({ starts: 1 })
  })

  /** Every graph on four places, and every one on five with at most six lines: 64 and 848 of them. */
  const graphs = [4, 5].flatMap(count => {
    const all = Array.from({ length: count }, (_, a) =>
      Array.from({ length: count }, (_, b) => [a, b] as const),
    )
      .flat()
      .filter(([a, b]) => a < b)
    return Array.from({ length: 2 ** all.length - 1 }, (_, k) => all.filter((_, i) => (k + 1) & (1 << i)))
      .filter(chosen => chosen.length <= 6)
      .map(chosen => ({
        count,
        made: chosen.map(([a, b], i): Line => ({ a, b, lengthMm: 5 + ((7 * i * i + 3 * a) % 11) })),
      }))
  })
  it.each([false, true])('is sewn as well as trying everything says (twice: %s)', twice => {
    for (const { count, made } of graphs) {
      const { runs, starts, twiceMm, proven } = sewRuns(count, made, twice)
      expect(proven).toBe(true)
      expectToSewAll(made, runs)
      if (!twice) {
        expect(runs.flatMap(run => run.lines)).toHaveLength(made.length)
        expect(starts).toBe(fewestRuns(count, made))
      } else {
        const least = partsOfLines(count, made).reduce((sum, part) => sum + leastWalkMm(count, part), 0)
        const once = made.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
        expect(twiceMm).toBeCloseTo(least - once, 6)
        expect(starts).toBe(partsOfLines(count, made).length)
      }
    }
  })
  it('is sewn once, or twice where that is allowed, on any drawing', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 30 }).chain(count =>
          fc.record({
            count: fc.constant(count),
            made: fc.array(
              fc.record({
                a: fc.integer({ min: 0, max: count - 1 }),
                b: fc.integer({ min: 0, max: count - 1 }),
                lengthMm: fc.integer({ min: 1, max: 50 }),
              }),
              { minLength: 1, maxLength: 60 },
            ),
          }),
        ),
        ({ count, made }) => {
          const once = sewRuns(count, made, false)
          expectToSewAll(made, once.runs)
          expect(once.runs.flatMap(run => run.lines)).toHaveLength(made.length)
          const twice = sewRuns(count, made, true)
          expectToSewAll(made, twice.runs)
          const sewn = twice.runs.flatMap(run => run.lines).reduce((sum, i) => sum + made[i]!.lengthMm, 0)
          expect(sewn - made.reduce((sum, { lengthMm }) => sum + lengthMm, 0)).toBeCloseTo(twice.twiceMm, 6)
        },
      ),
      { numRuns: 200 },
    ))
  it('of over 14 odd places is paired nearly, and says so', () => {
    const comb = Array.from({ length: 20 }, (_, i) => [
      { a: 2 * i, b: 2 * i + 1, lengthMm: 10 },
      ...(i < 19 ? [{ a: 2 * i, b: 2 * i + 2, lengthMm: 10 }] : []),
    ]).flat()
    const { proven, starts } = sewRuns(40, comb, true)
    expect([proven, starts]).toEqual([false, 1])
  })
  it.each<[string, () => unknown, RegExp]>([
    ['no line', () => sewRuns(3, [], false), /nothing to sew/],
    ['a line to nowhere', () => sewRuns(3, lines([0, 3, 5]), false), /from 0 to 2/],
    ['a length of NaN', () => sewRuns(2, lines([0, 1, Number.NaN]), true), /not a number/],
    ['a length of nothing', () => sewRuns(2, lines([0, 1, 0]), true), /lengthMm/],
  ])('with %s is refused', (_, work, message) => expect(work).toThrow(message))
})

function expectToSewAll(
  made: readonly Line[],
  runs: readonly { nodes: readonly number[]; lines: readonly number[] }[],
) {
  for (const run of runs) {
    expect(run.nodes).toHaveLength(run.lines.length + 1)
    run.lines.forEach((line, i) => {
      const { a, b } = made[line]!
      expect([
        [a, b],
        [b, a],
      ]).toContainEqual([run.nodes[i], run.nodes[i + 1]])
    })
  }
  expect(new Set(runs.flatMap(run => run.lines)).size).toBe(made.length)
}

function partsOfLines(count: number, made: readonly Line[]): Line[][] {
  const group = Array.from({ length: count }, (_, i) => i)
  const root = (i: number): number => (group[i] === i ? i : root(group[i]!))
  for (const { a, b } of made) group[root(a)] = root(b)
  const roots = [...new Set(made.map(({ a }) => root(a)))]
  return roots.map(one => made.filter(({ a }) => root(a) === one))
}

/** Reference: every way to go on from a set of sewn lines, the fewest breaks first. */
function fewestRuns(count: number, made: readonly Line[]): number {
  const all = 2 ** made.length - 1
  let states = new Map<number, number>()
  for (let place = 0; place < count; place++) states.set(place * 64, 1)
  const best = new Map(states)
  while (states.size > 0) {
    const next = new Map<number, number>()
    const reach = (state: number, runs: number) => {
      if (runs >= (best.get(state) ?? Infinity)) return
      best.set(state, runs)
      next.set(state, runs)
    }
    for (const [state, runs] of states) {
      const [place, sewn] = [Math.floor(state / 64), state % 64]
      made.forEach(({ a, b }, i) => {
        if (sewn & (1 << i)) return
        if (a === place) reach(b * 64 + (sewn | (1 << i)), runs)
        if (b === place) reach(a * 64 + (sewn | (1 << i)), runs)
      })
      for (let to = 0; to < count; to++) if (sewn > 0) reach(to * 64 + sewn, runs + 1)
    }
    states = next
  }
  return Math.min(...[...best].filter(([state]) => state % 64 === all).map(([, runs]) => runs))
}

/** Reference: the shortest walk over all lines of a part, over every place and set of sewn lines. */
function leastWalkMm(count: number, part: readonly Line[]): number {
  const all = 2 ** part.length - 1
  const best = new Map<number, number>()
  const open = new Map<number, number>(
    part.flatMap(
      ({ a, b }) =>
        [
          [a * 64, 0],
          [b * 64, 0],
        ] as const,
    ),
  )
  for (;;) {
    let [state, mm] = [-1, Infinity]
    for (const [one, there] of open) if (there < mm) [state, mm] = [one, there]
    open.delete(state)
    best.set(state, mm)
    const [place, sewn] = [Math.floor(state / 64), state % 64]
    if (sewn === all) return mm
    part.forEach(({ a, b, lengthMm }, i) => {
      for (const [from, to] of [
        [a, b],
        [b, a],
      ]) {
        if (from !== place) continue
        const next = to! * 64 + (sewn | (1 << i))
        if (!best.has(next) && mm + lengthMm < (open.get(next) ?? Infinity)) open.set(next, mm + lengthMm)
      }
    })
  }
}

describe('pairing odd places', () => {
  it('beats or equals every pairing that is tried', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(4, 6, 8),
        fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 28, maxLength: 28 }),
        (count, numbers) => {
          const mm = Array.from({ length: count }, () => Array<number>(count).fill(0))
          let k = 0
          for (let a = 0; a < count; a++)
            for (let b = a + 1; b < count; b++) mm[a]![b] = mm[b]![a] = numbers[k++ % 28]!
          const { pairs } = pairedOdd(mm)
          const sum = pairs.reduce((all, [a, b]) => all + mm[a]![b]!, 0)
          expect(sum).toBe(
            leastByTrying(
              mm,
              Array.from({ length: count }, (_, i) => i),
              true,
            ),
          )
        },
      ),
      { numRuns: 100 },
    ))
})

/** Reference: every pairing, with one pair that costs nothing. */
function leastByTrying(mm: readonly (readonly number[])[], left: readonly number[], free: boolean): number {
  const [first, ...rest] = left
  if (first === undefined) return free ? Infinity : 0
  return Math.min(
    ...rest.flatMap(other => {
      const others = rest.filter(one => one !== other)
      const paid = mm[first]![other]! + leastByTrying(mm, others, free)
      return free ? [paid, leastByTrying(mm, others, false)] : [paid]
    }),
  )
}

describe('ways that are joined', () => {
  it('meet at ends that lie near each other, and divide a way an end lies on', () => {
    const { nodes, lines: joined } = joinedDrawing([
      [
        { x: 0, y: 0 },
        { x: 40, y: 0 },
      ],
      [
        { x: 20.2, y: 0.3 },
        { x: 20, y: 15 },
      ],
      [
        { x: 40.3, y: 0.1 },
        { x: 60, y: 0 },
      ],
    ])
    expect(nodes).toHaveLength(5)
    expect(joined.map(({ lengthMm }) => Math.round(lengthMm))).toEqual([20, 20, 15, 20])
  })
  const lengthsOf = (...ways: [number, number][][]) =>
    joinedDrawing(ways.map(way => way.map(([x, y]) => ({ x, y })))).lines.map(({ lengthMm }) => lengthMm)
  it('join an end to their own line', () =>
    // A loop on a stem: 20 up, then 10 + 10 + 10 round to the stem's middle.
    expect(
      lengthsOf([
        [0, 0],
        [0, 20],
        [10, 20],
        [10, 10],
        [0, 10],
      ]),
    ).toEqual([10, 40]))
  it('are cut at a place each time they pass it', () =>
    expect(
      lengthsOf(
        [
          [0, 0],
          [20, 0],
          [20, 10],
          [10, 10],
          [10, -10],
        ],
        [
          [10, 0],
          [0, 8],
        ],
      ).map(mm => Math.round(10 * mm) / 10),
    ).toEqual([10, 40, 10, 12.8]))
  it('stay whole where they close', () =>
    expect(
      lengthsOf([
        [0, 0],
        [10, 0],
        [10, 10],
        [0, 10],
        [0, 0],
      ]),
    ).toEqual([40]))
  it('do not meet where they only cross', () =>
    expect(
      joinedDrawing([
        [
          { x: 0, y: 0 },
          { x: 40, y: 0 },
        ],
        [
          { x: 20, y: -10 },
          { x: 20, y: 10 },
        ],
      ]).lines,
    ).toHaveLength(2))
  it('are refused when there is nothing to sew', () =>
    expect(() => joinedDrawing([])).toThrow(/nothing to sew/))
})

describe('a plume', () => {
  const plume = {
    stemMm: 120,
    stemBowMm: 10,
    vanes: [24, 28, 32, 32, 28, 24].map(lengthMm => ({ lengthMm, bowMm: 3 })),
    leanDeg: 45,
    sides: 'turns' as const,
  }
  const FIT = { wantedMm: 2.5, marks: lengthMarks({ minMm: 0.5, maxMm: 5, stepMm: 0.1 }), mostMissMm: 0.25 }
  it('is a stem with vanes on it, sewn in one way out and back along each vane', () => {
    const drawing = joinedDrawing(plumeWays(plume))
    expect(drawing.lines).toHaveLength(13)
    const sewn = sewnLines(drawing, { ...FIT, twice: true })
    expect(sewn.starts).toBe(1)
    // Six tips, foot and top are odd, and each place a frond leaves from: 14, all but two of them paired.
    expect(sewn.proven).toBe(true)
    const vanes = drawing.lines.filter(({ pathMm }) => pathMm.length > 20).map(({ lengthMm }) => lengthMm)
    expect(sewn.twiceMm).toBeLessThanOrEqual(vanes.reduce((sum, mm) => sum + mm, 0))
    const once = sewnLines(drawing, { ...FIT, twice: false })
    expect(once.starts).toBe(7)
    expect(once.sewnMm + sewn.twiceMm).toBeCloseTo(sewn.sewnMm, 6)
  })
  it('lands a whole stitch on every tip and place', () => {
    const drawing = joinedDrawing(plumeWays(plume))
    const { lines: sewn, steps } = sewnLines(drawing, { ...FIT, twice: true })
    drawing.lines.forEach(({ a, b }, i) => {
      const { holes, stitches } = sewn[i]!
      expect(holes).toHaveLength(stitches + 1)
      for (const [hole, place] of [
        [holes[0]!, drawing.nodes[a]!],
        [holes.at(-1)!, drawing.nodes[b]!],
      ] as const)
        expect(Math.hypot(hole.x - place.x, hole.y - place.y)).toBeLessThan(1e-6)
    })
    // Back from a tip on the same line is half a turn.
    const back = steps.flat().filter(({ again }) => again)
    expect(back.length).toBeGreaterThan(0)
    steps.flat().forEach(({ line, pivots }, i, all) => {
      if (all[i + 1]?.line === line) expect(pivots).toBe(true)
    })
  })
  it('refuses a stem of nothing and a vane of NaN', () => {
    expect(() => plumeWays({ ...plume, stemMm: 0 })).toThrow(/stemMm/)
    expect(() => plumeWays({ ...plume, vanes: [{ lengthMm: Number.NaN, bowMm: 0 }] })).toThrow(
      /vanes.0.lengthMm/,
    )
    expect(() => plumeWays({ ...plume, vanes: [] })).toThrow(/vanes/)
  })
})
