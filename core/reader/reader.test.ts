import fc from 'fast-check'
import { mean } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { seeded } from '#core/simulated'
import type { Reading } from '#core/trial'
import { type KnownAnswer, readerFrom, readerWords } from '#core/reader'

/** Noise the estimate does not believe in: logistic, and so with longer tails than a normal one. */
function readAs(truth: number, scatter: number, bias: number, random: () => number): Reading {
  const u = Math.min(1 - 1e-9, Math.max(1e-9, random()))
  const noise = ((scatter * Math.sqrt(3)) / Math.PI) * Math.log(u / (1 - u))
  return (Math.max(-3, Math.min(3, Math.round(truth + bias + noise))) + 0) as Reading
}
function answersOf(scatter: number, bias: number, count: number, seed: number): KnownAnswer[] {
  const random = seeded(seed)
  return Array.from({ length: count }, () => {
    const truth = -2.75 + 5.5 * random()
    return { truth, said: readAs(truth, scatter, bias, random) }
  })
}
const many = (scatter: number, bias: number, count: number) =>
  Array.from({ length: 60 }, (_, seed) =>
    readerFrom({ known: answersOf(scatter, bias, count, seed), repeats: [] })!,
  )

describe('how a person reads', () => {
  it.each([
    [0.3, 0],
    [0.6, 0],
    [1, 0],
    [0.3, 0.5],
    [0.6, -0.5],
  ])('is found from twelve answers: scatter %d, bias %d', (scatter, bias) => {
    const found = many(scatter, bias, 12)
    expect(mean(found.map(one => one.bias))).toBeCloseTo(bias, 0)
    expect(Math.abs(mean(found.map(one => one.bias)) - bias)).toBeLessThan(0.12)
    expect(Math.abs(mean(found.map(one => one.scatter)) - scatter)).toBeLessThan(0.16)
  })
  it('is off by about what it says it is', () => {
    const found = many(0.5, 0.3, 16)
    const within = found.filter(one => Math.abs(one.bias - 0.3) <= 2 * one.biasSpread).length
    expect(within / found.length).toBeGreaterThan(0.85)
    expect(within / found.length).toBeLessThanOrEqual(1)
  })
  it('is known better from more answers', () => {
    const spread = (count: number) => mean(many(0.4, 0, count).map(one => one.biasSpread))
    expect(spread(40)).toBeLessThan(0.7 * spread(12))
  })
  it('is not told from eleven', () =>
    expect(readerFrom({ known: answersOf(0.3, 0, 11, 1), repeats: [] })).toBeNull())
  it('counts what lies between two steps as the finer answer it is', () => {
    const known = Array.from({ length: 12 }, (): KnownAnswer => ({ truth: 0.5, said: 0.5 }))
    const whole = known.map((one, i): KnownAnswer => ({ ...one, said: i % 2 === 0 ? 0 : 1 }))
    const of = (answers: KnownAnswer[]) => readerFrom({ known: answers, repeats: [] })!.scatter
    expect(of(known)).toBeLessThan(of(whole))
  })
  it('is told by rows of one’s own that were sewn alike', () => {
    const alike = (said: Reading, again: Reading) => Array.from({ length: 12 }, () => [said, again])
    const steady = readerFrom({ known: [], repeats: alike(1, 1) })!
    const wild = readerFrom({ known: [], repeats: alike(-1, 1) })!
    expect(steady).toMatchObject({ answers: 12 })
    expect(steady.scatter).toBeLessThan(0.45)
    expect(wild.scatter).toBeGreaterThan(0.9)
    // Nobody knows what they truly read: nothing is said of high or low.
    expect(Math.abs(steady.bias)).toBeLessThan(1e-9)
    expect(steady.biasSpread).toBeGreaterThan(0.4)
  })
  it('takes own rows into the same estimate', () => {
    const known = answersOf(0.3, 0, 14, 3)
    const alone = readerFrom({ known, repeats: [] })!
    const withWild = readerFrom({ known, repeats: Array.from({ length: 6 }, () => [-1, 1] as Reading[]) })!
    expect(withWild.scatter).toBeGreaterThan(alone.scatter)
    expect(withWild.answers).toBe(20)
  })
  it('stays a number within its range, whatever is answered', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            truth: fc.double({ min: -3, max: 3, noNaN: true }),
            said: fc.constantFrom<Reading>(-3, -2.5, -1, 0, 0.5, 2, 3),
          }),
          { minLength: 12, maxLength: 30 },
        ),
        known => {
          const found = readerFrom({ known, repeats: [] })!
          expect(found.scatter).toBeGreaterThanOrEqual(0.1)
          expect(found.scatter).toBeLessThanOrEqual(1.5)
          expect(Math.abs(found.bias)).toBeLessThanOrEqual(1)
          expect(found.scatterSpread).toBeGreaterThan(0)
        },
      ),
      { numRuns: 30 },
    ))
  it.each<[string, number, string]>([
    ['a truth of NaN', Number.NaN, 'non-finite'],
    ['a truth past the scale', 4, 'out-of-range'],
  ])('refuses %s', (_, truth, code) =>
    expect(() => readerFrom({ known: [{ truth, said: 0 }], repeats: [] })).toThrow(
      expect.objectContaining({ code, details: expect.objectContaining({ field: 'answers.0.truth' }) }),
    ),
  )
})

describe('in words', () => {
  it.each([
    [{ scatter: 0.3, bias: 0.25, biasSpread: 0.1 }, 'within half a step, slightly high'],
    [{ scatter: 0.3, bias: 0.1, biasSpread: 0.1 }, 'within half a step'],
    [{ scatter: 0.6, bias: -0.5, biasSpread: 0.2 }, 'within one step, clearly low'],
    [{ scatter: 0.6, bias: -0.3, biasSpread: 0.35 }, 'within one step'],
    [{ scatter: 1.1, bias: 0, biasSpread: 0.3 }, 'sometimes more than one step off'],
  ])('%j is “%s”', (reader, words) => expect(readerWords(reader)).toBe(words))
})
