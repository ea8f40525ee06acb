import { mean, standardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { bisection, drawMachine, MODEL, normal, seeded, sewRow, stepByOne } from '#core/simulated'
import type { TrialRow } from '#core/trial'

const DIAL = { min: 0, max: 9, home: 4.5, step: 0.5 }
const row = (tension: number, show: TrialRow['show']): TrialRow => ({
  tension,
  show,
  ridge: null,
  skips: false,
  breaks: false,
})

describe('the simulated machine', () => {
  it('draws the same for the same seed', () => {
    const draw = (seed: number) => drawMachine('balanced', DIAL, { tension: 4.5, spread: 1 }, seeded(seed))
    expect(draw(5)).toEqual(draw(5))
    expect(draw(5)).not.toEqual(draw(6))
  })
  it('draws normal numbers', () => {
    const random = seeded(1)
    const drawn = Array.from({ length: 4000 }, () => normal(random))
    expect(mean(drawn)).toBeCloseTo(0, 1)
    expect(standardDeviation(drawn)).toBeCloseTo(1, 1)
  })
  it('reads more the tighter it is set, within ±3', () => {
    const random = seeded(2)
    const machine = drawMachine('balanced', DIAL, { tension: 4.5, spread: 0.001 }, random)
    const at = (dial: number) => mean(Array.from({ length: 50 }, () => sewRow(machine, dial, random).show!))
    expect(at(0)).toBe(-3)
    expect(at(9)).toBe(3)
    expect(Math.abs(at(4.5))).toBeLessThan(0.3)
    expect(
      Array.from({ length: 200 }, () => sewRow(machine, machine.goalMark, random).show).some(reading =>
        Object.is(reading, -0),
      ),
    ).toBe(false)
    expect(sewRow(machine, 5.5, random).truth).toBeCloseTo(machine.slope * (5.5 - machine.goalMark), 9)
  })
  it('breaks the thread far above the goal, not at it', () => {
    const random = seeded(3)
    const machine = { ...drawMachine('balanced', DIAL, { tension: 3, spread: 0.5 }, random), breakMark: 6 }
    const breaks = (dial: number) =>
      Array.from({ length: 100 }, () => sewRow(machine, dial, random)).filter(one => one.breaks).length
    expect(breaks(3)).toBe(0)
    expect(breaks(8)).toBeGreaterThan(95)
  })
  it('has slopes about the one it states', () => {
    const random = seeded(4)
    const logs = Array.from({ length: 3000 }, () =>
      Math.log(drawMachine('balanced', DIAL, { tension: 4.5, spread: 1 }, random).slope),
    )
    expect(mean(logs)).toBeCloseTo(Math.log(MODEL.slope), 1)
    expect(standardDeviation(logs)).toBeCloseTo(MODEL.slopeSigma, 1)
  })
})

describe('habits', () => {
  it('step by one from home until it looks right', () => {
    expect(stepByOne('balanced', DIAL, [])).toBe(4.5)
    expect(stepByOne('balanced', DIAL, [row(4.5, -2)])).toBe(5.5)
    expect(stepByOne('balanced', DIAL, [row(4.5, 1)])).toBe(3.5)
    expect(stepByOne('balanced', DIAL, [row(4.5, 0)])).toBeNull()
    expect(stepByOne('balanced', DIAL, [row(9, -1)])).toBeNull()
  })
  it('halve what is left', () => {
    expect(bisection('balanced', DIAL, [row(4.5, -1)])).toBe(6.5)
    expect(bisection('balanced', DIAL, [row(4.5, -1), row(6.5, 1)])).toBe(5.5)
    expect(bisection('balanced', DIAL, [row(4.5, -1), row(6.5, 0)])).toBeNull()
  })
})
