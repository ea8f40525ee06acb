import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  alongSide,
  type Bite,
  dialChangesOf,
  dropsAlong,
  edgeParts,
  type EdgeRules,
  type EdgeStretch,
  edgeWays,
  landingsOfSide,
  nearnessOf,
  type OwnRun,
  planEdge,
  pulledCount,
  recounted,
  sewnOrder,
  tipOf,
  turnEvery,
  zigzagShiftMm,
} from '#core/edge'
import { lengthMarks } from '#core/fit'
import type { Point } from '#core/plane'
import { FORM_IDS, formRegion } from '#core/shape'
import { findStitch } from '#core/stitch'

const RULES: EdgeRules = {
  marks: lengthMarks({ minMm: 0.5, maxMm: 7, stepMm: 0.1 }),
  pointDeg: 35,
  clearanceMm: 0.5,
  mostMissMm: 0.25,
}
const ring = (pointsMm: readonly Point[]): EdgeStretch => ({ pointsMm, closed: true, clothOn: 'left' })
const rectangle = (wide: number, tall: number) =>
  ring([
    { x: 0, y: 0 },
    { x: wide, y: 0 },
    { x: wide, y: tall },
    { x: 0, y: tall },
  ])
const round = (radius: number, count = 360) =>
  ring(
    Array.from({ length: count }, (_, i) => ({
      x: radius * Math.cos((i * 2 * Math.PI) / count),
      y: radius * Math.sin((i * 2 * Math.PI) / count),
    })),
  )
const form = (id: (typeof FORM_IDS)[number], wideMm: number, tallMm: number) =>
  ring(formRegion({ form: id, wideMm, tallMm, count: 5 })[0]!)
const blanket = (widthMm: number, lengthMm: number) => ({ widthMm, lengthMm, bites: 'at' as const })
const plan = (edge: EdgeStretch, widthMm: number, lengthMm: number, rules = RULES) =>
  planEdge([edge], blanket(widthMm, lengthMm), rules)

describe('an edge in parts', () => {
  // Plane geometry.
  it('has the corners, lengths and radii of its shape', () => {
    const square = edgeParts(rectangle(60, 60), 35)
    expect(square.points.map(({ insideDeg, kind }) => [insideDeg, kind])).toEqual(
      Array(4).fill([90, 'outer']),
    )
    expect(square.runs.map(({ lengthMm, leastRadiusMm }) => [lengthMm, leastRadiusMm])).toEqual(
      Array(4).fill([60, null]),
    )
    const circle = edgeParts(round(30), 35)
    expect(circle.points).toEqual([])
    expect(circle.runs).toHaveLength(1)
    expect(circle.runs[0]!.leastRadiusMm).toBeCloseTo(30, 6)
    // Least radius of an ellipse with half axes a and b: b²/a.
    const ellipse = edgeParts(form('ellipse', 80, 40), 35)
    expect(ellipse.runs[0]!.leastRadiusMm).toBeCloseTo(400 / 40, 0)
    const rounded = edgeParts(form('rounded', 60, 40), 35)
    expect(rounded.runs[0]!.leastRadiusMm).toBeCloseTo(10, 3)
  })
  it('tells the two arcs of a leaf and the tips between them', () => {
    const leaf = edgeParts(form('leaf', 40, 80), 35)
    // Two arcs over a chord of 80 with radius 50 meet at 2 · asin(40/50).
    expect(leaf.points.map(({ insideDeg }) => insideDeg)).toEqual([
      expect.closeTo((2 * Math.asin(0.8) * 180) / Math.PI, 0),
      expect.closeTo((2 * Math.asin(0.8) * 180) / Math.PI, 0),
    ])
    expect(leaf.runs.map(({ leastRadiusMm }) => leastRadiusMm)).toEqual([
      expect.closeTo(50, 3),
      expect.closeTo(50, 3),
    ])
  })
  it('knows inside corners, whichever way the edge runs', () => {
    const star = formRegion({ form: 'star', wideMm: 60, tallMm: 60, count: 5 })[0]!
    const kinds = (edge: EdgeStretch) =>
      edgeParts(edge, 35).points.filter(({ kind }) => kind === 'inner').length
    expect(kinds(ring(star))).toBe(5)
    expect(kinds({ pointsMm: star.toReversed(), closed: true, clothOn: 'right' })).toBe(5)
  })
  it('calls a blunt corner outer, and one over 180° inner', () => {
    const hexagon = edgeParts(round(30, 6), 35)
    expect(hexagon.points.map(({ insideDeg, kind }) => [Math.round(insideDeg), kind])).toEqual(
      Array(6).fill([120, 'outer']),
    )
  })
  it('takes an open stretch from end to end', () => {
    const { points, runs } = edgeParts({ ...rectangle(60, 40), closed: false }, 35)
    expect(points).toHaveLength(2)
    expect(runs.map(({ lengthMm }) => lengthMm)).toEqual([60, 40, 60])
  })
})

describe('landings', () => {
  // Worked by hand.
  it('of a square of 60 are as the worked example says', () => {
    const { stretches, landings, touching, bulk, crowded, widestBiteMm } = plan(rectangle(60, 60), 6, 5)
    expect(stretches[0]!.sides.map(({ stitches }) => stitches)).toEqual([12, 12, 12, 12])
    expect(landings).toHaveLength(48)
    expect(landings.filter(({ isPoint }) => isPoint).map(({ x, y }) => [x, y])).toEqual([
      [0, 0],
      [60, 0],
      [60, 60],
      [0, 60],
    ])
    expect(landings[stretches[0]!.start!]).toMatchObject({ x: 30, y: 0 })
    expect(touching).toEqual([])
    expect(bulk).toHaveLength(4)
    expect(crowded).toEqual([])
    expect(widestBiteMm).toBe(9.5)
  })
  it('fall on every point, evenly between, whatever the shape', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FORM_IDS),
        fc.integer({ min: 20, max: 120 }),
        fc.integer({ min: 10, max: 60 }),
        (id, size, tenths) => {
          const edge = form(id, size, size + 20)
          const { stretches, landings } = plan(edge, 3, tenths / 10)
          const [{ points, sides, lengthMm }] = [stretches[0]!]
          for (const { at } of points)
            expect(
              landings.some(({ x, y, isPoint }) => isPoint && Math.hypot(x - at.x, y - at.y) < 1e-9),
            ).toBe(true)
          expect(landings.filter(({ isPoint }) => isPoint)).toHaveLength(points.length)
          expect(landings).toHaveLength(sides.reduce((sum, { stitches }) => sum + stitches, 0))
          // Between two stitch points of a side lies a mark of its plan, stretched by the side's miss.
          landings.forEach(({ alongMm, side }, i) => {
            const { plan: own, evenMm, lengthMm: sideMm } = sides[side]!
            const gap = (landings[i + 1]?.alongMm ?? lengthMm) - alongMm
            const marks = own ? own.parts.map(part => part.lengthMm) : [evenMm]
            const stretch = own ? sideMm / (sideMm - own.missMm) : 1
            expect(marks.some(mm => Math.abs(mm * stretch - gap) < 1e-6)).toBe(true)
          })
        },
      ),
      { numRuns: 60 },
    ))
  it('bite to the inside: along the normal, at a point along the bisector', () => {
    const { landings, tips } = plan(rectangle(60, 60), 6, 5)
    expect(tips[6]).toEqual({ x: expect.closeTo(30, 9), y: expect.closeTo(6, 9) })
    expect(tips[0]!.x).toBeCloseTo(6 * Math.SQRT1_2, 9)
    expect(tips[0]!.y).toBeCloseTo(6 * Math.SQRT1_2, 9)
    const circle = plan(round(30), 5, 4)
    circle.tips.forEach(({ x, y }) => expect(Math.hypot(x, y)).toBeCloseTo(25, 1))
    expect(landings[0]!.isPoint).toBe(true)
  })
  it('of a hole bite outwards, into the cloth', () => {
    const hole: EdgeStretch = { ...rectangle(40, 40), clothOn: 'right' }
    const { tips, stretches } = plan(hole, 5, 5)
    expect(tips[4]!.y).toBeCloseTo(-5, 9)
    expect(stretches[0]!.points.every(({ kind }) => kind === 'inner')).toBe(true)
  })
  it('put the long stitches where the edge is straighter', () => {
    // Straight for 30, then round: with 5 and 6 mixed, the sixes come first.
    const curve = Array.from({ length: 20 }, (_, i) => {
      const angle = ((i + 1) * Math.PI) / 40
      return { x: 30 + 20 * Math.sin(angle), y: 20 - 20 * Math.cos(angle) }
    })
    const edge: EdgeStretch = {
      pointsMm: [{ x: 0, y: 0 }, { x: 30, y: 0 }, ...curve],
      closed: false,
      clothOn: 'left',
    }
    const { landings } = planEdge([edge], blanket(3, 5), { ...RULES, marks: [5, 6], mostMissMm: 1 })
    const gaps = landings.slice(1).map(({ alongMm }, i) => alongMm - landings[i]!.alongMm)
    expect(gaps[0]).toBeGreaterThan(gaps.at(-1)! + 0.5)
  })
})

describe('bites', () => {
  /** Reference: every pair, sampled along both bites. */
  const apartBySampling = (a: Bite, b: Bite, widthMm: number) => {
    let least = Infinity
    for (let i = 0; i <= 60; i++)
      for (let j = 0; j <= 60; j++) {
        const [p, q] = [tipOf(a, (widthMm * i) / 60), tipOf(b, (widthMm * j) / 60)]
        least = Math.min(least, Math.hypot(p.x - q.x, p.y - q.y))
      }
    return least
  }
  const bite = fc.record({
    x: fc.double({ min: 0, max: 25, noNaN: true }),
    y: fc.double({ min: 0, max: 25, noNaN: true }),
    angle: fc.double({ min: 0, max: 6.28, noNaN: true }),
  })
  it('touch, and could be as long, as trying all of them says', () =>
    fc.assert(
      fc.property(
        fc.array(bite, { minLength: 2, maxLength: 7 }),
        fc.integer({ min: 5, max: 120 }),
        (made, tenths) => {
          const bites = made.map(({ x, y, angle }): Bite => ({
            x,
            y,
            inward: { x: Math.cos(angle), y: Math.sin(angle) },
            cloth: 0,
            alongMm: 0,
            stretch: 0,
            nearPoints: [],
            neighbours: [],
          }))
          const width = tenths / 10
          const { touching, mostMm } = nearnessOf(bites, width, 0.5)
          for (let a = 0; a < bites.length; a++)
            for (let b = a + 1; b < bites.length; b++) {
              const apart = apartBySampling(bites[a]!, bites[b]!, width)
              // Sampling sees a distance a little too large; what lies near the border is left open.
              if (Math.abs(apart - 0.5) < 0.25) continue
              expect(touching.some(pair => pair.a === a && pair.b === b)).toBe(apart < 0.5)
            }
          const widest = Math.min(...mostMm)
          expect(
            nearnessOf(bites, widest, 0.5).touching.filter(
              ({ apartMm }) => widest > 0 && apartMm < 0.5 - 1e-6,
            ),
          ).toEqual([])
          if (widest < 12) expect(nearnessOf(bites, widest + 0.1, 0.5).touching).not.toEqual([])
        },
      ),
      { numRuns: 120 },
    ))
  // A strip h wide: bites from both sides leave h − 2w between them.
  it.each([
    [10, 4.7],
    [7, 3.2],
  ])('of a strip %d mm wide may be %d mm', (tall, widest) => {
    // Even stitches, so that those of both sides stand opposite each other.
    const { widestBiteMm, touching } = plan(rectangle(60, tall), 6, 5)
    expect(touching.length).toBeGreaterThan(0)
    // Near its ends the bites of the short sides bind first.
    expect(widestBiteMm).toBeLessThanOrEqual(widest)
    const middle = plan(rectangle(600, tall), 2, 5)
    const middleMost = middle.mostBiteMm.filter((_, i) => Math.abs(middle.landings[i]!.x - 300) < 100)
    expect(Math.min(...middleMost)).toBe(widest)
  })
  it('crowd on a curve as their tips close up: L(1 − w/R)', () => {
    // 4 · (1 − 8/10) = 0.8: free; 4 · (1 − 9/10) = 0.4: crowded.
    expect(plan(round(10), 8, 4).crowded).toEqual([])
    const { crowded, landings } = plan(round(10), 9, 4)
    expect(crowded).toHaveLength(landings.length)
    const mean = crowded.reduce((sum, { apartMm }) => sum + apartMm, 0) / crowded.length
    expect(mean).toBeCloseTo(0.4, 1)
  })
  it('of another edge of the same letter count too', () => {
    const outer = rectangle(40, 40)
    const hole: EdgeStretch = {
      pointsMm: [
        { x: 8, y: 8 },
        { x: 8, y: 32 },
        { x: 32, y: 32 },
        { x: 32, y: 8 },
      ],
      closed: true,
      clothOn: 'left',
    }
    expect(planEdge([outer, hole], blanket(5, 4), RULES).touching.some(({ a, b }) => a < 40 && b >= 40)).toBe(
      true,
    )
    expect(planEdge([outer, hole], blanket(3, 4), RULES).touching).toEqual([])
  })
  it('of a cloth that lies over another do not count against those under it', () => {
    const under = { ...rectangle(40, 40), cloth: 0 }
    const near = {
      ...ring(rectangle(40, 40).pointsMm.map(({ x, y }) => ({ x: x + 0.2, y: y + 3 }))),
      cloth: 1,
    }
    expect(planEdge([under, near], blanket(2, 4), RULES).touching).toEqual([])
    expect(planEdge([under, { ...near, cloth: 0 }], blanket(2, 4), RULES).touching).not.toEqual([])
  })
  it('are none under a straight stitch', () => {
    const { touching, bulk, crowded, widestBiteMm } = plan(rectangle(60, 3), 0, 3)
    expect([touching, bulk, crowded, widestBiteMm]).toEqual([[], [], [], 12])
  })
  it.each<[string, () => unknown, RegExp]>([
    ['a width of NaN', () => plan(rectangle(60, 60), Number.NaN, 5), /widthMm is not a number/],
    ['a length of nothing', () => plan(rectangle(60, 60), 5, 0), /lengthMm/],
    [
      'a crossing edge',
      () =>
        plan(
          ring([
            { x: 0, y: 0 },
            { x: 9, y: 9 },
            { x: 9, y: 0 },
            { x: 0, y: 9 },
          ]),
          3,
          3,
        ),
      /crosses/,
    ],
  ])('%s is refused', (_, work, message) => expect(work).toThrow(message))
})

describe('a curve', () => {
  // Sagitta: a chord s leaves a round of radius R by s²/8R. 8 · 30 · 0.3 = 72, its root 8.49: three of 2.5.
  it('is turned on after so many stitches', () => {
    expect(turnEvery(30, 2.5)).toBe(3)
    expect(turnEvery(1, 2.5)).toBe(1)
    expect(turnEvery(null, 2.5)).toBeNull()
    const chord = turnEvery(30, 2.5)! * 2.5
    expect(30 - Math.sqrt(900 - chord ** 2 / 4)).toBeLessThanOrEqual(0.3)
  })
})

describe('the best ways', () => {
  it('hit every point, touch nothing, and none is beaten by another', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...FORM_IDS),
        fc.integer({ min: 25, max: 90 }),
        fc.integer({ min: 20, max: 60 }),
        (id, size, tenths) => {
          const edge = form(id, size, size + 20)
          const ways = edgeWays([edge], blanket(5, tenths / 10), RULES)
          expect(ways.length).toBeGreaterThanOrEqual(1)
          expect(ways.length).toBeLessThanOrEqual(4)
          for (const way of ways) {
            expect(way.plan.touching).toEqual([])
            expect(way.widthMm).toBeLessThanOrEqual(5)
            expect(way.bulk).toBe(way.plan.bulk.length)
          }
          const costs = ways.map(w => [
            w.dialChanges,
            w.deviationMm,
            w.byHand && !w.easedLast ? w.missMm : 0,
            w.easedLast ? w.missMm : 0,
            w.bulk,
            -w.widthMm,
            w.unreached,
          ])
          for (const a of costs)
            for (const b of costs) if (a !== b) expect(a.every((cost, i) => cost <= b[i]!)).toBe(false)
        },
      ),
      { numRuns: 40 },
    ))
  it('offer one longer stitch before each point, beside easing all along', () => {
    // 60.7 in twenty of 3: 0.7 is left (common practice: ease it in the last stitch).
    const rules = { ...RULES, marks: [3], mostMissMm: 0.25 }
    const ways = (backwards: boolean) =>
      edgeWays([rectangle(60.7, 60.7)], blanket(3, 3), { ...rules, backwards })
    const stepsOf = (backwards: boolean, easedLast: boolean) => {
      const way = ways(backwards).find(one => one.byHand && one.easedLast === easedLast)!
      const at = way.plan.landings.filter(({ side }) => side === 0).map(({ alongMm }) => alongMm)
      return [...at.slice(1), 60.7].map((mm, i) => mm - at[i]!)
    }
    const last = stepsOf(false, true)
    expect(last.slice(0, -1)).toEqual(Array(19).fill(expect.closeTo(3, 9)))
    expect(last.at(-1)).toBeCloseTo(3.7, 9)
    expect(stepsOf(false, false)).toEqual(Array(20).fill(expect.closeTo(60.7 / 20, 9)))
    // Sewn the other way round the side ends at its beginning.
    expect(stepsOf(true, true)[0]).toBeCloseTo(3.7, 9)
    // Where nothing is left to help, nothing is offered.
    expect(edgeWays([rectangle(60, 60)], blanket(3, 3), rules).some(({ easedLast }) => easedLast)).toBe(false)
  })
  it('change the dial as rarely as trying every choice says', () => {
    const edge = ring([
      { x: 0, y: 0 },
      { x: 43, y: 0 },
      { x: 43, y: 31.7 },
      { x: 0, y: 27.2 },
    ])
    const rules = { ...RULES, marks: [4, 4.5, 5, 5.5, 6] }
    const fewest = Math.min(...edgeWays([edge], blanket(2, 5), rules).map(({ dialChanges }) => dialChanges))
    const first = planEdge([edge], blanket(2, 5), rules)
    const all = first.stretches[0]!.sides.reduce<OwnRun[][]>(
      (ways, { plans }, side) =>
        ways.flatMap(way => plans.map(own => [...way, { stretch: 0, side, plan: own }])),
      [[]],
    )
    const changes = all.map(own => {
      const [stretch] = planEdge([edge], blanket(2, 5), rules, own).stretches
      return dialChangesOf([sewnOrder(stretch!, stretch!.start!, false)])
    })
    expect(fewest).toBeLessThanOrEqual(Math.min(...changes))
  })
  it('make a bite smaller that would touch, and offer a thin point', () => {
    const ways = edgeWays([form('star', 60, 60)], blanket(6, 4), RULES)
    expect(ways.every(({ widthMm }) => widthMm < 6)).toBe(true)
    const square = edgeWays([rectangle(60, 60)], blanket(6, 5), RULES)
    expect(square.map(({ bulk }) => bulk)).toContain(0)
  })
  it('leave alone what a person settled', () => {
    const own = {
      stretch: 0,
      side: 1,
      plan: planEdge([rectangle(60, 43)], blanket(3, 5), RULES).stretches[0]!.sides[1]!.plans[1]!,
    }
    for (const way of edgeWays([rectangle(60, 43)], blanket(3, 5), RULES, [own]))
      expect(way.plan.stretches[0]!.sides[1]!.plan).toEqual(own.plan)
  })
})

describe('the thread along an edge', () => {
  const pattern = (id: string) => {
    const { drops, repeat } = findStitch(id)!
    return { drops, repeat }
  }
  it('of a blanket stitch runs on the edge, bites in and comes back', () => {
    const [drops] = dropsAlong(plan(rectangle(60, 60), 6, 5), pattern('blanket'), 6, 0)
    expect(drops).toHaveLength(3 * 48 + 1)
    expect(drops!.slice(3, 6).map(({ x, y }) => [x, y])).toEqual([
      [5, 0],
      [5, 6],
      [5, 0],
    ])
    expect(drops!.at(-1)).toEqual(drops![0])
  })
  it('of a hidden zigzag lands just outside and half-way between inside', () => {
    const edge = planEdge([rectangle(60, 60)], { widthMm: 1.5, lengthMm: 3, bites: 'between' }, RULES)
    const [drops] = dropsAlong(edge, pattern('zigzag'), 1.5, 0.3)
    expect(drops![2]!.y).toBeCloseTo(-0.3, 9)
    expect(drops![3]).toEqual({ x: expect.closeTo(4.5, 6), y: expect.closeTo(1.2, 6) })
    expect(zigzagShiftMm(1.5, 0.3)).toBeCloseTo(0.45, 9)
  })
  it('of any stitch of the library stays within its width', () => {
    const { drops, repeat } = findStitch('feather')!
    const edge = planEdge([rectangle(200, 200)], { widthMm: 5, lengthMm: 2 * repeat, bites: 'at' }, RULES)
    const [way] = dropsAlong(edge, { drops, repeat }, 5, 0)
    const along = way!.filter(({ x, y }) => x > 30 && x < 170 && y < 50)
    for (const { y } of along) expect(y).toBeGreaterThanOrEqual(-1e-6)
    for (const { y } of along) expect(y).toBeLessThanOrEqual(5 + 1e-6)
  })
})

describe('a side one pulls longer or shorter', () => {
  const square = plan(rectangle(60, 60), 4, 5)
  it('has its own landings and the one it ends on, round the corner too', () => {
    const last = landingsOfSide(square, 0, 3)
    expect(last.first).toBe(36)
    expect(last.landings.map(({ x, y }) => [x, y]).at(-1)).toEqual([0, 0])
    expect(last.landings.at(-1)!.alongMm).toBe(240)
    const open = planEdge(
      [
        {
          pointsMm: [
            { x: 0, y: 0 },
            { x: 30, y: 0 },
            { x: 30, y: 20 },
          ],
          closed: false,
          clothOn: 'left',
        },
      ],
      blanket(4, 5),
      RULES,
    )
    expect(landingsOfSide(open, 0, 1).landings.map(({ alongMm }) => alongMm)).toEqual([30, 35, 40, 45, 50])
  })
  // Plane geometry: the square's second side runs up at x = 60.
  it('tells how far along it a place lies, and holds to its ends', () => {
    const { landings } = landingsOfSide(square, 0, 1)
    expect(alongSide(landings, { x: 63, y: 31.7 })).toBeCloseTo(31.7, 9)
    expect(alongSide(landings, { x: 60, y: -20 })).toBe(0)
    expect(alongSide(landings, { x: 0, y: 90 })).toBe(60)
  })
  it('gets as many stitches as the pulled length makes, and at least one', () => {
    expect(pulledCount(60, 6, 30)).toBe(12)
    expect(pulledCount(60, 6, 36)).toBe(10)
    expect(pulledCount(60, 1, 60)).toBe(1)
    expect(pulledCount(60, 1, 500)).toBe(1)
    expect(() => pulledCount(60, 6, Number.NaN)).toThrow(expect.objectContaining({ code: 'non-finite' }))
    expect(() => pulledCount(0, 6, 3)).toThrow(expect.objectContaining({ code: 'out-of-range' }))
  })
  it('is sewn as near as the dial comes, or not at all', () => {
    const side = square.stretches[0]!.sides[0]!
    expect(recounted(side, 10, RULES.marks)?.parts).toEqual([{ count: 10, lengthMm: 6 }])
    expect(recounted(side, 8, RULES.marks)).toBeNull()
    expect(recounted(side, 0, RULES.marks)).toBeNull()
  })
  it('comes back to its count when a landing is pulled where it lies', () => {
    const whole = fc.record({
      wide: fc.integer({ min: 20, max: 90 }),
      length: fc.integer({ min: 15, max: 60 }),
    })
    fc.assert(
      fc.property(whole, ({ wide, length }) => {
        const now = plan(rectangle(wide, 40), 2, length / 10)
        const { landings } = landingsOfSide(now, 0, 0)
        const { stitches } = now.stretches[0]!.sides[0]!
        const nth = Math.max(1, Math.floor(stitches / 2))
        const mm = alongSide(landings, landings[nth]!)
        // Two marks on one side put its middle a little off.
        expect(Math.abs(pulledCount(wide, nth, mm) - stitches)).toBeLessThanOrEqual(1)
      }),
    )
  })
})
