import { describe, expect, it } from 'vitest'
import { edgeWays, planEdge, type EdgePlan } from '#core/edge'
import type { Point } from '#core/plane'
import type { FORM_IDS } from '#core/shape'
import { formRegion } from '#core/shape'

const MARKS = Array.from({ length: 60 }, (_, i) => (i + 1) / 10)
const RULES = { marks: MARKS, pointDeg: 35, clearanceMm: 0.5, mostMissMm: 0.25 }
const closed = (pointsMm: readonly Point[]) => ({ pointsMm, closed: true, clothOn: 'left' as const })
const satin = (widthMm: number, lengthMm = 0.4) => ({
  widthMm,
  lengthMm,
  bites: 'at' as const,
  isSatin: true,
})
const polygon = (corners: number, radiusMm: number, innerMm = radiusMm) =>
  Array.from({ length: corners }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / corners
    const r = i % 2 === 0 ? radiusMm : innerMm
    return { x: r * Math.cos(angle), y: r * Math.sin(angle) }
  })
const SQUARE = [
  { x: 0, y: 0 },
  { x: 60, y: 0 },
  { x: 60, y: 60 },
  { x: 0, y: 60 },
]
const STAR = polygon(10, 40, 18)
const form = (id: (typeof FORM_IDS)[number], wideMm: number, tallMm: number) =>
  formRegion({ kind: 'form', form: id, wideMm, tallMm, count: 5 } as Parameters<typeof formRegion>[0])[0]!
/** Two long sides so near that columns of 3 from both meet. */
const NARROW = [
  { x: 0, y: 0 },
  { x: 80, y: 0 },
  { x: 80, y: 5 },
  { x: 0, y: 5 },
]

/** The rule written out, pair by pair and width by width, from stitch points alone. */
function byTheLetter({ landings, stretches }: EdgePlan, widthMm: number, lengthMm: number) {
  const roundMm = stretches[0]!.lengthMm
  const around = (a: number, b: number) => Math.min(Math.abs(a - b), roundMm - Math.abs(a - b))
  const points = landings.filter(({ isPoint }) => isPoint).map(({ alongMm }) => alongMm)
  const segments = landings.map(
    ({ x, y, inward }) =>
      [
        { x, y },
        { x: x + widthMm * inward.x, y: y + widthMm * inward.y },
      ] as const,
  )
  const side = (o: Point, p: Point, q: Point) => (p.x - o.x) * (q.y - o.y) - (p.y - o.y) * (q.x - o.x)
  const from = (p: Point, [a, b]: readonly [Point, Point]) => {
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const t = Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy)))
    return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
  }
  const [touching, bulk]: [string[], string[]] = [[], []]
  for (let a = 0; a < landings.length; a++)
    for (let b = a + 2; b < landings.length; b++) {
      if (a === 0 && b === landings.length - 1) continue
      const [one, other] = [segments[a]!, segments[b]!]
      // Two stitches that begin further apart than both are long cannot come near each other.
      if (Math.hypot(one[0].x - other[0].x, one[0].y - other[0].y) > 2 * widthMm + 0.5) continue
      const isCrossed =
        side(...one, other[0]) * side(...one, other[1]) < 0
        && side(...other, one[0]) * side(...other, one[1]) < 0
      const apart = isCrossed
        ? 0
        : Math.min(from(one[0], other), from(one[1], other), from(other[0], one), from(other[1], one))
      if (apart >= 0.5 - 1e-6) continue
      const [at, to] = [landings[a]!.alongMm, landings[b]!.alongMm]
      const reach = Math.max(1.5 * lengthMm, 4 * widthMm) + 1e-6
      // One on each side: from the point one lies before it, the other after.
      const isRound = points.some(p => {
        const [before, after] = [(to - p + roundMm) % roundMm, (at - p + roundMm) % roundMm]
        const signed = [before, after].map(mm => (mm > roundMm / 2 ? mm - roundMm : mm)) as [number, number]
        const isBothSides = signed[0] * signed[1] <= 1e-9
        return isBothSides && around(at, p) <= reach && around(to, p) <= reach
      })
      if (isRound) bulk.push(`${a} ${b}`)
      else if (around(at, to) > 4 * widthMm + 1e-6 || isCrossed) touching.push(`${a} ${b}`)
    }
  return { touching, bulk }
}
const said = (pairs: EdgePlan['touching']) => pairs.map(({ a, b }) => `${a} ${b}`)

describe('satin', () => {
  it.each<[string, readonly Point[], number]>([
    ['a square of 60 mm', SQUARE, 3],
    ['a star', STAR, 2],
    ['a leaf', form('leaf', 40, 80), 3],
    ['a heart', form('heart', 60, 60), 2.5],
    ['a circle', form('circle', 60, 60), 3],
    ['a strip of 5 mm', NARROW, 3],
  ])('on %s is judged by the letter of its rule', (_, pointsMm, widthMm) => {
    const lengthMm = 0.8
    const plan = planEdge([closed(pointsMm)], satin(widthMm, lengthMm), RULES)
    const wanted = byTheLetter(plan, widthMm, lengthMm)
    expect(said(plan.touching)).toEqual(wanted.touching)
    expect(said(plan.bulk)).toEqual(wanted.bulk)
    // The largest of which nothing smaller touches: looked at every two millimetres up to it, and past it.
    const widest = plan.widestBiteMm
    const touches = (mm: number) => byTheLetter(plan, mm, lengthMm).touching.length > 0
    for (let mm = widest; mm > 0; mm -= 2) expect(touches(mm), `${mm}`).toBe(false)
    if (widest < 12) expect(touches(widest + 0.1)).toBe(true)
  })

  it.each<[string, readonly Point[]]>([
    ['a square of 60 mm', SQUARE],
    ['a leaf', form('leaf', 40, 80)],
    ['a smooth circle', form('circle', 60, 60)],
    ['a heart', form('heart', 80, 80)],
  ])('keeps its 3 × 0.4 round %s', (_, pointsMm) => {
    const [way] = edgeWays([closed(pointsMm)], satin(3), RULES)
    expect(way!.widthMm).toBe(3)
    expect(way!.plan.touching).toEqual([])
  })
  it('is narrowed where opposite sides meet', () => {
    const [way] = edgeWays([closed(NARROW)], satin(3), RULES)
    // 5 mm less 0.5 to spare, from two sides.
    expect(way!.widthMm).toBeCloseTo(2.2, 9)
  })
  it('is narrowed on a curve tighter than its bite', () => {
    const round = form('circle', 6, 6)
    expect(planEdge([closed(round)], satin(4), RULES).touching.length).toBeGreaterThan(0)
  })
  it('grows no wider with a wider clearance', () => {
    const widest = [0.2, 0.5, 1, 2].map(
      clearanceMm => planEdge([closed(NARROW)], satin(2), { ...RULES, clearanceMm }).widestBiteMm,
    )
    expect([...widest].sort((a, b) => b - a)).toEqual(widest)
  })
})
