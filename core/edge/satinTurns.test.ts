import { describe, expect, it } from 'vitest'
import {
  type EdgePoint,
  narrowsOverMm,
  offeredTurn,
  planEdge,
  SATIN_TURNS,
  satinAlong,
  type SatinTurn,
  TURN_WORDS,
  turnsOf,
} from '#core/edge'
import type { Point } from '#core/plane'

const RULES = { marks: [0.8], pointDeg: 35, clearanceMm: 0.5, mostMissMm: 0.5 }
/** Stitch points 0.8 apart: a satin of 0.4. */
const SATIN = { widthMm: 3, lengthMm: 0.8, bites: 'between', isSatin: true } as const
const planned = (pointsMm: readonly Point[]) =>
  planEdge([{ pointsMm, closed: true, clothOn: 'left' }], SATIN, RULES)
const sewn = (pointsMm: readonly Point[], how: SatinTurn | ((point: EdgePoint) => SatinTurn)) =>
  satinAlong(planned(pointsMm), { ...SATIN, outsideMm: 0 }, typeof how === 'function' ? how : () => how)[0]!

const SQUARE = [
  { x: 0, y: 0 },
  { x: 40, y: 0 },
  { x: 40, y: 40 },
  { x: 0, y: 40 },
]
/** A tip of 2 · atan(10/40): 28°. */
const WEDGE = [
  { x: 0, y: 0 },
  { x: 40, y: -10 },
  { x: 40, y: 10 },
]
/** An L: its inside corner at 20, 20. */
const ELL = [
  { x: 0, y: 0 },
  { x: 40, y: 0 },
  { x: 40, y: 20 },
  { x: 20, y: 20 },
  { x: 20, y: 40 },
  { x: 0, y: 40 },
]
/** Inner drops along the lower side of the square: from how far off its corner they lie, and how deep. */
const depths = (how: SatinTurn) =>
  sewn(SQUARE, how)
    .drops.filter((_, i) => i % 2 === 1)
    .filter(({ y }, i) => i < 50 && y > 0 && y <= 3 + 1e-9)
    .slice(0, 25)
    .map(({ x, y }) => [x, y] as const)

describe('how satin is turned at a point', () => {
  it('is offered by its angle, and can always be chosen there', () => {
    expect([20, 44].map(offeredTurn)).toEqual(['taper', 'taper'])
    expect([45, 89].map(offeredTurn)).toEqual(['mitre', 'mitre'])
    expect([90, 120, 179, 270].map(offeredTurn)).toEqual(Array(4).fill('overlap'))
    expect(offeredTurn(330)).toBe('fan')
    for (let deg = 1; deg < 360; deg++)
      if (deg !== 180) expect(turnsOf(deg > 180 ? 'inner' : 'outer')).toContain(offeredTurn(deg))
  })
  it('has a reason for each', () => {
    for (const how of SATIN_TURNS) expect(TURN_WORDS[how].why.length).toBeGreaterThan(30)
  })
  // Plane geometry: tan 45°, tan 30° and tan 22.5° of half the angle.
  it('narrows from where the columns would meet', () => {
    expect(narrowsOverMm('mitre', 90, 3)).toBeCloseTo(3, 9)
    expect(narrowsOverMm('mitre', 60, 3)).toBeCloseTo(3 * Math.sqrt(3), 9)
    expect(narrowsOverMm('taper', 45, 3)).toBeCloseTo(3 * (1 + Math.SQRT2), 9)
    expect([narrowsOverMm('overlap', 90, 3), narrowsOverMm('fan', 300, 3)]).toEqual([0, 0])
  })
})

describe('a column of satin', () => {
  it('lies straight across its side, full width away from the corners', () => {
    for (const how of ['overlap', 'mitre'] as const) {
      const far = depths(how).filter(([x]) => x > 5 && x < 35)
      expect(far.length).toBeGreaterThan(5)
      for (const [, y] of far) expect(y).toBeCloseTo(3, 9)
    }
  })
  it('mitred never crosses the diagonal; overlapped it lies over the corner', () => {
    for (const [x, y] of depths('mitre')) expect(y).toBeLessThanOrEqual(Math.max(0.5, x) + 1e-9)
    expect(depths('overlap').some(([x, y]) => x < 2 && y > 2.9)).toBe(true)
  })
  it('tapered stays within a sharp tip; overlapped it sticks out of it', () => {
    const outside = (how: SatinTurn) =>
      Math.max(...sewn(WEDGE, how).drops.map(({ x, y }) => Math.abs(y) - x / 4))
    // The narrowest bite that holds anything is half a millimetre.
    expect(outside('taper')).toBeLessThan(0.5)
    expect(outside('overlap')).toBeGreaterThan(1)
  })
  it('does not count as touching what a taper narrows, and does where nothing is narrowed', () => {
    const touching = (narrowed: boolean) =>
      planEdge(
        [{ pointsMm: WEDGE, closed: true, clothOn: 'left' }],
        {
          ...SATIN,
          ...(narrowed ? { narrowedWidths: ({ insideDeg }) => narrowsOverMm('taper', insideDeg, 1) } : {}),
        },
        RULES,
      ).touching.length
    expect(touching(false)).toBeGreaterThan(0)
    expect(touching(true)).toBe(0)
  })
  it('goes on past an inside corner by its width, or turns round it, counted in drops and thread', () => {
    const plain = planned(ELL).landings.length
    const on = sewn(ELL, 'overlap')
    // 3 / 0.8: four stitches of two drops.
    expect([on.extraDrops, on.extraMm]).toEqual([8, 3.2])
    expect(on.drops).toHaveLength(2 * plain + 1 + 8)
    const fan = sewn(ELL, point => (point.kind === 'inner' ? 'fan' : 'overlap'))
    // A quarter round of radius 3 at 0.8: 5.9, six bites from one hole.
    expect([fan.extraDrops, fan.extraMm]).toEqual([12, 0])
    const round = fan.drops.filter(({ x, y }) => Math.abs(Math.hypot(x - 20, y - 20) - 3) < 1e-9)
    expect(round.length).toBeGreaterThanOrEqual(6)
    for (const { x, y } of round) expect(x <= 20 + 1e-9 || y <= 20 + 1e-9).toBe(true)
  })
  it('has as many drops as landings ask for where it has no point', () => {
    const ring = Array.from({ length: 90 }, (_, i) => ({
      x: 20 * Math.cos((i * Math.PI) / 45),
      y: 20 * Math.sin((i * Math.PI) / 45),
    }))
    const plan = planned(ring)
    const { drops, extraDrops } = sewn(ring, 'overlap')
    expect([drops.length, extraDrops]).toEqual([2 * plan.landings.length + 1, 0])
    for (const [i, { x, y }] of drops.entries())
      expect(Math.hypot(x, y)).toBeCloseTo(i % 2 === 0 ? 20 : 17, 0)
  })
})
