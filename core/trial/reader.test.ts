import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { seeded } from '#core/simulated'
import { nextTension, type Reading, type TrialAdvice, type TrialInput, type TrialRow } from '#core/trial'

const DIAL = { min: 0, max: 9, home: 4.5, step: 0.25 } as const
const row = (tension: number, show: number): TrialRow => ({
  tension,
  show: show as Reading,
  ridge: null,
  skips: false,
  breaks: false,
})
const ask = (rows: readonly TrialRow[], over: Partial<TrialInput> = {}) =>
  nextTension({ goal: 'balanced', dial: DIAL, rows, prior: null, care: 'careful', ...over })

interface Sewist {
  readonly goalMark: number
  readonly slope: number
  readonly scatter: number
  readonly bias: number
}
/** A strip to its end. Its noise is logistic, which the search does not believe in. */
function strip({ goalMark, slope, scatter, bias }: Sewist, seed: number, reader: TrialInput['reader']) {
  const next = seeded(seed)
  const noise = () => {
    const u = Math.min(1 - 1e-9, Math.max(1e-9, next()))
    return ((scatter * Math.sqrt(3)) / Math.PI) * Math.log(u / (1 - u))
  }
  const rows: TrialRow[] = []
  for (;;) {
    const advice = ask(rows, { reader: reader ?? null })
    if (advice.next === null) return { rows, advice }
    const seen = Math.round(slope * (advice.next - goalMark) + bias + noise())
    rows.push(row(advice.next, Math.max(-3, Math.min(3, seen))))
  }
}
const isRight = ({ goalMark, slope }: Sewist, { best }: TrialAdvice) =>
  best !== null && Math.abs(slope * (best - goalMark)) <= 0.5
const machines = Array.from({ length: 120 }, (_, i) => {
  const next = seeded(500 + i)
  return { goalMark: 3 + 3 * next(), slope: 0.9 + 0.9 * next() }
})
const rightOf = (scatter: number, bias: number, reader: TrialInput['reader']) =>
  machines.filter((machine, i) => {
    const sewist = { ...machine, scatter, bias }
    return isRight(sewist, strip(sewist, i, reader).advice)
  }).length / machines.length

describe('a reader who was measured', () => {
  it('is believed as they read: the same rows say more of a steady eye', () => {
    const rows = [row(4, -1), row(5, 1), row(4.5, 0)]
    const of = (scatter: number) => ask(rows, { reader: { scatter, bias: 0 } }).chance
    expect(of(0.2)).toBeGreaterThan(of(0.6))
    expect(of(0.6)).toBeGreaterThan(of(1.2))
  })
  it('has their bias taken off', () => {
    const high = rightOf(0.3, 0.5, { scatter: 0.3, bias: 0.5 })
    expect(high).toBeGreaterThanOrEqual(0.85)
    expect(high).toBeGreaterThan(rightOf(0.3, 0.5, null))
  })
  it.each<[string, NonNullable<TrialInput['reader']>, string]>([
    ['no scatter', { scatter: 0, bias: 0 }, 'out-of-range'],
    ['a scatter of NaN', { scatter: Number.NaN, bias: 0 }, 'non-finite'],
    ['a bias of 2', { scatter: 0.3, bias: 2 }, 'out-of-range'],
  ])('with %s is refused', (_, reader, code) =>
    expect(() => ask([], { reader })).toThrow(expect.objectContaining({ code })),
  )
})

describe('how sure it is, for other readers', () => {
  const rows = [row(4, -1), row(5, 1), row(4.5, 0)]
  it('is what would be believed of a scatter of 1.0, and of 0.2', () => {
    const { best, chance, chanceRange } = ask(rows)
    for (const [end, scatter] of [
      ['low', 1],
      ['high', 0.2],
    ] as const) {
      const known = ask(rows, { reader: { scatter, bias: 0 } })
      expect(known.best).toBe(best)
      expect(chanceRange[end]).toBeCloseTo(known.chance, 9)
    }
    expect(chanceRange.low).toBeLessThan(chance)
    expect(chanceRange.high).toBeGreaterThan(chance)
  })
  it('of a measured one follows from a quarter more and a fifth less', () => {
    const { best, chanceRange } = ask(rows, { reader: { scatter: 0.4, bias: 0 } })
    const [more, less] = [0.5, 0.32].map(scatter => ask(rows, { reader: { scatter, bias: 0 } }))
    expect([more!.best, less!.best]).toEqual([best, best])
    expect(chanceRange.low).toBeCloseTo(more!.chance, 9)
    expect(chanceRange.high).toBeCloseTo(less!.chance, 9)
  })
  it('is nothing before the first row', () => expect(ask([]).chanceRange).toEqual({ low: 0, high: 0 }))
})

describe('rows at one mark', () => {
  it('are never four, whoever reads and whatever is believed of them', () =>
    fc.assert(
      fc.property(
        fc.record({
          goalMark: fc.double({ min: 0, max: 9, noNaN: true }),
          slope: fc.double({ min: 0.3, max: 3, noNaN: true }),
          scatter: fc.double({ min: 0.05, max: 2, noNaN: true }),
          bias: fc.double({ min: -1, max: 1, noNaN: true }),
        }),
        fc.integer({ min: 0, max: 1e6 }),
        fc.option(fc.constantFrom(0.1, 0.3, 0.6, 1, 1.5)),
        (sewist, seed, scatter) => {
          const { rows, advice } = strip(sewist, seed, scatter === null ? null : { scatter, bias: 0 })
          for (const { tension } of rows)
            expect(rows.filter(other => other.tension === tension).length).toBeLessThanOrEqual(3)
          if (advice.reason.code === 'unsteady')
            expect(advice).toMatchObject({ next: null, settled: false, best: expect.any(Number) })
        },
      ),
      { numRuns: 150 },
    ))
  it('that do not settle it end the strip, with what to do instead', () => {
    // On whole marks there is none beside it that would teach more.
    const dial = { min: 0, max: 9, home: 4, step: 1 }
    const rows = [row(4, 1), row(4, -1), row(4, 0)]
    expect(ask(rows, { dial, reader: { scatter: 1.5, bias: 0 } }).next).not.toBe(4)
    const restless = ask([...rows, row(3, 0), row(3, -1), row(3, -1), row(5, 1), row(5, 0), row(5, 1)], {
      dial,
      reader: { scatter: 1.5, bias: 0 },
    })
    expect(restless).toMatchObject({ next: null, settled: false, reason: { code: 'unsteady' } })
    expect(restless.reason.message).toMatch(/read by daylight/)
  })
  it('that were not read are three at most too', () => {
    const blind = { ...row(4.5, 0), show: null }
    expect(ask([blind, blind]).next).toBe(4.5)
    expect(ask([blind, blind, blind]).next).not.toBe(4.5)
  })
})

describe('a goal that holds from a reading on', () => {
  const tuck = (tension: number, ridge: number): TrialRow => ({
    ...row(tension, 0),
    show: null,
    ridge: ridge as Reading,
  })
  const raised = (rows: readonly TrialRow[]) =>
    ask(rows, { goal: 'raised', prior: { tension: 6, spread: 2 } })
  it('takes what stands up before what pulls hard, in whatever order they were sewn', () => {
    const rows = [tuck(5, 1), tuck(6, 2), tuck(6, 2), tuck(8, 3), tuck(8, 3)]
    for (const order of [rows, [...rows].reverse()]) {
      const { settled, best } = raised(order)
      expect({ settled, best }).toEqual({ settled: true, best: 6 })
    }
  })
  it('takes what pulls hard where nothing else holds', () =>
    expect(raised([tuck(7, 1), tuck(8, 3), tuck(8, 3), tuck(8, 3)])).toMatchObject({ best: 8 }))
})

describe('a row that lies between two steps', () => {
  it('counts on the side it lies, and is not the goal', () => {
    const half = ask([row(4, -0.5)])
    expect(half.evidence).not.toBe('sewn')
    expect(half.estimate.tension).toBeGreaterThan(ask([row(4, 0)]).estimate.tension)
    expect(half.estimate.tension).toBeLessThan(ask([row(4, -1)]).estimate.tension)
  })
  it('reads the goal of who reads half a step too high', () => {
    const reader = { scatter: 0.2, bias: 0.5 }
    expect(ask([row(4.5, 0.5)], { reader })).toMatchObject({ best: 4.5, evidence: 'sewn' })
    for (const said of [0, 1])
      expect(ask([row(4.5, said)], { reader })).toMatchObject({ next: 4.5, reason: { code: 'confirm' } })
    expect(ask([row(4.5, 2)], { reader }).next).toBeLessThan(4.5)
  })
})

describe('how well a reader is known', () => {
  const rows = [row(4, -1), row(5, 1), row(4.5, 0)]
  it('goes into what is claimed, not into what is sewn next', () => {
    const reader = { scatter: 0.35, bias: 0.1 }
    const [known, hardly] = [
      ask(rows, { reader }),
      ask(rows, { reader: { ...reader, scatterSpread: 0.15, biasSpread: 0.25 } }),
    ]
    expect(hardly.chance).toBeLessThan(known.chance)
    expect([hardly.next, hardly.best, hardly.settled]).toEqual([known.next, known.best, known.settled])
  })
})
