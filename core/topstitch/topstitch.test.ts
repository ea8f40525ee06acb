import { EndType, inflatePathsD, JoinType } from 'clipper2-ts'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { lengthMarks, PLAIN_SCALE } from '#core/fit'
import type { Point } from '#core/plane'
import {
  areaRows,
  areaTemplate,
  checkOutline,
  cornerWays,
  guideAt,
  humpSteps,
  innerParallel,
  leastRadiusMm,
  legsOf,
  type Outline,
  outlineOfShape,
  planRows,
  type RowsInput,
  showing,
  topstitchDrawing,
  twinOnCurve,
} from '#core/topstitch'

const rectangle = (wideMm: number, tallMm: number) => outlineOfShape({ kind: 'rectangle', wideMm, tallMm })
const near = (values: readonly number[]) => values.map(value => Math.round(value * 1e6) / 1e6)
const areaOf = (points: readonly Point[]) =>
  points.reduce((sum, a, i) => {
    const b = points[(i + 1) % points.length]!
    return sum + (a.x * b.y - b.x * a.y) / 2
  }, 0)
/** The inner parallel as another package makes it, corners mitred. */
const byPackage = ({ pointsMm }: Outline, distanceMm: number, digits = 8) =>
  inflatePathsD(
    [pointsMm.map(({ x, y }) => ({ x, y, z: 0 }))],
    -distanceMm,
    JoinType.Miter,
    EndType.Polygon,
    100,
    digits,
  )

describe('an outline', () => {
  it.each<[string, Outline, string]>([
    ['too few points', { pointsMm: [{ x: 0, y: 0 }], closed: false }, 'outline.pointsMm'],
    [
      'a doubled point',
      {
        pointsMm: [
          { x: 0, y: 0 },
          { x: 0, y: 0 },
          { x: 5, y: 5 },
        ],
        closed: true,
      },
      'outline.pointsMm.1',
    ],
    [
      'NaN',
      {
        pointsMm: [
          { x: Number.NaN, y: 0 },
          { x: 1, y: 1 },
        ],
        closed: false,
      },
      'outline.pointsMm.0.x',
    ],
    [
      'a bow tie',
      {
        pointsMm: [
          { x: 0, y: 0 },
          { x: 10, y: 10 },
          { x: 10, y: 0 },
          { x: 0, y: 10 },
        ],
        closed: true,
      },
      'outline.pointsMm.2',
    ],
    [
      'a spike that runs back on itself',
      {
        pointsMm: [
          { x: 0, y: 0 },
          { x: 10, y: 0 },
          { x: 4, y: 0 },
          { x: 4, y: 9 },
        ],
        closed: false,
      },
      'outline.pointsMm.1',
    ],
  ])('is refused with %s', (_, outline, field) =>
    expect(() => checkOutline(outline)).toThrow(
      expect.objectContaining({ details: expect.objectContaining({ field }) }),
    ),
  )
  it('of every shape passes, and runs with the cloth on its left', () => {
    const shapes = [
      rectangle(120, 140),
      outlineOfShape({ kind: 'circle', diameterMm: 80 }),
      outlineOfShape({
        kind: 'typed',
        closed: true,
        sides: [100, 100, 100].map(lengthMm => ({ lengthMm, turnDeg: 120 })),
      }),
    ]
    for (const outline of shapes) {
      expect(() => checkOutline(outline)).not.toThrow()
      expect(areaOf(outline.pointsMm)).toBeGreaterThan(0)
    }
    for (const corners of ['square', 'cut', 'round'] as const)
      expect(() =>
        checkOutline(outlineOfShape({ kind: 'pocket', wideMm: 120, tallMm: 140, corners, cornerMm: 20 })),
      ).not.toThrow()
  })
  it('typed side by side must come back to where it began', () =>
    expect(() =>
      outlineOfShape({
        kind: 'typed',
        closed: true,
        sides: [100, 100, 60].map(lengthMm => ({ lengthMm, turnDeg: 120 })),
      }),
    ).toThrow(/measure a side or a turn again/))
})

describe('the inner parallel', () => {
  // Geometry: a side loses d/tan(α/2) at each inside angle α.
  it('of a rectangle loses the distance at each corner', () =>
    expect(near(innerParallel(rectangle(120, 140), 6.35).sidesMm)).toEqual([107.3, 127.3, 107.3, 127.3]))
  it('of a triangle with equal sides loses d/tan 30° at each corner', () => {
    const triangle = outlineOfShape({
      kind: 'typed',
      closed: true,
      sides: [100, 100, 100].map(lengthMm => ({ lengthMm, turnDeg: 120 })),
    })
    const expected = 100 - (2 * 5) / Math.tan(Math.PI / 6)
    for (const side of innerParallel(triangle, 5).sidesMm) expect(side).toBeCloseTo(expected, 9)
  })
  it('loses nothing at open ends, and gains where the edge turns away', () => {
    const step: Outline = {
      pointsMm: [
        { x: 0, y: 0 },
        { x: 50, y: 0 },
        { x: 50, y: -40 },
      ],
      closed: false,
    }
    expect(near(innerParallel(step, 6).sidesMm)).toEqual([56, 46])
  })
  it('of a circle has the radius less the distance', () => {
    const circle = outlineOfShape({ kind: 'circle', diameterMm: 100 })
    const length = innerParallel(circle, 10).sidesMm.reduce((sum, side) => sum + side, 0)
    expect(length / (2 * Math.PI * 40)).toBeCloseTo(1, 3)
    expect(innerParallel(circle, 51).vanished).toBe(true)
  })
  it('passes a short side by, and vanishes where nothing is left', () => {
    const cut = outlineOfShape({ kind: 'pocket', wideMm: 120, tallMm: 140, corners: 'cut', cornerMm: 4 })
    const inner = innerParallel(cut, 10)
    expect(inner.vanished).toBe(false)
    expect(near(inner.sidesMm)).toEqual([130, 0, 100, 0, 130])
    expect(innerParallel(rectangle(20, 100), 12).vanished).toBe(true)
    expect(innerParallel(rectangle(20, 20), 10).vanished).toBe(true)
  })
  it('goes on without an arm that is too narrow for it', () => {
    // 60 wide, 80 tall: an arm of 16 upright, a foot of 40. What is left is a rectangle (calculated).
    const L: Outline = {
      closed: true,
      pointsMm: [
        { x: 0, y: 0 },
        { x: 60, y: 0 },
        { x: 60, y: 40 },
        { x: 16, y: 40 },
        { x: 16, y: 80 },
        { x: 0, y: 80 },
      ],
    }
    const inner = innerParallel(L, 10)
    expect(inner.vanished).toBe(false)
    expect(near(inner.sidesMm)).toEqual([40, 20, 40, 0, 0, 20])
    // Wide enough, the arm is sewn too.
    expect(innerParallel(L, 7).sidesMm.every(mm => mm > 0)).toBe(true)
  })
  it('that falls into several rings is none', () => {
    // Two bodies of cloth joined by a neck of 10 mm.
    const neck: Outline = {
      closed: true,
      pointsMm: [
        { x: 0, y: 0 },
        { x: 40, y: 0 },
        { x: 40, y: 15 },
        { x: 60, y: 15 },
        { x: 60, y: 0 },
        { x: 100, y: 0 },
        { x: 100, y: 40 },
        { x: 60, y: 40 },
        { x: 60, y: 25 },
        { x: 40, y: 25 },
        { x: 40, y: 40 },
        { x: 0, y: 40 },
      ],
    }
    expect(innerParallel(neck, 4).vanished).toBe(false)
    expect(innerParallel(neck, 7).vanished).toBe(true)
  })
  // Reference: clipper2-ts, a port of a published polygon clipping and offsetting library.
  const star = (radii: readonly number[]): Outline => ({
    closed: true,
    pointsMm: radii.map((radius, i) => {
      const angle = (2 * Math.PI * i) / radii.length
      return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) }
    }),
  })
  /** A row may meet its sides in another order than the edge has them: each goes on where one ended. */
  function ringOf(runs: readonly (readonly Point[])[]): Point[] {
    const [first] = runs
    const ring = first ? [first] : []
    const isNext = (run: readonly Point[]) => {
      const [from, to] = [ring.at(-1)!.at(-1)!, run[0]!]
      return !ring.includes(run) && Math.hypot(from.x - to.x, from.y - to.y) < 1e-6
    }
    for (let next = runs.find(isNext); next; next = runs.find(isNext)) ring.push(next)
    return ring.map(run => run[0]!)
  }
  /** So little is left of it that rounding decides whether it is there. */
  function isSliver(outline: Outline, distanceMm: number): boolean {
    const { vanished, runs } = innerParallel(outline, distanceMm)
    return !vanished && Math.abs(areaOf(ringOf(runs.flatMap(run => (run ? [run] : []))))) < 1
  }
  function expectAsByPackage(outline: Outline, distanceMm: number) {
    const inner = innerParallel(outline, distanceMm)
    // Rings of nothing are left behind by the package's raster.
    const [theirs, ...others] = byPackage(outline, distanceMm).filter(ring => Math.abs(areaOf(ring)) > 1e-3)
    expect(others).toEqual([])
    const points = ringOf(inner.runs.flatMap(run => (run ? [run] : [])))
    // Where a corner is very sharp, or a side nearly nothing, a grid leaves it a little off.
    expect(Math.abs(areaOf(points) - Math.abs(areaOf(theirs!)))).toBeLessThan(0.1)
    const sides = theirs!.map((a, i) => {
      const b = theirs![(i + 1) % theirs!.length]!
      return Math.hypot(b.x - a.x, b.y - a.y)
    })
    const sum = (lengths: readonly number[]) => lengths.reduce((total, one) => total + one, 0)
    expect(Math.abs(sum(inner.sidesMm) - sum(sides))).toBeLessThan(0.1)
  }
  const radii = fc.array(fc.double({ min: 30, max: 100, noNaN: true }), { minLength: 3, maxLength: 12 })
  it('is the one a geometry package makes, whatever the outline', () =>
    fc.assert(
      fc.property(radii, fc.double({ min: 0.5, max: 40, noNaN: true }), (radii, distanceMm) => {
        const outline = star(radii)
        fc.pre(!innerParallel(outline, distanceMm).vanished && !isSliver(outline, distanceMm))
        expectAsByPackage(outline, distanceMm)
      }),
      { numRuns: 300 },
    ))
  it('is there exactly where the package has one ring, whatever the outline', () =>
    fc.assert(
      fc.property(radii, fc.double({ min: 5, max: 60, noNaN: true }), (radii, distanceMm) => {
        const rings = byPackage(star(radii), distanceMm)
        // Of a sliver the package's own raster decides.
        fc.pre(rings.every(ring => Math.abs(areaOf(ring)) > 1) && !isSliver(star(radii), distanceMm))
        // Where a ring is pinched to less than that raster, it decides too whether there is one or two.
        fc.pre(byPackage(star(radii), distanceMm, 5).length === rings.length)
        if (rings.length === 1) expectAsByPackage(star(radii), distanceMm)
        else expect(innerParallel(star(radii), distanceMm).vanished).toBe(true)
      }),
      { numRuns: 500 },
    ))
  // Reference: every point of a grid, asked how far it is from the edge. Round an inside corner of angle α a
  // row with sharp corners stands d / sin(α/2) off.
  it('leaves out nothing that lies deep enough, and comes nowhere too near', () => {
    const farthest = ({ pointsMm }: Outline) =>
      Math.max(
        1,
        ...pointsMm.map((here, i) => {
          const [a, b] = [pointsMm.at(i - 1)!, pointsMm[(i + 1) % pointsMm.length]!]
          const angle = (to: { x: number; y: number }) => Math.atan2(to.y - here.y, to.x - here.x)
          const inside = (angle(a) - angle(b) + 4 * Math.PI) % (2 * Math.PI)
          return inside > Math.PI ? 1 / Math.sin(inside / 2) : 1
        }),
      )
    const apart = (x: number, y: number, { pointsMm }: Outline) =>
      Math.min(
        ...pointsMm.map((a, i) => {
          const b = pointsMm[(i + 1) % pointsMm.length]!
          const [dx, dy] = [b.x - a.x, b.y - a.y]
          const share = Math.min(1, Math.max(0, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy)))
          return Math.hypot(x - a.x - share * dx, y - a.y - share * dy)
        }),
      )
    const isIn = (x: number, y: number, ring: readonly { x: number; y: number }[]) =>
      ring.filter((a, i) => {
        const b = ring[(i + 1) % ring.length]!
        return a.y > y !== b.y > y && x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)
      }).length
        % 2
      === 1
    const grid = Array.from({ length: 41 }, (_, i) => 5 * i - 100)
    fc.assert(
      fc.property(radii, fc.double({ min: 5, max: 40, noNaN: true }), (radii, distanceMm) => {
        const outline = star(radii)
        const row = innerParallel(outline, distanceMm)
        fc.pre(!row.vanished)
        const ring = row.runs.flatMap(run => (run ? [run[0]] : []))
        for (const { x, y } of ring) expect(apart(x, y, outline)).toBeGreaterThan(distanceMm - 1e-3)
        for (const x of grid)
          for (const y of grid)
            if (isIn(x, y, outline.pointsMm) && apart(x, y, outline) > distanceMm * farthest(outline) + 0.01)
              expect(isIn(x, y, ring)).toBe(true)
      }),
      { numRuns: 60 },
    )
  })
  it('is there exactly as long as the package has one, of an outline without inward corners', () =>
    fc.assert(
      fc.property(
        // Corners some way apart: of a sliver the package's own raster decides.
        fc.uniqueArray(fc.integer({ min: 0, max: 23 }), { minLength: 3, maxLength: 10 }),
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        (steps, distanceMm) => {
          const pointsMm = steps
            .sort((a, b) => a - b)
            .map(step => (step * 15 * Math.PI) / 180)
            .map(angle => ({ x: 60 * Math.cos(angle), y: 60 * Math.sin(angle) }))
          const outline = { pointsMm, closed: true }
          const [theirs] = byPackage(outline, distanceMm)
          fc.pre(!theirs || Math.abs(areaOf(theirs)) > 0.01)
          if (theirs) expectAsByPackage(outline, distanceMm)
          else expect(innerParallel(outline, distanceMm).vanished).toBe(true)
        },
      ),
      { numRuns: 300 },
    ))
})

describe('legs', () => {
  it('run from corner to corner, curves in one piece', () => {
    const pocket = outlineOfShape({
      kind: 'pocket',
      wideMm: 120,
      tallMm: 140,
      corners: 'round',
      cornerMm: 20,
    })
    const { legs } = legsOf(pocket, 6, 35)
    expect(legs).toHaveLength(1)
    // Down, round a quarter of R − d, along, round, up.
    expect(legs[0]!.lengthMm).toBeCloseTo(120 + (Math.PI / 2) * 14 + 80 + (Math.PI / 2) * 14 + 120, 1)
    expect(legs[0]!.leastRadiusMm).toBeCloseTo(20, 0)
    expect(legsOf(rectangle(120, 140), 6, 35).legs.map(({ sides }) => sides)).toEqual([[0], [1], [2], [3]])
    expect(legsOf(outlineOfShape({ kind: 'circle', diameterMm: 80 }), 5, 35).legs).toHaveLength(1)
  })
})

const MARKS = lengthMarks({ minMm: 0.5, maxMm: 5, stepMm: 0.1 })
const ROWS: RowsInput = {
  outline: rectangle(120, 140),
  rowsMm: [6.35],
  needle: { construction: 'single', gapMm: 0 },
  machineMaxMm: 9,
  positionStepMm: null,
  guides: [{ id: 'toe', fromNeedleMm: 6.35 }],
  wantedMm: 3,
  marks: MARKS,
  mostMissMm: 0.25,
  cornerDeg: 0,
}
describe('rows', () => {
  // Worked by hand.
  it('guide a single needle from the middle, a twin from the middle of its rows', () => {
    expect(planRows(ROWS)[0]!.guides).toEqual([{ id: 'toe', positionMm: 0, offMm: 0, reachable: true }])
    const twin = { ...ROWS, needle: { construction: 'twin', gapMm: 4 } as const }
    const [row] = planRows(twin)
    expect(near(row!.needleMm)).toEqual([6.35, 10.35])
    expect(row!.guides[0]).toMatchObject({ positionMm: 2, reachable: true })
    expect(planRows({ ...twin, machineMaxMm: 7 })[0]!.guides[0]!.reachable).toBe(false)
    expect(planRows({ ...ROWS, needle: { construction: 'triple', gapMm: 2.5 } })[0]!.needleMm).toHaveLength(3)
  })
  it('fit whole stitches to every leg', () => {
    const [row] = planRows(ROWS)
    row!.plans.forEach((plans, leg) => {
      const sewn = plans[0]!.parts.reduce((sum, { count, lengthMm }) => sum + count * lengthMm, 0)
      expect(Math.abs(sewn - row!.legs[leg]!.lengthMm)).toBeLessThanOrEqual(0.25 + 1e-6)
    })
  })
  it('say where one of a twin’s rows vanishes', () => {
    const strip = { ...ROWS, outline: rectangle(24, 100), rowsMm: [9] }
    expect(planRows(strip)[0]!.vanished).toBe(false)
    expect(planRows({ ...strip, needle: { construction: 'twin', gapMm: 4 } })[0]!.vanished).toBe(true)
  })
  it('set the needle on the machine’s steps and say what that costs', () => {
    const at = guideAt(
      { id: 'flange', fromNeedleMm: 5 },
      { barMm: 6.3, spanMm: 0, machineMaxMm: 7, stepMm: 0.5 },
    )
    expect(at).toMatchObject({ positionMm: 1.5, reachable: true })
    expect(at.offMm).toBeCloseTo(0.2, 9)
  })
  it('come out on paper with every drop', () => {
    const drawing = topstitchDrawing({
      title: 'Pocket',
      outline: ROWS.outline,
      rows: planRows(ROWS),
      wantedMm: 3,
      scale: PLAIN_SCALE,
      length: String,
    })
    const said = drawing.marks.flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
    expect(said.slice(0, 5)).toEqual(['1', '2', '3', '4', expect.stringMatching(/^Row 1, side 1: \d+ × \d/)])
    const drops = drawing.marks.filter(({ kind }) => kind === 'circle').length
    const stitches = planRows(ROWS)[0]!.plans.reduce((sum, plans) => sum + plans[0]!.stitches + 1, 0)
    expect(drops).toBe(stitches)
  })
})

describe('a twin that turns', () => {
  // Worked by hand: g 4, L 2.5, least 1.5 → R 5; arc lengths L(1 ± g/2R).
  it('needs a least radius, where the inner row has the least stitch', () => {
    expect(leastRadiusMm(2.5, 4, 1.5)).toBeCloseTo(5, 9)
    expect(twinOnCurve(2.5, 4, leastRadiusMm(2.5, 4, 1.5)).innerMm).toBeCloseTo(1.5, 9)
    expect(twinOnCurve(2.5, 4, 20)).toEqual({ innerMm: 2.25, outerMm: 2.75 })
  })
  it('walks the outer needle round in short stitches, or crosses its rows', () => {
    const ways = cornerWays(4, 90, 2.5)
    expect(ways.steps.stitches).toBe(3)
    expect(ways.steps.walkMm).toBeCloseTo(2 * Math.PI, 9)
    expect(ways.crossed.sideMm).toBeCloseTo(4, 9)
  })
})

describe('humps, areas and what is seen', () => {
  it('put the shim behind when it climbs and before when it comes down', () =>
    expect(humpSteps([{ atMm: 60, wideMm: 40, stepMm: 2 }]).map(({ atMm, code }) => [atMm, code])).toEqual([
      [40, 'slow'],
      [48, 'shim-behind'],
      [72, 'shim-off'],
      [88, 'shim-before'],
      [112, 'shim-off'],
    ]))
  // Geometry of the circular arc: R = (c²/4 + s²)/2s, length = 2R asin(c/2R).
  it('count rows over an area and carry a curve across', () => {
    expect(areaRows({ acrossMm: 100, alongMm: 200, distanceMm: 20, marginMm: 10, sagMm: 0 })).toMatchObject({
      totalMm: 1000,
    })
    const { rows } = areaRows({ acrossMm: 100, alongMm: 200, distanceMm: 50, marginMm: 0, sagMm: 20 })
    expect(rows.map(({ radiusMm }) => radiusMm)).toEqual([260, 310, 360])
    expect(rows[0]!.lengthMm).toBeCloseTo(2 * 260 * Math.asin(100 / 260), 9)
    expect(rows[0]!.lengthMm).toBeGreaterThan(rows[2]!.lengthMm)
  })
  it('give a template of the first row, as deep as its bow', () => {
    const drawing = areaTemplate('Cape', {
      acrossMm: 100,
      alongMm: 200,
      distanceMm: 50,
      marginMm: 0,
      sagMm: 20,
    })
    const [first] = drawing.marks
    if (first?.kind !== 'path') throw new Error('no curve')
    const ys = first.steps.flatMap(step => (step[0] === 'Z' ? [] : [Number(step[2])]))
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(20, 6)
    expect(drawing.wideMm).toBe(200)
  })
  it.each([
    [3.5, 0.4, 1.2, 'stands out'],
    [2, 0.4, 1.2, 'shows'],
    [2, 0.2, 3, 'lost in the cloth'],
    [0.5, 0.4, null, 'lost in the cloth'],
  ] as const)('a stitch of %f in thread of %f on cloth of %s: %s', (length, thread, cloth, verdict) =>
    expect(showing(length, thread, cloth).verdict).toBe(verdict),
  )
  it('never stands out in monofilament', () => expect(showing(3.5, 0.4, 1.2, true).verdict).toBe('shows'))
})
